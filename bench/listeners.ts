/** The instruments' stream with two hundred listeners that take nothing off: how soon it still answers, and what it holds. */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { connect, type Socket } from 'node:net';
import { loadavg } from 'node:os';

const PORT = 4721;
const LISTENERS = 200;
const TURNS = 3000;
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts', '--port', String(PORT)], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise<void>((resolve) => {
  server.stdout.on('data', (chunk: Buffer) => chunk.toString().includes('http://') && resolve());
});
/** What the server holds, MB, where the machine tells. */
const holdsMb = (): number => {
  try {
    const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
    return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1]) / 1000;
  } catch {
    return Number.NaN;
  }
};
/** Turns the hob of the pot all of them listen to: each is told at once. */
const turn = async (hob: number): Promise<number> => {
  const from = performance.now();
  const answer = await fetch(`http://127.0.0.1:${PORT}/bench/slow`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ hob }),
  });
  await answer.text();
  return performance.now() - from;
};
const sockets: Socket[] = [];
try {
  for (let i = 0; i < LISTENERS; i++) {
    const socket = connect(PORT, '127.0.0.1');
    await new Promise<void>((resolve) => socket.once('connect', resolve));
    socket.on('error', () => undefined);
    socket.write('GET /bench/readings?pot=slow HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n');
    socket.pause();
    sockets.push(socket);
  }
  await turn(0);
  const before = holdsMb();
  const took: number[] = [];
  for (let i = 0; i < TURNS; i++) took.push(await turn(i % 4));
  took.sort((a, b) => a - b);
  console.log(
    `load ${loadavg()[0]?.toFixed(1)}; ${LISTENERS} listeners that take nothing off, told ${TURNS} times: a turn of the hob answered in ${took[Math.floor(TURNS / 2)]?.toFixed(1)} ms in the median, ${took[Math.floor(TURNS * 0.95)]?.toFixed(1)} ms at the 95th percentile; the server holds ${before.toFixed(0)} MB before, ${holdsMb().toFixed(0)} MB after`,
  );
} finally {
  for (const socket of sockets) socket.destroy();
  server.kill();
}
