// Puts the two faces where the desk and the readers' site both find them.
import { copyFileSync, mkdirSync } from 'node:fs';

const faces = {
  'hanken-grotesk.woff2': 'hanken-grotesk/files/hanken-grotesk-latin-wght-normal.woff2',
  'hanken-grotesk-ext.woff2': 'hanken-grotesk/files/hanken-grotesk-latin-ext-wght-normal.woff2',
  'newsreader.woff2': 'newsreader/files/newsreader-latin-wght-normal.woff2',
  'newsreader-ext.woff2': 'newsreader/files/newsreader-latin-ext-wght-normal.woff2',
};
mkdirSync('public/fonts', { recursive: true });
for (const [name, source] of Object.entries(faces)) {
  copyFileSync(`node_modules/@fontsource-variable/${source}`, `public/fonts/${name}`);
}
