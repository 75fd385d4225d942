import { expose } from 'comlink';
import type { Brief } from '../plan/brief/schema';
import { type PlanOptions, planBrief } from '../plan/plan';

const api = {
  plan(brief: Brief, options: PlanOptions) {
    return planBrief(brief, options);
  },
};
export type PlannerApi = typeof api;

expose(api);
