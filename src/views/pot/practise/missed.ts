import { type Practice, stageNow } from '../../../sim/practice/batch';
import { plannedGrams } from '../../../sim/practice/doses';
import type { Move } from '../../../sim/practice/moves';

const DOSE_WORDS = {
  acid: 'the acid',
  calcium: 'the calcium',
  coagulant: 'the coagulant',
  culture: 'the culture',
  salt: 'the salt',
  cream: 'the cream',
  lipase: 'the lipase',
} as const;

/** What the stage under way is for and nobody did on the bench, as one says it; null where all was done. */
export function missed(practice: Practice, done: readonly Move[]): string | null {
  const { kind, params } = stageNow(practice);
  const did = (what: Move['do']) => done.some((one) => one.do === what);
  for (const dose of kind.takes(params)) {
    if (dose === 'milk' || dose === 'brine-salt' || !plannedGrams(practice, dose)) continue;
    const went = done.some(
      (one) => (one.do === 'add' && one.what === dose) || (one.do === 'salt' && dose === 'salt'),
    );
    if (!went) return DOSE_WORDS[dose];
  }
  const { does } = kind;
  if (does.includes('cuts') && !did('cut')) return 'the cut';
  if (does.includes('drains') && !did('drain')) return 'draining it';
  if (does.includes('draws-whey') && !did('draw-whey')) return 'drawing the whey off';
  if (does.includes('presses') && !did('press')) return 'pressing it';
  if (does.includes('stretches') && !did('stretch')) return 'stretching it';
  if (does.includes('brines') && !did('brine')) return 'the brine';
  if (does.includes('rinses') && !did('add')) return 'the water';
  return null;
}
