import { api, taken, type Schemas } from '$lib/api/client';
import { EditQueue } from '$lib/edits.svelte';

/** Edits on the ladder: choices carried from one build to another. */
export class LadderEdits {
  readonly edits = new EditQueue();

  /** `now` is the ladder as it is shown, `again` reads it anew. */
  constructor(
    readonly edition: string,
    private readonly now: () => Schemas['LadderView'] | undefined,
    private readonly again: () => Promise<unknown>,
  ) {}

  /** Carries a choice over to the same slot of another build; it stands there by itself. */
  carry(from: Schemas['RungView'], build: string): Promise<void> {
    return this.edits.add(async (headers) => {
      // Looked up when its turn comes: the edit before may have made another version of the line.
      const column = this.now()?.columns.find((c) => c.card.build === build);
      const target = column?.rungs.find((rung) => rung.slot === from.slot);
      if (!column || !target || target.line === from.line) return;
      const { line, version } = target;
      try {
        await this.edits.patiently(() =>
          taken(
            api.PATCH('/api/editions/{edition}/lines/{line}', {
              params: { path: { edition: this.edition, line }, header: { 'If-Match': `"${version}"` } },
              headers,
              body: { choice: from.choice },
            }),
          ),
        );
        this.edits.told = `${from.label} is in ${column.card.tierName}, ${column.card.buildName} now; u takes it back.`;
      } finally {
        await this.again();
      }
    });
  }

  undo(): Promise<void> {
    return this.step('undo', 'Undone');
  }

  redo(): Promise<void> {
    return this.step('redo', 'Redone');
  }

  private step(which: 'undo' | 'redo', word: string): Promise<void> {
    return this.edits.add(async (headers) => {
      try {
        const done = await this.edits.patiently(() =>
          taken(api.POST(`/api/editions/{edition}/${which}`, { params: { path: { edition: this.edition } }, headers })),
        );
        this.edits.told = `${word}: ${done.label}`;
      } finally {
        await this.again();
      }
    });
  }
}
