import { describe, expect, it } from 'vitest';
import { kitchenSchema, upcastKitchen } from '../kitchen/kitchen';
import { USUAL_KITCHEN } from '../kitchen/usual';

describe('a kitchen of an earlier version', () => {
  const { pots: _, moulds: __, thermometers: ___, ...bare } = USUAL_KITCHEN;
  it('becomes lists, and is a kitchen of today', () => {
    const read = kitchenSchema.parse(
      upcastKitchen({ ...bare, potLitres: 12, mouldLitres: 1, iceReadsC: 0.4, boilReadsC: null }),
    );
    expect(read.pots?.[0]?.litres).toBe(12);
    const mould = read.moulds?.[0];
    expect(((mould?.acrossCm ?? 0) ** 2 * Math.PI * (mould?.heightCm ?? 0)) / 4000).toBeCloseTo(1, 1);
    expect(read.thermometers?.[0]).toMatchObject({ iceReadsC: 0.4, boilReadsC: null, checked: null });
  });

  it('without any of them, and one of today, stay as they are', () => {
    expect(upcastKitchen({ ...bare, potLitres: null })).toEqual(bare);
    expect(upcastKitchen(USUAL_KITCHEN)).toEqual(USUAL_KITCHEN);
    expect(upcastKitchen('nonsense')).toBe('nonsense');
    expect(upcastKitchen(null)).toBeNull();
  });
});
