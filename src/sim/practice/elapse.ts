import { flocculationMin } from '../../core/coagulant/clotting';
import { advance, fermentPH } from '../../core/culture/ferment';
import { pressedAt, pressureKPa, selfWeightKPa, stillPresses } from '../../core/curd/press';
import { STILL_COUNTS } from '../../makes/kinds/cook';
import { drainedInBag, drainedInCloth, poachedFor } from '../../makes/kinds/leaves';
import { costs, type Practice, stageNow, USUAL_HEIGHT_CM, worldNow } from './batch';
import { heatFor } from './heat';

/** Steps while something happens fast, and while it only stands, min. */
const BUSY_MIN = 0.5;
const QUIET_MIN = 5;
/** The course is kept this finely, min. */
const KEPT_EVERY_MIN = 2;
/** Poaching counts from here on, °C. Common practice. */
const POACHES_FROM_C = 78;
/** Curd over heat that lies still for longer than this begins to grow together, min. Common practice. */
const CLUMPS_AFTER_MIN = 6;

/** How curd presses under what lies on it now, kPa. */
function pressure(practice: Practice): number {
  const { loadKg, loadedAt, areaM2, pot } = practice;
  const params = stageNow(practice).params as { by?: string; heightCm?: number };
  if (params.by === 'self' && loadKg === 0) return selfWeightKPa(params.heightCm ?? USUAL_HEIGHT_CM);
  const kPa = pressureKPa(loadKg, areaM2);
  return kPa * stillPresses((pot.minute - loadedAt) / 60, params.by === 'screw');
}

/** Milk that sours begins to thicken here, and holds its curd from so near its goal on, pH. Common practice. */
const SETS_FROM_PH = 5.2;
const NEAR_PH = 0.1;

/** Milk that sets, a little further; a coagulant goes by its heat and its acid, a souring alone by its pH. */
function setOn(practice: Practice, minutes: number) {
  const { pot, world, stages, cutAt } = practice;
  if (cutAt !== null) return;
  const goal = stages.map((stage) => stage.kind.goal(stage.params)).find((one) => one?.is === 'pH');
  const bySouring = stages.some(
    (stage) => stage.kind.does.includes('sets') && stage.kind.goal(stage.params)?.is === 'pH',
  );
  if (bySouring && goal?.is === 'pH') {
    if (pot.ferment)
      practice.gel = Math.min(
        1.5,
        Math.max(practice.gel, (SETS_FROM_PH - pot.pH) / (SETS_FROM_PH - NEAR_PH - goal.pH)),
      );
    return;
  }
  if (!pot.clot || !world.coagulant?.imcuPerLitre || practice.coagulantShare === 0) return;
  const { milk, imcuPerLitre, strength, multiplier } = world.coagulant;
  const floc = flocculationMin({
    ...milk,
    imcuPerLitre: imcuPerLitre * practice.coagulantShare * strength,
    tempC: pot.tempC,
    pH: pot.pH,
    calciumMmolPerLitre: pot.calciumMmolPerLitre,
  });
  practice.gel += minutes / (multiplier * floc);
}

/** Curd in its warm whey: what heat and stirring take from it. */
function cook(practice: Practice, minutes: number) {
  const { pot, cutAt, place, stirring, world, hob } = practice;
  if (cutAt === null || place !== 'pot' || pot.wheyPH !== null) return;
  pot.work.cookC = Math.max(pot.work.cookC ?? 0, pot.tempC);
  const { does } = stageNow(practice).kind;
  const warms = does.includes('cooks-curd');
  pot.work.stirMin = (pot.work.stirMin ?? 0) + (stirring ? minutes : warms ? STILL_COUNTS * minutes : 0);
  const still = (stageNow(practice).params as { stirred?: boolean }).stirred === false;
  practice.stillMin = stirring || hob === 0 || still ? 0 : practice.stillMin + minutes;
  if (practice.stillMin > CLUMPS_AFTER_MIN && world.style.usual.stirMin !== undefined)
    costs(practice, {
      cause: 'stirred-too-little',
      found: ['clumped'],
      text: 'The curds lay still over the heat and grew together: wet inside.',
      moisturePct: 0.15 * minutes,
      marks: minutes,
    });
}

/** One step of everything that goes on by itself. */
function step(practice: Practice, minutes: number): void {
  const { pot, place } = practice;
  const before = pot.tempC;
  heatFor(practice, minutes);
  pot.minute += minutes;
  if (pot.ferment) {
    const after = pot.tempC;
    const hours = minutes / 60;
    advance(pot.ferment, (hour) => before + ((after - before) * hour) / hours, 0, hours, 0.25);
    pot.fermentedTo = pot.minute;
    pot.pH = fermentPH(pot.ferment);
  }
  setOn(practice, minutes);
  cook(practice, minutes);
  if (place === 'drain') {
    practice.drainedMin += minutes;
    pot.drainMin += minutes;
  }
  if (place === 'press') {
    const { kind, params } = stageNow(practice);
    const kPaHours = (pressure(practice) * minutes) / 60;
    pot.work.kPaHours = (pot.work.kPaHours ?? 0) + pressedAt(kPaHours, kind.standsC(params));
  }
  if (stageNow(practice).kind.does.includes('poaches') && pot.tempC >= POACHES_FROM_C)
    practice.poachMin += minutes;
}

/** Whether something changes within minutes. */
const isBusy = ({ hob, ice, heatLeftKj, pot, cutAt, acidGrams, method }: Practice): boolean =>
  hob > 0 ||
  ice ||
  heatLeftKj > 1 ||
  (pot.clot !== null && cutAt === null) ||
  (method.acid === 'turns' && acidGrams > 0 && pot.wheyPH === null);

/** Lets so many minutes go by. */
export function elapse(practice: Practice, minutes: number): void {
  let left = minutes;
  while (left > 1e-9 && !practice.over) {
    const now = Math.min(left, isBusy(practice) ? BUSY_MIN : QUIET_MIN);
    step(practice, now);
    left -= now;
    const { pot, course, gel, at, cutAt } = practice;
    const last = course[course.length - 1];
    if (!last || pot.minute - last.minute >= KEPT_EVERY_MIN || last.stage !== at)
      course.push({
        minute: pot.minute,
        tempC: pot.tempC,
        pH: pot.pH,
        set: gel > 0 ? (cutAt ?? gel) : null,
        stage: at,
      });
  }
  hangs(practice);
  poaches(practice);
}

/** Takes what a drain has come to into the curd. */
export function hangs(practice: Practice): void {
  const { place, pot, drainedMin } = practice;
  if (place !== 'drain') return;
  const world = worldNow(practice);
  const { kind, params } = stageNow(practice);
  const { in: where } = params as { in?: string };
  // Hung up before its stage has come, it drains as its make drains.
  if (where === 'bag' || where === 'basket' || (where === undefined && world.bag)) {
    if (world.bag)
      drainedInBag(
        { ...world, bag: world.bag },
        pot,
        practice.bagFrom + drainedMin / 60,
        kind.standsC(params),
      );
  } else drainedInCloth(world, pot, drainedMin);
}

/** Takes what a poach has come to into the curd. */
function poaches(practice: Practice): void {
  const { poachMin, pot } = practice;
  if (poachMin === 0 || !stageNow(practice).kind.does.includes('poaches')) return;
  practice.fatBeforePoach ??= pot.fatKept ?? practice.world.style.fat;
  poachedFor(worldNow(practice), pot, poachMin, practice.fatBeforePoach);
}
