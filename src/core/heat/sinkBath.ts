import { USUAL_MILK_KG_PER_L } from '../milk/density';
import { lnOf } from '../numeric/elementary';
import { mixedTempC, SPECIFIC_HEAT } from './mixing';
import { potSurfaceM2 } from './pot';

/** Heat through the wall of a pot standing in water, W/m²K; unstirred is fitted to 7.6 L from 30 to 41 °C in a 50 °C sink in about 45 min (common practice). */
export const BATH_W_PER_M2K = { stirred: 250, unstirred: 50 } as const;

export type BathAnswer = { minutes: number } | { whyNot: string };

/**
 * Minutes for milk in a pot to go from `fromC` to `toC` in a sink of water that cools as it gives its heat:
 * two masses, one wall, d(Tb − Tm)/dt = −U A (1/mc + 1/mc) (Tb − Tm). Says why not where the bath settles below the target.
 */
export function sinkBath(
  milkLitres: number,
  fromC: number,
  toC: number,
  bathLitres: number,
  bathC: number,
  how: keyof typeof BATH_W_PER_M2K = 'unstirred',
): BathAnswer {
  if (toC <= fromC) return { minutes: 0 };
  const milk = { what: 'milk' as const, kg: milkLitres * USUAL_MILK_KG_PER_L, tempC: fromC };
  const bath = { what: 'water' as const, kg: bathLitres, tempC: bathC };
  const settlesC = mixedTempC([milk, bath]);
  if (settlesC <= toC)
    return {
      whyNot: `bath and milk meet at ${settlesC.toFixed(1)} °C, below the ${toC} °C wanted: take more or hotter water`,
    };
  const mcMilk = milk.kg * SPECIFIC_HEAT.milk * 1000;
  const mcBath = bath.kg * SPECIFIC_HEAT.water * 1000;
  const rate = BATH_W_PER_M2K[how] * potSurfaceM2(milkLitres) * (1 / mcMilk + 1 / mcBath);
  return { minutes: -lnOf((settlesC - toC) / (settlesC - fromC)) / rate / 60 };
}

/** Time constant of a stirred pot cooling in running cold water, min: m c / (U A). */
export const coolingMinutes = (milkLitres: number, kg: number): number =>
  (kg * SPECIFIC_HEAT.milk * 1000) / (BATH_W_PER_M2K.stirred * potSurfaceM2(milkLitres)) / 60;
