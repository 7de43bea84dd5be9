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

  /** Carries a choice with its reason and options over to another build; where its slot is missing there, it is made. */
  carry(from: Schemas['RungView'], build: string): Promise<void> {
    return this.edits.add(async (headers) => {
      // Looked up when its turn comes: the edit before may have made another version of the line.
      const column = this.now()?.columns.find((c) => c.card.build === build);
      if (!column || column.rungs.some((rung) => rung.line === from.line)) {
        this.edits.told = `${from.label} stands there already; nothing was changed.`;
        return;
      }
      const version = column.rungs.find((rung) => rung.slot === from.slot)?.version;
      try {
        const carried = await this.edits.patiently(() =>
          taken(
            api.POST('/api/editions/{edition}/lines/{line}/carried', {
              params: { path: { edition: this.edition, line: from.line } },
              headers,
              body: { build, version },
            }),
          ),
        );
        this.edits.told = carried.said;
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
