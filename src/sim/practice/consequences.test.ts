import { describe, expect, it } from 'vitest';
import { CURD_STYLES } from '../../core/curd/styles';
import type { FindingId } from '../../judge/ids';
import { type Played, played } from './fixtures/played';
import type { Elsewise } from './hand';
import { AS_PLANNED, type Hidden, hiddenOf } from './hidden';

type Measure = 'kg' | 'moisture' | 'fat' | 'salt' | 'score' | 'pH' | 'minutes' | 'wheyProtein';
const MEASURES: Record<Measure, (one: Played) => number> = {
  kg: ({ outcome }) => outcome.yieldKg,
  moisture: ({ outcome }) => outcome.moisturePct,
  fat: ({ outcome }) => outcome.cheese.fat,
  salt: ({ outcome }) => outcome.saltPct,
  score: ({ worth }) => worth.score,
  pH: ({ practice }) => practice.pot.pH,
  minutes: ({ practice }) => practice.pot.minute,
  wheyProtein: ({ outcome }) => outcome.cheese.wheyProtein,
};

/** A knob turned further and further, and what rises or falls with it. */
interface Consequence {
  what: string;
  method: string;
  at: readonly number[];
  so(value: number): Readonly<Record<string, (stage: Elsewise) => void>>;
  hidden?(value: number): Hidden;
  rises?: readonly Measure[];
  falls?: readonly Measure[];
  finds?: FindingId;
}

/** Curd heated to a warmth over half an hour, stirred. */
const cookedTo =
  (toC: number, stirred = true) =>
  ({ does, waits }: Elsewise) => {
    does({ do: 'stir', on: stirred });
    does({ do: 'lid', on: false });
    does({ do: 'heat', setting: 1 });
    for (let m = 0; m < 200; m += 0.5) {
      waits(0.5);
      if (reached(toC)) break;
    }
    does({ do: 'heat', setting: 0 });
    does({ do: 'stir', on: false });
  };
let here: Played['practice'] | null = null;
const reached = (toC: number) => (here?.pot.tempC ?? 99) >= toC;

/** Waits for so many times the usual minutes. */
const times =
  (share: number) =>
  ({ waits, planned }: Elsewise) =>
    waits(planned * share);

const one = (id: string, stage: (stage: Elsewise) => void) => ({ [id]: stage });

