/** What pictures are of: a part, a build, which is found through an edition, or the texts of a guide. */
export type Subject =
  | { part: string; edition?: undefined; build?: undefined; guide?: undefined }
  | { part?: undefined; edition: string; build: string; guide?: undefined }
  | { part?: undefined; edition?: undefined; build?: undefined; guide: string };

const MOST_BYTES = 10 * 1024 * 1024;
const TYPES = ['image/png', 'image/jpeg', 'image/webp'];

/** Where the pictures of something are listed and added. */
export function subjectPath(of: Subject): string {
  if (of.part !== undefined) return `/api/parts/${of.part}/pictures`;
  if (of.guide !== undefined) return `/api/guides/${of.guide}/pictures`;
  return `/api/editions/${of.edition}/builds/${of.build}/pictures`;
}

/** A picture as it stands in a text: its words, without what would end them, and its id. */
export const asMarkdown = (picture: { id: string; alternative: string }): string =>
  `![${picture.alternative.replace(/[[\]\\]/g, '')}](picture:${picture.id})`;

/** Why a file is not worth sending; empty where it is. The server looks at what is in it. */
export function refusal(file: Pick<File, 'name' | 'size' | 'type'>): string {
  if (!TYPES.includes(file.type)) return `${file.name} is no picture in PNG, JPEG or WebP.`;
  if (file.size > MOST_BYTES) return `${file.name} has more than 10 MB; make it smaller first.`;
  return '';
}
