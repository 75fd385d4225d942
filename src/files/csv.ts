import Papa from 'papaparse';
import { isoUtc } from '../core/units/wallTime';
import type { Plan } from '../plan/schema';
import type { MakeEvent } from '../run/events';

/** RFC 4180 with a header row; cells that a spreadsheet would run as a formula are written so that it does not. */
const written = (rows: Record<string, string | number | null>[]): string =>
  `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: /^[=+\-@\t\r](?!\d)/ })}\r\n`;

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
      'weight (kg)': event.type === 'finished' ? event.weighedKg : event.type === 'weighed' ? event.kg : null,
      corrects: event.type === 'corrected' || event.type === 'undone' ? event.target : null,
      'corrected value': event.type === 'corrected' ? event.value : null,
      whey: event.type === 'whey' ? event.look : '',
      'score (1 to 5)': event.type === 'tasted' ? event.score : null,
      text:
        'text' in event
          ? event.text
          : event.type === 'abandoned'
            ? event.reason
            : event.type === 'started' || event.type === 'imported'
              ? event.name
              : event.type === 'tested'
                ? event.found
                : '',
    })),
  );
