import { describe, expect, it } from 'vitest';
import { flocculationMin } from '../core/coagulant/clotting';
import { minutesTo, potOf } from '../core/heat/pot';
import { basic, planned } from '../plan/fixtures/briefs';
import { benchLooks, benchPot, putOnBench, readBench, stepBench } from './bench';

describe('the pot on the bench', () => {
  it('warms as the core says for its own hob, cools in ice, and never boils over 100 °C', () => {
    const pot = benchPot(8, 3);
    pot.controls = { ...pot.controls, hob: 2, lid: false };
    const body = potOf(8, 8 * 1.031);
    const minutes = minutesTo(body, 4, 60, 20, body.powerKw * pot.practice.world.power);
    for (let i = 0; i < 200; i++) stepBench(pot, minutes / 200);
    expect(pot.practice.pot.tempC).toBeCloseTo(60, 0);
    pot.controls = { ...pot.controls, hob: 0, ice: true };
    stepBench(pot, 30);
    expect(pot.practice.pot.tempC).toBeLessThan(25);
    pot.controls = { ...pot.controls, hob: 3, ice: false };
    stepBench(pot, 600);
    expect(pot.practice.pot.tempC).toBeLessThanOrEqual(100);
  });

  it('sours once a culture is in, and only then', () => {
    const pot = benchPot(4, 5);
    pot.practice.pot.tempC = 30;
    stepBench(pot, 300);
    expect(pot.practice.pot.ferment).toBeNull();
    pot.practice.pot.tempC = 30;
    pot.controls = { ...pot.controls, culture: true };
    for (let i = 0; i < 60; i++) {
      pot.practice.pot.tempC = 30;
      stepBench(pot, 10);
    }
    pot.lost = 0;
    let reading = readBench(pot);
    while (!reading) reading = readBench(pot);
    expect(reading.pH).toBeLessThan(5.5);
  });

  it('trembles, is a little off, and drops out now and then; the same seed gives the same bench', () => {
    const shown = (seed: number) => {
      const pot = benchPot(8, seed);
      return Array.from({ length: 400 }, () => {
        stepBench(pot, 0.1);
        return readBench(pot)?.tempC ?? null;
      });
    };
    expect(shown(9)).toEqual(shown(9));
    expect(shown(9)).not.toEqual(shown(10));
    const gaps = shown(9).filter((one) => one === null).length;
    expect(gaps).toBeGreaterThan(0);
    expect(gaps).toBeLessThan(80);
  });
});

describe('a batch on the bench', () => {
  const put = (method: string, seed = 1, tempC = 4) => {
    const pot = benchPot(8, seed, tempC);
    const done = putOnBench(pot, basic(method));
    if (!done.ok) throw new Error('the test’s brief must go on the bench');
    return pot;
  };
  const reading = (pot: ReturnType<typeof benchPot>) => {
    for (;;) {
      const one = readBench(pot);
      if (one) return one;
    }
  };

  it('is the same for the same seed, another for another, and near its plan', () => {
    expect(put('paneer', 3).kg).toBe(put('paneer', 3).kg);
    expect(put('paneer', 3).kg).not.toBe(put('paneer', 4).kg);
    const { likely } = planned(basic('paneer')).plan.predictions.yieldKg;
    expect((put('paneer', 3).kg ?? 0) / likely).toBeGreaterThan(0.7);
    expect((put('paneer', 3).kg ?? 0) / likely).toBeLessThan(1.4);
  });

  it('clears with the acid it needs as hot as it is, and its pH falls with every gram', () => {
    const pot = put('whole-milk-ricotta', 1, 85);
    const at = (share: number) => {
      pot.controls = { ...pot.controls, acidGrams: share * (pot.practice.acidNeededGrams ?? 0) };
      return { whey: benchLooks(pot).whey, pH: reading(pot).pH };
    };
    const [none, some, nearly, all] = [at(0), at(0.5), at(0.96), at(1)];
    expect([none, some, nearly, all].map((one) => one?.whey)).toEqual([null, 'milky', 'cloudy', 'clear']);
    expect(none?.pH).toBeGreaterThan(some?.pH ?? 9);
    expect(some?.pH).toBeGreaterThan(all?.pH ?? 9);
  });

  it('stops the bowl when the core says this very milk flocculates, later in cooler milk, and never in cold', () => {
    const setC =
      planned(basic('squeaky-curds')).plan.stages.find(({ kind }) => kind === 'warm')?.targetC ?? 0;
    const bowl = (tempC: number) => {
      const pot = put('squeaky-curds', 1, tempC);
      expect(benchLooks(pot).bowl).toBeNull();
      const { practice } = pot;
      const { milk, imcuPerLitre, strength } = practice.world.coagulant as NonNullable<
        typeof practice.world.coagulant
      >;
      const says = flocculationMin({
        ...milk,
        imcuPerLitre: (imcuPerLitre ?? 0) * strength,
        tempC,
        pH: practice.pot.pH,
        calciumMmolPerLitre: practice.pot.calciumMmolPerLitre,
      });
      pot.controls = { ...pot.controls, coagulant: true };
      for (let minute = 0; minute < 120; minute += 0.5) {
        if (benchLooks(pot).bowl === 'stopped') return { stops: minute, says };
        stepBench(pot, 0.5);
      }
      return { stops: null, says };
    };
    const usual = bowl(setC);
    // The pot cools a little while it stands.
    expect(Math.abs((usual.stops ?? 0) - usual.says)).toBeLessThanOrEqual(1);
    expect(bowl(setC - 5).stops).toBeGreaterThan(usual.stops ?? 0);
    expect(bowl(5).stops).toBeNull();
  });

  it('drains a bag towards its end, and weighs all else as it comes out', () => {
    const bag = put('goat-lactic');
    bag.controls = { ...bag.controls, scale: 'curd' };
    const weights = [0.1, 60, 240, 4000].map((minutes) => {
      stepBench(bag, minutes);
      return reading(bag).kg;
    });
    expect([...weights].sort((a, b) => b - a)).toEqual(weights);
    expect(weights.at(-1)).toBeCloseTo(bag.kg ?? 0, 1);
    const ball = put('quick-stretched');
    ball.controls = { ...ball.controls, scale: 'curd' };
    stepBench(ball, 1);
    expect(reading(ball).kg).toBeCloseTo(ball.kg ?? 0, 1);
  });

  it('a brief that cannot be made stays off it', () => {
    const pot = benchPot(8, 1);
    const wrong = basic('quick-stretched', { treatment: 'ultra-heat' });
    expect(putOnBench(pot, wrong).ok).toBe(false);
    expect(pot.kg).toBeNull();
  });

  it('a long wait is many short ones', () => {
    const [once, often] = [put('paneer', 6), put('paneer', 6)];
    for (const pot of [once, often]) pot.controls = { ...pot.controls, hob: 1 };
    stepBench(once, 45);
    for (let i = 0; i < 90; i++) stepBench(often, 0.5);
    expect(once.practice.pot.tempC).toBeCloseTo(often.practice.pot.tempC, 6);
  });
});
