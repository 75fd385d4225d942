import { roundTo } from '../../core/units/numbers';
import type { MakeEvent, NewEvent } from '../../run/events';
import { frozenWhole } from '../../run/frozen';
import { type Practice, stageNow } from './batch';
import { plannedGrams } from './doses';
import type { Move } from './moves';
import { type Looked, look, type Tested, test } from './senses';
import type { Worth } from './worth';

/** A dose this near to the planned one is the planned one, share; salt goes by the weight of the curd. */
const AS_PLANNED_SHARE = 0.02;
const SALT_SHARE = 0.1;

/** The start of a practice make: marked, so that book, shelf and learning pass it over. */
export const startOf = ({ planned }: Practice, name: string): NewEvent => ({
  type: 'started',
  name,
  milkName: '',
  practice: true,
  ...frozenWhole(planned),
});

/** A log that is written at the pot, minute by minute; `startMs` is when the practice began. */
export class Notes {
  readonly events: MakeEvent[] = [];
  private bowlSeen = false;
  private whey: Looked['whey'] = null;

  constructor(private readonly startMs: number) {}

  write(event: NewEvent, minute: number): void {
    const at = Math.round(this.startMs + minute * 60_000);
    this.events.push({ ...event, seq: this.events.length, at } as MakeEvent);
  }

  /** What eyes and a thermometer told. */
  looked({ tempC, whey, bowl }: Looked, minute: number): void {
    this.write({ type: 'temperature', tempC: roundTo(tempC, 1) }, minute);
    // Whey that is as it was and will not change any more is not told again.
    if (whey && (whey !== this.whey || whey === 'milky' || whey === 'cloudy'))
      this.write({ type: 'whey', look: whey }, minute);
    this.whey = whey;
    if (bowl === 'stopped' && !this.bowlSeen) {
      this.bowlSeen = true;
      this.write({ type: 'flocculated' }, minute);
    }
  }

  /** What hands, meter and scale told. */
  tested({ found, pH, kg }: Tested, minute: number): void {
    if (found) this.write({ type: 'tested', found }, minute);
    if (pH !== null) this.write({ type: 'pH', pH: roundTo(pH, 2) }, minute);
    if (kg !== null) this.write({ type: 'weighed', kg: roundTo(kg, 3) }, minute);
  }

  /** What was done, where a maker notes it; told before the deed changes the stage. */
  private did(practice: Practice, move: Move): void {
    const { pot, portions, turns } = practice;
    const stage = stageNow(practice);
    if (move.do === 'next') this.write({ type: 'done', stage: stage.id }, pot.minute);
    if (move.do === 'turn') this.write({ type: 'turned', turn: turns }, pot.minute);
    if (move.do === 'press' && move.kg > 0) this.write({ type: 'loaded', kg: move.kg }, pot.minute);
    const what = move.do === 'salt' ? 'salt' : move.do === 'add' ? move.what : 'water';
    if (what === 'water' || !('grams' in move)) return;
    if (what === 'acid' && stage.kind.goal(stage.params)?.is === 'clear-whey') {
      this.write({ type: 'acid', grams: roundTo(move.grams, 2), portion: portions }, pot.minute);
      return;
    }
    const planned = plannedGrams(practice, what);
    const near = what === 'salt' ? SALT_SHARE : AS_PLANNED_SHARE;
    if (planned === null || Math.abs(move.grams - planned) <= near * planned) return;
    const name = `${what[0]?.toUpperCase()}${what.slice(1)}`;
    const says = `${name}: ${roundTo(move.grams, 2)} g went in where ${roundTo(planned, 2)} g were planned.`;
    this.write({ type: 'note', text: says }, pot.minute);
  }

  /** What a move does, and tells whoever makes it; before it is made. */
  move(practice: Practice, move: Move): void {
    const { minute } = practice.pot;
    if (move.do === 'look') this.looked(look(practice), minute);
    if (move.do === 'test') this.tested(test(practice), minute);
    this.did(practice, move);
  }

  /** It is over: what it weighs, and how it was found to be. */
  ended({ kg, faults, score }: Worth, minute: number): void {
    this.write({ type: 'finished', weighedKg: kg > 0 ? roundTo(kg, 3) : null }, minute);
    this.write(
      {
        type: 'tasted',
        score: Math.min(5, Math.max(1, Math.round(score / 20))),
        text: '',
        ...(faults.length > 0 && { found: [...faults] }),
      },
      minute,
    );
  }
}
