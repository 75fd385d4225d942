import type { UsualWork } from '../../core/curd/styles';
import type { CauseId } from '../../judge/ids';
import type { PotState } from '../../makes/grammar';
import type { Doing } from '../../makes/traits';
import type { Practice } from './batch';

/** Work that was done otherwise than planned, and the batch as it would be had it been done so. */
export interface Otherwise {
  atMin: number;
  cause: CauseId;
  text: string;
  pot: PotState;
}

/** One kind of work: from how far off it counts, and what it is called where it was less, and where it was more. */
interface Work {
  key: keyof UsualWork;
  where: Doing;
  /** In its own measure, or as a share of what was planned. */
  from: number;
  by: 'difference' | 'share';
  less: readonly [CauseId, string];
  more: readonly [CauseId, string];
}
const WORK: readonly Work[] = [
  {
    key: 'setC',
    where: 'sets',
    from: 1,
    by: 'difference',
    less: ['set-too-cold', 'It was set too cool.'],
    more: ['set-too-hot', 'It was set too warm.'],
  },
  {
    key: 'cutMm',
    where: 'cuts',
    from: 0.25,
    by: 'share',
    less: ['cut-too-fine', 'It was cut too fine.'],
    more: ['cut-too-large', 'It was cut too large, or not at all.'],
  },
  {
    key: 'cookC',
    where: 'cooks-curd',
    from: 1,
    by: 'difference',
    less: ['cooked-too-short', 'The curd was cooked too cool.'],
    more: ['cooked-too-hot', 'The curd was cooked too hot.'],
  },
  {
    key: 'stirMin',
    where: 'cooks-curd',
    from: 0.25,
    by: 'share',
    less: ['cooked-too-short', 'The curd was stirred for too short a time.'],
    more: ['cooked-too-long', 'The curd was stirred for too long.'],
  },
  {
    key: 'kPaHours',
    where: 'presses',
    from: 0.25,
    by: 'share',
    less: ['pressed-too-little', 'It was pressed too little.'],
    more: ['pressed-too-hard', 'It was pressed too hard, or too long.'],
  },
  {
    key: 'rinses',
    where: 'rinses',
    from: 0.5,
    by: 'difference',
    less: ['rinsed-too-little', 'It was rinsed too little.'],
    more: ['rinsed-too-much', 'It was rinsed too much.'],
  },
  {
    key: 'poachMin',
    where: 'poaches',
    from: 0.4,
    by: 'share',
    less: ['poached-too-short', 'It was poached too short.'],
    more: ['poached-too-hot', 'It was poached for too long.'],
  },
];

/** A drain this far off its moisture counts, share of the non-fat substance; fat a stretch lost beyond what it must; salt, share. */
const FROM = { nonFat: 0.008, fatKept: 0.01, salt: 0.15 } as const;

/** When the stage that does something began, min; nought where there is none. */
const began = ({ stages, begun }: Practice, what: Doing): number => {
  const at = stages.findIndex((one) => one.kind.does.includes(what));
  return at < 0 ? 0 : (begun[at] ?? 0);
};

/** Everything that was done otherwise than planned and that the curd remembers. */
export function otherwise(practice: Practice, pot: PotState): Otherwise[] {
  const { end, stretched } = practice;
  const found: Otherwise[] = WORK.flatMap(({ key, where, from, by, less, more }) => {
    const [was, planned] = [pot.work[key], end.work[key]];
    if (was === undefined || planned === undefined) return [];
    const off = by === 'share' ? (was - planned) / planned : was - planned;
    if (Math.abs(off) < from) return [];
    const [cause, text] = off < 0 ? less : more;
    return [
      {
        atMin: began(practice, where),
        cause,
        text,
        pot: { ...pot, work: { ...pot.work, [key]: planned } },
      },
    ];
  });
  if (pot.nonFat !== null && end.nonFat !== null && Math.abs(pot.nonFat - end.nonFat) > FROM.nonFat)
    found.push({
      atMin: began(practice, 'drains'),
      ...(pot.nonFat > end.nonFat
        ? { cause: 'drained-too-short' as const, text: 'It drained for too short a time.' }
        : { cause: 'drained-too-long' as const, text: 'It drained for too long.' }),
      pot: { ...pot, nonFat: end.nonFat },
    });
  if (stretched && end.fatKept !== null && (pot.fatKept ?? 1) < end.fatKept - FROM.fatKept) {
    const { side } = stretched.quality;
    found.push({
      atMin: began(practice, 'stretches'),
      ...(side === 'worked too long'
        ? {
            cause: 'overworked' as const,
            text: 'It was worked too long in the stretch, and fat went into the water.',
          }
        : side === 'too cold'
          ? { cause: 'stretched-too-cold' as const, text: 'It was stretched too cold, and tore.' }
          : {
              cause: 'stretched-too-hot' as const,
              text: 'It was stretched too hot, and fat went into the water.',
            }),
      pot: { ...pot, fatKept: end.fatKept },
    });
  }
  const salt = end.saltKg > 0 ? (pot.saltKg - end.saltKg) / end.saltKg : 0;
  if (Math.abs(salt) > FROM.salt)
    found.push({
      atMin: practice.pot.minute,
      ...(salt < 0
        ? { cause: 'salt-short' as const, text: 'It was salted too little.' }
        : { cause: 'salt-over' as const, text: 'It was salted too much.' }),
      pot: { ...pot, saltKg: end.saltKg },
    });
  return found;
}
