import type { QueryClient } from '@tanstack/svelte-query';

/** What somebody does with a button here: what went wrong or was done, in a sentence, and what is read anew after it. */
export class Acting {
  sentence = $state('');
  done = $state('');

  constructor(
    private readonly queries: QueryClient,
    private readonly key: string,
  ) {}

  async act(what: () => Promise<unknown>, said = ''): Promise<void> {
    this.sentence = this.done = '';
    try {
      await what();
      this.done = said;
    } catch (problem) {
      this.sentence = (problem as Error).message;
    }
    await this.queries.invalidateQueries({ queryKey: [this.key] });
  }
}
