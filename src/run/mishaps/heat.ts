import { CURD_STYLES } from '../../core/curd/styles';
import { workedPoints } from '../../core/curd/syneresis';
import { expOf, powOf } from '../../core/numeric/elementary';
import type { MistakeId } from '../../makes/mistakes';
import { methodIn } from '../../plan/planOf';
import { stageAt } from '../makeState';
import {
  type About,
  cultureDiesC,
  culturesBestC,
  drier,
  isLactic,
  type Mishap,
  mend,
  option,
  plannedMin,
  type Remedy,
  stillGoesIn,
  wentIn,
} from './mishap';

/** By how much it was too hot, °C. */
const departureC = (about: About): number => Math.max(0, about.number('by'));

/** Milk takes no harm below this, °C. Common practice. */
const MILK_UNHARMED_C = 60;
/** Milk that was hotter sets weaker by coagulant, °C. Common practice. */
const SETS_WEAK_FROM_C = 75;
/** Coagulant is gone above this, °C. Common practice. */
const COAGULANT_DIES_C = 55;
/** A set goes faster by this for each degree, 1/°C, and so much drier. From memory. */
const SET_PER_C = 0.105;
const SET_POINTS_PER_C = 0.2;

/** Moisture points that so many degrees of cook, more than usual, take. */
function cookPoints({ state }: About, byC: number): number {
  const style = CURD_STYLES[methodIn(state)?.style ?? 'ricotta'];
  const cookC: number = 'cookC' in style.usual ? style.usual.cookC : 40;
  return workedPoints({ cookC }, { cookC: cookC + byC });
}

/** Families whose drained curd is kept warm, to knit or to stretch. */
const KNITS: readonly string[] = ['stretched-curd', 'squeaky-curd'];

/** What too much heat asks for while it is milk. */
export function milkTooHot(about: About): Remedy {
  const byC = departureC(about);
  const { state, format } = about;
  const { targetC } = stageAt(state);
  const reached = (targetC ?? option(state, 'setC', 0)) + byC;
  const killed = wentIn(state, 'culture') && reached > cultureDiesC(state);
  if ((targetC ?? 0) >= SETS_WEAK_FROM_C)
    return mend(
      `Heat off and lid off; a minute or two of stirring brings it back to ${format.temp(targetC ?? 0)}. No need of cold water.`,
      reached >= 99 ? 'A taste of boiled milk.' : 'Nothing you would taste.',
    );
  const weak = reached > SETS_WEAK_FROM_C && stillGoesIn(state, 'coagulant');
  return mend(
    `Stand the pot in cold water and stir it back down; go on from there.${killed ? ` The culture was in already, and above ${format.temp(cultureDiesC(state))} it dies: use a fresh one.` : ''}`,
    weak
      ? 'Milk that was so hot sets weaker: a little calcium, and a larger cut, make up for it.'
      : `A few minutes. The milk has taken no harm below ${format.temp(MILK_UNHARMED_C)}.`,
  );
}

