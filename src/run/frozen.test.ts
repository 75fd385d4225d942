import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it, vi } from 'vitest';
import { eventSchema, type MakeEvent } from './events';
import { figuresOf } from './fixtures/figures';
import { stateOf } from './state';

/** Today's makes and models are gone: what a log says has to come from the log alone. */
vi.mock('../makes/register', () => ({ METHODS: [{ id: 'none', options: {}, stages: [] }] }));
vi.mock('../plan/plan', async (importActual) => ({
  ...(await importActual<object>()),
  planBrief: () => {
    throw new Error('a frozen make is never reckoned anew');
  },
}));

const FOLDER = fileURLToPath(new URL('./fixtures/frozen/', import.meta.url));
const files = readdirSync(FOLDER);

/** What may differ: the last digits of sums on other machines; how the button that ends a stage calls it, and what is no worry there. */
const near = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value), (key, one) => {
    if (typeof one === 'number') return Number(one.toPrecision(9));
    if (key === 'main' && one) return { ...one, text: '' };
    return key === 'normal' && one ? '' : one;
  });

describe.each(files)('logs as written by %s', (file) => {
  const kept: { log: unknown[]; figures: unknown }[] = JSON.parse(readFileSync(FOLDER + file, 'utf8'));

  it.each(kept.map((one, i) => [i, one] as const))(
    'log %i is read, and gives the same figures and words',
    (_, { log, figures }) => {
      const events = log.map((event): MakeEvent => eventSchema.parse(event));
      expect(near(figuresOf(events))).toEqual(near(figures));
    },
  );

  it('says which model it was planned by, and by which it was planned anew', () => {
    const events = kept[0]?.log.map((event): MakeEvent => eventSchema.parse(event)) ?? [];
    const first = events[0];
    if (first?.type !== 'started') throw new Error('a log begins with its start');
    const { plan, parameters, courses } = first;
    const anew = {
      type: 'remeasured',
      litres: 9,
      plan,
      parameters,
      courses,
      modelVersion: 99,
      seq: 1,
      at: first.at + 1,
    };
    expect(stateOf([first]).modelVersion).toBe(first.modelVersion);
    expect(stateOf([first, eventSchema.parse(anew)]).modelVersion).toBe(99);
    // What cannot be is told by its place in the event, whichever event carries it.
    const [stage] = plan.stages;
    const torn = { ...plan, stages: [{ ...stage, kind: 'juggle' }, ...plan.stages.slice(1)] };
    const placeOf = (event: unknown) => eventSchema.safeParse(event).error?.issues[0]?.path.join('.');
    expect(placeOf({ ...anew, plan: torn })).toMatch(/^(?!anew)/);
    expect(placeOf({ ...first, plan: torn })).toBe(placeOf({ ...anew, plan: torn }));
  });
});
