import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { appFrom } from './app';

const dist = mkdtempSync(join(tmpdir(), 'pail-dist-'));
mkdirSync(join(dist, 'assets'));
writeFileSync(join(dist, 'index.html'), '<!doctype html><html lang="en" data-kitchen="own"></html>');
writeFileSync(
  join(dist, 'assets/app-abc123.js'),
  `export const words = ${JSON.stringify('curd '.repeat(2000))};`,
);

const servers: Server[] = [];
const bases: string[] = [];
beforeAll(async () => {
  for (const demo of [false, true]) {
    const server = appFrom(dist, { demo }).listen(0, '127.0.0.1');
    await new Promise((listening) => server.once('listening', listening));
    servers.push(server);
    bases.push(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  }
});
afterAll(() => {
  for (const server of servers) server.close();
});

describe('the server', () => {
  it('sends strict headers with every page', async () => {
    const response = await fetch(`${bases[0]}/plan`);
    const policy = response.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self'");
    expect(/script-src[^;]*'unsafe/.test(policy)).toBe(false);
    expect(policy).toContain("frame-ancestors 'none'");
    expect(response.headers.get('x-content-type-options')).toBe('nosniff');
    expect(response.headers.get('x-frame-options')).toBe('DENY');
    expect(response.headers.get('x-powered-by')).toBeNull();
    expect(response.headers.get('cache-control')).toBe('no-cache');
  });

  it('tells the page whose kitchen it is, on any address', async () => {
    expect(await (await fetch(`${bases[0]}/`)).text()).toContain('data-kitchen="own"');
    expect(await (await fetch(`${bases[1]}/book/42`)).text()).toContain('data-kitchen="demo"');
  });

  it('answers to its own names only, whoever asks', async () => {
    const { port } = new URL(bases[0] as string);
    const asked = (host: string) =>
      new Promise<{ status: number; text: string }>((resolve, reject) => {
        get({ host: '127.0.0.1', port, path: '/plan', headers: { host } }, (response) => {
          let text = '';
          response.on('data', (part) => {
            text += part;
          });
          response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
        }).on('error', reject);
      });
    for (const host of ['localhost', `LOCALHOST:${port}`, `127.0.0.1:${port}`, `[::1]:${port}`])
      expect((await asked(host)).status).toBe(200);
    for (const host of ['pail.example', 'localhost.pail.example', `127.0.0.1.pail.example:${port}`]) {
      const { status, text } = await asked(host);
      expect(status).toBeGreaterThanOrEqual(400);
      expect(text).not.toContain('data-kitchen');
    }
  });

  it('says every error in one plain sentence, without a path', async () => {
    const wrong = [
      await fetch(`${bases[0]}/assets/old.js`),
      await fetch(`${bases[0]}/assets/..%2f..%2fpackage.json`),
      await fetch(`${bases[0]}/assets/%ff`),
      await fetch(`${bases[0]}/bench/one`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: '{',
      }),
    ];
    await (await fetch(`${bases[0]}/bench/readings?pot=one`)).body?.cancel();
    wrong.push(
      await fetch(`${bases[0]}/bench/one`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ pad: 'x'.repeat(50_000) }),
      }),
    );
    for (const response of wrong) {
      expect(response.status).toBeGreaterThanOrEqual(400);
      const text = await response.text();
      expect(text).not.toMatch(/<|node_modules|\/home|\/tmp|Error:|\n\s+at /);
      expect(text.length).toBeLessThan(250);
    }
  });

  it('compresses hashed assets and caches them for good; a missing one is a 404, not a page', async () => {
    const response = await fetch(`${bases[0]}/assets/app-abc123.js`, {
      headers: { 'accept-encoding': 'gzip' },
    });
    expect(response.headers.get('content-encoding')).toBe('gzip');
    expect(response.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
    expect((await fetch(`${bases[0]}/assets/old.js`)).status).toBe(404);
  });
});
