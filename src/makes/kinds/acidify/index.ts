import { z } from 'zod';
import { fermentPH, sourTo } from '../../../core/culture/ferment';
import { boundedBy } from '../../../core/faults/bounds';
import { Infeasible } from '../../../core/faults/fault';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { warmC } from '../bounds';
import { lacks } from '../byHand';
import { outOfOrder } from '../order';
import { eachRound } from '../shared';
import { souringStepH } from '../souring';
import { approaching, kept } from '../spans';

/** Hours after which curd under whey will not get there any more. Common practice. */
const LONGEST_H = 16;
/** A look every so often, and its minutes. Common practice. */
const LOOK = { everyH: 1, min: 3 } as const;

export interface AcidifyParams {
  toPH: number;
  atC: number;
}

export const acidify = kindOf<AcidifyParams>({
  kind: 'acidify',
  params: z.strictObject({ toPH: boundedBy(4.4, 6.2), atC: warmC() }),
  endedBy: 'pH',
  does: ['sours-on'],
  bells: () => [{ what: 'look', everyMin: LOOK.everyH * 60 }],
  reads: ['curd', 'whey', 'room'],
  tests: () => ['stretch'],
  mistakes: () => [
    'slabs-cold',
    'over-sour',
    'culture-weak',
    'culture-forgotten',
    'gassy',
    'left-warm',
    'power-gone',
    'pests',
  ],
  goal: ({ toPH }) => ({ is: 'pH', pH: toPH }),
  uses: () => ['pot'],
  hands: (_params, span) => eachRound(span, LOOK.everyH * 60, LOOK.min),
  toleranceC: [4, 3],
  predict: (world, { toPH, atC }, pot) => {
    const { ferment } = pot;
    if (!ferment) outOfOrder('has a souring stage with no culture before it');
    // Its whey lies over it and feeds it on.
    ferment.lactateMost = Number.POSITIVE_INFINITY;
    const started = pot.tempC;
    const pHs: [number, number][] = [[0, fermentPH(ferment)]];
    const hours = sourTo(
      ferment,
      (hour) => approaching(started, atC, hour * 60),
      toPH,
      LONGEST_H,
      souringStepH(world),
      (hour, pH) => pHs.push([hour * 60, pH]),
    );
    if (!Number.isFinite(hours) && world.likely) {
      throw new Infeasible({
        path: 'culture',
        problem: `does not bring the curd to pH ${toPH} within ${LONGEST_H} hours under whey`,
        remedy: 'use more or fresher culture, or another group',
      });
    }
    const minutes = Math.min(hours, LONGEST_H) * 60;
    const span = kept(pot, minutes, (minutes / 60 / LOOK.everyH) * LOOK.min, atC);
    pot.fermentedTo = pot.minute;
    pot.pH = fermentPH(ferment);
    pot.acidifyHours = (pot.minute - (pot.culturedAt ?? pot.minute)) / 60;
    if (world.likely) span.pHs = [...pHs, [minutes, pot.pH]];
    return span;
  },
  words: ({ toPH, atC }, { format }) => ({
    ...saying(
      ['Sour under whey to pH ', value('toPH', format.pH(toPH))],
      [' at ', value('atC', format.temp(atC))],
    ),
    action: 'Let it sour',
    target: lacks('meter', format) ? null : `pH ${format.pH(toPH)}`,
    steps: [
      `Leave the slabs in their whey at ${format.temp(atC)}, turned once an hour.`,
      lacks('meter', format)
        ? 'Try the stretch test of the next stage every half hour: it alone says when.'
        : 'With a meter: a slice squeezed flat on the probe. Without: the stretch test in the next stage, every half hour.',
    ],
    right: 'The curd flattens, softens and begins to show layers.',
    normal: 'It goes slowly at first and then quickly: look more often near the end.',
    done: 'Ready to test',
  }),
  cautions: () => ['warm-sour'],
});
