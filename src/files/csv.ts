import Papa from 'papaparse';
import { givenText } from '../core/units/given';
import { roundTo } from '../core/units/numbers';
import { isoUtc } from '../core/units/wallTime';
import type { Plan } from '../plan/schema';
import type { MakeEvent } from '../run/events';
import type { Summary } from '../run/line';

/** A cell of a spreadsheet holds no more letters than this. */
const MOST_CELL = 32_000;

/** What a spreadsheet may take for a formula: its signs, their wide and typographic forms, tabs and line ends before them. */
const RUNS = /^[=+\-@\t\r\n\u2212\uff0b\uff0d\uff1d\uff20]/;
/** A plain number is no formula, whatever its sign. */
const PLAIN_NUMBER = /^[+\-\u2212]?\d+([.,]\d+)?$/;

const harmless = (cell: string | number | null) =>
  typeof cell === 'string' && RUNS.test(cell.replace(/^ +/, '')) && !PLAIN_NUMBER.test(cell.trim())
    ? `'${cell}`
    : cell;

/** RFC 4180 with a header row; a cell that a spreadsheet would run as a formula begins with an apostrophe. */
export const written = (rows: Record<string, string | number | null>[]): string =>
  `${Papa.unparse(
    rows.map((row) => Object.fromEntries(Object.entries(row).map(([key, cell]) => [key, harmless(cell)]))),
    { newline: '\r\n' },
  )}\r\n`;

/** A plan's stages, one a row. */
export const planCsv = (plan: Plan): string =>
  written(
    plan.stages.map((stage) => ({
      stage: stage.id,
      kind: stage.kind,
      title: stage.title,
      'start (min)': stage.startMin,
      'duration likely (min)': stage.durationMin.likely,
      'duration low (min)': stage.durationMin.low,
      'duration high (min)': stage.durationMin.high,
      'target (°C)': stage.targetC,
      'hands on (min)': stage.handsOnMin,
    })),
  );

/** The readings of a logger's file as rows of their own, under the number of the event that brought them. */
const unpacked = (events: readonly MakeEvent[]): MakeEvent[] =>
  events.flatMap((event): MakeEvent[] =>
    event.type === 'imported'
      ? [
          event,
          ...event.readings.flatMap(({ at, tempC, pH }): MakeEvent[] => [
            { type: 'temperature', seq: event.seq, at, tempC },
            ...(pH === undefined ? [] : [{ type: 'pH' as const, seq: event.seq, at, pH }]),
          ]),
        ]
      : [event],
  );

/** What an event says in words. */
function wordsOf(event: MakeEvent): string {
  if ('text' in event) return event.text;
  switch (event.type) {
    case 'abandoned':
      return event.reason;
    case 'started':
    case 'imported':
      return event.name;
    case 'temperature':
      return [event.of, event.shown && `${event.shown.by} showed ${event.shown.tempC} °C`]
        .filter(Boolean)
        .join(', ');
    case 'added':
      return `${givenText(event.said)} of ${event.dose}`;
    case 'tested':
      return event.found;
    case 'unreadable':
      return event.raw.slice(0, MOST_CELL);
    default:
      return '';
  }
}

/** A make's events, one a row. */
export const makeCsv = (events: readonly MakeEvent[]): string =>
  written(
    unpacked(events).map((event) => ({
      seq: event.seq,
      'time (UTC)': isoUtc(event.at),
      event: event.type,
      stage:
        event.type === 'done' || event.type === 'skipped'
          ? event.stage
          : event.type === 'back'
            ? event.from
            : '',
      'temperature (°C)': event.type === 'temperature' ? event.tempC : null,
      pH: event.type === 'pH' ? event.pH : null,
      'acid (g)': event.type === 'acid' ? event.grams : null,
      'weight (kg)':
        event.type === 'finished'
          ? event.weighedKg
          : event.type === 'weighed' || event.type === 'loaded'
            ? event.kg
            : null,
      corrects: event.type === 'corrected' || event.type === 'undone' ? event.target : null,
      'corrected value': event.type === 'corrected' ? event.value : null,
      whey: event.type === 'whey' ? event.look : '',
      'score (1 to 5)': event.type === 'tasted' ? event.score : null,
      text: wordsOf(event),
    })),
  );

/** A book: one make a row. */
export const bookCsv = (makes: readonly Summary[]): string =>
  written(
    makes.map((make) => ({
      id: make.id,
      name: make.name,
      method: make.method,
      'started (UTC)': isoUtc(make.startedAt),
      'ended (UTC)': make.endedAt === null ? '' : isoUtc(make.endedAt),
      'given up': make.abandoned ? 'yes' : 'no',
      milk: make.milk,
      lots: make.lots.join('; '),
      'milk (L)': make.litres,
      'planned (kg)': roundTo(make.plannedKg, 3),
      'weighed (kg)': make.weighedKg,
      'weighed of planned (%)': make.yieldShare === null ? null : roundTo(100 * make.yieldShare, 1),
      'score (1 to 5)': make.score,
      found: make.found.join('; '),
      'hands (min)': Math.round(make.handsMin),
      'hands per kilogram (min)': make.handsMinPerKg === null ? null : Math.round(make.handsMinPerKg),
      'cost per kilogram': make.costPerKg === null ? null : roundTo(make.costPerKg, 2),
      'went wrong': make.mishaps,
    })),
  );
