// Writes the list of what is not sent again from the description of the HTTP interface.
import { readFileSync, writeFileSync } from 'node:fs';

const api = JSON.parse(readFileSync('../docs/formats/openapi.json', 'utf8'));
const lines = api['x-not-repeated'].map((address) => `  ${JSON.stringify(address).replace(/^"|"$/g, "'")},\n`);
writeFileSync(
  'src/lib/api/generated/notRepeated.ts',
  `/** Addresses to which nothing is sent again; made from the description of the HTTP interface by npm run api. */\nexport const NOT_REPEATED: readonly string[] = [\n${lines.join('')}];\n`,
);
