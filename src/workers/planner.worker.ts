import { expose } from 'comlink';
import { setOwnMethods } from '../makes';
import type { Method } from '../makes/method';
import type { Belief } from '../plan/belief';
import type { Brief } from '../plan/brief/schema';
import { planBrief } from '../plan/plan';

const api = {
  plan(brief: Brief, own: readonly Method[], belief: Belief) {
    setOwnMethods(own);
    return planBrief(brief, { belief });
  },
};
export type PlannerApi = typeof api;

expose(api);
