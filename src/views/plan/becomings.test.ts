import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../../core/units/format';
import { METHODS, setOwnMethods } from '../../makes';
import { type Draft, FIRST_DRAFT } from '../../store/slices/draft';
import { USUAL_KITCHEN } from '../../store/slices/kitchen';
import { becomings } from './becomings';

const WALL = '2026-11-26T09:00';
const NOW = new Date('2026-11-26T09:00:00').getTime();
const all = (change: Partial<Draft> = {}, kitchen = USUAL_KITCHEN) =>
  new Map(
    becomings({ ...FIRST_DRAFT, ...change }, kitchen, formatter(METRIC), WALL, NOW).map((one) => [
      one.method.id,
      one,
    ]),
  );

describe('what the milk could become', () => {
  it('is every make, with its plan, and the maker’s own among them', () => {
    expect([...all().keys()]).toEqual(METHODS.map((method) => method.id));
    setOwnMethods([{ ...(METHODS[2] as (typeof METHODS)[number]), id: 'my-paneer', title: 'Mine' }]);
    expect(all().get('my-paneer')?.plan?.predictions.yieldKg.likely).toBeGreaterThan(0);
    setOwnMethods([]);
    for (const { plan } of all().values()) expect(plan).not.toBeNull();
  });

  it('says what speaks against it: store milk, the wrong hour, a pot too small, a past that cannot be had', () => {
    expect(all({ homogenised: true }).get('quick-stretched')?.against.join()).toMatch(/sets weak/);
    expect(all({ homogenised: true }).get('paneer')?.against).toEqual([]);
    expect(all({ treatment: 'boiled' }).get('squeaky-curds')?.plan).toBeNull();
    expect(
      all(
        {},
        {
          ...USUAL_KITCHEN,
          pots: [{ id: 'pan', name: 'pan', litres: 3, kind: 'enamel' }],
        },
      )
        .get('paneer')
        ?.against.join(),
    ).toMatch(/pots are too small/);
    const tonight = all({ when: 'readyBy', moment: '2026-11-26T12:00' });
    expect(tonight.get('goat-lactic')?.against.join()).toMatch(/would have had to start/);
    expect(tonight.get('whole-milk-ricotta')?.against).toEqual([]);
  });

  it('knows the hours when nobody is there, over midnight and within the day', () => {
    const evening = { when: 'start' as const, moment: '2026-11-26T22:00' };
    expect(all(evening).get('paneer')?.against.join()).toMatch(/wants you at/);
    const nightShift = { ...USUAL_KITCHEN, asleepFrom: 8, asleepTo: 16 };
    expect(all(evening, nightShift).get('paneer')?.against).toEqual([]);
    expect(all({}, nightShift).get('paneer')?.against.join()).toMatch(/wants you at/);
    const office = { ...USUAL_KITCHEN, awayFrom: 9, awayTo: 17 };
    expect(all({}, office).get('paneer')?.against.join()).toMatch(/wants you at/);
  });
});
