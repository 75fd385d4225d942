import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { bench } from './bench';

let server: Server;
let base = '';
let mono = 0;

beforeAll(async () => {
  const app = express().use(
    '/bench',
    bench(() => mono),
  );
  await new Promise<void>((resolve) => {
    server = app.listen(0, '127.0.0.1', () => resolve());
  });
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/bench`;
});
afterAll(() => server.close());

/** The first reading of a new stream. */
async function first(query: string): Promise<Record<string, unknown>> {
  const stop = new AbortController();
  const response = await fetch(`${base}/readings?${query}`, { signal: stop.signal });
  expect(response.headers.get('content-type')).toContain('text/event-stream');
  const reader = response.body?.getReader();
  let text = '';
  while (!text.includes('\n\n')) text += new TextDecoder().decode((await reader?.read())?.value);
  stop.abort();
  return JSON.parse(text.replace(/^data: /, ''));
}

describe('the simulated bench', () => {
  it('sends JSON readings as server-sent events, and obeys its hob', async () => {
    const cold = await first('pot=one&litres=8&speed=60');
    expect(cold).toMatchObject({ format: 'plump-pail/reading', version: 1 });
    expect(Math.abs((cold.tempC as number) - 4)).toBeLessThan(3);
    const set = await fetch(`${base}/one`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ hob: 2 }),
    });
    expect(await set.json()).toMatchObject({
      hob: 2,
      lid: true,
      ice: false,
      culture: false,
      looks: { bowl: null, whey: null },
    });
    mono += 20_000;
    const warm = await first('pot=one&speed=60');
    expect((warm.tempC as number) - (cold.tempC as number)).toBeGreaterThan(10);
    expect((warm.minute as number) - (cold.minute as number)).toBeCloseTo(20, 1);
  });

  it('takes a batch, lets time go by at once, and says what one would see', async () => {
    const post = async (body: unknown) => {
      const response = await fetch(`${base}/two`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      });
      return { status: response.status, said: await response.json() };
    };
    await first('pot=two&litres=8');
    const brief = {
      format: 'plump-pail/brief',
      version: 1,
      method: 'whole-milk-ricotta',
      milk: { species: 'cow', litres: 6 },
    };
    const put = await post({ brief, acidGrams: 1 });
    expect(put.said.looks).toEqual({ bowl: null, whey: 'milky' });
    const later = await post({ advanceMin: 30, acidGrams: 60 });
    expect(later.said.minute - put.said.minute).toBeCloseTo(30, 1);
    expect(later.said.looks.whey).toBe('clear');
    const warm = await first('pot=warm&litres=8&tempC=58');
    expect(Math.abs((warm.tempC as number) - 58)).toBeLessThan(3);
    const wrong = await post({ brief: { ...brief, milk: { species: 'cow', litres: 6, fatPct: 40 } } });
    expect(wrong).toMatchObject({ status: 400, said: { faults: [{ path: 'brief.milk.fatPct' }] } });
    expect((await post({ advanceMin: -1 })).status).toBe(400);
    expect((await post({ scale: 'cat' })).status).toBe(400);
  });

  it('answers wrong requests with the reason', async () => {
    for (const query of ['litres=0', 'speed=9999', 'tempC=400', 'pot=..%2F..', 'seed=-1']) {
      const response = await fetch(`${base}/readings?${query}`);
      expect(response.status).toBe(400);
      expect((await response.json()).faults[0].remedy).toMatch(/give|name/);
    }
    const post = (pot: string, body: string) =>
      fetch(`${base}/${pot}`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body });
    expect((await post('nobody', '{}')).status).toBe(404);
    expect((await post('one', '{"hob": 9}')).status).toBe(400);
    expect((await post('one', '{"heat": 1}')).status).toBe(400);
  });

  it('a pot somebody reads from is never taken off the bench by new names', async () => {
    const stop = new AbortController();
    const held = await fetch(`${base}/readings?pot=held&litres=8&tempC=50`, { signal: stop.signal });
    await held.body?.getReader().read();
    const others = new AbortController();
    const streams = await Promise.all(
      Array.from({ length: 30 }, (_, i) =>
        fetch(`${base}/readings?pot=other-${i}`, { signal: others.signal }),
      ),
    );
    expect(streams.some((response) => response.status === 503)).toBe(true);
    for (const full of streams.filter((response) => response.status === 503))
      expect((await full.json()).faults[0].problem).toMatch(/no room/);
    const post = await fetch(`${base}/held`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{}',
    });
    expect(post.status).toBe(200);
    others.abort();
    stop.abort();
    await expect.poll(async () => (await fetch(`${base}/readings?pot=fresh`)).status).toBe(200);
  });
});
