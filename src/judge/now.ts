import { inUnits } from '../core/units/inUnits';
import { isOver } from '../run/makeState';
import { remedyFor } from '../run/mishaps';
import type { Camp } from './camp';
import { CAUSES, type MODEL_OFF } from './causes';
import type { Asked } from './causes/around';
import { oddsOf } from './findings';
import type { CauseId, FindingId } from './ids';
import { has, that, thatTakes } from './log';
import {
  DISCARD,
  FRESH_BRINE,
  HANG_IT_ON,
  SALT_IT,
  SOAK_IT,
  SWEETEN_IT,
  softened,
  WORK_WHEY_IN,
} from './remedies';

/** Makes whose curd stays loose enough to work something in, or to hang on. */
const LOOSE: readonly Camp[] = ['acid', 'lactic', 'cottage'];
/** Makes that melt, and soften as they stand. */
const MELT: readonly Camp[] = ['quick', 'cultured', 'squeaky', 'pressed'];

/** What can be done with a cheese that came out so, whatever it came from; null where nothing can. Common practice. */
const OF_FINDING: Readonly<Partial<Record<FindingId, (log: Asked) => string | null>>> = {
  tough: ({ camp }) => (MELT.includes(camp) ? softened(camp === 'pressed' ? 5 : 2) : null),
  bland: () => SALT_IT,
  'too-salty': () => SOAK_IT,
  'too-soft': ({ camp }) => (LOOSE.includes(camp) ? HANG_IT_ON : 'Chill it for 12 h: it firms.'),
  'too-dry': ({ camp }) => (LOOSE.includes(camp) ? WORK_WHEY_IN : null),
  grainy: () => 'Bake it: there its grain is not felt.',
  'tears-stretching': () => 'Bake it: there it is not seen.',
  'will-not-stretch': (log) => (isOver(log.state) ? 'Eat it as curd, or bake it.' : null),
  'too-sour': ({ camp }) => (LOOSE.includes(camp) ? SWEETEN_IT : null),
  'slimy-surface': (log) => (has(log, that('brines')) ? FRESH_BRINE : null),
  'falls-apart': () => 'Chill it for 12 h; what still falls is good as a spread.',
  'will-not-melt': ({ camp }) => (MELT.includes(camp) ? softened(2) : null),
};

/** What comes before all else where a cheese may not be food; null where nothing says so. */
function safetyOf(log: Asked): string | null {
  const found = (id: FindingId) => log.found.includes(id);
  if (found('mouldy')) return remedyFor(log.state, 'mould', {}, log.format).now;
  if (found('off-smell')) return DISCARD;
  if (!found('gassy')) return null;
  return has(log, thatTakes(log, 'culture'))
    ? `${DISCARD} Only a few small holes that smell clean may be the culture’s own.`
    : DISCARD;
}

/**
 * What can be done now with this very cheese: what its safety asks before all; then what the cause says, at a make that is over nothing
 * that wants its pot, and of firm cheese nothing worked in; else what is good for what was found.
 */
export function nowOf(id: Exclude<CauseId, typeof MODEL_OFF>, log: Asked): string | null {
  const safety = safetyOf(log);
  if (safety) return safety;
  const { now, mends, atThePot, loose } = CAUSES[id];
  const fits =
    !(atThePot && isOver(log.state)) &&
    !(loose && !LOOSE.includes(log.camp)) &&
    (mends === undefined || mends.some((one) => log.found.includes(one)));
  if (now !== undefined && fits) return inUnits(now, log.format);
  for (const found of log.found) {
    const text = oddsOf(found, log.camp).has(id) ? OF_FINDING[found]?.(log) : null;
    if (text) return text;
  }
  return null;
}
