import { expose } from 'comlink';
import { setOwnMethods } from '../makes';
import type { Method } from '../makes/method';
import type { Brief } from '../plan/brief/schema';
import { planBrief } from '../plan/plan';

const api = {
  plan(brief: Brief, own: readonly Method[]) {
    setOwnMethods(own);
    return planBrief(brief);
  },
};
export type PlannerApi = typeof api;

expose(api);
