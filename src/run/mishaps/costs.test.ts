import { describe, expect, it } from 'vitest';
import { basic } from '../../plan/fixtures/briefs';
import { at } from '../fixtures/walked';
import { ALL, f, plain } from './fixtures/every';

describe('what a mishap costs by weight', () => {
  it('is never more dry matter than there was: a curd that only dries loses its water’s weight and no more', () => {
    const dried = ALL.filter(({ remedy }) => !remedy.discard && remedy.costs.moisturePoints < 0);
    expect(dried.length).toBeGreaterThan(20);
    for (const { state, remedy, id } of dried) {
      const dry = 100 - state.plan.predictions.moisturePct;
      const { moisturePoints, yieldShare } = remedy.costs;
      const left = (1 + yieldShare) * (dry - moisturePoints);
      expect(left, id).toBeLessThanOrEqual(dry * 1.0001);
    }
  });

  it('tells of too little coagulant how long the set now takes, and until when more may go in', () => {
    const state = at(basic('squeaky-curds'), 'set');
    const planned = state.plan.predictions.setMin?.likely ?? 0;
    const weak = ALL.flatMap(({ id, make, stage, remedy }) =>
      make === 'squeaky-curds' && stage === 'set' && /in all instead of/.test(remedy.now)
        ? [{ id, text: plain(remedy.now) }]
        : [],
    );
    expect(weak.length).toBeGreaterThan(0);
    for (const { id, text } of weak) {
      const [, takes, instead, first] =
        /about (.+?) in all instead of (.+?)\. Only while it is milk still, in the first (.+?),/.exec(text) ??
        [];
      expect(instead, id).toBe(plain(f.minutes(planned)));
      const minutesIn = (told = '') =>
        [...told.matchAll(/(\d+) (h|min)/g)].reduce(
          (sum, [, n, unit]) => sum + Number(n) * (unit === 'h' ? 60 : 1),
          0,
        );
      expect(minutesIn(takes), id).toBeGreaterThan(planned);
      expect(minutesIn(first), id).toBeLessThan(planned / 2);
      expect(minutesIn(first), id).toBeGreaterThan(0);
    }
  });

  it('soaks what is too salty by quarters of an hour, the longer the saltier it is', () => {
    const soaked = ALL.flatMap(({ remedy }) => {
      const [, told, pct] =
        /about ([\d.]+) % of salt.*?for about ((?:\d+ h ?)?(?:\d+ min)?),/
          .exec(plain(remedy.now))
          ?.map(String) ?? [];
      if (!told || !pct) return [];
      const minutes = [...pct.matchAll(/(\d+) (h|min)/g)].reduce(
        (sum, [, n, unit]) => sum + Number(n) * (unit === 'h' ? 60 : 1),
        0,
      );
      return [{ pct: Number(told), minutes }];
    });
    expect(soaked.length).toBeGreaterThan(0);
    for (const { minutes } of soaked) {
      expect(minutes % 15).toBe(0);
      expect(minutes).toBeGreaterThanOrEqual(30);
      expect(minutes).toBeLessThan(12 * 60);
    }
  });
});
