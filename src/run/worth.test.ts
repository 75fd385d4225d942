import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import type { MakeEvent } from './events';
import { BEGIN, MIN } from './fixtures/logs';
import { type MakeState, stateOf } from './state';
import { summaryOf } from './summary';
import { worthOf } from './worth';

const { plan, parameters } = planned(basic('squeaky-curds', { pricePerLitre: 1.1 }));
const made = (kg: number | null, skipped: readonly string[] = []) => {
  const log: MakeEvent[] = [
    {
      type: 'started',
      seq: 0,
      at: BEGIN,
      name: 'Curds',
      milkName: 'Sallow',
      plan,
      parameters,
      modelVersion: 4,
    },
  ];
  for (const { id } of plan.stages.slice(0, -1))
    log.push({
      type: skipped.includes(id) ? 'skipped' : 'done',
      stage: id,
      seq: log.length,
      at: BEGIN + log.length * MIN,
    });
  log.push({ type: 'finished', weighedKg: kg, seq: log.length, at: BEGIN + 99 * MIN });
  return stateOf(log);
};
const likely = plan.predictions.yieldKg.likely;

describe('a make in one line', () => {
  it('costs more by the kilo where less came out, and takes the hands of the stages that ran', () => {
    const line = summaryOf('a', made(likely / 2));
    expect(line.yieldShare).toBeCloseTo(0.5, 9);
    expect(line.costPerKg).toBeCloseTo(2 * (plan.predictions.costPerKg ?? 0), 6);
    expect(line.handsMin).toBeCloseTo(plan.predictions.handsOnMin, 6);
    expect(line.found).toEqual([]);
    const without = summaryOf('a', made(likely, ['slab']));
    const slab = plan.stages.find(({ id }) => id === 'slab')?.handsOnMin ?? 0;
    expect(without.handsMin).toBeCloseTo(line.handsMin - slab, 6);
  });

  it('names each thing that was found at its tastings once, and every word on it', () => {
    const state = made(likely);
    const tasted = (at: number, text: string, found: MakeState['tastings'][number]['found']) => ({
      at,
      score: 3,
      text,
      found,
    });
    const line = summaryOf('a', {
      ...state,
      tastings: [tasted(1, 'squeaks', ['bland']), tasted(2, '', ['bland', 'tough'])] as MakeState['tastings'],
    });
    expect(line.found).toEqual(['bland', 'tough']);
    expect(line.tasted).toEqual(['squeaks']);
  });

  it('knows neither cost nor hands of a kilo that was not weighed', () => {
    expect(summaryOf('a', made(null))).toMatchObject({
      yieldShare: null,
      costPerKg: null,
      handsMinPerKg: null,
    });
    expect(worthOf(made(null), 12)).toBeNull();
  });
});

describe('worth it', () => {
  it('is the shop’s price less the cost, for each hour of hands', () => {
    const worth = worthOf(made(likely), 20);
    const cost = plan.predictions.costPerKg ?? 0;
    expect(worth?.savedPerKg).toBeCloseTo(20 - cost, 6);
    const hours = plan.predictions.handsOnMin / 60 / likely;
    expect(worth?.savedPerHandsHour).toBeCloseTo((20 - cost) / hours, 6);
  });

  it('brings nothing an hour where the shop is cheaper, and three times the milk takes fewer hands a kilo', () => {
    const worth = worthOf(made(likely), 0.5);
    expect(worth?.savedPerHandsHour).toBeNull();
    expect(worth?.larger?.handsMinPerKg).toBeLessThan(worth?.handsMinPerKg ?? 0);
    expect(worthOf(made(likely), null)?.savedPerKg).toBeNull();
  });

  it('reckons three times the milk with the yield this batch had', () => {
    const three = planned(basic('squeaky-curds', { pricePerLitre: 1.1, litres: 24 })).plan.predictions;
    for (const share of [1, 0.8]) {
      const larger = worthOf(made(share * likely), null)?.larger;
      expect(larger?.litres).toBe(24);
      expect(larger?.handsMinPerKg).toBeCloseTo(three.handsOnMin / (three.yieldKg.likely * share), 1);
      expect(larger?.costPerKg).toBeCloseTo((three.costPerKg ?? 0) / share, 1);
    }
  });
});
