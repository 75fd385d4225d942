/** Faults speak to a cheese maker: where, what is wrong, what would be right. */
export interface Fault {
  /** Dotted path into what was given, e.g. `milk.fatPct`. */
  path: string;
  /** What is wrong, without a full stop. */
  problem: string;
  /** What would be right, without a full stop. */
  remedy: string;
  /** Set where the fault is a number out of bounds, in the unit that the field's name ends in. */
  bounds?: { min: number; max: number };
  /** A value that would be accepted, where one stands out. */
  suggestion?: number;
}

export type Result<T> = { ok: true; value: T } | { ok: false; faults: Fault[] };

export const good = <T>(value: T): Result<T> => ({ ok: true, value });
export const bad = (...faults: Fault[]): { ok: false; faults: Fault[] } => ({ ok: false, faults });

/** What is said where a computation broke off by itself: a fault of the program, not of what was given. */
export const BROKE_OFF: Fault = {
  path: '',
  problem: 'could not be reckoned: the computation broke off and has been started anew',
  remedy: 'change the last figure, or save the plan as a file and begin anew',
};

/** One line for the command line: `path: what is wrong; what would be right`. */
export const faultLine = (fault: Fault): string =>
  `${fault.path === '' ? 'file' : fault.path}: ${fault.problem}; ${fault.remedy}`;

/** Thrown by a computation whose request no milk, pot or acid can meet; carries the fault for the field. */
export class Infeasible extends Error {
  readonly fault: Fault;
  constructor(fault: Fault) {
    super(faultLine(fault));
    this.name = 'Infeasible';
    this.fault = fault;
  }
}
