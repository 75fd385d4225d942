import { formatter, METRIC } from '../core/units/format';
import { givenText } from '../core/units/given';
import { isoUtc } from '../core/units/wallTime';
import { methodIn, type PlanOf } from '../plan/planOf';
import type { Plan } from '../plan/schema';
import { reviewOf } from '../run/review';
import { lotsOf } from '../run/shelf';
import type { MakeState } from '../run/state';

const f = formatter(METRIC);
const plain = (lines: readonly string[]) => `${lines.join('\n').replaceAll('\u00a0', ' ')}\n`;
/** Text of a person's or a file's own, kept on one line and from being read as Markdown or as a page. */
const quoted = (text: string) =>
  text
    .replace(/\s*[\r\n\u2028\u2029]+\s*/g, ' ')
    .replace(/\p{Cc}/gu, ' ')
    .replace(/[\\`*_[\]<>#|~&!]/g, '\\$&')
    .replace(/^(\s*)([-+=]|\d+[.)])/, '$1\\$2');

function doseLine(dose: Plan['doses'][number]): string {
  const amount =
    dose.millilitres === null
      ? f.grams(dose.grams)
      : `${f.millilitres(dose.millilitres)} (${f.grams(dose.grams)})`;
  const held = dose.holdBackGrams > 0 ? `, of which ${f.grams(dose.holdBackGrams)} held back` : '';
  const spoons = dose.spoons === '' ? '' : `, about ${quoted(dose.spoons)}`;
  const water = dose.diluteInMl > 0 ? `, in ${f.millilitres(dose.diluteInMl)} of cool water` : '';
  return `- ${quoted(dose.ingredient)}: ${amount}${spoons}${held}${water}`;
}

/** A plan as Markdown, to read and print anywhere; metric, with a decimal point. */
export function planMarkdown(of: PlanOf): string {
  const { plan } = of;
  const { milk } = plan.brief;
  const p = plan.predictions;
  return plain([
    `# ${quoted(methodIn(of)?.title ?? plan.method)}`,
    '',
    `- Milk: ${f.litres(milk.litres ?? 0)}, ${milk.species}, ${f.number(milk.fatPct ?? 0, 1)} % fat, ${f.number(milk.proteinPct ?? 0, 2)} % true protein`,
    `- Cheese: ${f.kg(p.yieldKg.likely)}, likely ${f.kg(p.yieldKg.low)} to ${f.kg(p.yieldKg.high)}`,
    `- Time: ${f.number(p.totalHours, 1)} h from first warming, ${f.number(p.handsOnMin)} min of them hands on`,
    ...(plan.readyAt === null ? [] : [`- Ready: ${quoted(plan.readyAt.replace('T', ' '))}`]),
    '',
    '## To weigh out',
    '',
    ...plan.doses.map(doseLine),
    '',
    '## Stages',
    '',
    ...plan.stages.flatMap((stage) => [
      `- [ ] at ${f.number(stage.startMin)} min: ${quoted(stage.title)} (${f.number(stage.durationMin.likely)} min)`,
      ...plan.cautions
        .filter((caution) => caution.stage === stage.id)
        .map((caution) => `  - Caution: ${quoted(caution.text)}`),
    ]),
  ]);
}

/** Readings that came with a file: how many, from when. */
function fromFiles({ readings }: MakeState): { at: number; text: string }[] {
  const taken = readings.filter((reading) => reading.seq === null);
  const [first] = taken;
  return first ? [{ at: first.at, text: `${taken.length} readings of a logger from here on` }] : [];
}

/** A make as Markdown: what was planned, what happened, what came out. */
export function makeMarkdown(state: MakeState): string {
  const review = reviewOf(state);
  const happened = [
    ...state.runs.map((run) => ({
      at: run.startedAt,
      text: `stage ${quoted(run.stage)}${run.skipped ? ', left out' : ''}`,
    })),
    ...state.readings
      .filter((reading) => reading.seq !== null)
      .map((reading) => ({ at: reading.at, text: f.temp(reading.tempC, 1) })),
    ...state.pHs
      .filter((reading) => reading.seq !== null)
      .map((reading) => ({ at: reading.at, text: `pH ${f.pH(reading.pH)}` })),
    ...state.weighings.map((one) => ({ at: one.at, text: `weighed ${f.kg(one.kg)}` })),
    ...(state.flocculated ? [{ at: state.flocculated.at, text: 'the bowl stopped' }] : []),
    ...state.tests.map((test) => ({ at: test.at, text: `tried: ${test.found}` })),
    ...state.mishaps.map((mishap) => ({ at: mishap.at, text: `went wrong: ${quoted(mishap.text)}` })),
    ...(state.parted
      ? [{ at: state.parted.at, text: `curd parted, ${f.percent(state.parted.share * 100)} stayed` }]
      : []),
    ...fromFiles(state),
    ...state.looks.map((look) => ({ at: look.at, text: `whey ${look.look}` })),
    ...state.acid.map((acid) => ({ at: acid.at, text: `acid ${f.grams(acid.grams)}` })),
    ...state.added.map((one) => ({ at: one.at, text: `${givenText(one.said)} of ${one.dose} in` })),
    ...state.later.map((one) => ({
      at: one.at,
      text: `${one.what}${one.kg === null ? '' : `, ${f.kg(one.kg)}`}${one.text === '' ? '' : `: ${quoted(one.text)}`}`,
    })),
    ...state.pieces.map((one) => ({ at: one.at, text: `${one.count} pieces` })),
    ...state.loads.map((one) => ({ at: one.at, text: `${f.kg(one.kg)} on the press` })),
    ...state.beside.map((one) => ({ at: one.at, text: `${one.of} ${f.temp(one.tempC, 1)}` })),
    ...state.notes.map((note) => ({ at: note.at, text: quoted(note.text) })),
  ].sort((a, b) => a.at - b.at);
  return plain([
    `# ${quoted(state.name)}`,
    '',
    `- Make: ${quoted(methodIn(state)?.title ?? state.plan.method)}`,
    `- Milk: ${f.litres(state.plan.brief.milk.litres ?? 0)}${state.milkName === '' ? '' : ` of ${quoted(state.milkName)}`}`,
    ...lotsOf(state).map((lot) => `- Of: ${quoted(lot)}`),
    `- Planned: ${f.kg(review.plannedKg.likely)}`,
    `- Weighed: ${review.weighedKg === null ? 'not' : f.kg(review.weighedKg)}`,
    ...(state.wheyUse ? [`- Whey: ${state.wheyUse}`] : []),
    '',
    '## What happened (UTC)',
    '',
    ...happened.map(({ at, text }) => `- ${isoUtc(at)}: ${text}`),
    ...(state.tastings.length === 0 ? [] : ['', '## Tasted', '']),
    ...state.tastings.map((one) => `- ${isoUtc(one.at)}: ${one.score} of 5. ${quoted(one.text)}`),
  ]);
}