/** Heat at the set and after it. Source: common practice; figures by the core's own models. */
export const HEAT = {
  'overshot-set': {
    text: 'It is too warm while it sets',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 4 }],
    remedy: (about) => {
      const { state, format } = about;
      const byC = departureC(about);
      const atC = option(state, 'setC', 30) + byC;
      if (isLactic(state))
        return atC > cultureDiesC(state)
          ? mend(
              `Hands off the set. Stand the pot in cool water until it is back at its heat. Above ${format.temp(cultureDiesC(state))} its culture has died: if it is milk still, put in a fresh dose and count anew.`,
              'The hours so far.',
            )
          : mend(
              `Hands off: no stirring. Lid ajar, wrapping off, the pot a little cooler. ${atC <= culturesBestC(state) ? `It sours sooner: look at it an hour earlier for every ${format.tempStep(2, 0)}.` : `Above ${format.temp(culturesBestC(state))} its culture only tires: look at it at the hour planned.`}`,
              'A coarser curd that drains faster.',
              drier(state, SET_POINTS_PER_C * byC),
            );
      if (atC > COAGULANT_DIES_C)
        return mend(
          `Above ${format.temp(COAGULANT_DIES_C)} the coagulant is gone. If it has not set, heat it on and make it with acid as ricotta is made; if it has, cut it large and go on gently.`,
          'This cheese, but not the milk.',
        );
      const sooner = 1 - expOf(-SET_PER_C * byC);
      return mend(
        `Do not stir it: that would break a set that is firming. Heat off, lid ajar, the pot into cooler water if there is any. It sets in about ${format.percent(Math.round(100 * sooner))} less time: try the knife sooner, cut at once and a size larger, and cook it shorter.`,
        'A drier curd.',
        drier(state, SET_POINTS_PER_C * byC),
      );
    },
  },
  'cooled-set': {
    text: 'It cooled while it was setting',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 4 }],
    remedy: (about) => {
      const { state, format } = about;
      const byC = departureC(about);
      const longer = Math.round(100 * (expOf(SET_PER_C * byC) - 1));
      return isLactic(state)
        ? mend(
            'Leave it standing and wrap it, or set the whole pot into warm water. It only needs more hours: go by the set, not by the clock.',
            'Time. Culture goes on where it stopped.',
          )
        : mend(
            `Leave it standing: no fire under a set. Wrap it, or stand the pot in water ${format.tempStep(5, 0)} warmer than it should be.`,
            `It takes about ${format.percent(longer)} longer for the minutes it stood that cold.`,
          );
    },
  },
  'overshot-cook': {
    text: 'The curd got too hot',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 6 }],
    remedy: (about) => {
      const { state, format } = about;
      const byC = departureC(about);
      const points = cookPoints(about, byC);
      // Stirring shorter gives back what it can: half of the stirring is 1.5 points.
      const shorter = Math.min(0.5, 1 - powOf(2, -points / 1.5));
      return mend(
        `Heat off. Take a jug of whey out, cool it in cold water and stir it back in. Stir about ${format.percent(Math.round(100 * shorter))} shorter than planned: the curd has had its heat already.${byC > 8 ? ' Pressed late, curd this hot may not knit: press it warm and at once.' : ''}`,
        '',
        drier(state, points),
      );
    },
  },
  'cooled-cook': {
    text: 'The curd got too cold',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 4 }],
    remedy: (about) => {
      const { state, format } = about;
      const byC = departureC(about);
      return mend(
        `Bring it back by ${format.tempStep(byC, 0)} slowly, ${format.tempStep(1, 0)} in two or three minutes, stirring gently, and count the minutes at heat from then.`,
        'Left as it is, it stays wetter.',
        drier(state, -cookPoints(about, byC) / 2),
      );
    },
  },
  'heated-fast': {
    text: 'It was heated too fast',
    asks: [{ id: 'took', text: 'minutes it took', asks: 'minutes', usual: (state) => plannedMin(state) / 2 }],
    remedy: ({ state, format, number }) => {
      const share = number('took') / Math.max(1, plannedMin(state));
      const wetter = share < 0.8 ? 2 * (1 - share) : 0;
      return mend(
        wetter === 0
          ? 'That is close enough to what was planned: go on.'
          : `Stop heating here. Hold it at this heat and stir gently for the ${format.minutes(Math.max(1, plannedMin(state) - number('took')))} it was too fast by, then go on; do not cut it smaller.`,
        wetter === 0 ? '' : 'A skin on the curd locks whey in: wetter inside, and uneven.',
        drier(state, -wetter),
      );
    },
  },
  'slabs-cold': {
    text: 'The curd got cold',
    can: (state) => KNITS.includes(methodIn(state)?.family ?? ''),
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 6 }],
    remedy: ({ state, format, number }) => {
      const pacePct = Math.min(100, Math.round(100 / powOf(2, number('by') / 6)));
      return mend(
        `Pour whey of ${format.temp(43)} to ${format.temp(46)} under it, not over it, lid on, and change it when it is cool.${wentIn(state, 'culture') ? ` Give it the missing time: it soured at about ${format.percent(pacePct)} of its pace while it was cold.` : ''}`,
        'Cold curd does not knit; lay it together again once it is warm.',
        wentIn(state, 'culture') ? {} : drier(state, -1),
      );
    },
  },
  'slabs-hot': {
    text: 'The curd got too hot',
    asks: [{ id: 'at', text: 'at what temperature', asks: 'temperature', usual: 46 }],
    remedy: ({ state, format, number }) =>
      mend(
        `Lid off, tip the hot whey away, and let it come down to ${format.temp(38)}. ${number('at') > cultureDiesC(state) ? 'Its culture has died at that: the souring stops where it is, so go by the pull of a torn piece and not by the count.' : 'Go on with the turns where you were.'}`,
        'Fat sweats out of it.',
        { ...drier(state, 1), fatShare: -0.03 },
      ),
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;
