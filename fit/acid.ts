/** The colloidal phosphate: what of it is free, and the acid a milk is known to take. */
import { COLLOIDAL_PHOSPHATE, type Colloidal } from '../src/core/acid/groups';
import { BUFFERING_ROWS } from '../src/core/acid/tables';
import type { Fit } from './fit';

/** Starting values, from memory; the middle where milk buffers most (Lucey 1993, from memory). */
const START = { midPH: { at: 5.2, sd: 0.1, log: false }, widthPH: { at: 0.2, sd: 0.3, log: true } } as const;

const colloidalOf = ([mid = 0, width = 0]: readonly number[]): Colloidal => ({
  ...COLLOIDAL_PHOSPHATE,
  midPH: START.midPH.at + mid * START.midPH.sd,
  widthPH: START.widthPH.at * Math.exp(width * START.widthPH.sd),
});

export const acidFit: Fit = {
  name: 'acid',
  starts: [[0, 0]],
  free: Object.entries(START).map(([name, one]) => ({ name, ...one })),
  rows: BUFFERING_ROWS.map(({ of, ...row }) => ({
    ...row,
    value: (z: readonly number[]) => of(colloidalOf(z)),
  })),
  result: colloidalOf,
};
