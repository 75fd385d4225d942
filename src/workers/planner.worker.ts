import { expose } from 'comlink';
import { bookWith, METHODS, methodById } from '../makes';
import type { Brief } from '../plan/brief/schema';
import { type PlanOptions, planBrief } from '../plan/plan';

const api = {
  /** Of the makes only one of the maker's own has to come along: the product's are here. */
  plan(brief: Brief, { methods = [], ...options }: PlanOptions) {
    const own = methods.filter(({ id }) => !methodById(id, METHODS));
    return planBrief(brief, { ...options, methods: bookWith(own) });
  },
};
export type PlannerApi = typeof api;

expose(api);
