/** Small faults in the product's own lines: what there is to put, and the sources with a switch for each. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Mutant } from '@stryker-mutator/api/core';
import type { Logger } from '@stryker-mutator/api/logging';
import { commonTokens } from '@stryker-mutator/api/plugin';
import { createInstrumenter } from '@stryker-mutator/instrumenter';
import { createInjector } from 'typed-inject';
import { seeded } from '../../src/core/stats/random';

export const ROOMS = ['src/core', 'src/plan', 'src/run'];

/** One fault: where it stands, what is put in its place, and the switch that turns it on in the sources it was made for. */
export type Fault = Pick<Mutant, 'id' | 'fileName' | 'location' | 'replacement' | 'mutatorName'>;

const nothing = () => {};
const silent = {
  isTraceEnabled: () => false,
  isDebugEnabled: () => false,
  isInfoEnabled: () => false,
  isWarnEnabled: () => false,
  isErrorEnabled: () => false,
  isFatalEnabled: () => false,
  ...{ trace: nothing, debug: nothing, info: nothing, warn: nothing, error: nothing, fatal: nothing },
} as unknown as Logger;

/** The files faults are put into, from the root of the project. */
export function sourcesIn(root: string): string[] {
  return ROOMS.flatMap((room) =>
    readdirSync(join(root, room), { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|fixtures\//.test(name))
      .map((name) => join(room, name)),
  );
}

/**
 * The sources with a switch for each fault: for every one there is, or for those at the given places alone.
 * @param at the faults to make, made before for other sources; absent, all there are
 */
export async function instrumented(
  root: string,
  names: readonly string[],
  at?: readonly Fault[],
): Promise<{ files: { name: string; content: string }[]; faults: Fault[] }> {
  const injector = createInjector()
    .provideValue(commonTokens.logger, silent)
    .provideValue(commonTokens.getLogger, () => silent);
  const { files, mutants } = await injector.injectFunction(createInstrumenter).instrument(
    names.map((name) => ({
      name,
      content: readFileSync(join(root, name), 'utf8'),
      mutate: at ? at.filter(({ fileName }) => fileName === name).map(({ location }) => location) : true,
    })),
    { plugins: null, ignorers: [], excludedMutations: [], noHeader: false },
  );
  return { files: files.map(({ name, content }) => ({ name, content })), faults: mutants as Fault[] };
}

/** The same fault is the same wherever it is switched from. */
export const keyOf = ({ fileName, location: { start, end }, replacement }: Fault) =>
  [fileName, start.line, start.column, end.line, end.column, replacement].join('|');

/** So many faults, drawn by the seed, each as likely as any other. */
export function drawn<T>(all: readonly T[], count: number, seed: number): T[] {
  const random = seeded(seed);
  const left = [...all];
  return Array.from({ length: Math.min(count, all.length) }, () => {
    const [one] = left.splice(Math.floor(random() * left.length), 1);
    if (one === undefined) throw new Error('there are as many as are drawn');
    return one;
  });
}
