import type { Method } from './method';
import { paneer } from './methods/paneer';
import { warmAcidPotCheese } from './methods/warm-acid-pot-cheese';
import { wholeMilkRicotta } from './methods/whole-milk-ricotta';

/** The register of makes: a new one is one data file and one entry here. */
export const METHODS: readonly Method[] = [wholeMilkRicotta, warmAcidPotCheese, paneer];

/** The make of that id, or undefined. */
export const methodById = (id: string): Method | undefined => METHODS.find((method) => method.id === id);
