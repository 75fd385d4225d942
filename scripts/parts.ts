import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

interface Chunking {
  getModuleInfo(id: string): { importedIds: readonly string[] } | null;
}

const at = (path: string) => fileURLToPath(new URL(`../${path}`, import.meta.url));
const START = /index\.html|preload-helper|src\/app\/(start|views|look)\.ts/;
const FRAME = /node_modules/;
/** What a package names beside what the shell takes of it, and only a view fetched later does. */
const LATER = /date-fns\/(_lib\/)?parse[/.]/;

/** The modules that come with these, whoever asks for them: their own imports and theirs, but for those fetched later. */
function withImports(...entries: string[]) {
  let found: Set<string> | null = null;
  return (chunking: Chunking): ReadonlySet<string> => {
    if (found) return found;
    found = new Set();
    const waiting = [...entries];
    for (let id = waiting.pop(); id !== undefined; id = waiting.pop()) {
      if (found.has(id) || LATER.test(id)) continue;
      found.add(id);
      waiting.push(...(chunking.getModuleInfo(id)?.importedIds ?? []));
    }
    return found;
  };
}

const ofShell = withImports(at('src/app/main.tsx'));
const ofMakes = withImports(
  ...['store/followLogs.ts', 'store/keptMakes.ts', 'app/Strand.tsx', 'app/Alarms.tsx'].map((path) =>
    at(`src/${path}`),
  ),
);
const ofPlan = withImports(at('src/views/plan/PlanView.tsx'));

type Belongs = (id: string, chunking: Chunking) => boolean;

/**
 * What visits take: what starts, what the shell takes (packages, then own), what knows makes and their logs, what the plan takes beyond it. All else is
 * cut as the bundler sees fit. Each builds only on those named before it, and is one question to the server instead of dozens.
 */
const PARTS: readonly (readonly [name: string, belongs: Belongs])[] = [
  ['start', (id) => START.test(id)],
  ['frame', (id, chunking) => FRAME.test(id) && ofShell(chunking).has(id)],
  ['shell', (id, chunking) => ofShell(chunking).has(id)],
  ['makes', (id, chunking) => ofMakes(chunking).has(id)],
  ['plan', (id, chunking) => ofPlan(chunking).has(id)],
];

export const parts = PARTS.map(([name, belongs], i) => ({
  name: (id: string, chunking: Chunking) => (belongs(id, chunking) ? name : null),
  debugName: name,
  priority: PARTS.length - i,
}));

/** Taken by every visit, wherever it goes. */
const AHEAD: ReadonlySet<string> = new Set(['start', 'frame', 'shell', 'rolldown-runtime']);

/** Has the page ask for these files at once, side by side, before any script has run. */
export function partsAhead(): Plugin {
  return {
    name: 'parts-ahead',
    apply: 'build',
    transformIndexHtml: (_html, { bundle = {} }) =>
      Object.values(bundle)
        .filter((file) => file.type === 'chunk' && AHEAD.has(file.name))
        .map(({ fileName }) => ({
          tag: 'link',
          attrs: { rel: 'modulepreload', crossorigin: true, href: `/${fileName}` },
          injectTo: 'head' as const,
        })),
  };
}
