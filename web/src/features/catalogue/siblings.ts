import type { Schemas } from '$lib/api/client';

type Fields = Schemas['FieldView'][];

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/**
 * The name of a sibling: where a figure that differs stands in the name of the part it is copied from, the new one takes its
 * place. A figure that the name does not hold changes nothing.
 */
export function proposedName(
  name: string,
  fields: Fields,
  before: Record<string, string>,
  now: Record<string, string>,
) {
  return fields.reduce((proposed, { name: figure }) => {
    const [was, is] = [(before[figure] ?? '').trim(), (now[figure] ?? '').trim()];
    if (!was || !is || was === is) return proposed;
    return proposed.replace(new RegExp(`(?<![\\w.])${escaped(was)}(?![\\w.])`), is);
  }, name);
}

/** The version of a sibling: its colour, where that differs. */
export function proposedVersion(version: string, before: Record<string, string>, now: Record<string, string>): string {
  const [was, is] = [(before.colour ?? '').trim(), (now.colour ?? '').trim()];
  if (!is || was === is) return version;
  return version.includes(was) && was ? version.replace(was, is) : is;
}
