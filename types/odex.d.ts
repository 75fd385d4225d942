/** The part of the ODE library's interface that tests and benchmarks use; its own sources do not pass strict checks. */
export class Solver {
  constructor(dimension: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  denseOutput: boolean;
  grid(step: number, out: (x: number, y: number[]) => void): unknown;
  solve(
    derivative: (x: number, y: number[]) => number[],
    x0: number,
    y0: number[],
    xEnd: number,
    solOut?: unknown,
  ): { y: number[]; outcome: unknown };
}
