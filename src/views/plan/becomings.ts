import { format as formatDate } from 'date-fns';
import type { Format } from '../../core/units/format';
import type { Good } from '../../kitchen/goods';
import { unattended } from '../../kitchen/hours';
import type { Kitchen } from '../../kitchen/kitchen';
import type { MethodBook } from '../../makes';
import { does } from '../../makes/asked';
import { type Family, groupsOf, type Method, setsForTheKnife } from '../../makes/method';
import { planBrief } from '../../plan/plan';
import type { Dose, Plan } from '../../plan/schema';
import { potFor } from '../../plan/tools';
import type { Uses } from '../../run/uses';
import type { Draft } from '../../store/slices/draft';
import { faultText } from '../common/faultText';
import { clockText, momentText } from '../common/times';
import { briefOf } from '../draft/briefOf';
import { type Wanting, wantingFor } from '../draft/goods';
import { timesOf } from './planTimes';

/** What could become of the milk in hand: one make with its figures, and what speaks against it. */
export interface Becoming {
  plan: Plan | null;
  against: string[];
}

/** Families in the order of the shelves. */
export const SHELVES: readonly { families: readonly Family[]; name: string; how: string }[] = [
  { families: ['acid-set'], name: 'Acid-set', how: 'acid and heat, no waiting' },
  { families: ['lactic-set'], name: 'Lactic-set', how: 'a culture and a night' },
  { families: ['stretched-curd'], name: 'Stretched', how: 'hot hands' },
  { families: ['squeaky-curd', 'pressed-fresh'], name: 'Squeaky and pressed', how: 'cut, cook, knit' },
];

/** The first moment when nobody is there and a plan wants hands, ms; null where there is none. */
export function nightCall(plan: Plan, startMs: number, kitchen: Kitchen): number | null {
  const stage = plan.stages.find(
    (one) =>
      !does(one, 'after') && one.handsOnMin > 0 && unattended(startMs + one.startMin * 60_000, kitchen),
  );
  return stage ? startMs + stage.startMin * 60_000 : null;
}

function objections(method: Method, plan: Plan, draft: Draft, kitchen: Kitchen, now: number): string[] {
  const { startMs } = timesOf(plan, now);
  const found: string[] = [];
  if (startMs < now - 90_000) found.push(`would have had to start ${momentText(startMs, now)}`);
  const night = nightCall(plan, startMs, kitchen);
  if (night !== null) found.push(`wants you at ${clockText(night)}`);
  if (potFor({ plan, method }, kitchen.pots)?.fits === false) found.push('your pots are too small');
  const usualFat = method.usual.fatPct;
  const fat = draft.fields.fatPct.value ?? 0;
  if (usualFat !== undefined && fat > usualFat + 1) found.push('made from leaner milk as a rule');
  if (method.of === 'whey') found.push('wants fresh sweet whey, not milk');
  if (method.usual.creamPerLitre !== undefined) found.push('wants cream');
  const clots = setsForTheKnife(method);
  if (clots && draft.homogenised) found.push('homogenised milk sets weak');
  if (clots && draft.treatment === 'high-pasteurised') found.push('high-pasteurised milk sets weak');
  return found;
}

/** What stands on the shelf, and what makes have used of it, g. */
export interface Shelved {
  goods: readonly Good[];
  used: Uses;
}

/** What makes a cheese what it is; salt and calcium are found in any kitchen or can be done without. */
const MATTERS: readonly Dose['id'][] = ['acid', 'coagulant', 'culture'];

/** What a plan wants that the shelf does not have; nothing where no shelf is kept. */
function lacking(plan: Plan, { goods, used }: Shelved): string[] {
  if (goods.length === 0) return [];
  const wanting = wantingFor(plan, goods, used).filter(({ dose }) => MATTERS.includes(dose.id));
  const named = ({ dose, ingredient }: Wanting) =>
    dose.id === 'culture' ? `${groupsOf(plan.brief.options ?? {}).join(' and ')} culture` : ingredient;
  const none = wanting.filter(({ haveGrams }) => haveGrams === 0).map(named);
  const few = wanting.filter(({ haveGrams }) => haveGrams > 0).map(named);
  return [
    ...(none.length > 0 ? [`not on the shelf: ${none.join(', ')}`] : []),
    ...(few.length > 0 ? [`not enough left: ${few.join(', ')}`] : []),
  ];
}

/** What is asked about: the milk that stands in the form, where and when it is, and what there is to make something of it with. */
export interface Asked {
  draft: Draft;
  kitchen: Kitchen;
  shelved: Shelved;
  format: Format;
  nowMs: number;
  methods: MethodBook;
}

/** What a make would be of the milk in hand. */
export function becoming(method: Method, asked: Asked): Becoming {
  const { draft, kitchen, shelved, format, nowMs, methods } = asked;
  const nowWall = formatDate(nowMs, "yyyy-MM-dd'T'HH:mm");
  const { brief, faults } = briefOf({ ...draft, method: method.id }, kitchen, nowWall, methods);
  const planned = brief && planBrief(brief, { spread: false, methods });
  if (planned?.ok) {
    const { plan } = planned.value;
    return { plan, against: [...objections(method, plan, draft, kitchen, nowMs), ...lacking(plan, shelved)] };
  }
  const fault = (planned && !planned.ok ? planned.faults : faults)[0];
  return { plan: null, against: fault ? [faultText(fault, format)] : [] };
}
