import { Infeasible } from '../../core/faults/fault';

/** Refuses a make whose stages stand in an order, or lack something, that no batch could follow. */
export function outOfOrder(problem: string, remedy = 'put the stages in an order that works'): never {
  throw new Infeasible({ path: 'method', problem, remedy });
}
