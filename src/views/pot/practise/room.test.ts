import { describe, expect, it } from 'vitest';
import { SCENARIOS } from '../../../sim/practice/scenarios';
import { missed } from './missed';
import { keptIn, newRoom, Room, roomAgain, type Shelf, seedOf } from './room';

/** A shelf in memory, which may be full. */
function shelf(full = false): Shelf & { text: string | null } {
  return {
    text: null,
    getItem() {
      return this.text;
    },
    setItem(_key, value) {
      if (full) throw new DOMException('full', 'QuotaExceededError');
      this.text = value;
    },
    removeItem() {
      this.text = null;
    },
  };
}
const curds = SCENARIOS.find(({ id }) => id === 'squeaky-curd-second');
const begun = (on: Shelf) => {
  if (!curds) throw new Error('there are curds to practise');
  const room = newRoom(curds, 'practice-of-curds', 1000, on);
  if (!(room instanceof Room)) throw new Error(room.problem);
  return room;
};

describe('a practice room', () => {
  it('lets time go by as fast as it is told, and only while its clock runs', () => {
    const room = begun(shelf());
    room.frame(1000, 0);
    expect(room.practice.pot.minute).toBe(0);
    room.hasten(60);
    room.start();
    room.frame(1000, 16);
    expect(room.practice.pot.minute).toBeCloseTo(1, 6);
    expect(room.nowMs).toBeCloseTo(1000 + 60_000, 3);
    room.stop();
    room.frame(1000, 32);
    expect(room.practice.pot.minute).toBeCloseTo(1, 6);
  });

  it('stops where something is due, and where the heat is nearly there', () => {
    const room = begun(shelf());
    room.dueMin = 7;
    room.skip();
    expect(room.practice.pot.minute).toBeCloseTo(7, 6);
    expect(room.stopped).toContain('due');
    while (room.practice.stages[room.practice.at]?.id !== 'warm') room.goToNext();
    room.dueMin = 600;
    room.act({ do: 'heat', setting: 2 });
    room.skip();
    expect(room.stopped).toContain('nearly at its heat');
    expect(room.readingC).toBeGreaterThan(30);
    expect(room.practice.pot.minute).toBeLessThan(100);
  });

  it('is kept as it goes, and taken up again as it stood', () => {
    const on = shelf();
    const room = begun(on);
    room.act({ do: 'heat', setting: 1 });
    room.skip();
    room.goToNext();
    room.act({ do: 'stir', on: true });
    const kept = keptIn(on);
    if (!kept) throw new Error('it is kept');
    const again = roomAgain(kept, shelf());
    expect(again?.practice.at).toBe(room.practice.at);
    expect(again?.practice.stirring).toBe(true);
    expect(again?.practice.pot.tempC).toBeCloseTo(room.practice.pot.tempC, 1);
    expect(again?.moves).toEqual(room.moves);
    room.forget();
    expect(keptIn(on)).toBeNull();
  });

  it('goes on where nothing can be kept, and does not take up what is torn', () => {
    const room = begun(shelf(true));
    expect(room.act({ do: 'heat', setting: 1 })).toBeNull();
    for (const text of ['', '{', '{"title": 3}', '[]']) {
      const on = shelf();
      on.text = text;
      expect(keptIn(on)).toBeNull();
    }
  });

  it('says what cannot be done, and what was left undone', () => {
    const room = begun(shelf());
    expect(room.act({ do: 'cut', mm: 15 })?.problem).toBe('cut milk');
    expect(room.moves).toEqual([]);
    while (room.practice.stages[room.practice.at]?.id !== 'culture') room.goToNext();
    expect(missed(room.practice, [])).toBe('the culture');
    expect(room.goToNext()).toBe('the culture');
  });

  it('a brief that cannot be made is refused with its fault', () => {
    if (!curds) throw new Error('there are curds to practise');
    const wrong = { ...curds, brief: { ...curds.brief, method: 'no-such-cheese' } };
    expect(newRoom(wrong, 'practice-of-none', 0, shelf())).toMatchObject({ path: 'method' });
  });

  it('meets another pot a second later', () => {
    expect(seedOf(5_000)).not.toBe(seedOf(6_000));
    expect(seedOf(1.8e12)).toBeLessThan(1_000_000);
  });
});
