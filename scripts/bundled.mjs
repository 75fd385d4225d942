/** A program of the product's own sources put into one file: its hundreds of modules read one by one take seconds. */
import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const { resolve } = createRequire(import.meta.url);

/** Brings a file of its own beside it, so it is read from where it lies. */
const whereItLies = {
  name: 'where-it-lies',
  setup: ({ onResolve }) =>
    onResolve({ filter: /^highs$/ }, ({ path }) => ({
      path: pathToFileURL(resolve(path)).href,
      external: true,
    })),
};

/** The text of that one file. */
export async function bundled(entry) {
  const { outputFiles } = await build({
    entryPoints: [entry],
    write: false,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    plugins: [whereItLies],
  });
  return outputFiles[0].text;
}
