import type { Schemas } from '$lib/api/client';

type Text = Omit<Schemas['TextView'], 'introduction' | 'verdict'> & {
  introduction?: Schemas['TextReading'];
  verdict?: Schemas['TextReading'];
};

/** How far an author can have handled a build. */
export const HANDLED: { value: NonNullable<Schemas['TextState']['handled']>; label: string }[] = [
  { value: 'OWNED', label: 'have one of our own' },
  { value: 'BUILT_WITH', label: 'have built it' },
  { value: 'TESTED', label: 'have tested it' },
  { value: 'CLIENTS', label: 'built it for a client' },
  { value: 'NEVER_HANDLED', label: 'never had it in hand' },
];

/** The text of a place; an empty one, of version 0, where nothing is written. */
export function textOf(all: Schemas['AllTexts'], place: Schemas['PlaceView']): Text {
  return (
    all.texts.find((t) => t.id === place.id && t.state.place === place.place) ?? {
      id: place.id,
      version: 0,
      state: { place: place.place, introduction: '', verdict: '', disclosure: '' },
    }
  );
}

/** What is wrong with a text: facts that fail, what it says otherwise than the data, pictures that are gone. */
export const wrong = (proof: Schemas['TextReading'] | undefined): string[] => [
  ...(proof?.problems ?? []).map((p) => p.sentence),
  ...(proof?.slips ?? []).map((s) => s.sentence),
  ...(proof?.gone ?? []),
];
