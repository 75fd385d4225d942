import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { aside } from '../spans';

/** Minutes of cutting; common practice. */
const MINUTES = 4;

const params = z.strictObject({
  mm: boundedBy(1, 300, 'mm'),
  /** Cutting slabs into fingers, after the curd's moisture has been decided. */
  slabs: z.boolean().optional(),
});
export type CutParams = z.infer<typeof params>;

/** Cuts so far apart only score the cake. Common practice. */
const SCORED_FROM_MM = 35;

export const cut = kindOf<CutParams>({
  kind: 'cut',
  params,
  endedBy: 'done',
  // What is cut to fingers has long set.
  mistakes: ({ slabs }) =>
    slabs
      ? ['over-sour', 'spilled', 'gassy', 'pests']
      : ['cut-early', 'cut-late', 'cut-fine', 'stirred-soon', 'knocked', 'no-calcium', 'gassy', 'pests'],
  does: ['cuts'],
  uses: ({ slabs }) => (slabs ? [] : ['pot']),
  kit: () => [{ what: 'a long knife', why: 'for straight cuts to the base' }],
  toleranceC: [4, 3],
  predict: (_world, { mm, slabs }, pot) => {
    if (!slabs) pot.work.cutMm = mm;
    return aside(pot, MINUTES);
  },
  words: ({ mm, slabs }, { format }) => ({
    ...saying([
      slabs ? 'Cut the slabs to ' : mm >= SCORED_FROM_MM ? 'Score it to ' : 'Cut to ',
      value('mm', format.millimetres(mm)),
    ]),
    action: 'Cut',
    target: format.millimetres(mm),
    steps: slabs
      ? ['Slice the slabs into fingers and keep them loose and warm.']
      : mm >= SCORED_FROM_MM
        ? ['Score a cross through the cake, down to the base, and leave it at that.']
        : [
            `Straight cuts ${format.millimetres(mm)} apart one way, then the other, then slantwise through the depth.`,
            mm <= 8
              ? 'A whisk drawn up slowly does the last part; large floaters are cut later.'
              : 'Large floaters are cut when they show.',
          ],
    right: 'Edges stay sharp; whey rises clear between them.',
    normal:
      mm >= SCORED_FROM_MM && !slabs
        ? 'Whey stands in the cuts at once.'
        : 'Pieces of several sizes: evened out as you stir.',
    done: 'Cut',
  }),
  cautions: () => [],
});
