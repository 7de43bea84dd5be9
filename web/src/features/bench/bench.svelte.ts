import { api, Problem, taken, type Schemas } from '$lib/api/client';
import { EditQueue } from '$lib/edits.svelte';
import { isTextField } from '$lib/keys.svelte';
import type { Change } from '$lib/live';
import { BuildEdits } from './build-edits';
import type { Clash, Edit } from './edit';
import { BuildReasons, replaced, withFacts } from './reasons.svelte';

type Line = Schemas['LineView'];

/** One build at the bench. Each edit carries the version that it is made from. */
export class BenchState {
  bench = $state<Schemas['Bench'] | null>(null);
  /** What the parts beside the choice of the open line would do; null while it is asked for. */
  workings = $state<Schemas['OpenLine'] | null>(null);
  clash = $state<Clash | null>(null);
  /** Whether words were typed that are not on their way yet. */
  isTyping = false;
  private open: string | undefined;
  private heard: Change | null = null;
  private readonly edits = new EditQueue(() => this.catchUp());
  /** What is done to the build as a whole. */
  readonly whole: BuildEdits;
  readonly reasons: BuildReasons;

  constructor(
    readonly edition: string,
    readonly build: string,
  ) {
    this.whole = new BuildEdits(this, this.edits);
    this.reasons = new BuildReasons(edition, build);
  }

  get waiting(): number {
    return this.edits.waiting;
  }

  get isAway(): boolean {
    return this.edits.isAway;
  }

  get sentence(): string {
    return this.edits.sentence;
  }

  get told(): string {
    return this.edits.told;
  }

  get isOpen(): boolean {
    return this.bench?.edition.state === 'IN_WORK';
  }

  /** Tells the author something. */
  say(sentence: string): void {
    this.edits.told = sentence;
  }

  line(id: string): Line | undefined {
    return this.bench?.lines.find((l) => l.id === id);
  }

  async load(): Promise<void> {
    try {
      const query = this.open ? { open: this.open } : {};
      this.show(
        await this.edits.patiently(() =>
          taken(
            api.GET('/api/editions/{edition}/builds/{build}/bench', {
              params: { path: { edition: this.edition, build: this.build }, query },
            }),
          ),
        ),
      );
    } catch (problem) {
      this.edits.sentence = (problem as Error).message;
    }
  }

  /** Goes to a line, whose workings are asked for when they are not here. */
  openAt(line: string | undefined): void {
    this.open = line;
    if (this.workings?.line !== line) {
      this.workings = null;
      void this.askForWorkings();
    }
  }

  private show(bench: Schemas['Bench']): void {
    this.bench = bench;
    void this.reasons.ask();
    if (bench.open && bench.open.line === this.open) this.workings = bench.open;
    else void this.askForWorkings();
  }

  private async askForWorkings(): Promise<void> {
    const line = this.open;
    if (!line || !this.line(line)) return;
    try {
      const seen = this.bench;
      const workings = await this.edits.patiently(() =>
        taken(api.GET('/api/editions/{edition}/lines/{line}', { params: { path: { edition: this.edition, line } } })),
      );
      // What was asked before an edit, or of a line that was left, comes too late.
      if (this.open === line && this.bench === seen) this.workings = workings;
    } catch (problem) {
      this.edits.sentence = (problem as Error).message;
    }
  }

  edit(line: string, edit: Edit): Promise<void> {
    return this.edits.add(async (headers) => {
      const now = this.line(line);
      if (!now) return;
      const { version } = now;
      // Composed on what stands now: a list that was read when the key was pressed may have grown since.
      const patch = typeof edit === 'function' ? edit(now) : edit;
      try {
        this.show(
          await this.edits.patiently(() =>
            taken(
              api.PATCH('/api/editions/{edition}/lines/{line}', {
                params: { path: { edition: this.edition, line }, header: { 'If-Match': `"${version}"` } },
                headers,
                body: patch,
              }),
            ),
          ),
        );
      } catch (problem) {
        if (!(problem instanceof Problem) || problem.status !== 412) throw problem;
        await this.load();
        this.clash = {
          line,
          patch,
          theirs: (problem.body.theirs as { reason: string }) ?? null,
          sentence: problem.message,
        };
      }
    });
  }

