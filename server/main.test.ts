import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Starts the server on a port somebody else holds, and what it says until it ends or serves. */
async function onTakenPort(args: string[]): Promise<{ said: string; code: number | null }> {
  const holder = createServer();
  await new Promise<void>((ready) => holder.listen(0, '127.0.0.1', ready));
  const { port } = holder.address() as { port: number };
  const server = spawn('node', ['--import', 'tsx', 'server/main.ts', '--port', String(port), ...args], {
    cwd: ROOT,
    detached: true,
  });
  let said = '';
  const code = await new Promise<number | null>((resolve) => {
    for (const stream of [server.stdout, server.stderr]) {
      stream.on('data', (chunk: Buffer) => {
        said += chunk.toString();
        if (said.includes(' is at http')) resolve(null);
      });
    }
    server.on('exit', resolve);
  });
  if (code === null && server.pid) process.kill(-server.pid);
  holder.close();
  return { said, code };
}

describe('a taken port', () => {
  it('stops the maker’s own kitchen with the reason: its data belongs to that port', async () => {
    const { said, code } = await onTakenPort([]);
    expect(code).toBe(1);
    expect(said).toMatch(/Port \d+ is taken.*Your data belongs to that port/);
  });

  it('only moves the demo', async () => {
    const { said, code } = await onTakenPort(['--demo']);
    expect(code).toBeNull();
    expect(said).toMatch(/the demo of Tumbledrum Lock, is at http:\/\/127\.0\.0\.1:\d+\//);
  });
});

/** What the server says when it is started so, and how it ends. */
async function startedWith(...args: string[]): Promise<{ said: string; code: number | null }> {
  const server = spawn('node', ['--import', 'tsx', 'server/main.ts', ...args], { cwd: ROOT });
  let said = '';
  for (const stream of [server.stdout, server.stderr]) stream.on('data', (chunk) => (said += chunk));
  const code = await new Promise<number | null>((resolve) => server.on('exit', resolve));
  return { said: said.trim(), code };
}

describe('a start that cannot be', () => {
  it.each([
    [['--port', 'kettle'], /^“kettle” is no port/],
    [['--port', '70000'], /^“70000” is no port/],
    [['--port', '-1'], /^(This is not understood|“-1” is no port)/],
    [['--colour'], /^This is not understood/],
  ])(
    '%j is one plain sentence',
    async (args, sentence) => {
      const { said, code } = await startedWith(...(args as string[]));
      expect(code).toBe(1);
      expect(said).toMatch(sentence as RegExp);
      expect(said.split('\n')).toHaveLength(1);
      expect(said).not.toContain(ROOT);
    },
    30_000,
  );
});
