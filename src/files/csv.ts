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

/** A make's events, one a row. */
export const makeCsv = (events: readonly MakeEvent[]): string =>
  written(
    events.map((event) => ({
      seq: event.seq,
      'time (UTC)': isoUtc(event.at),
      event: event.type,
      stage: event.type === 'done' ? event.stage : event.type === 'back' ? event.from : '',
      'temperature (°C)': event.type === 'temperature' ? event.tempC : null,
      'acid (g)': event.type === 'acid' ? event.grams : null,
      'weight (kg)': event.type === 'finished' ? event.weighedKg : null,
      whey: event.type === 'whey' ? event.look : '',
      'score (1 to 5)': event.type === 'tasted' ? event.score : null,
      text:
        'text' in event
          ? event.text
          : event.type === 'abandoned'
            ? event.reason
            : event.type === 'started'
              ? event.name
              : '',
    })),
  );
