/** What a first visit loads before any view: the entry script with everything it imports statically, gzipped. */
import { readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';

const dist = fileURLToPath(new URL('../dist', import.meta.url));
const page = readFileSync(join(dist, 'index.html'), 'utf8');
const entries = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map((found) =>
  (found[1] as string).slice(1),
);
const seen = new Map<string, number>();

function visit(file: string) {
  if (seen.has(file)) return;
  const text = readFileSync(join(dist, file), 'utf8');
  seen.set(file, gzipSync(text).length);
  for (const found of text.matchAll(/(?:from|^import|;import)\s*["'](\.[^"']+\.js)["']/g)) {
    visit(normalize(join(dirname(file), found[1] as string)));
  }
}
for (const entry of entries) visit(entry);
const total = [...seen.values()].reduce((sum, bytes) => sum + bytes, 0);
console.log(
  `initial script: ${(total / 1000).toFixed(0)} kB gzipped in ${seen.size} files (aim: at most 250 kB)`,
);