  /** Takes a part on a line with the other parts that it needs: one edit, undone as one. */
  take(line: string, part: string, needed: Schemas['Needed'][]): Promise<void> {
    if (!needed.length) return this.edit(line, { choice: { type: 'PART', part } });
    return this.edits.add(async (headers) => {
      const version = this.line(line)?.version ?? 0;
      try {
        this.show(
          await this.edits.patiently(() =>
            taken(
              api.POST('/api/editions/{edition}/lines/{line}/part', {
                params: { path: { edition: this.edition, line }, header: { 'If-Match': `"${version}"` } },
                headers,
                body: { part, needed },
              }),
            ),
          ),
        );
      } catch (problem) {
        if (!(problem instanceof Problem) || problem.status !== 412) throw problem;
        await this.load();
        this.say('Someone else changed this line. Nothing was taken: look again, then take it.');
      }
    });
  }

  /** Writes something else where a reason differs from the data. */
  mend(line: string, slip: Schemas['SlipView'], by: string): Promise<void> {
    return this.edit(line, (now) => ({ reason: replaced(now.reason, slip, by) }));
  }

  /** Makes typed figures of a reason facts, in one edit. */
  makeFacts(line: string, facts: Schemas['TypedFactView'][]): Promise<void> {
    return this.edit(line, (now) => ({ reason: withFacts(now.reason, facts) }));
  }

  /** What can be told about a line in its reason, with today's values. */
  facts(line: string): Promise<Schemas['ReasonFact'][]> {
    return taken(
      api.GET('/api/editions/{edition}/lines/{line}/facts', { params: { path: { edition: this.edition, line } } }),
    );
  }

  async add(
    slot: Schemas['SlotView']['slot'],
    withIt?: Schemas['LinePatch'],
    needed: Schemas['Needed'][] = [],
  ): Promise<string | undefined> {
    let id: string | undefined;
    await this.edits.add(async (headers) => {
      const added = await this.edits.patiently(() =>
        taken(
          api.POST('/api/editions/{edition}/builds/{build}/lines', {
            params: { path: { edition: this.edition, build: this.build } },
            headers,
            body: { slot, with: withIt, needed },
          }),
        ),
      );
      this.show(added.bench);
      id = added.line;
    });
    return id;
  }

  remove(line: string): Promise<void> {
    return this.edits.add(async (headers) => {
      const version = this.line(line)?.version ?? 0;
      this.show(
        await this.edits.patiently(() =>
          taken(
            api.DELETE('/api/editions/{edition}/lines/{line}', {
              params: { path: { edition: this.edition, line }, header: { 'If-Match': `"${version}"` } },
              headers,
            }),
          ),
        ),
      );
    });
  }

  /** Answers a caution, in every build that has one of its kind if so, or takes the answer back when there are no words. */
  answer(fingerprint: string, words: string, everywhere = false): Promise<void> {
    return this.edits.add(async (headers) => {
      const params = { path: { edition: this.edition, build: this.build, fingerprint } };
      const path = '/api/editions/{edition}/builds/{build}/answers/{fingerprint}';
      await this.edits.patiently(() =>
        taken(
          words.trim()
            ? api.PUT(path, { params, headers, body: { answer: words, everywhere } })
            : api.DELETE(path, { params, headers }),
        ),
      );
      await this.load();
    });
  }

  /**
   * Somebody else changed the edition. It is shown once the own edits are through and nothing is half typed: an edit goes
   * out with the version that was on the screen when it was begun, so that it meets the other one and does not hide it.
   */
  hear(change: Change): void {
    this.heard = change;
    this.catchUp();
  }

  /** Shows what was heard, if now is the time. */
  catchUp(): void {
    const change = this.heard;
    if (!change || this.isTyping || this.waiting || isTextField(document.activeElement)) return;
    this.heard = null;
    void this.load().then(() => (this.edits.told = `${change.by} changed ${change.label}`));
  }

  undo(): Promise<void> {
    return this.step('undo', 'Undone');
  }

  redo(): Promise<void> {
    return this.step('redo', 'Redone');
  }

  private step(which: 'undo' | 'redo', word: string): Promise<void> {
    return this.edits.add(async (headers) => {
      const done = await this.edits.patiently(() =>
        taken(api.POST(`/api/editions/{edition}/${which}`, { params: { path: { edition: this.edition } }, headers })),
      );
      await this.load();
      this.edits.told = `${word}: ${done.label}`;
    });
  }
}
