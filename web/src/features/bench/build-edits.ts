import { api, taken, type Schemas } from '$lib/api/client';
import type { EditQueue } from '$lib/edits.svelte';
import type { BenchState } from './bench.svelte';

/** Edits of a build as a whole: its frame, the same variant in other tiers, its removal. They wait their turn among the bench's edits. */
export class BuildEdits {
  constructor(
    private readonly bench: BenchState,
    private readonly edits: EditQueue,
  ) {}

  /** Names the build, moves it among the tier's variants, or notes something on it. */
  frame(patch: Schemas['BuildPatch']): Promise<void> {
    return this.edits.add(async (headers) => {
      const version = this.bench.bench?.card.version ?? 0;
      await this.edits.patiently(() =>
        taken(
          api.PATCH('/api/editions/{edition}/builds/{build}', {
            params: {
              path: { edition: this.bench.edition, build: this.bench.build },
              header: { 'If-Match': `"${version}"` },
            },
            headers,
            body: patch,
          }),
        ),
      );
      await this.bench.load();
    });
  }

  /** Puts discounts, surcharges, services and package prices beside the lines, in the place of what stood there. */
  extras(form: Schemas['ExtrasForm']): Promise<void> {
    return this.edits.add(async (headers) => {
      const version = this.bench.bench?.card.version ?? 0;
      await this.edits.patiently(() =>
        taken(
          api.PUT('/api/editions/{edition}/builds/{build}/extras', {
            params: {
              path: { edition: this.bench.edition, build: this.bench.build },
              header: { 'If-Match': `"${version}"` },
            },
            headers,
            body: form,
          }),
        ),
      );
      await this.bench.load();
    });
  }

  /** Makes the same variant in every other tier; what came of it, absent when it was refused. */
  async spread(): Promise<Schemas['Spread'] | undefined> {
    let made: Schemas['Spread'] | undefined;
    await this.edits.add(async (headers) => {
      made = await this.edits.patiently(() =>
        taken(
          api.POST('/api/editions/{edition}/builds/{build}/spread', {
            params: { path: { edition: this.bench.edition, build: this.bench.build } },
            headers,
          }),
        ),
      );
    });
    return made;
  }

  /** Takes the whole variant out; whether that was done. */
  async remove(): Promise<boolean> {
    let isGone = false;
    await this.edits.add(async (headers) => {
      await this.edits.patiently(() =>
        taken(
          api.DELETE('/api/editions/{edition}/builds/{build}', {
            params: {
              path: { edition: this.bench.edition, build: this.bench.build },
              header: { 'If-Match': `"${this.bench.bench?.stamp ?? 0}"` },
            },
            headers,
          }),
        ),
      );
      isGone = true;
    });
    return isGone;
  }
}