const CONSEQUENCES: readonly Consequence[] = [
  {
    what: 'cut before it is firm: less of it',
    method: 'squeaky-curds',
    at: [0.4, 0.5, 0.62, 0.75, 0.83, 1],
    so: (share) => one('set', ({ waits, planned }) => waits(planned * share)),
    rises: ['kg', 'fat'],
    finds: 'creamy-whey',
  },
  {
    what: 'cut late: wetter',
    method: 'squeaky-curds',
    at: [1.2, 1.6, 2.1],
    so: (share) => one('set', ({ waits, planned }) => waits(planned * share)),
    rises: ['moisture'],
  },
  {
    what: 'cut large: wetter',
    method: 'squeaky-curds',
    at: [6, 10, 15, 25, 40],
    so: (mm) => one('cut', ({ does }) => does({ do: 'cut', mm })),
    rises: ['moisture', 'kg'],
  },
  {
    what: 'stirred long: drier',
    method: 'squeaky-curds',
    at: [0.3, 0.6, 1, 1.6],
    so: (share) =>
      one('stir', ({ does, waits, planned }) => {
        does({ do: 'stir', on: true });
        waits(planned * share);
        does({ do: 'stir', on: false });
      }),
    falls: ['moisture', 'kg'],
  },
  {
    what: 'stirred before the cuts healed: fat is lost',
    method: 'squeaky-curds',
    at: [0, 1],
    so: (early) =>
      one('heal', ({ does, waits, planned }) => {
        if (early) does({ do: 'stir', on: true });
        waits(planned);
        does({ do: 'stir', on: false });
      }),
    falls: ['kg', 'fat', 'score'],
    finds: 'creamy-whey',
  },
  {
    what: 'stirred while it sets: less of it',
    method: 'fresh-pressed',
    at: [0, 1],
    so: (stirs) =>
      one('set', ({ does, waits, well, planned }) => {
        waits(planned * 0.6);
        if (stirs) does({ do: 'stir', on: true });
        waits(1);
        does({ do: 'stir', on: false });
        well();
      }),
    falls: ['kg', 'score'],
    finds: 'weak-curd',
  },
  {
    what: 'salted more: saltier',
    method: 'squeaky-curds',
    at: [3, 6, 9, 14, 25],
    so: (grams) => one('salt', ({ does }) => does({ do: 'salt', grams })),
    rises: ['salt'],
    finds: 'too-salty',
  },
  {
    what: 'left unsalted: bland',
    method: 'squeaky-curds',
    at: [1, 0],
    so: (salts) =>
      one('salt', ({ well }) => {
        if (salts) well();
      }),
    falls: ['salt', 'score'],
    finds: 'bland',
  },
  {
    what: 'pressed harder: drier',
    method: 'fresh-pressed',
    at: [1, 4, 10, 25],
    so: (kg) =>
      one('press', ({ does, waits, planned }) => {
        does({ do: 'press', kg });
        waits(planned);
      }),
    falls: ['moisture', 'kg'],
  },
  {
    what: 'pressed longer: drier',
    method: 'fresh-pressed',
    at: [0.25, 0.5, 1, 2],
    so: (share) =>
      one('press', ({ does, waits, planned }) => {
        does({ do: 'press', kg: 8 });
        waits(planned * share);
      }),
    falls: ['moisture', 'kg'],
  },
  {
    what: 'not pressed at all: soft',
    method: 'fresh-pressed',
    at: [1, 0],
    so: (presses) =>
      one('press', ({ well, waits, planned }) => {
        if (presses) well();
        else waits(planned);
      }),
    rises: ['moisture'],
    falls: ['score'],
    finds: 'too-soft',
  },
  {
    what: 'stretched hotter than it should be: fat is lost',
    method: 'low-moisture-stretched',
    at: [82, 88, 94, 99],
    so: (waterC) => one('stretch', ({ does }) => does({ do: 'stretch', waterC, minutes: 5 })),
    falls: ['fat', 'kg'],
    finds: 'tough',
  },
  {
    what: 'stretched longer: fat is lost',
    method: 'low-moisture-stretched',
    at: [5, 8, 13, 20],
    so: (minutes) => one('stretch', ({ does }) => does({ do: 'stretch', waterC: 70, minutes })),
    falls: ['fat', 'kg'],
  },
  {
    what: 'stretched too cold: it tears',
    method: 'low-moisture-stretched',
    at: [72, 60],
    so: (waterC) => one('stretch', ({ does }) => does({ do: 'stretch', waterC, minutes: 4 })),
    falls: ['fat', 'score'],
    finds: 'tears-stretching',
  },
  {
    what: 'too little acid in hot milk: casein goes with the whey',
    method: 'whole-milk-ricotta',
    at: [0.7, 0.8, 0.9, 1],
    so: (share) => one('acid', acidOf(share)),
    rises: ['kg', 'score'],
    finds: 'cloudy-whey',
  },
  {
    what: 'too much acid: it can be tasted',
    method: 'whole-milk-ricotta',
    at: [1, 1.5],
    so: (share) => one('acid', acidOf(share)),
    falls: ['score', 'pH'],
    finds: 'vinegar-taste',
  },
  {
    what: 'hung longer: drier',
    method: 'whole-milk-ricotta',
    at: [0.3, 0.6, 1, 1.8, 4],
    so: (share) =>
      one('drain', ({ does, waits, planned }) => {
        does({ do: 'drain' });
        waits(planned * share);
      }),
    falls: ['moisture', 'kg'],
  },
  {
    what: 'hung in a bag longer: drier',
    method: 'goat-lactic',
    at: [0.4, 0.7, 1, 1.6],
    so: (share) =>
      one('bag', ({ does, waits, planned }) => {
        does({ do: 'drain' });
        waits(planned * share);
      }),
    falls: ['moisture', 'kg'],
  },
  {
    what: 'scalded less: less whey protein in it',
    method: 'whole-milk-ricotta',
    at: [70, 76, 82, 88],
    so: (toC) => one('scald', heatedTo(toC)),
    rises: ['wheyProtein', 'kg'],
  },
  {
    what: 'hot milk left unstirred: it catches',
    method: 'whole-milk-ricotta',
    at: [0, 1],
    so: (still) =>
      one('scald', (stage) => {
        if (!still) stage.well();
        else heatedTo(89, false)(stage);
      }),
    falls: ['score'],
    finds: 'burnt-taste',
  },
  {
    what: 'left to boil with its lid on: milk goes over the rim',
    method: 'whole-milk-ricotta',
    at: [0, 1, 3],
    so: (minutes) =>
      one('scald', ({ does, waits, well }) => {
        well();
        if (minutes === 0) return;
        does({ do: 'stir', on: true });
        does({ do: 'lid', on: true });
        does({ do: 'heat', setting: 3 });
        for (let m = 0; m < 60 && !reached(99.4); m += 0.5) waits(0.5);
        waits(minutes);
        does({ do: 'heat', setting: 0 });
      }),
    falls: ['kg', 'score'],
  },
  {
    what: 'drained in the colander for less: wetter',
    method: 'squeaky-curds',
    at: [1, 0.4, 0.15],
    so: (share) =>
      one('drain', ({ does, waits, planned }) => {
        does({ do: 'drain' });
        waits(planned * share);
      }),
    rises: ['moisture'],
  },
  {
    what: 'in brine for longer: saltier',
    method: 'cultured-stretched',
    at: [0.3, 0.7, 1, 2],
    so: (share) =>
      one('brine', ({ does, waits, planned }) => {
        does({ do: 'brine' });
        waits(planned * share);
      }),
    rises: ['salt'],
  },
  {
    what: 'turned too seldom: wet and open',
    method: 'squeaky-curds',
    at: [6, 4, 2, 0],
    so: (turns) =>
      one('slab', ({ does, waits, planned }) => {
        for (let i = 0; i < 6; i++) {
          waits(planned / 6);
          if (i < turns) does({ do: 'turn' });
        }
      }),
    rises: ['moisture'],
    falls: ['score'],
  },
  {
    what: 'heated too fast: a skin locks the whey in',
    method: 'cultured-cottage',
    at: [1, 2, 3],
    so: (setting) =>
      one('cook', ({ does, waits }) => {
        does({ do: 'stir', on: true });
        does({ do: 'heat', setting: setting as 1 | 2 | 3 });
        for (let m = 0; m < 200 && !reached(48); m += 0.5) waits(0.5);
        does({ do: 'heat', setting: 0 });
        does({ do: 'stir', on: false });
      }),
    rises: ['moisture'],
    falls: ['score'],
  },
  {
    what: 'rinsed more: wetter',
    method: 'cultured-cottage',
    at: [0, 1, 2],
    so: (rinses) => ({
      'wash-one': rinsedIf(rinses >= 1),
      'wash-two': rinsedIf(rinses >= 2),
    }),
    rises: ['moisture'],
  },
  {
    what: 'poached longer: drier',
    method: 'grilling',
    at: [3, 15, 30, 60],
    so: (minutes) =>
      one('poach', (stage) => {
        heatedTo(88)(stage);
        stage.does({ do: 'heat', setting: 1 });
        stage.waits(minutes);
        stage.does({ do: 'heat', setting: 0 });
      }),
    falls: ['moisture'],
  },
  {
    what: 'lying still over the heat: it clumps',
    method: 'squeaky-curds',
    at: [1, 0],
    so: (stirs) => one('cook', cookedTo(39, stirs === 1)),
    rises: ['moisture'],
    falls: ['score'],
    finds: 'clumped',
  },
  {
    what: 'half the coagulant: longer to set',
    method: 'squeaky-curds',
    at: [2, 1, 0.5],
    so: (share) => one('coagulant', doseOf('coagulant', share)),
    rises: ['minutes'],
  },
  {
    what: 'a weaker coagulant: longer to set, and as good a cheese where one waits',
    method: 'fresh-pressed',
    at: [1.5, 1, 0.5],
    so: () => ({}),
    hidden: (strength) => ({
      ...AS_PLANNED,
      depart: { ...AS_PLANNED.depart, coagulantStrength: strength },
    }),
    rises: ['minutes'],
  },
  {
    what: 'a slower culture: longer to its acid',
    method: 'goat-lactic',
    at: [1.4, 1, 0.7],
    so: () => ({}),
    hidden: (pace) => ({ ...AS_PLANNED, depart: { ...AS_PLANNED.depart, culturePace: pace } }),
    rises: ['minutes'],
  },
  {
    what: 'a weaker hob: longer to its heat',
    method: 'whole-milk-ricotta',
    at: [1, 0.8, 0.6],
    so: () => ({}),
    hidden: (power) => ({ ...AS_PLANNED, depart: { ...AS_PLANNED.depart, power } }),
    rises: ['minutes', 'wheyProtein'],
  },
  {
    what: 'richer milk: more of it, and wetter for it not',
    method: 'whole-milk-ricotta',
    at: [-0.8, 0, 0.8],
    so: () => ({}),
    hidden: (fatPct) => ({ ...AS_PLANNED, depart: { ...AS_PLANNED.depart, fatPct } }),
    rises: ['kg', 'fat'],
    falls: ['moisture'],
  },
  {
    what: 'milk richer in protein: more of it',
    method: 'squeaky-curds',
    at: [-0.4, 0, 0.4],
    so: () => ({}),
    hidden: (proteinPct) => ({ ...AS_PLANNED, depart: { ...AS_PLANNED.depart, proteinPct } }),
    rises: ['kg'],
  },
  {
    what: 'drained before a sour set is through: curd is lost',
    method: 'goat-lactic',
    at: [0.84, 0.87, 0.9],
    so: (share) => one('set', times(share)),
    rises: ['kg'],
    finds: 'weak-curd',
  },
];

