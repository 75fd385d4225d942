import { expose } from 'comlink';
import type { Brief } from '../plan/brief/schema';
import { planBrief } from '../plan/plan';

const api = { plan: (brief: Brief) => planBrief(brief) };
export type PlannerApi = typeof api;

expose(api);
