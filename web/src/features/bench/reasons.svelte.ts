import { api, type Schemas } from '$lib/api/client';

type State = Schemas['ReasonStateView'];
type Slip = Schemas['SlipView'];
type Fact = Schemas['TypedFactView'];

/** What is the matter with a reason, in a word or two; nothing while it is fine. */
export function matterOf(line: Schemas['LineView'], state: State | undefined): string {
  if (line.reasonStale || state?.changes.length) return 'reason stale';
  if (state?.slips.some((s) => s.isSure)) return 'reason differs';
  return state?.slips.length || state?.move ? 'read again' : '';
}

/** A text with one slip replaced; as it was where the words are no longer there. */
export function replaced(text: string, slip: Slip, by: string): string {
  return text.slice(slip.start, slip.end) === slip.written
    ? text.slice(0, slip.start) + by + text.slice(slip.end)
    : text;
}

/** A text with typed figures made facts, the last first so that places stay; a figure that moved stays as it is. */
export function withFacts(text: string, facts: Fact[]): string {
  return [...facts]
    .sort((a, b) => b.start - a.start)
    .reduce(
      (now, f) => (now.slice(f.start, f.end) === f.written ? now.slice(0, f.start) + f.fact + now.slice(f.end) : now),
      text,
    );
}

/** How the reasons of a build stand against the data, asked for whenever the build is shown anew. */
export class BuildReasons {
  private states = $state<State[]>([]);
  private asked = 0;

  constructor(
    private readonly edition: string,
    private readonly build: string,
  ) {}

  of(line: string): State | undefined {
    return this.states.find((s) => s.line === line);
  }

  /** What was asked for earlier comes too late; while the server is away, what was heard last stands. */
  async ask(): Promise<void> {
    const turn = ++this.asked;
    const path = { edition: this.edition, build: this.build };
    const { data } = await api
      .GET('/api/editions/{edition}/builds/{build}/reason-states', { params: { path } })
      .catch(() => ({ data: undefined }));
    if (data && turn === this.asked) this.states = data;
  }
}