/** Acid poured hot, a share of what clears the whey. */
function acidOf(share: number) {
  return ({ does, waits }: Elsewise) => {
    does({ do: 'add', what: 'acid', grams: share * 1.005 * (here?.acidNeededGrams ?? 0) });
    waits(6);
  };
}
/** A dose, a share of what was planned. */
function doseOf(what: 'coagulant' | 'culture', share: number) {
  return ({ does, waits, planned }: Elsewise) => {
    const grams = here?.planned.plan.doses.find(({ id }) => id === what)?.grams ?? 0;
    does({ do: 'add', what, grams: grams * share });
    waits(planned);
  };
}
function rinsedIf(rinses: boolean) {
  return ({ well, waits, planned }: Elsewise) => {
    if (rinses) well();
    else waits(planned);
  };
}
/** On the hob to a heat. */
function heatedTo(toC: number, stirred = true) {
  return ({ does, waits }: Elsewise) => {
    does({ do: 'stir', on: stirred });
    does({ do: 'lid', on: false });
    does({ do: 'heat', setting: 2 });
    for (let m = 0; m < 300 && !reached(toC); m += 0.5) waits(0.5);
    does({ do: 'heat', setting: 0 });
    does({ do: 'stir', on: false });
    does({ do: 'lid', on: true });
  };
}

