import { z } from 'zod';
import type { CurdStyleName } from '../../../core/curd/styles';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf, type StageWords } from '../../grammar';
import { saying, value } from '../../sentence';
import { curdResting } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;

const params = z.strictObject({
  what: z.enum(['cream', 'mint', 'filling', 'herbs']).default('cream'),
  /** Herbs or spice, g for a kilogram of cheese. */
  gPerKg: boundedBy(0, 80, 'g/kg').default(0),
});
type What = z.infer<typeof params>['what'];

/** Dried mint, g for a kilogram of cheese. From memory. */
const MINT_G_PER_KG = 4;

/** How it is seasoned: a log is rolled in it, what is pressed has it worked in before, other curd has it folded in. */
function seasoned(style: CurdStyleName | null, herbs: string): [action: string, step: string] {
  switch (style) {
    case 'goat-lactic':
      return ['Roll it in', `Strew ${herbs} on a board and roll the cheese in it.`];
    case 'paneer':
    case 'fresh-pressed':
      return ['Season with', `Work ${herbs} through the loose curd: once it is pressed, nothing goes in.`];
    default:
      return ['Season with', `Fold ${herbs} through the curd.`];
  }
}

/** What goes in as it is measured, how much of it goes on a kilogram, and the curd it goes on. */
interface Dressing {
  cream: string;
  mint: string;
  herbs: string;
  aKilo: string;
  style: CurdStyleName | null;
}

const WORDS: Record<What, (dressing: Dressing) => StageWords> = {
  herbs: ({ herbs, aKilo, style }) => {
    const [action, step] = seasoned(style, herbs);
    return {
      ...saying(['Herbs or spice: ', value('gPerKg', aKilo)]),
      action,
      target: herbs,
      steps: [
        step,
        'Dried, or seeds toasted dry and cooled; fresh ones dipped into boiling water and patted dry, and then it keeps shorter.',
      ],
      right: 'Evenly through or all round, and no clump of it.',
      normal: 'It tastes of little today and of much tomorrow.',
      done: 'Seasoned',
    };
  },
  cream: ({ cream }) => ({
    ...saying([`Dress with ${cream} of cream`.replace('the cream of cream', 'cream')]),
    action: 'Fold in cream',
    target: cream,
    steps: [`Fold ${cream} of cold cream in with a fork; stop while it is still open.`],
    right: 'Loose and glossy, no pool of cream.',
    normal: null,
    done: 'Dressed',
  }),
  mint: ({ mint }) => ({
    ...saying([value('what', 'Mint on, and fold', { or: 'mint' })]),
    action: 'Fold it',
    target: null,
    steps: [
      `Strew dried mint over the warm piece, about ${mint}, fold it once over itself and press the fold with the flat hand.`,
      'Dried and clean: fresh herbs carry more than taste.',
    ],
    right: 'A folded piece that stays folded.',
    normal: 'The crease cracks a little.',
    done: 'Folded',
  }),
  filling: ({ cream }) => ({
    ...saying(['Fill with shreds in cream']),
    action: 'Fill',
    target: cream,
    steps: [
      `Pull a third of the stretched curd into shreds and stir them into ${cream} of cold cream.`,
      'Leave the rest in its hot water meanwhile: the pouches close only while it is supple.',
    ],
    right: 'Shreds that hang together in the cream.',
    normal: 'The filling thickens as it stands.',
    done: 'Filling is ready',
  }),
};

export const dress = kindOf({
  kind: 'dress',
  params,
  endedBy: 'done',
  mistakes: () => ['salt-double', 'salt-forgotten', 'left-warm', 'pests'],
  takes: ({ what }) => (what === 'cream' || what === 'filling' ? ['cream'] : []),
  picture: ({ what }) => (what === 'mint' || what === 'herbs' ? `dress-${what}` : 'dress'),
  kit: ({ what, gPerKg }, { format, yieldKg }) =>
    what === 'herbs'
      ? [
          {
            what: `${format.grams(gPerKg * yieldKg)} of herbs or spice`,
            why: 'dried, or dipped into boiling water',
          },
        ]
      : what === 'mint'
        ? [{ what: `${format.grams(MINT_G_PER_KG * yieldKg)} of dried mint`, why: 'dry and clean' }]
        : [],
  toleranceC: null,
  predict: (world, _params, pot) => curdResting(world, pot, MINUTES, MINUTES),
  words: ({ what, gPerKg = 0 }, { doses, format, yieldKg, style }) =>
    WORDS[what]({
      cream: doses.cream?.text ?? 'the cream',
      mint: format.grams(MINT_G_PER_KG * yieldKg),
      herbs: format.grams(gPerKg * yieldKg),
      aKilo: `${format.number(gPerKg)}\u00a0g/kg`,
      style,
    }),
  cautions: ({ what }) => (what === 'mint' || what === 'herbs' ? ['no-oil'] : []),
});
