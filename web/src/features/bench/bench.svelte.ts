import { api, Problem, taken, type Schemas } from '$lib/api/client';
import { newKey } from '$lib/api/once';
import { isTextField } from '$lib/keys.svelte';
import type { Change } from '$lib/live';
import type { Purpose } from './dialogs.svelte';

type Line = Schemas['LineView'];
type Patch = Schemas['LinePatch'];
/** An edit, or what it makes of the line as it stands when the edit's turn comes. */
type Edit = Patch | ((now: Line) => Patch);

/** An edit that met another one: both are offered. */
export interface Clash {
  line: string;
  patch: Patch;
  theirs: { reason: string } | null;
  sentence: string;
}

const RETRY_MS = 2000;

/** One build at the bench. Edits are sent one after the other, each with the version it is made from and a key of its own; none is dropped or done twice. */
export class BenchState {
  bench = $state<Schemas['Bench'] | null>(null);
  /** What the parts beside the choice of the open line would do; null while it is asked for. */
  workings = $state<Schemas['OpenLine'] | null>(null);
  sentence = $state('');
  told = $state('');
  clash = $state<Clash | null>(null);
  waiting = $state(0);
  isAway = $state(false);
  /** Whether words were typed that are not on their way yet. */
  isTyping = false;
  private open: string | undefined;
  private heard: Change | null = null;
  private queue: Promise<void> = Promise.resolve();

  constructor(
    readonly edition: string,
    readonly build: string,
  ) {}

  get isOpen(): boolean {
    return this.bench?.edition.state === 'IN_WORK';
  }

  line(id: string): Line | undefined {
    return this.bench?.lines.find((l) => l.id === id);
  }

