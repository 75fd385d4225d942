import { withHabits } from './habits';
import type { Method } from './method';
import { creamPouch } from './methods/cream-pouch';
import { culturedCottage } from './methods/cultured-cottage';
import { culturedStretched } from './methods/cultured-stretched';
import { dailySalted } from './methods/daily-salted';
import { freshPressed } from './methods/fresh-pressed';
import { goatLactic } from './methods/goat-lactic';
import { grilling } from './methods/grilling';
import { lowMoistureStretched } from './methods/low-moisture-stretched';
import { paneer } from './methods/paneer';
import { quickStretched } from './methods/quick-stretched';
import { skyr } from './methods/skyr';
import { softCream } from './methods/soft-cream';
import { sourBasket } from './methods/sour-basket';
import { squeakyCurds } from './methods/squeaky-curds';
import { warmAcidPotCheese } from './methods/warm-acid-pot-cheese';
import { wheyRicotta } from './methods/whey-ricotta';
import { wholeMilkRicotta } from './methods/whole-milk-ricotta';

/** The register of makes as they are written: a new one is one data file and one entry here. */
const WRITTEN: readonly Method[] = [
  wholeMilkRicotta,
  warmAcidPotCheese,
  paneer,
  wheyRicotta,
  goatLactic,
  sourBasket,
  culturedCottage,
  skyr,
  softCream,
  quickStretched,
  lowMoistureStretched,
  culturedStretched,
  creamPouch,
  squeakyCurds,
  grilling,
  dailySalted,
  freshPressed,
];

/** Every make, with what makers set by habit. */
export const METHODS: readonly Method[] = WRITTEN.map(withHabits);
