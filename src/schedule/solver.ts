/** A row of a linear program: so much of some columns, at most or exactly a sum. */
export interface Row {
  columns: readonly number[];
  of?: readonly number[];
  is: '<=' | '=';
  sum: number;
}

export interface Solved {
  cost: number;
  values: ArrayLike<number>;
  /** What each column would cost more than it brings; only without whole numbers. */
  reduced: ArrayLike<number>;
}

/** A linear program that is held while rows are added: columns between nought and one with their costs, the least sought. */
export interface Held {
  add(rows: readonly Row[]): void;
  /** Columns that are nought from now on. */
  drop(columns: readonly number[]): void;
  /** Null where it cannot be solved, or not in so many seconds. */
  solve(whole: boolean, withinS: number): Solved | null;
  end(): void;
}
export type Solver = (costs: readonly number[]) => Held;

/** The part of the solver package that is used. */
export interface Engine {
  infinity: number;
  constants: { modelStatus: { optimal: number }; variableType: { integer: number } };
  createModel(): {
    options: { set(options: Readonly<Record<string, unknown>>): unknown };
    addVar(lower: number, upper: number): unknown;
    changeColCost(column: number, cost: number): unknown;
    changeColBounds(column: number, lower: number, upper: number): unknown;
    changeColIntegrality(column: number, type: never): unknown;
    addRow(
      lower: number,
      upper: number,
      entries: { indices: readonly number[]; values: readonly number[] },
    ): unknown;
    zeroAllClocks(): unknown;
    run(): unknown;
    getModelStatus(): number;
    getObjectiveValue(): number;
    getSolution(): { colValue: Float64Array; colDual: Float64Array };
    dispose(): void;
  };
}

/** A solver by the package's engine. */
export const solverOf =
  (engine: Engine): Solver =>
  (costs) => {
    const model = engine.createModel();
    costs.forEach((cost, i) => {
      model.addVar(0, 1);
      model.changeColCost(i, cost);
    });
    // Rows are added to what is solved already: starting from there is quicker than making the rest smaller first.
    model.options.set({ output_flag: false, presolve: 'off', mip_rel_gap: 0, mip_abs_gap: 0.01 });
    let whole = false;
    return {
      add: (rows) => {
        for (const { columns, of, is, sum } of rows)
          model.addRow(is === '=' ? sum : -engine.infinity, sum, {
            indices: columns,
            values: of ?? columns.map(() => 1),
          });
      },
      drop: (columns) => {
        for (const column of columns) model.changeColBounds(column, 0, 0);
      },
      solve: (wanted, withinS) => {
        if (wanted && !whole) {
          whole = true;
          costs.forEach((_, i) => {
            model.changeColIntegrality(i, engine.constants.variableType.integer as never);
          });
          model.options.set({ presolve: 'on' });
        }
        // Its limit counts from the first run on: each run has its own.
        model.zeroAllClocks();
        model.options.set({ time_limit: Math.max(0.05, withinS) });
        model.run();
        if (model.getModelStatus() !== engine.constants.modelStatus.optimal) return null;
        const { colValue, colDual } = model.getSolution();
        return { cost: model.getObjectiveValue(), values: colValue, reduced: colDual };
      },
      end: () => model.dispose(),
    };
  };