  async load(): Promise<void> {
    try {
      const query = this.open ? { open: this.open } : {};
      this.show(
        await this.patiently(() =>
          taken(
            api.GET('/api/editions/{edition}/builds/{build}/bench', {
              params: { path: { edition: this.edition, build: this.build }, query },
            }),
          ),
        ),
      );
    } catch (problem) {
      this.sentence = (problem as Error).message;
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
    if (bench.open && bench.open.line === this.open) this.workings = bench.open;
    else void this.askForWorkings();
  }

  private async askForWorkings(): Promise<void> {
    const line = this.open;
    if (!line || !this.line(line)) return;
    try {
      const seen = this.bench;
      const workings = await this.patiently(() =>
        taken(api.GET('/api/editions/{edition}/lines/{line}', { params: { path: { edition: this.edition, line } } })),
      );
      // What was asked before an edit, or of a line that was left, comes too late.
      if (this.open === line && this.bench === seen) this.workings = workings;
    } catch (problem) {
      this.sentence = (problem as Error).message;
    }
  }

  /** Takes a part: as the choice, or beside it. */
  take(line: string, part: string, purpose?: Purpose): void {
    if (purpose) this.option(line, purpose, part);
    else void this.edit(line, { choice: { type: 'PART', part } });
  }

  /** Puts a part beside the choice. */
  option(line: string, purpose: 'ALTERNATIVE' | 'UPGRADE', part: string): void {
    void this.edit(line, (now) => ({ options: [...now.options, { purpose, part, note: '' }] }));
  }

  /** Gathers parts of which any would do; what stood there before is one undo away. */
  gather(line: string, part: string): void {
    void this.edit(line, ({ choice }) => {
      const parts = choice.type === 'SET' ? (choice.parts ?? []) : choice.part ? [choice.part] : [];
      if (parts.includes(part)) return {};
      return parts.length
        ? { choice: { type: 'SET', parts: [...parts, part], toleranceMinor: choice.toleranceMinor ?? 0 } }
        : { choice: { type: 'PART', part } };
    });
  }

  edit(line: string, edit: Edit): Promise<void> {
    return this.enqueue(async () => {
      const now = this.line(line);
      if (!now) return;
      const { version } = now;
      // Composed on what stands now: a list that was read when the key was pressed may have grown since.
      const patch = typeof edit === 'function' ? edit(now) : edit;
      const key = this.key();
      try {
        this.show(
          await this.patiently(() =>
            taken(
              api.PATCH('/api/editions/{edition}/lines/{line}', {
                params: { path: { edition: this.edition, line }, header: { 'If-Match': `"${version}"` } },
                headers: key,
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

  async add(slot: Schemas['SlotView']['slot']): Promise<string | undefined> {
    let id: string | undefined;
    await this.enqueue(async () => {
      const key = this.key();
      const added = await this.patiently(() =>
        taken(
          api.POST('/api/editions/{edition}/builds/{build}/lines', {
            params: { path: { edition: this.edition, build: this.build } },
            headers: key,
            body: { slot },
          }),
        ),
      );
      this.show(added.bench);
      id = added.line;
    });
    return id;
  }

  remove(line: string): Promise<void> {
    return this.enqueue(async () => {
      const version = this.line(line)?.version ?? 0;
      const key = this.key();
      this.show(
        await this.patiently(() =>
          taken(
            api.DELETE('/api/editions/{edition}/lines/{line}', {
              params: { path: { edition: this.edition, line }, header: { 'If-Match': `"${version}"` } },
              headers: key,
            }),
          ),
        ),
      );
    });
  }

  /** Names the build, moves it among the tier's variants, or notes something on it. */
  frame(patch: Schemas['BuildPatch']): Promise<void> {
    return this.enqueue(async () => {
      const key = this.key();
      const version = this.bench?.card.version ?? 0;
      await this.patiently(() =>
        taken(
          api.PATCH('/api/editions/{edition}/builds/{build}', {
            params: { path: { edition: this.edition, build: this.build }, header: { 'If-Match': `"${version}"` } },
            headers: key,
            body: patch,
          }),
        ),
      );
      await this.load();
    });
  }

  /** Takes the whole variant out; whether that was done. */
  async removeBuild(): Promise<boolean> {
    let isGone = false;
    await this.enqueue(async () => {
      await taken(
        api.DELETE('/api/editions/{edition}/builds/{build}', {
          params: {
            path: { edition: this.edition, build: this.build },
            header: { 'If-Match': `"${this.bench?.stamp ?? 0}"` },
          },
        }),
      );
      isGone = true;
    });
    return isGone;
  }

  /** Answers a caution, or takes the answer back when there are no words. */
  answer(fingerprint: string, words: string): Promise<void> {
    return this.enqueue(async () => {
      const params = { path: { edition: this.edition, build: this.build, fingerprint } };
      const path = '/api/editions/{edition}/builds/{build}/answers/{fingerprint}';
      const headers = this.key();
      await this.patiently(() =>
        taken(
          words.trim()
            ? api.PUT(path, { params, headers, body: { answer: words } })
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
    void this.load().then(() => (this.told = `${change.by} changed ${change.label}`));
  }

  undo(): Promise<void> {
    return this.step('undo', 'Undone');
  }

  redo(): Promise<void> {
    return this.step('redo', 'Redone');
  }

  private step(which: 'undo' | 'redo', word: string): Promise<void> {
    return this.enqueue(async () => {
      const headers = this.key();
      const done = await this.patiently(() =>
        taken(api.POST(`/api/editions/{edition}/${which}`, { params: { path: { edition: this.edition } }, headers })),
      );
      await this.load();
      this.told = `${word}: ${done.label}`;
    });
  }

  /** Names one edit, so that it is done once however often it has to be sent. */
  private key(): Record<string, string> {
    return { 'Idempotency-Key': newKey() };
  }

  private enqueue(work: () => Promise<void>): Promise<void> {
    this.waiting++;
    this.told = '';
    this.queue = this.queue.then(async () => {
      try {
        await work();
        this.sentence = '';
      } catch (problem) {
        this.sentence = (problem as Error).message;
      } finally {
        this.waiting--;
        this.catchUp();
      }
    });
    return this.queue;
  }

  /** Asks again while the server or its database is away. */
  private async patiently<T>(ask: () => Promise<T>): Promise<T> {
    for (;;) {
      try {
        const answer = await ask();
        this.isAway = false;
        return answer;
      } catch (problem) {
        if (!(problem instanceof Problem) || !problem.isPassing) throw problem;
        this.isAway = true;
        await new Promise((later) => setTimeout(later, RETRY_MS));
      }
    }
  }
}
