import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../../core/units/format';
import type { Good } from '../../kitchen/goods';
import { USUAL_KITCHEN } from '../../kitchen/usual';
import { bookWith, METHODS } from '../../makes';
import { type Draft, FIRST_DRAFT } from '../../store/slices/draft';
import { becoming } from './becomings';

const nowMs = new Date('2026-11-26T09:00:00').getTime();
const all = (change: Partial<Draft> = {}, kitchen = USUAL_KITCHEN, goods: Good[] = [], methods = METHODS) => {
  const draft = { ...FIRST_DRAFT, ...change };
  const asked = { draft, kitchen, shelved: { goods, used: {} }, format: formatter(METRIC), nowMs, methods };
  return new Map(methods.map((method) => [method.id, becoming(method, asked)]));
};

describe('what the milk could become', () => {
  it('is a plan of every make, and of the maker’s own', () => {
    const mine = { ...(METHODS[2] as (typeof METHODS)[number]), id: 'my-paneer', title: 'Mine' };
    const withMine = all({}, USUAL_KITCHEN, [], bookWith([mine]));
    expect(withMine.get('my-paneer')?.plan?.predictions.yieldKg.likely).toBeGreaterThan(0);
    for (const { plan } of withMine.values()) expect(plan).not.toBeNull();
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

  it('says what the shelf does not have, or not enough of, where a shelf is kept', () => {
    const plain = { lot: '', opened: null, condition: 'good', allergens: '', price: null } as const;
    const jar: Good = {
      ...plain,
      id: 'jar',
      kind: 'acid',
      name: 'Jar',
      amount: 900,
      measure: 'g',
      acid: { kind: 'citric', strengthPct: null },
    };
    const packet: Good = {
      ...plain,
      id: 'packet',
      kind: 'culture',
      name: 'Packet',
      amount: 5,
      measure: 'sachets',
      culture: { form: 'freeze-dried', strains: 'mesophilic', labelLitresPerSachet: 50 },
    };
    const against = (id: string, goods: Good[]) =>
      all({}, USUAL_KITCHEN, goods).get(id)?.against.join('; ') ?? '';
    expect(against('paneer', [])).toBe('');
    expect(against('paneer', [jar])).toBe('');
    expect(against('paneer', [{ ...jar, amount: 1 }])).toMatch(/not enough left: citric acid/);
    expect(against('paneer', [packet])).toMatch(/not on the shelf: citric acid/);
    expect(against('goat-lactic', [packet])).toMatch(/not on the shelf: [^;]*coagulant/);
    expect(against('goat-lactic', [packet])).not.toMatch(/culture/);
    // Yogurt's strains, and a second one beside the first, are not in that packet.
    expect(against('skyr', [packet])).toMatch(/not on the shelf: [^;]*yogurt culture/);
    expect(against('cultured-stretched', [packet])).toMatch(/mesophilic and thermophilic culture/);
    const both: Good = {
      ...packet,
      id: 'both',
      culture: { ...packet.culture, form: 'freeze-dried', strains: 'thermophilic' },
    };
    expect(against('cultured-stretched', [packet, both])).not.toMatch(/culture/);
    const unsaid: Good = { ...packet, culture: { form: 'freeze-dried', labelLitresPerSachet: 50 } };
    expect(against('skyr', [unsaid])).not.toMatch(/culture/);
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
