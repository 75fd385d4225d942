import { json, type Request, type Response, Router } from 'express';
import { z } from 'zod';
import { bounded } from '../src/core/faults/bounds';
import { parse } from '../src/core/faults/zodFaults';
import { briefSchema } from '../src/plan/brief/schema';
import {
  type BenchPot,
  benchLooks,
  benchPot,
  minuteOf,
  putOnBench,
  readBench,
  stepBench,
} from '../src/sim/bench';
import { sendTo } from './listener';

/** Time between two readings, ms. */
const EVERY_MS = 1000;
/** Nobody needs more pots on the bench than this at once. */
const MOST_POTS = 20;

const SEEDS = 'give a whole number from 0 to 4294967295';

const query = z.object({
  pot: z
    .string()
    .regex(/^[\w-]{1,40}$/, 'give a name of letters and digits')
    .default('one'),
  litres: z.coerce.number().pipe(bounded('litres')).default(8),
  seed: z.coerce.number().int().min(0, SEEDS).max(4294967295, SEEDS).default(1),
  speed: z.coerce.number().min(1, 'give 1 to 600').max(600, 'give 1 to 600').default(1),
  /** How warm a pot that is new to the bench is. */
  tempC: z.coerce.number().pipe(bounded('potTempC')).default(4),
});

const controls = z
  .strictObject({
    hob: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]),
    lid: z.boolean(),
    ice: z.boolean(),
    culture: z.boolean(),
    coagulant: z.boolean(),
    acidGrams: z.number().min(0, 'give 0 to 100000 g').max(100_000, 'give 0 to 100000 g'),
    scale: z.enum(['pot', 'curd']),
    /** Moves the pot on at once by so many minutes. */
    advanceMin: z.number().min(0, 'give 0 to 1440 min').max(1440, 'give 0 to 1440 min'),
    /** Puts this batch into the pot, if it holds none yet. */
    brief: briefSchema,
  })
  .partial();

interface OnBench {
  pot: BenchPot;
  /** When it was last moved on, ms of the monotonic clock. */
  at: number;
  speed: number;
  /** Streams that are told at once when somebody does something to the pot. */
  listeners: Set<() => void>;
}

/**
 * The instruments' stand-in: a probe, a pH meter and a scale on a simulated pot. `GET /bench/readings` is a stream of
 * server-sent events, a JSON reading each second; `POST /bench/:pot` turns the hob, puts the lid on, sets it in ice.
 * docs/instruments.md has the protocol.
 */
export function bench(mono: () => number): Router {
  const pots = new Map<string, OnBench>();
  const router = Router();
  const moveOn = (one: OnBench) => {
    const now = mono();
    stepBench(one.pot, (((now - one.at) / 60_000) * one.speed) as number);
    one.at = now;
  };
  const refuse = (response: Response, faults: readonly { path: string; problem: string; remedy: string }[]) =>
    response.status(400).json({ faults });

  router.get('/readings', (request: Request, response: Response) => {
    const read = parse(query as z.ZodType<z.infer<typeof query>>, request.query);
    if (!read.ok) return void refuse(response, read.faults);
    const { pot: name, litres, seed, speed, tempC } = read.value;
    let one = pots.get(name);
    if (!one) {
      if (pots.size >= MOST_POTS) {
        // Only a pot that nobody reads from makes room.
        const idle = [...pots].find(([, { listeners }]) => listeners.size === 0);
        if (!idle)
          return void response.status(503).json({
            faults: [
              {
                path: 'pot',
                problem: 'finds no room: every pot on the bench is in use',
                remedy: 'close another one',
              },
            ],
          });
        pots.delete(idle[0]);
      }
      one = { pot: benchPot(litres, seed, tempC), at: mono(), speed, listeners: new Set() };
      pots.set(name, one);
    }
    one.speed = speed;
    const here = one;
    response.set({
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      Connection: 'keep-alive',
    });
    response.flushHeaders();
    const send = () => {
      moveOn(here);
      const reading = readBench(here.pot);
      if (reading) sendTo(response, `data: ${JSON.stringify(reading)}\n\n`);
    };
    send();
    const timer = setInterval(send, EVERY_MS);
    here.listeners.add(send);
    request.on('close', () => {
      clearInterval(timer);
      here.listeners.delete(send);
    });
  });

  router.post('/:pot', json({ limit: '20kb' }), (request: Request, response: Response) => {
    const one = pots.get(String(request.params.pot));
    if (!one)
      return void response
        .status(404)
        .json({ faults: [{ path: 'pot', problem: 'is not on the bench', remedy: 'read from it first' }] });
    const read = parse(controls, request.body);
    if (!read.ok) return void refuse(response, read.faults);
    moveOn(one);
    const { advanceMin = 0, brief, ...turned } = read.value;
    if (brief) {
      const put = putOnBench(one.pot, brief);
      if (!put.ok)
        return void refuse(
          response,
          put.faults.map((fault) => ({ ...fault, path: `brief.${fault.path}` })),
        );
    }
    one.pot.controls = {
      ...one.pot.controls,
      ...(Object.fromEntries(Object.entries(turned).filter(([, value]) => value !== undefined)) as Partial<
        BenchPot['controls']
      >),
    };
    stepBench(one.pot, advanceMin);
    for (const send of one.listeners) send();
    response.json({ ...one.pot.controls, minute: minuteOf(one.pot), looks: benchLooks(one.pot) });
  });
  return router;
}
