import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normal, seeded } from '../stats/random';
import { keptC, wrapFor } from './keepWarm';
import { learnedCarryOverC, learnedMinutes, learnPot, usualLoss } from './learn';
import { minutesTo, potOf, tempAfter } from './pot';

const course = (litres: number, kw: number, upTo: number, noise: () => number, room = 20) => {
  const pot = potOf(litres, litres * 1.03);
  return Array.from({ length: upTo + 1 }, (_, m) => [m, tempAfter(pot, 4, m, room, kw) + noise()] as const);
};

describe('a pot learned from its readings', () => {
  it('finds rise and loss of a pot without noise, and so its arrival', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.double({ min: 0.7, max: 1.4, noNaN: true }),
        (litres, strength) => {
          const pot = potOf(litres, litres * 1.03);
          const kw = pot.powerKw * strength;
          const readings = course(litres, kw, 10, () => 0);
          const learned = learnPot(readings, 20, usualLoss(pot));
          if (!learned) throw new Error('ten readings must do');
          const from = readings.at(-1)?.[1] as number;
          const real = minutesTo(pot, from, 40, 20, kw);
          expect(Math.abs(learnedMinutes(learned, from, 40, 20) - real)).toBeLessThan(0.35 + 0.02 * real);
        },
      ),
    );
  });

  it('on 20 noisy pots nobody has seen the median error of the arrival is at most 2 min', () => {
    const random = seeded(11);
    const errors = Array.from({ length: 20 }, () => {
      const litres = 2 + 18 * random();
      const pot = potOf(litres, litres * 1.03);
      const kw = pot.powerKw * (0.6 + 0.9 * random());
      const whole = minutesTo(pot, 4, 40, 20, kw);
      const readings = course(litres, kw, Math.ceil(whole / 2), () => 0.3 * normal(random)).filter(
        (_, i) => i % 3 === 0,
      );
      const learned = learnPot(readings, 20, usualLoss(pot));
      if (!learned) throw new Error('so many readings must do');
      const [at, tempC] = readings.at(-1) as readonly [number, number];
      return Math.abs(at + learnedMinutes(learned, tempC, 40, 20) - whole);
    }).sort((a, b) => a - b);
    expect(errors[10] as number).toBeLessThanOrEqual(2);
  });

  it('needs three readings and some warming', () => {
    expect(learnPot([[0, 4]], 20, 0.004)).toBeNull();
    expect(
      learnPot(
        [
          [0, 20],
          [5, 20.4],
          [10, 20.2],
        ],
        20,
        0.004,
      ),
    ).toBeNull();
  });

  it('carries over as it has done: the median, the usual one at first', () => {
    expect(learnedCarryOverC([], 1.2)).toBe(1.2);
    expect(learnedCarryOverC([1, 4, 2], 9)).toBe(2);
    expect(learnedCarryOverC([1, 2], 9)).toBe(1.5);
  });
});

it('keeps warm better the thicker the wrap, and names the lightest that will do', () => {
  const after = (['lidded', 'towel', 'blanket', 'insulatedBox'] as const).map((wrap) =>
    keptC(8, 8.2, wrap, 40, 20, 360),
  );
  expect([...after].sort((a, b) => a - b)).toEqual(after);
  expect(wrapFor(8, 8.2, 32, 20, 5, 2)).toBe('lidded');
  expect(wrapFor(8, 8.2, 43, 20, 600, 6)).toBe('insulatedBox');
  expect(wrapFor(1, 1.03, 43, 5, 3000, 1)).toBeNull();
});
