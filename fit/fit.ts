import { levenbergMarquardt } from 'ml-levenberg-marquardt';

/** A free parameter: where it starts and its standard deviation, as a factor's logarithm or in its own unit. */
export interface Free {
  name: string;
  at: number;
  sd: number;
  log: boolean;
}

/** A known figure: its band, and what the model gives at `z` standard deviations off the start. */
export interface Row {
  what: string;
  source: string;
  unit: string;
  low: number;
  high: number;
  value(z: readonly number[]): number;
}

export interface Fit {
  name: string;
  free: readonly Free[];
  rows: readonly Row[];
  /** Where the search begins, in standard deviations off: the objective has more than one valley. */
  starts: readonly (readonly number[])[];
  result(z: readonly number[]): unknown;
}

/** A figure an edge of its band away counts as so many residuals; a parameter one standard deviation off counts one. */
const AT_EDGE = 3;
/** What stands for a figure that does not come at all. */
const NEVER = 50;

/** How far a row is off the middle of its band, in residuals. */
export function residual({ low, high, value }: Row, z: readonly number[]): number {
  const given = value(z);
  return Number.isFinite(given) ? (AT_EDGE * (given - (low + high) / 2)) / ((high - low) / 2) : NEVER;
}

/**
 * The parameters nearest their starting values that bring every row nearest the middle of its band: least squares by
 * Levenberg and Marquardt over the rows and the parameters' own spreads together.
 */
export function solve(fit: Fit): number[] {
  const found = fit.starts.map((start) => solveFrom(fit, start));
  return found.reduce((best, z) => (objective(fit, z) < objective(fit, best) ? z : best));
}

/** Sum of the squares of all residuals, parameters' own included. */
export const objective = ({ rows }: Fit, z: readonly number[]): number =>
  [...rows.map((row) => residual(row, z)), ...z].reduce((all, r) => all + r * r, 0);

function solveFrom({ free, rows }: Fit, start: readonly number[]): number[] {
  const count = rows.length + free.length;
  const x = Array.from({ length: count }, (_, i) => i);
  const { parameterValues } = levenbergMarquardt(
    { x, y: x.map(() => 0) },
    (z) => (i) => (i < rows.length ? residual(rows[i] as Row, z) : (z[i - rows.length] as number)),
    {
      initialValues: [...start],
      gradientDifference: 1e-3,
      centralDifference: true,
      maxIterations: 60,
      errorTolerance: 1e-9,
      damping: 1,
    },
  );
  return [...parameterValues];
}
