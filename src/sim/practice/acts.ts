import { standingAreaM2 } from '../../core/curd/press';
import { bad, type Fault, good, type Result } from '../../core/faults/fault';
import { expOf } from '../../core/numeric/elementary';
import { saltAfterHours } from '../../core/salt/diffusion';
import { saltToReach } from '../../core/salt/taken';
import { STRETCH_WAYS, type StretchWay } from '../../core/stretch/losses';
import type { BrineParams } from '../../makes/kinds/brine';
import { curdOf } from '../../makes/kinds/curd';
import { rinsed, saltIn, stretchedSo } from '../../makes/kinds/leaves';
import { saltSlows } from '../../makes/kinds/offWhey';
import { eachKg } from '../../makes/kinds/pieces';
import { cannot, type Practice, stageNow, USUAL_HEIGHT_CM, worldNow } from './batch';
import { cut, disturbed, dripped, hasCurd, parted, turned, warmed } from './curd';
import { addAcid, addDose, leftOut } from './doses';
import { elapse, hangs } from './elapse';
import type { Deed } from './moves';

/** Curd comes to within so much of its water's heat, with this time constant, min. Common practice. */
export const SHORT_OF_WATER_C = 5;
export const STRETCH_TAU_MIN = 3;

/** Leaves where it is for somewhere else. */
function goTo(practice: Practice, place: Practice['place']) {
  settle(practice);
  practice.enteredC = practice.pot.tempC;
  practice.drainedMin = 0;
  practice.bagFrom = practice.pot.bagHours;
  practice.place = place;
}

/** The brine of the stage under way, or of the make's first that has one; null where it has none. */
function brineOf(practice: Practice): BrineParams | null {
  const brined = [stageNow(practice), ...practice.stages].find((one) => one.kind.does.includes('brines'));
  return (brined?.params as BrineParams | undefined) ?? null;
}

/** Salt that a brine has brought since it went in. */
function outOfBrine(practice: Practice): void {
  const { brinedFrom, pot } = practice;
  const params = brineOf(practice);
  if (brinedFrom === null || !params) return;
  const world = worldNow(practice);
  const curd = curdOf(world, pot);
  const pct = saltAfterHours(
    {
      shape: params.shape,
      grams: eachKg(params.pieces ?? 0, params.pieceKg, curd.kg) * 1000,
      diameterCm: params.diameterCm,
      thicknessCm: params.thicknessCm,
      brinePctWw: params.pctWw,
      targetSaltPct: 0,
      moisturePct: curd.moisturePct,
      startSaltPct: (100 * curd.saltKg) / curd.kg,
      knit: params.knit,
      tempC: params.atC,
    },
    (pot.minute - brinedFrom) / 60,
  );
  const taken = saltToReach(curd, pct, world.style.solutes);
  pot.saltKg += taken;
  pot.givenSaltKg += taken;
  saltSlows(world, pot);
  practice.brinedFrom = null;
}

/** What is still under way as one stops: it is worth what stands there now. */
export function settle(practice: Practice): void {
  hangs(practice);
  outOfBrine(practice);
}

function stretch(practice: Practice, { waterC, minutes }: Extract<Deed, { do: 'stretch' }>): Fault | null {
  const { pot, stages } = practice;
  if (!hasCurd(practice) || pot.wheyPH === null)
    return cannot('stretch what is not drained curd', 'drain it first');
  const by =
    (stages.map(({ params }) => (params as { by?: string }).by).find((one) => one && one in STRETCH_WAYS) as
      | StretchWay
      | undefined) ?? 'whey';
  const started = practice.stretched?.coreC ?? pot.tempC;
  const coreC = started + (waterC - SHORT_OF_WATER_C - started) * (1 - expOf(-minutes / STRETCH_TAU_MIN));
  const workMin = (practice.stretched?.workMin ?? 0) + minutes;
  goTo(practice, 'pot');
  elapse(practice, minutes);
  pot.tempC = coreC;
  const quality = stretchedSo(worldNow(practice), pot, { by, coreC, waterC, workMin });
  practice.stretched = { coreC, workMin, quality };
  return null;
}

