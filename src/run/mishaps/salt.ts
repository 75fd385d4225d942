import { CURD_STYLES } from '../../core/curd/styles';
import { lnOf } from '../../core/numeric/elementary';
import { endSaltPct } from '../../core/salt/diffusion';
import { saltedTooEarly, saltGrams } from '../../core/salt/dry';
import type { MistakeId } from '../../makes/mistakes';
import { methodIn } from '../../plan/planOf';
import type { MakeState } from '../makeState';
import {
  type About,
  endsInPieces,
  hasDose,
  isCheddared,
  litresOf,
  type Mishap,
  mend,
  option,
  wentIn,
} from './mishap';
import { curdKg } from './weights';

/** Salt wanted in the cheese, %; its style's usual where the make asks for none. */
const wantedPct = (state: MakeState): number =>
  option(state, 'saltPct', CURD_STYLES[methodIn(state)?.style ?? 'ricotta'].saltPct);

/** Salt that went in, g: as noted, or as planned. */
function saltIn(state: MakeState): number {
  const noted = state.added.filter((one) => one.dose === 'salt').reduce((sum, one) => sum + one.amount, 0);
  return noted > 0 ? noted : (state.plan.doses.find((dose) => dose.id === 'salt')?.grams ?? 0);
}

/** Saltier than this nobody enjoys it fresh, %. Common practice. */
const TOO_SALT_PCT = 3;
/** Cool water that is left to soak for an hour takes about this share of the salt out of pieces. From memory. */
const SOAKED_AN_HOUR = 0.25;

/** Whether it stands in one piece with faces to strew: pressed, stretched, or drained in a mould. */
const hasFaces = (state: MakeState): boolean =>
  endsInPieces(state) || state.plan.stages.some(({ uses = [] }) => uses.includes('mould'));

/** A cheese of so much salt, and what brings it back. */
function tooSalt({ state, format }: About, pct: number) {
  const over = pct - wantedPct(state);
  if (over < 0.2) return mend('That is near enough to what was planned: go on.');
  // Nobody takes it out to the minute: by quarters of an hour.
  const hours = Math.max(0.5, Math.round((4 * lnOf(wantedPct(state) / pct)) / lnOf(1 - SOAKED_AN_HOUR)) / 4);
  const out = endsInPieces(state)
    ? `lay it in cold unsalted whey or water in the fridge for about ${format.minutes(60 * Math.min(24, hours))}, and taste it before you take it out`
    : 'rinse it in cool water for a minute or two, drain and taste; what is too fine to rinse is mixed with unsalted curd or cream';
  return mend(
    `It holds about ${format.percent(pct, 1)} of salt: ${out}.`,
    pct > TOO_SALT_PCT ? 'Good to cook with, whatever you do.' : 'Only its taste.',
  );
}

/** Salt and brine. Source: common practice; figures by the core's own models. */
export const SALT = {
  'salted-early': {
    text: 'Salted before it had drained',
    can: (state) => hasDose(state, 'salt'),
    asks: [
      { id: 'grams', text: 'salt that went in', asks: 'grams', usual: saltIn },
      {
        id: 'before',
        text: 'weight when it was salted, whey and all',
        asks: 'weight',
        usual: (state) => litresOf(state) * 0.5,
      },
      { id: 'kg', text: 'weight now, drained', asks: 'weight', usual: curdKg },
    ],
    remedy: ({ state, format, number }) => {
      const kg = number('kg');
      const before = Math.max(kg, number('before'));
      // What runs off is whey: the curd keeps its dry matter, and the water it ends with.
      const dryKg = kg * (1 - state.plan.predictions.moisturePct / 100);
      const { lostGrams, topUpGrams } = saltedTooEarly(
        number('grams'),
        { kg: before, moisturePct: (100 * (before - dryKg)) / before },
        kg,
        wantedPct(state),
      );
      return mend(
        `Let it drain out and weigh it: for ${format.kg(kg)} strew ${format.grams(topUpGrams)} more. Taste before the last of it.`,
        `About ${format.grams(lostGrams)} of salt went with the whey: too salty for a second cooking.`,
      );
    },
  },
  'salt-double': {
    text: 'Too much salt went in',
    asks: [
      { id: 'grams', text: 'salt in all', asks: 'grams', usual: (state) => 2 * saltIn(state) },
      { id: 'kg', text: 'weight of the curd', asks: 'weight', usual: curdKg },
    ],
    remedy: (about) =>
      tooSalt(about, (100 * about.number('grams')) / (1000 * about.number('kg') + about.number('grams'))),
  },
  'salt-forgotten': {
    text: 'Forgot the salt',
    asks: [{ id: 'kg', text: 'weight now', asks: 'weight', usual: curdKg }],
    can: (state) => wantedPct(state) > 0 && (wentIn(state, 'salt') || !hasDose(state, 'salt')),
    remedy: ({ state, format, number }) => {
      const grams = format.grams(saltGrams(number('kg'), wantedPct(state)));
      return mend(
        hasFaces(state)
          ? `Strew ${grams} over all faces now, half of it, turn it after an hour and strew the rest; or work it into a spread. It is through by tomorrow.`
          : isCheddared(state)
            ? `Strew half of ${grams} over the loose pieces, toss them, wait ten minutes, and do the same with the rest. It is through within the hour.`
            : `Stir ${grams} in now, half of it first, and taste before the rest. It is through within the hour.`,
        'Unsalted it keeps half as long.',
      );
    },
  },
  'brined-long': {
    text: 'It lay in the brine too long',
    asks: [
      { id: 'planned', text: 'hours planned', asks: 'hours', usual: 4 },
      { id: 'hours', text: 'hours it lay', asks: 'hours', usual: 12 },
    ],
    remedy: (about) => {
      const { state, number } = about;
      // Salt goes in with the root of the time, and never past what the brine brings the cheese to.
      const most = endSaltPct(option(state, 'brinePctWw', 15), state.plan.predictions.moisturePct);
      const pct = Math.min(
        most,
        wantedPct(state) * Math.sqrt(Math.max(1, number('hours')) / Math.max(0.1, number('planned'))),
      );
      return tooSalt(about, Math.max(pct, 0.01));
    },
  },
  'brine-slimy': {
    text: 'It is slimy from the brine',
    asks: [{ id: 'smell', text: 'how does it smell', choices: ['clean', 'yeasty or of bread', 'foul'] }],
    remedy: ({ state, format, choice }) =>
      choice('smell') === 'foul'
        ? {
            now: 'Throw it out with its brine, and boil the crock.',
            why: 'Slime that smells foul is more than a soft rind.',
            costs: { moisturePoints: 0, fatShare: 0, yieldShare: -1 },
            discard: true,
          }
        : mend(
            `Wipe it with vinegar and salt, dry it, and lay it in a new brine of ${format.percent(option(state, 'brinePctWw', 10))}, boiled and cooled, with a splash of whey and a pinch of calcium chloride. Eat it first.`,
            'A brine without calcium, or too weak, takes calcium out of the rind.',
          ),
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;
