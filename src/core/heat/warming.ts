import { Infeasible } from '../faults/fault';
import { cbrtOf, expOf, lnOf } from '../numeric/elementary';
import { mixedTempC } from './mixing';
import { LOSS_W_PER_M2K, minutesTo, type Pot, tempAfter } from './pot';
import { coolingMinutes, sinkBath } from './sinkBath';

/** What a pot is warmed by. */
export const HEATED_BY = ['hob', 'water-bath', 'sink', 'thermostat', 'roaster'] as const;
export type HeatedBy = (typeof HEATED_BY)[number];

export interface Heating {
  by: HeatedBy;
  kW?: number | undefined;
  bathLitres?: number | undefined;
  bathC?: number | undefined;
}

/** How a pot is kept warm off the heat. */
export const KEEP_WARM = ['lid', 'towel', 'blanket', 'insulated', 'cupboard', 'bath'] as const;
export type KeepWarm = (typeof KEEP_WARM)[number];

/** What each loses, W/m²K; a warm bath round the pot holds it all but still, and a cupboard is a warmer room. From memory. */
export const KEPT_W_PER_M2K: Record<KeepWarm, number> = {
  lid: LOSS_W_PER_M2K.lidded,
  towel: LOSS_W_PER_M2K.towel,
  blanket: LOSS_W_PER_M2K.blanket,
  insulated: LOSS_W_PER_M2K.insulatedBox,
  cupboard: LOSS_W_PER_M2K.lidded,
  bath: 0.3,
};

/** Share of a rated power that reaches the milk where nobody says on what it stands. From memory. */
export const HOB_SHARE = 0.6;
/** An electric roaster, and how much of it reaches what is in it. Common practice. */
const ROASTER = { kW: 1.4, share: 0.5 } as const;
/** Baths as they usually are, °C over what is wanted, and litres. Common practice. */
const USUAL = { bathOverC: 8, thermostatOverC: 2, sinkC: 50, sinkLitresPerLitre: 5 } as const;
/** Heat a pot still takes up once it is off, °C in ten litres. Common practice: a bath hardly, a roaster's wall much. */
const COASTS_C: Record<Exclude<HeatedBy, 'hob'>, number> = {
  'water-bath': 1,
  sink: 0.5,
  thermostat: 0.3,
  roaster: 4,
};

/** How far a pot of `litres` coasts after the heat is off, °C; null for a hob, which its own source decides. */
export const coastsC = (by: HeatedBy, litres: number): number | null =>
  by === 'hob' ? null : Math.min(10, COASTS_C[by] * cbrtOf(10 / litres));

/** A warming: how long it takes and where it stands on the way. */
export interface Warming {
  minutes: number;
  after(minute: number): number;
}

const tooCool = (bathC: number, toC: number): never => {
  throw new Infeasible({
    path: 'heat.bathC',
    problem: `is ${Math.round(bathC * 10) / 10} °C, and milk in it does not come to ${Math.round(toC * 10) / 10} °C`,
    remedy: 'give hotter water, or more of it',
  });
};

/**
 * Milk of a pot on its way from `fromC` to `toC`: by power on a hob or in a roaster, by a bath that is kept at its
 * temperature, or by a sink of water that cools as it gives. `power` scales what heats it. Throws Infeasible where a bath is
 * too cool.
 */
export function warming(
  heating: Heating | undefined,
  pot: Pot,
  { litres, kg }: { litres: number; kg: number },
  fromC: number,
  toC: number,
  roomC: number,
  power: number,
): Warming {
  const by = heating?.by ?? 'hob';
  if (by === 'hob' || by === 'roaster') {
    const rated =
      by === 'roaster'
        ? (heating?.kW ?? ROASTER.kW) * ROASTER.share
        : heating?.kW === undefined
          ? pot.powerKw
          : heating.kW * HOB_SHARE;
    const minutes = minutesTo(pot, fromC, toC, roomC, rated * power);
    if (!Number.isFinite(minutes))
      throw new Infeasible({
        path: 'heat.kW',
        problem: `is too little to bring this pot to ${Math.round(toC)} °C`,
        remedy: 'give a stronger heat, or less milk',
      });
    return { minutes, after: (minute) => tempAfter(pot, fromC, minute, roomC, rated * power) };
  }
  if (by === 'sink') {
    const bathC = heating?.bathC ?? USUAL.sinkC;
    const bathLitres = heating?.bathLitres ?? USUAL.sinkLitresPerLitre * litres;
    const answer = sinkBath(litres, fromC, toC, bathLitres, bathC);
    if ('whyNot' in answer) return tooCool(bathC, toC);
    const settlesC = mixedTempC([
      { what: 'milk', kg, tempC: fromC },
      { what: 'water', kg: bathLitres, tempC: bathC },
    ]);
    const tau = answer.minutes / lnOf((settlesC - fromC) / (settlesC - toC));
    const after = (minute: number) => settlesC + (fromC - settlesC) * expOf(-minute / tau);
    return { minutes: answer.minutes, after };
  }
  const bathC = heating?.bathC ?? toC + (by === 'thermostat' ? USUAL.thermostatOverC : USUAL.bathOverC);
  if (bathC <= toC + 0.1) return tooCool(bathC, toC);
  const tau = coolingMinutes(litres, kg) / power;
  return {
    minutes: tau * lnOf((bathC - fromC) / (bathC - toC)),
    after: (minute) => bathC + (fromC - bathC) * expOf(-minute / tau),
  };
}
