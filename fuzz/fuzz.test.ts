import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { seeded } from '../src/core/stats/random';
import { soundFiles } from './files';
import { mutated } from './mutate';
import { tryCorner, tryFile, tryTable } from './trials';

/** Seeds tried here; `npm run fuzz` tries as many as one likes. */
const CORNERS = 1500;
const FILES = 400;
const TABLES = 300;
const seeds = (count: number) => Array.from({ length: count }, (_, i) => 7_000_000 + i);

describe('what cannot be is refused in words, and what is accepted can be', () => {
  it('sound files are accepted, drawn, exported, backed up and restored equal', async () => {
    for (const { what, value } of soundFiles())
      expect([what, await tryFile(JSON.parse(JSON.stringify(value)), seeded(1))]).toEqual([what, []]);
  });

  it('briefs at the corners of their bounds', () => {
    expect(seeds(CORNERS).flatMap((seed) => tryCorner(seed).map((found) => `${seed}: ${found}`))).toEqual([]);
  });

  it('files of every format with something wrong in them', async () => {
    const files = soundFiles();
    const found: string[] = [];
    for (const seed of seeds(FILES)) {
      const random = seeded(seed);
      const { what, value } = files[seed % files.length] as (typeof files)[number];
      for (const wrong of await tryFile(mutated(value, random), random))
        found.push(`${what} ${seed}: ${wrong}`);
    }
    expect(found).toEqual([]);
  });

  it('tables torn anywhere', () => {
    expect(seeds(TABLES).flatMap((seed) => tryTable(seeded(seed)))).toEqual([]);
  });
});
