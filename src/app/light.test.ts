import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { describe, expect, it } from 'vitest';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The modules every visit loads before its first view: the shell with all it imports statically. */
async function shell(): Promise<string[]> {
  const { metafile } = await build({
    entryPoints: [at('main.tsx')],
    bundle: true,
    splitting: true,
    minify: true,
    format: 'esm',
    target: 'es2023',
    jsx: 'automatic',
    define: { 'import.meta.env.PROD': 'true', 'process.env.NODE_ENV': '"production"' },
    outdir: 'out',
    write: false,
    metafile: true,
    logLevel: 'silent',
  });
  const waiting = Object.keys(metafile.outputs).filter((name) =>
    metafile.outputs[name]?.entryPoint?.endsWith('app/main.tsx'),
  );
  const taken = new Set<string>();
  for (let name = waiting.pop(); name !== undefined; name = waiting.pop()) {
    if (taken.has(name)) continue;
    taken.add(name);
    for (const { path, kind } of metafile.outputs[name]?.imports ?? [])
      if (kind === 'import-statement') waiting.push(path);
  }
  return [...taken].flatMap((name) => Object.keys(metafile.outputs[name]?.inputs ?? {}));
}

describe('what every visit loads before its first view', () => {
  it('neither plans, nor knows makes, nor reads their logs', async () => {
    const inputs = await shell();
    expect(inputs.some((path) => path.endsWith('src/app/Shell.tsx'))).toBe(true);
    for (const heavy of [
      'src/plan/plan.ts',
      'src/makes/index.ts',
      'src/run/state.ts',
      'src/store/followLogs.ts',
    ])
      expect(inputs.filter((path) => path.endsWith(heavy))).toEqual([]);
  });
});
