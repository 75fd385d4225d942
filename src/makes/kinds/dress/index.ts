import { z } from 'zod';
import { kindOf, type StageWords } from '../../grammar';
import { saying, value } from '../../sentence';
import { curdResting } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;

const params = z.strictObject({
  what: z.enum(['cream', 'mint', 'filling']).default('cream'),
});
type What = z.infer<typeof params>['what'];

/** Dried mint, g for a kilogram of cheese. From memory. */
const MINT_G_PER_KG = 4;

const WORDS: Record<What, (cream: string, mint: string) => StageWords> = {
  cream: (cream) => ({
    ...saying([`Dress with ${cream} of cream`.replace('the cream of cream', 'cream')]),
    action: 'Fold in cream',
    target: cream,
    steps: [`Fold ${cream} of cold cream in with a fork; stop while it is still open.`],
    right: 'Loose and glossy, no pool of cream.',
    normal: null,
    done: 'Dressed',
  }),
  mint: (_cream, mint) => ({
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
  filling: (cream) => ({
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
  takes: ({ what }) => (what === 'mint' ? [] : ['cream']),
  toleranceC: null,
  predict: (world, _params, pot) => curdResting(world, pot, MINUTES, MINUTES),
  words: ({ what }, { doses, format, yieldKg }) =>
    WORDS[what](doses.cream?.text ?? 'the cream', format.grams(MINT_G_PER_KG * yieldKg)),
  cautions: ({ what }) => (what === 'mint' ? ['no-oil'] : []),
});
