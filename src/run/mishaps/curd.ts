import { earlyCutLoss } from '../../core/curd/syneresis';
import { log2Of, powOf } from '../../core/numeric/elementary';
import type { MistakeId } from '../../makes/mistakes';
import {
  drier,
  endsInPieces,
  finesFrom,
  isCheddared,
  isCooked,
  isCut,
  isLactic,
  type Mishap,
  mend,
  option,
  plannedMin,
} from './mishap';

/** Of the dry matter of a curd that broke small so much leaves as fines, caught again as far as a close cloth does. Judgement. */
const FINES = 0.02;

/** From the set to the drain. Source: common practice; figures by the core's own models. */
export const CURD = {
  knocked: {
    text: 'The pot was moved or knocked while it set',
    asks: [{ id: 'when', text: 'how was it then', choices: ['milk still', 'thickening', 'firm already'] }],
    remedy: ({ state, choice, format }) => {
      switch (choice('when')) {
        case 'milk still':
          return mend(
            isLactic(state)
              ? 'Nothing has set yet: let it stand, and look after it as planned.'
              : 'Nothing has set yet: let it stand, and start the bowl again.',
          );
        case 'thickening':
          return mend(
            `Hands off for another ${format.minutes(isLactic(state) ? 120 : Math.max(10, 0.3 * plannedMin(state)))}; then ${isCut(state) ? 'cut it large, whatever it looks like, and let it heal twice as long' : 'ladle it in thick slices, whatever it looks like'}.`,
            'Whey pockets, and fines where it broke.',
            { fatShare: -0.03, yieldShare: -0.04 },
          );
        default:
          return mend(
            `What has cracked has cracked: wait for the clean break between the cracks, and ${isCut(state) ? 'cut' : 'ladle'} along them.`,
            'A little more fat in the whey.',
            { fatShare: -0.01, yieldShare: -0.01 },
          );
      }
    },
  },
  'cut-early': {
    text: 'Cut too early',
    asks: [{ id: 'min', text: 'minutes before the clean break', asks: 'minutes', usual: 10 }],
    remedy: ({ state, number, format }) => {
      const wanted = state.plan.predictions.setMin?.likely ?? 40;
      const loss = earlyCutLoss(Math.max(0, 1 - number('min') / wanted));
      return mend(
        `Leave the cut curd alone for ${format.minutes(Math.max(5, number('min')))}, lid on, to firm where it lies; then cut no finer and stir with the flat hand.`,
        `Fat and fines are in the whey: ${finesFrom(state)}.`,
        { fatShare: -loss, yieldShare: -loss },
      );
    },
  },
  'cut-late': {
    text: 'Cut too late',
    asks: [{ id: 'min', text: 'minutes after the clean break', asks: 'minutes', usual: 20 }],
    remedy: ({ state, number, format }) => {
      const wanted = state.plan.predictions.setMin?.likely ?? 40;
      const over = Math.min(1, number('min') / wanted);
      const mm = option(state, 'cutMm', 12) * (1 - 0.25 * over);
      return isLactic(state)
        ? mend('Cut it now, thinner: a firm sour set drains as well.', 'A little sourer.')
        : mend(
            `Cut now, about ${format.millimetres(mm)} instead of ${format.millimetres(option(state, 'cutMm', 12))}, with a thin blade; and let the faces heal before you stir.`,
            'Firm curd tears, and holds its whey longer.',
            { ...drier(state, -1 * over), fatShare: -0.01 * over },
          );
    },
  },
  'cut-fine': {
    text: 'Cut too fine',
    asks: [{ id: 'mm', text: 'how large are the pieces', asks: 'mm', usual: 5 }],
    remedy: ({ state, number, format }) => {
      const wanted = option(state, 'cutMm', 12);
      const halvings = Math.max(0, log2Of(wanted / Math.max(1, number('mm'))));
      return mend(
        halvings === 0
          ? 'That is no finer than planned: go on.'
          : `Let it heal ${format.minutes(10)}, stir with the flat hand, and stir for ${format.percent(Math.round(100 * (1 - powOf(2, -halvings))))} less of the time; a closer cloth at the draining.`,
        halvings === 0 ? '' : 'Small pieces give their whey up sooner, and fines go with it.',
        { ...drier(state, 2 * halvings), fatShare: -0.01 * halvings },
      );
    },
  },
  'stirred-soon': {
    text: 'Stirred before the cuts had healed',
    asks: [],
    remedy: ({ format }) =>
      mend(
        `Stop, lid on, ${format.minutes(5)} of rest; then begin again with the flat of the hand, slower than you want to.`,
        'Fat through faces that were open.',
        { fatShare: -0.03, yieldShare: -0.02 },
      ),
  },
  clumped: {
    text: 'The curds have clumped',
    can: isCooked,
    asks: [{ id: 'how', text: 'how much', choices: ['lumps like walnuts', 'one mat'] }],
    remedy: ({ choice, format }) =>
      choice('how') === 'one mat'
        ? mend(
            `Cut the mat under the whey in fingers of ${format.millimetres(20)}, let them heal two minutes, and stir in rounds of two minutes from here.`,
            'Uneven: wet cores in the thick ones.',
            { moisturePoints: 1, yieldShare: 0.01 },
          )
        : mend(
            'Break them under the whey between the fingers, not out of it. Lower heat for five minutes, and stir oftener, not harder.',
            'A little uneven.',
          ),
  },
  shattered: {
    text: 'The curd broke small',
    asks: [],
    remedy: ({ state, format }) =>
      mend(
        `Stop stirring and let it settle for ${format.minutes(10)}; draw the whey off through a close cloth and put back what it holds.${isCooked(state) ? ` Stir ${format.percent(30)} shorter than planned.` : ''}`,
        isCooked(state) ? `Fines are in the whey: ${finesFrom(state)}.` : 'A finer, closer curd.',
        { ...drier(state, 1, FINES), fatShare: -0.03 },
      ),
  },
  'settled-long': {
    text: 'It lay too long and matted',
    asks: [{ id: 'min', text: 'minutes it lay', asks: 'minutes', usual: 30 }],
    remedy: ({ state, number, format }) =>
      number('min') <= plannedMin(state) + 5
        ? mend('That is what it should: go on.')
        : mend(
            endsInPieces(state) || isCheddared(state)
              ? 'Loosen it from the wall, turn it over in one piece, and go on: it has begun to press itself.'
              : `Pour whey or water of ${format.temp(38)} over it, break it by hand under that until the pieces are loose again, and stir them gently for two minutes before you go on.`,
            endsInPieces(state) || isCheddared(state)
              ? 'A closer curd, a little wetter at its core.'
              : 'Pieces of several sizes, the large ones a little wetter inside.',
            { moisturePoints: 0.5 },
          ),
  },
  'whey-white': {
    text: 'The whey is white or greasy',
    asks: [
      { id: 'how', text: 'which', choices: ['white, with fines', 'drops of fat on it', 'milky all through'] },
    ],
    remedy: ({ state, choice }) => {
      switch (choice('how')) {
        case 'white, with fines':
          return mend(
            `Gentler hands from here, and a close cloth. As for the fines, ${finesFrom(state)}.`,
            'Cut soft, or stirred hard.',
            { yieldShare: -0.03 },
          );
        case 'drops of fat on it':
          return mend(
            'Cooler and gentler from here. Skim the fat: it butters bread.',
            'Fat leaves curd that is cooked or worked hot.',
            { fatShare: -0.05, yieldShare: -0.02 },
          );
        default:
          return mend(
            isLactic(state)
              ? 'It is not soured through: wait two hours more before any more of it is ladled.'
              : 'It was not set when it was cut: hands off for a quarter of an hour, lid on; then go on gently.',
            'Casein on its way out.',
            { yieldShare: -0.1 },
          );
      }
    },
  },
  'washed-hot': {
    text: 'The wash was too hot',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 8 }],
    remedy: ({ state, number, format }) =>
      mend(
        `Stir cool water in, a litre at a time, until the curd itself is back at its heat; then drain at once and leave ${format.percent(25)} of the stirring out.`,
        '',
        drier(state, Math.min(4, 0.4 * Math.max(0, number('by')))),
      ),
  },
  'washed-long': {
    text: 'It lay in the wash too long',
    asks: [{ id: 'min', text: 'minutes it lay', asks: 'minutes', usual: 40 }],
    remedy: ({ state, number, format }) =>
      mend(
        `Drain it now. Salt it ${format.percent(10)} fuller than planned, and where it is dressed, use a sourer cream.`,
        number('min') > 30 ? 'Its sourness went with the water: it tastes of little.' : 'A little milder.',
        drier(state, -Math.min(2, number('min') / 30)),
      ),
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;