/**
 * One deed at the practice pot, now. What cannot be done is said and changes nothing.
 *
 * @example act(practice, { do: 'heat', setting: 2 }) // { ok: true, value: null }
 */
export function act(practice: Practice, deed: Deed): Result<null> {
  const fault = practice.over
    ? cannot('go on with a make that is over', 'begin another')
    : doIt(practice, deed);
  return fault ? bad(fault) : good(null);
}

function doIt(practice: Practice, deed: Deed): Fault | null {
  const { pot } = practice;
  switch (deed.do) {
    case 'heat':
      practice.hob = deed.setting as Practice['hob'];
      return null;
    case 'lid':
      practice.lid = deed.on;
      return null;
    case 'ice':
      practice.ice = deed.on;
      return null;
    case 'stir':
      practice.stirring = deed.on;
      if (deed.on) disturbed(practice);
      return null;
    case 'add':
      if (deed.what === 'acid') return addAcid(practice, deed.grams);
      if (deed.what === 'salt') {
        salted(practice, deed.grams);
        return null;
      }
      if (deed.what !== 'water') return addDose(practice, deed.what, deed.grams);
      if (!hasCurd(practice)) return cannot('rinse what is not curd', 'wait until there is curd');
      rinsed(worldNow(practice), pot, (stageNow(practice).params as { waterC?: number }).waterC ?? 20);
      return null;
    case 'cut':
      return cut(practice, deed.mm);
    case 'draw-whey':
      return parted(practice);
    case 'drain': {
      const fault = parted(practice);
      if (!fault) goTo(practice, 'drain');
      return fault;
    }
    case 'turn':
      practice.turns++;
      return null;
    case 'press': {
      const fault = parted(practice);
      if (fault) return fault;
      if (practice.place !== 'press') {
        goTo(practice, 'press');
        // From here the press decides the moisture, not the cloth before it.
        pot.nonFat = null;
        practice.loadedAt = pot.minute;
        const { heightCm = USUAL_HEIGHT_CM } = stageNow(practice).params as { heightCm?: number };
        practice.areaM2 = standingAreaM2(curdOf(worldNow(practice), pot).kg, heightCm);
        pot.work.kPaHours ??= 0.01;
      }
      practice.loadKg = deed.kg;
      return null;
    }
    case 'stretch':
      return stretch(practice, deed);
    case 'salt':
      salted(practice, deed.grams);
      return null;
    case 'brine':
      if (!brineOf(practice)) return cannot('lay it in a brine this make does not have', 'salt it');
      if (!hasCurd(practice) || pot.wheyPH === null)
        return cannot('brine what is not drained curd', 'drain it first');
      goTo(practice, 'brine');
      practice.brinedFrom ??= pot.minute;
      return null;
    case 'wait':
      elapse(practice, deed.minutes);
      return null;
    case 'next':
      return next(practice);
    default:
      return null;
  }
}

/** Salt by hand: into the water while the curd lies in it, over the curd afterwards. */
function salted(practice: Practice, grams: number): void {
  const { pot, stages, at } = practice;
  const later =
    (stages[at]?.params as { pressed?: boolean } | undefined)?.pressed ??
    stages.slice(at + 1).some((stage) => stage.kind.does.includes('presses'));
  const loose = pot.wheyPH === null;
  saltIn(worldNow(practice), pot, grams / 1000, loose ? { at: 'water' } : { at: 'curd', pressed: later });
}

/** Stages whose end takes the curd out of where it is. */
const TAKEN_OUT = ['drains', 'presses', 'brines'] as const;

function next(practice: Practice): Fault | null {
  settle(practice);
  warmed(practice);
  turned(practice);
  dripped(practice);
  leftOut(practice);
  // What hung, lay under a weight or in brine is taken out.
  const { does } = stageNow(practice).kind;
  if (practice.place !== 'pot' && TAKEN_OUT.some((one) => does.includes(one))) goTo(practice, 'board');
  if (practice.at >= practice.stages.length - 1) {
    practice.over = true;
    return null;
  }
  practice.at++;
  practice.since = practice.pot.minute;
  practice.begun[practice.at] = practice.pot.minute;
  practice.turns = 0;
  return null;
}
