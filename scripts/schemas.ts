/** `npm run schemas`: writes the JSON Schemas of the open formats; with --check only says whether they are up to date. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import { FILE_KINDS } from '../src/files/kinds';

let stale = 0;
for (const [name, schema] of Object.entries(FILE_KINDS)) {
  const path = fileURLToPath(new URL(`../schemas/${name}.schema.json`, import.meta.url));
  const text = `${JSON.stringify(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }), null, 2)}\n`;
  const same = existsSync(path) && readFileSync(path, 'utf8') === text;
  if (process.argv.includes('--check')) {
    if (!same) console.error(`schemas/${name}.schema.json is not what the code says: run “npm run schemas”`);
    stale += same ? 0 : 1;
  } else if (!same) writeFileSync(path, text);
}
process.exitCode = stale > 0 ? 1 : 0;
