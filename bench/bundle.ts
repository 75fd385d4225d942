/** What a first visit loads before the shell stands, and what its plan takes beyond it: each with all it imports statically, gzipped. */
import { readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';

const dist = fileURLToPath(new URL('../dist', import.meta.url));
const page = readFileSync(join(dist, 'index.html'), 'utf8');
const kept = readFileSync(join(dist, 'sw.js'), 'utf8');
const named = (text: string, name: string) =>
  [...text.matchAll(new RegExp(`"/(assets/${name}-[^"]+\\.js)"`, 'g'))].map((found) => found[1] as string);
const seen = new Set<string>();

/** Bytes of a file and all it imports, gzipped, but for what was counted before. */
function visit(file: string): number {
  if (seen.has(file)) return 0;
  seen.add(file);
  const text = readFileSync(join(dist, file), 'utf8');
  let bytes = gzipSync(text).length;
  for (const found of text.matchAll(/(?:from|^import|;import)\s*["'](\.[^"']+\.js)["']/g))
    bytes += visit(normalize(join(dirname(file), found[1] as string)));
  return bytes;
}

function counted(files: readonly string[]): string {
  if (files.length === 0) throw new Error('a part of the app is not where it was built');
  const before = seen.size;
  const bytes = files.reduce((sum, file) => sum + visit(file), 0);
  return `${(bytes / 1000).toFixed(0)} kB gzipped in ${seen.size - before} files`;
}

const shell = counted([...named(page, 'index'), ...named(kept, 'shell')]);
console.log(`initial script, all the shell takes: ${shell} (aim: at most 200 kB)`);
console.log(`the plan beyond it: ${counted(named(kept, 'plan'))}`);