describe('whatever is done has its consequence', () => {
  it.each(CONSEQUENCES)('$what', ({ method, at, so, hidden, rises = [], falls = [], finds }) => {
    const all = at.map((value) =>
      played(method, so(value), hidden?.(value), {}, (practice) => {
        here = practice;
      }),
    );
    const values = (measure: Measure) => all.map(MEASURES[measure]);
    for (const measure of rises) expect(ordered(values(measure)), measure).toEqual('rises');
    for (const measure of falls) expect(ordered(values(measure).reverse()), measure).toEqual('rises');
    if (finds) expect(all.some(({ worth }) => worth.faults.includes(finds))).toBe(true);
  });

  it('are thirty at the least', () => {
    expect(CONSEQUENCES.length).toBeGreaterThanOrEqual(30);
  });

  it('curd cooked hotter is drier, a degree as the core has it (from memory: 0.4 points)', () => {
    const at = (toC: number) =>
      played('fresh-pressed', { cook: cookedTo(toC) }, AS_PLANNED, {}, (practice) => {
        here = practice;
      }).outcome.moisturePct;
    const [cool, warm] = [at(35), at(40)];
    expect(cool - warm).toBeGreaterThan(1);
    expect(CURD_STYLES['fresh-pressed'].usual.cookC).toBe(35);
  });

  it('every trouble shows: the pot is another than the one that was planned', () => {
    for (const trouble of ['rich-milk', 'thin-milk', 'drifting-probe', 'weak-acid'] as const)
      expect(hiddenOf({ troubles: [trouble] }).depart).not.toEqual(AS_PLANNED.depart);
  });
});

/** Whether figures rise all the way; told whole where they do not. */
const ordered = (values: readonly number[]): string =>
  values.every((value, i) => i === 0 || value > (values[i - 1] as number)) ? 'rises' : values.join(' ');
