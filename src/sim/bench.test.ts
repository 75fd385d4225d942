import { describe, expect, it } from 'vitest';
import { minutesTo, potOf } from '../core/heat/pot';
import { benchPot, readBench, stepBench } from './bench';

describe('the pot on the bench', () => {
  it('warms as the core says for its own hob, cools in ice, and never boils over 100 °C', () => {
    const pot = benchPot(8, 3);
    pot.controls = { ...pot.controls, hob: 2, lid: false };
    const body = potOf(8, 8 * 1.031);
    const minutes = minutesTo(body, 4, 60, 20, body.powerKw * pot.quirks.power);
    for (let i = 0; i < 200; i++) stepBench(pot, minutes / 200);
    expect(pot.tempC).toBeCloseTo(60, 0);
    pot.controls = { ...pot.controls, hob: 0, ice: true };
    stepBench(pot, 30);
    expect(pot.tempC).toBeLessThan(25);
    pot.controls = { ...pot.controls, hob: 3, ice: false };
    stepBench(pot, 600);
    expect(pot.tempC).toBeLessThanOrEqual(100);
  });

  it('sours once a culture is in, and only then', () => {
    const pot = benchPot(4, 5);
    pot.tempC = 30;
    stepBench(pot, 300);
    expect(pot.ferment).toBeNull();
    pot.tempC = 30;
    pot.controls = { ...pot.controls, culture: true };
    for (let i = 0; i < 60; i++) {
      pot.tempC = 30;
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
