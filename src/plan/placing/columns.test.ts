import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Blocked, Columns, type Window } from './columns';
import { type Demand, type DemandStage, GRID_MIN, type Shape, type Stretch, shapeOf } from './demand';

const HORIZON_MIN = 200;

const stage = fc
  .record({
    likelyMin: fc.integer({ min: 1, max: 6 }).map((n) => 5 * n),
    less: fc.integer({ min: 0, max: 2 }),
    more: fc.integer({ min: 0, max: 2 }),
    /** In shares of the stage; the second touches its end where it is 1. */
    hands: fc.array(fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 1, max: 4 })), {
      maxLength: 2,
    }),
  })
  .map(({ likelyMin, less, more, hands }): DemandStage => {
    const lessSteps = Math.min(less, Math.floor(likelyMin / GRID_MIN) - 1);
    return {
      id: 'stage',
      title: '',
      likelyMin,
      lessSteps,
      moreSteps: more,
      hands: hands
        .filter(([from, to]) => to > from)
        .map(([from, to]): Stretch => [(from * likelyMin) / 4, (to * likelyMin) / 4]),
      uses: [],
    };
  });
const demands = fc
  .tuple(fc.array(stage, { minLength: 1, maxLength: 3 }), stage)
  .map(([waits, last]): Demand => {
    const stages = [...waits, { ...last, lessSteps: 0, moreSteps: 0 }];
    return { id: 'make', stages, pot: null, potLitres: 0, litres: 0, warms: stages.length - 1 };
  });
const windows = fc
  .record({
    from: fc.integer({ min: 0, max: 30 }),
    wide: fc.integer({ min: 1, max: 40 }),
    hold: fc.integer({ min: 10, max: 120 }),
  })
  .map(
    ({ from, wide, hold }): Window => ({
      fromMin: from,
      toMin: from + wide,
      warmByMin: from + 60,
      readyByMin: from + hold,
    }),
  );
const spells = fc.array(
  fc
    .tuple(fc.integer({ min: 0, max: 150 }), fc.integer({ min: 1, max: 15 }))
    .map(([a, long]): Stretch => [a, a + long]),
  { maxLength: 3 },
);

/** Every choice of steps for the stages that can wait. */
function everySteps({ stages }: Demand): number[][] {
  return stages.reduce<number[][]>(
    (all, { lessSteps, moreSteps }) =>
      all.flatMap((steps) =>
        Array.from({ length: lessSteps + moreSteps + 1 }, (_, i) => [...steps, i - lessSteps]),
      ),
    [[]],
  );
}

/** All that fits, tried one by one, by minutes away and then by how fresh it is. */
function everyWay(demand: Demand, window: Window, absent: readonly Stretch[]) {
  const free = (from: number, to: number) => absent.every(([a, b]) => to <= a || from >= b);
  const found: { startMin: number; endMin: number; shape: Shape; earlyMin: number }[] = [];
  for (let startMin = 0; startMin < window.toMin; startMin += GRID_MIN) {
    if (startMin < window.fromMin) continue;
    for (const steps of everySteps(demand)) {
      const shape = shapeOf(demand, steps);
      const endMin = startMin + shape.totalMin;
      if (endMin > window.readyByMin || startMin + shape.warmsMin > window.warmByMin) continue;
      if (!shape.hands.every(([from, to]) => free(startMin + from, startMin + to))) continue;
      found.push({ startMin, endMin, shape, earlyMin: window.readyByMin - endMin });
    }
  }
  return found.sort(
    (a, b) => a.shape.awayMin - b.shape.awayMin || a.earlyMin - b.earlyMin || a.startMin - b.startMin,
  );
}

const told = (one: { startMin: number; endMin: number; shape: Shape; earlyMin: number }) =>
  [one.shape.awayMin, one.earlyMin, one.startMin, one.endMin, one.shape.steps.join()].join(' ');

describe('the ways of one make', () => {
  it('are all that fit and no other, the nearest to its likely durations first and of those the freshest', () => {
    fc.assert(
      fc.property(demands, windows, spells, (demand, window, absent) => {
        const columns = new Columns(demand, window, new Blocked(absent, HORIZON_MIN));
        const ways = [];
        for (let i = 0; ; i++) {
          const way = columns.at(i);
          if (!way) break;
          ways.push(way);
        }
        const every = everyWay(demand, window, absent);
        expect(ways.map(told).sort()).toEqual(every.map(told).sort());
        expect(ways.map(({ shape, earlyMin }) => [shape.awayMin, earlyMin])).toEqual(
          every.map(({ shape, earlyMin }) => [shape.awayMin, earlyMin]),
        );
        expect(columns.likely).toBe(every.filter(({ shape }) => shape.awayMin === 0).length);
        expect([columns.cut, columns.missed]).toEqual([false, false]);
      }),
      { numRuns: 400 },
    );
  });

  it('nobody is there in a spell and is before and after it, to the minute', () => {
    const blocked = new Blocked([[10, 20]], 60);
    expect(blocked.free(5, 10)).toBe(true);
    expect(blocked.free(5, 11)).toBe(false);
    expect(blocked.free(19, 25)).toBe(false);
    expect(blocked.free(20, 25)).toBe(true);
    expect(blocked.free(0, 60)).toBe(false);
    expect(blocked.free(40, 90)).toBe(true);
  });

  it('hands that touch are wanted once', () => {
    const one = (hands: readonly Stretch[]): DemandStage => ({
      id: 'a',
      title: '',
      likelyMin: 20,
      lessSteps: 0,
      moreSteps: 0,
      hands,
      uses: ['press'],
    });
    const demand: Demand = {
      id: 'make',
      stages: [
        one([
          [0, 4],
          [4, 7],
          [15, 20],
        ]),
        one([
          [0, 3],
          [5, 6],
        ]),
      ],
      pot: { first: 1, last: 1 },
      potLitres: 0,
      litres: 0,
      warms: 1,
    };
    const shape = shapeOf(demand, [0, 0]);
    expect(shape.hands).toEqual([
      [0, 7],
      [15, 23],
      [25, 26],
    ]);
    expect(shape.shared).toEqual({ ring: [], press: [[0, 40]] });
    expect([shape.pot, shape.totalMin, shape.warmsMin, shape.awayMin]).toEqual([[20, 40], 40, 20, 0]);
  });
});
