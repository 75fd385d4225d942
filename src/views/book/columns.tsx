import { createColumnHelper } from '@tanstack/react-table';
import { format as formatDate } from 'date-fns';
import { Link } from 'react-router';
import type { Format } from '../../core/units/format';
import { FINDINGS } from '../../judge/findings';
import type { Summary } from '../../run/line';
import { inMoney } from '../common/money';
import { hoursText } from '../common/times';
import { Score } from './Score';

const column = createColumnHelper<Summary>();

/** By what the book can be put together. */
export const GROUPS = [
  { value: '', text: 'nothing' },
  { value: 'title', text: 'make' },
  { value: 'milk', text: 'milk' },
  { value: 'lot', text: 'lot' },
  { value: 'month', text: 'month' },
] as const;
export type Group = (typeof GROUPS)[number]['value'];

export const monthOf = (ms: number): string => formatDate(ms, 'MMMM yyyy');

const spoken = new WeakMap<Summary, string>();

/** Every word of a make that one may look for. */
export function wordsOf(make: Summary): string {
  const before = spoken.get(make);
  if (before !== undefined) return before;
  const words = [
    make.name,
    make.title,
    make.milk,
    ...make.lots,
    ...make.found.map((id) => FINDINGS[id].text),
    ...make.tasted,
  ]
    .join(' ')
    .toLowerCase();
  spoken.set(make, words);
  return words;
}

/** The makes that speak of something, in the order they stand in; all of them where nothing is looked for. */
export const speakingOf = (lines: readonly Summary[], wanted: string): readonly Summary[] =>
  wanted === '' ? lines : lines.filter((line) => wordsOf(line).includes(wanted));

/** How wide each column stands where there is room, so that none moves as rows come and go; the make takes what is left. */
export const WIDTHS: Readonly<Record<string, string>> = {
  startedAt: 'lap:w-[6.25rem]',
  title: 'lap:w-[11rem]',
  milk: 'lap:w-[9rem]',
  lot: 'lap:w-[10rem]',
  month: 'lap:w-[9rem]',
  weighedKg: 'lap:w-[6.5rem]',
  yield: 'lap:w-[7.5rem]',
  score: 'lap:w-[6.5rem]',
  hands: 'lap:w-[6.5rem]',
  cost: 'lap:w-[7.25rem]',
  found: 'lap:w-[17%]',
};

const dash = <span className="text-ink-soft">–</span>;

/** The book's columns, in the maker's units. Those that are numbers sort by number, and what is not known comes last. */
export const columnsOf = (format: Format, currency: string) => [
  column.accessor('startedAt', {
    header: 'day',
    sortingFn: 'basic',
    cell: ({ getValue }) => <span className="whitespace-nowrap">{formatDate(getValue(), 'd MMM yy')}</span>,
    aggregationFn: 'max',
  }),
  column.accessor('name', {
    header: 'make',
    cell: ({ row: { original: make } }) => (
      <Link to={`/book/${make.id}`} className="block min-w-0 py-1 hover:underline">
        <span className="name block text-[18px] leading-tight">{make.name}</span>
        <span className="block text-[15px] text-ink-soft">
          <span className="tab:hidden">{formatDate(make.startedAt, 'd MMM')}, </span>
          {make.title}
          {make.milk && `, ${make.milk}`}
        </span>
      </Link>
    ),
    enableGrouping: false,
  }),
  column.accessor('title', { header: 'kind of make' }),
  column.accessor('milk', { header: 'milk', cell: ({ getValue }) => getValue() || dash }),
  column.accessor((make) => make.lots.join(', ') || 'no lot noted', { id: 'lot', header: 'lot' }),
  column.accessor((make) => monthOf(make.startedAt), { id: 'month', header: 'month' }),
  column.accessor('weighedKg', {
    header: 'weighed',
    sortUndefined: 'last',
    sortingFn: 'basic',
    cell: ({ row: { original: make } }) =>
      make.weighedKg === null ? (
        make.abandoned ? (
          <span className="text-ink-soft">given up</span>
        ) : (
          dash
        )
      ) : (
        <span className="figure text-[18px]">{format.kg(make.weighedKg)}</span>
      ),
    aggregationFn: 'sum',
  }),
  column.accessor((make) => make.yieldShare ?? undefined, {
    id: 'yield',
    header: 'of plan',
    sortUndefined: 'last',
    sortingFn: 'basic',
    cell: ({ getValue }) => {
      const share = getValue();
      return share === undefined ? (
        dash
      ) : (
        <Yield share={share} text={format.percent(Math.round(100 * share))} />
      );
    },
    aggregationFn: 'mean',
  }),
  column.accessor((make) => make.score ?? undefined, {
    id: 'score',
    header: 'score',
    sortUndefined: 'last',
    sortingFn: 'basic',
    cell: ({ getValue }) => {
      const score = getValue();
      return score === undefined ? dash : <Score value={score} />;
    },
    aggregationFn: 'mean',
  }),
  column.accessor((make) => make.handsMinPerKg ?? undefined, {
    id: 'hands',
    header: `hands a ${format.massWord}`,
    sortUndefined: 'last',
    sortingFn: 'basic',
    cell: ({ getValue }) => {
      const minutes = getValue();
      return minutes === undefined ? (
        dash
      ) : (
        <span className="whitespace-nowrap">{hoursText(format.perMass(minutes))}</span>
      );
    },
    aggregationFn: 'mean',
  }),
  column.accessor((make) => make.costPerKg ?? undefined, {
    id: 'cost',
    header: inMoney(`cost a ${format.massWord}`, currency),
    sortUndefined: 'last',
    sortingFn: 'basic',
    cell: ({ getValue }) => {
      const cost = getValue();
      return cost === undefined ? (
        dash
      ) : (
        <span className="whitespace-nowrap">{format.number(format.perMass(cost), 2)}</span>
      );
    },
    aggregationFn: 'mean',
  }),
  column.accessor((make) => make.found.map((id) => FINDINGS[id].text).join(', '), {
    id: 'found',
    header: 'found',
    enableSorting: false,
  }),
];

/** How far from the plan, drawn from the middle: left is less, right is more; a tenth is half the way. */
function Yield({ share, text }: { share: number; text: string }) {
  const off = Math.max(-1, Math.min(1, (share - 1) / 0.2));
  return (
    <span className="inline-flex items-center gap-2 whitespace-nowrap">
      <svg width={44} height={14} viewBox="0 0 44 14" aria-hidden="true">
        <path d="M2 7H42" stroke="var(--rim-soft)" strokeWidth="1.5" />
        <path d="M22 1v12" stroke="var(--rim)" strokeWidth="2" />
        <circle
          cx={22 + 15.5 * off}
          cy={7}
          r={5}
          fill="var(--now)"
          stroke="var(--now-edge)"
          strokeWidth="2"
        />
      </svg>
      {text}
    </span>
  );
}
