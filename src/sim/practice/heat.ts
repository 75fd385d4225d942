import { boilingC } from '../../core/heat/boiling';
import { heatOver } from '../../core/heat/denaturation';
import { WRAPS, type Wrap } from '../../core/heat/keepWarm';
import { CURD_COOLS_MIN } from '../../core/heat/places';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../core/heat/pot';
import { HOB_SHARE } from '../../core/heat/warming';
import { expOf } from '../../core/numeric/elementary';
import { setLoss } from '../../makes/kinds/clot';
import { WHEY_SHARE } from '../../makes/kinds/poach';
import { costs, type Practice, stageNow } from './batch';
import { afterglow, ICE_C, ICE_W_PER_M2K } from './hob';

/** Curd out of the pot comes to what is round it in this time; a covered colander over its whey cools so far. Common practice. */
const OUT_TAU_MIN = 15;
const COOLS_C = 3;
const KEPT_TAU_MIN = 10;

/** Whether it stands by itself, wrapped: a set, what ripens, cuts that heal. */
const stands = (practice: Practice): boolean => {
  const { does } = stageNow(practice).kind;
  return does.includes('sets') || does.includes('ripens') || practice.pot.clot !== null;
};

/** Whether it stands there as it is kept warm, off the heat. */
const wrapped = (practice: Practice): boolean => practice.lid && practice.hob === 0 && stands(practice);

/** What the pot loses as it stands now, W/m²K. */
function lossW(practice: Practice): number {
  const { ice, lid, world } = practice;
  if (ice) return ICE_W_PER_M2K;
  if (!lid) return LOSS_W_PER_M2K.uncoveredNowAndThen;
  if (!wrapped(practice)) return LOSS_W_PER_M2K.lidded;
  const { wrap } = stageNow(practice).params as { wrap?: unknown };
  return world.keptW ?? (WRAPS.includes(wrap as Wrap) ? LOSS_W_PER_M2K[wrap as Wrap] : setLoss(world));
}

/** Where the curd is out of the pot, or lies in something that is kept warm or cold: what it comes to, and how soon. */
function around(practice: Practice): { toC: number; tauMin: number } | null {
  const { place, world, hob, ice } = practice;
  const stage = stageNow(practice);
  const params = stage.params as { atC?: number; in?: string };
  const { does } = stage.kind;
  const warm = does.includes('cheddars') || does.includes('sours-on');
  if (warm && params.atC !== undefined && hob === 0 && !ice) return { toC: params.atC, tauMin: KEPT_TAU_MIN };
  if (place === 'pot' || does.includes('poaches')) return null;
  if (place === 'drain' && params.in === 'colander')
    return { toC: Math.max(world.roomC, practice.enteredC - COOLS_C), tauMin: KEPT_TAU_MIN };
  const standsC = stage.kind.standsC(stage.params) ?? params.atC;
  if (standsC !== undefined) return { toC: standsC, tauMin: CURD_COOLS_MIN };
  return { toC: world.roomC, tauMin: OUT_TAU_MIN };
}

const powerCut = ({ hidden: { powerCut: cut }, pot }: Practice): boolean =>
  cut !== null && pot.minute >= cut[0] && pot.minute < cut[1];

/** Milk over the rim in a minute at the boil with the lid on, share of what is in the pot. Judgement. */
const OVER_A_MINUTE = 0.04;
/** Milk that is hot, unstirred and over heat catches on the base from here on, °C; so much a minute burns it all through. Judgement. */
const CATCHES_FROM_C = 65;
const CATCH_A_MINUTE = 0.03;
/** From here on it can be tasted. */
const TASTES_BURNT = 0.25;

/** What heat does to milk or whey nobody looks after: it catches, and it climbs over the rim. */
function neglect(practice: Practice, minutes: number, boilsC: number) {
  const { pot, hob, lid, stirring, place, cutAt } = practice;
  if (hob === 0 || (place !== 'pot' && !stageNow(practice).kind.does.includes('poaches'))) return;
  if (!stirring && pot.tempC > CATCHES_FROM_C && cutAt === null && practice.acidGrams === 0) {
    const before = practice.burnt;
    practice.burnt += CATCH_A_MINUTE * minutes * hob;
    if (before < TASTES_BURNT && practice.burnt >= TASTES_BURNT)
      costs(practice, {
        cause: 'milk-caught',
        found: ['burnt-taste'],
        text: 'The milk caught on the base: it was hot, over heat, and not stirred.',
        marks: 20,
      });
  }
  if (pot.tempC < boilsC - 0.5) return;
  const gone = Math.min(1, OVER_A_MINUTE * minutes * (lid ? hob : 0.3 * hob));
  costs(practice, {
    cause: null,
    found: ['low-yield'],
    text: 'It boiled over: what went over the rim is lost.',
    lost: gone,
  });
}

/** Open milk draws a skin from here on, °C; what of its fat and casein that takes in a minute. From memory, and judgement. */
const SKINS_FROM_C = 50;
const SKIN_A_MINUTE = { fat: 0.0006, casein: 0.0003 };

/** Hot milk that stands open and still draws a skin, which is lifted off and lost. */
function skins(practice: Practice, minutes: number) {
  const { pot, lid, ice, stirring, place, cutAt, acidGrams, method } = practice;
  if (lid || ice || stirring || place !== 'pot' || cutAt !== null || acidGrams > 0) return;
  if (method.of === 'whey' || pot.tempC < SKINS_FROM_C) return;
  costs(practice, {
    cause: null,
    found: [],
    text: 'The hot milk stood open and still, and drew a skin: fat and protein that never came into the cheese.',
    fat: SKIN_A_MINUTE.fat * minutes,
    casein: SKIN_A_MINUTE.casein * minutes,
  });
}

/** The pot's temperature over some minutes, and the heat its milk takes. */
export function heatFor(practice: Practice, minutes: number): void {
  const { pot, world, hob, ice, brief } = practice;
  const before = pot.tempC;
  const outside = around(practice);
  const boilsC = boilingC(brief.altitudeM);
  if (outside) {
    pot.tempC = outside.toC + (before - outside.toC) * expOf(-minutes / outside.tauMin);
  } else {
    const poaches = stageNow(practice).kind.does.includes('poaches');
    const share = poaches ? WHEY_SHARE : 1;
    const body = potOf(pot.litres * share, pot.kg * share, poaches ? 'whey' : 'milk', lossW(practice));
    const rated = world.heating?.kW === undefined ? body.powerKw : world.heating.kW * HOB_SHARE;
    const glow = afterglow(
      { on: hob > 0, holdsKj: practice.hidden.heatLeftKj, leftKj: practice.heatLeftKj },
      minutes,
    );
    practice.heatLeftKj = glow.leftKj;
    const kW = (powerCut(practice) ? 0 : (rated * hob * world.power) / 2) + glow.kW;
    const roundC = ice ? ICE_C : wrapped(practice) ? world.keptRoundC : world.roomC;
    pot.tempC = Math.min(boilsC, tempAfter(body, before, minutes, roundC, kW));
    neglect(practice, minutes, boilsC);
    skins(practice, minutes);
  }
  pot.heat = heatOver(pot.heat, before, pot.tempC, minutes);
}
