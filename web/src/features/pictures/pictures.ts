/** What pictures are of: a part, or a build, which is found through an edition. */
export type Subject =
  { part: string; edition?: undefined; build?: undefined } | { part?: undefined; edition: string; build: string };

const MOST_BYTES = 10 * 1024 * 1024;
const TYPES = ['image/png', 'image/jpeg', 'image/webp'];

/** Where the pictures of something are listed and added. */
export function subjectPath(of: Subject): string {
  return of.part ? `/api/parts/${of.part}/pictures` : `/api/editions/${of.edition}/builds/${of.build}/pictures`;
}

/** Why a file is not worth sending; empty where it is. The server looks at what is in it. */
export function refusal(file: Pick<File, 'name' | 'size' | 'type'>): string {
  if (!TYPES.includes(file.type)) return `${file.name} is no picture in PNG, JPEG or WebP.`;
  if (file.size > MOST_BYTES) return `${file.name} has more than 10 MB; make it smaller first.`;
  return '';
}
