/** Puts faults one by one before the tests that come past them: started by `npm run mutate`, tells a line for each. */
import { readFileSync } from 'node:fs';
import { createVitest } from 'vitest/node';

/** What is tried: the fault's switch, how often it may be come past, and the files of tests, in turns. */
export interface Trial {
  key: string;
  id: string;
  limit: number;
  turns: string[][];
}

declare module 'vitest' {
  interface ProvidedContext {
    fault?: { id: string; limit: number };
  }
}

const [ground = '', list = '', from = '0', step = '1'] = process.argv.slice(2);
const trials = JSON.parse(readFileSync(list, 'utf8')) as Trial[];
process.chdir(ground);
const vitest = await createVitest('test', {
  root: ground,
  watch: false,
  bail: 1,
  maxWorkers: 1,
  reporters: [{}],
});
const project = vitest.getRootProject();
for (let at = Number(from); at < trials.length; at += Number(step)) {
  const { id, limit, turns } = trials[at] as Trial;
  console.log(JSON.stringify({ at }));
  project.provide('fault', { id, limit });
  let noticed = false;
  for (const names of turns) {
    const result = await vitest.runTestSpecifications(
      names.map((name) => project.createSpecification(name)),
      true,
    );
    // What ran before is told again: only what ran now counts.
    noticed =
      result.unhandledErrors.length > 0 ||
      result.testModules.some((module) => names.includes(module.moduleId) && module.state() === 'failed');
    if (noticed) break;
  }
  console.log(JSON.stringify({ at, noticed }));
}
await vitest.close();
process.exit(0);
