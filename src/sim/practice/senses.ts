import { normal } from '../../core/stats/random';
import type { HandTest, WheyLook } from '../../run/noted';
import { type Practice, stageNow } from './batch';
import { hasCurd } from './curd';
import { wheyWith } from './whey';
import { onScaleKg } from './worth';

/** What eyes and a thermometer tell. */
export interface Looked {
  tempC: number;
  whey: WheyLook | null;
  bowl: 'turning' | 'stopped' | null;
}

/** What hands, tongue, meter and scale tell. */
export interface Tested {
  found: HandTest | null;
  pH: number | null;
  kg: number | null;
}

/** What the thermometer shows: off, drifting, and trembling. */
export function readsC(practice: Practice): number {
  const { hidden, pot, world } = practice;
  return (
    pot.tempC -
    world.probeOffC +
    (hidden.driftCPerH * pot.minute) / 60 +
    hidden.noiseC * normal(practice.random)
  );
}

/** What a pH meter shows: a little off, and trembling. */
export const meterReads = ({ pot, hidden, random }: Practice): number =>
  pot.pH + hidden.pHOff + 0.01 * normal(random);

/** White whey tells of a cut that came too soon. */
const CREAMY_FROM = 0.06;

export function look(practice: Practice): Looked {
  const { pot, gel, cutAt, acidGrams, acidNeededGrams, method, costs, world } = practice;
  const lost = costs.reduce((sum, one) => sum + one.fat, 0);
  const whey: WheyLook | null =
    method.acid === 'turns' && acidGrams > 0 && acidNeededGrams !== null
      ? wheyWith(acidGrams, acidNeededGrams)
      : cutAt === null
        ? null
        : lost > CREAMY_FROM
          ? 'creamy'
          : 'clear';
  const multiplier = world.coagulant?.multiplier ?? 3;
  return {
    tempC: readsC(practice),
    whey,
    bowl: pot.clot && cutAt === null ? (gel >= 1 / multiplier ? 'stopped' : 'turning') : null,
  };
}

/** How curd breaks, by how far it has set. Common practice. */
const breaks = (gel: number): HandTest => (gel < 0.7 ? 'not yet' : gel < 0.97 ? 'nearly' : 'clean');

/** What a hand finds where the stage asks for one of its tests. */
function hand(practice: Practice): HandTest | null {
  const { gel, pot, stretched, poachMin } = practice;
  const stage = stageNow(practice);
  const [name] = stage.kind.tests(stage.params);
  switch (name) {
    case 'break':
      return breaks(gel);
    case 'sourness':
      return gel < 0.6 ? 'sweet still' : gel < 0.97 ? 'sour, not set' : gel > 1.3 ? 'sharp' : 'sour and set';
    case 'squeeze': {
      const usual = practice.world.style.usual.stirMin ?? 20;
      const done = (pot.work.stirMin ?? 0) / usual;
      return done < 0.6 ? 'too soft' : done > 1.8 ? 'too firm' : 'springs';
    }
    case 'stretch': {
      if (!stretched) return null;
      const { side, quality } = stretched.quality;
      if (side === 'too cold' || side === 'not sour enough') return quality < 0.3 ? 'tears' : 'short';
      if (side === 'too hot') return 'oily';
      return side === 'too sour' ? 'melts' : 'stretches';
    }
    case 'afloat':
      return poachMin > 12 ? 'all afloat' : poachMin > 5 ? 'some afloat' : null;
    case 'unmould':
      return practice.drainedMin > 60 || (pot.work.kPaHours ?? 0) > 1 ? 'holds its shape' : 'sags';
    default:
      return null;
  }
}

export function test(practice: Practice): Tested {
  const { pot, acidGrams } = practice;
  return {
    found: hand(practice),
    pH: pot.ferment || acidGrams > 0 ? meterReads(practice) : null,
    kg: hasCurd(practice) && pot.wheyPH !== null ? onScaleKg(practice) : null,
  };
}
