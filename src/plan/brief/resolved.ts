import type { OptionValue } from '../../makes/method';
import type { Brief } from './schema';

type Milk = Brief['milk'];
type Filled = 'fatPct' | 'proteinPct' | 'treatment' | 'homogenised' | 'pH' | 'startC';
export type ResolvedMilk = Omit<Milk, Filled> & { [Key in Filled]: NonNullable<Milk[Key]> };

/** A brief with every default filled in; `litres` stays open while kilograms are wanted. */
export interface Resolved extends Omit<Brief, 'milk' | 'options'> {
  milk: ResolvedMilk;
  options: Record<string, OptionValue>;
  roomC: number;
  altitudeM: number;
  calcium: NonNullable<Brief['calcium']>;
  seed: number;
}
