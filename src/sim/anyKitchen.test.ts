import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normal, seeded } from '../core/stats/random';
import { METHODS } from '../makes';
import { resolveBrief } from '../plan/brief/resolve';
import { basic, planned } from '../plan/fixtures/briefs';
import { stagesOf, walk } from '../plan/stages';
import { potAtStart, worldOf } from '../plan/world';
import { type Quirks, realBatch } from './quirks';

/** A batch of a make in a milk, a pot and a room that nobody tuned for, walked to its end. */
function walked(id: string, milk: object, room: number, quirks: Quirks, seed: number) {
  const plan = planned(basic(id, milk, { roomC: room })).plan;
  const ready = resolveBrief(plan.brief, METHODS);
  if (!ready.ok) throw new Error(id);
  const { brief, method } = ready.value;
  const random = seeded(seed);
  const litres = plan.brief.milk.litres as number;
  const world = worldOf(
    brief,
    method,
    litres,
    realBatch(quirks, () => normal(random)),
  );
  const pot = potAtStart(brief, world);
  const stages = stagesOf(method, brief);
  return { pot, stages, spans: walk(stages, world, pot), room };
}

const any = fc.record({
  litres: fc.double({ min: 1, max: 200, noNaN: true }),
  // In a colder room some cultures never get there, and the plan says so.
  room: fc.double({ min: 19, max: 30, noNaN: true }),
  startC: fc.double({ min: 2, max: 20, noNaN: true }),
  power: fc.double({ min: 0.7, max: 1.4, noNaN: true }),
  probeOffC: fc.double({ min: -1.5, max: 1.5, noNaN: true }),
  seed: fc.integer({ min: 1, max: 10_000 }),
});

describe.each(METHODS.map((method) => method.id))('the stages of %s, in any kitchen', (id) => {
  const forAny = (check: (batch: ReturnType<typeof walked>) => void) =>
    fc.assert(
      fc.property(any, ({ litres, room, startC, power, probeOffC, seed }) =>
        check(walked(id, { litres, startC }, room, { milk: {}, pot: { power, probeOffC } }, seed)),
      ),
      { numRuns: 15 },
    );

  it('take time, and hands for no longer than that', () => {
    forAny(({ spans, pot }) => {
      let sum = 0;
      for (const span of spans) {
        expect(Number.isFinite(span.durationMin)).toBe(true);
        expect(span.durationMin).toBeGreaterThanOrEqual(0);
        expect(span.handsOnMin).toBeGreaterThanOrEqual(0);
        expect(span.handsOnMin).toBeLessThanOrEqual(span.durationMin + 1e-6);
        sum += span.durationMin;
      }
      expect(pot.minute).toBeCloseTo(sum, 6);
    });
  });

  it('draw a course that runs forward, from first to last minute, between ice and the boil', () => {
    forAny(({ spans }) => {
      for (const { course, durationMin } of spans) {
        const minutes = course.map(([minute]) => minute);
        expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
        expect(minutes[0]).toBeGreaterThanOrEqual(0);
        expect(minutes.at(-1)).toBeLessThanOrEqual(durationMin + 1e-6);
        for (const [, tempC] of course) {
          expect(tempC).toBeGreaterThan(-1);
          expect(tempC).toBeLessThan(104);
        }
      }
    });
  });

  it('sour only downwards, and never past what milk can be', () => {
    forAny(({ spans, stages }) => {
      let last = 7.2;
      spans.forEach(({ pHs }, i) => {
        // Water takes acid out.
        if (stages[i]?.kind.kind === 'wash') last += 0.2;
        for (const [, pH] of pHs ?? []) {
          expect(pH).toBeLessThanOrEqual(last + 1e-6);
          expect(pH).toBeGreaterThan(3.4);
          last = pH;
        }
      });
    });
  });

  it('warm to what they aim for, the thermometer being what it is', () => {
    forAny(({ spans, stages }) => {
      spans.forEach((span, i) => {
        if (!['warm', 'scald', 'cook'].includes(stages[i]?.kind.kind ?? '') || span.durationMin === 0) return;
        const reached = span.course.at(-1)?.[1] as number;
        // A probe is off by its quirk, and by a draw of noise.
        expect(Math.abs(reached - (span.targetC as number))).toBeLessThan(2.6);
      });
    });
  });
});
