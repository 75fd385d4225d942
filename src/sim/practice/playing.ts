import type { NewEvent } from '../../run/events';
import type { Practice } from './batch';
import type { Notes } from './log';
import type { Deed, Move } from './moves';

/** Somebody who makes a batch, and what was done so far. */
export interface Hand {
  practice: Practice;
  moves: Move[];
  /** Reads what really is, as nobody at a pot can. */
  knows: boolean;
  log: Log | null;
}

/** A log that is kept while one plays. */
export interface Log {
  notes: Notes;
  /** How often the thermometer is read while something warms, min. */
  readsEvery: number;
  /** Whether the bowl is watched until it stops. */
  watches: boolean;
}

/** A stage in somebody else's hands: what may be done, and how it would be done well. */
export interface Elsewise {
  practice: Practice;
  does(deed: Deed): void;
  waits(minutes: number): void;
  /** Waits beside it, and sees when the bowl on it stops. */
  watches(minutes: number): void;
  well(): void;
  /** Writes something down, where a log is kept. */
  writes(event: NewEvent): void;
  planned: number;
}
/** How a whole make is played. */
export interface Playing {
  /** What each stage takes, min; as planned where nobody says. */
  minutes?: readonly number[];
  /** Stages that are done otherwise, by their ids. */
  instead?: Readonly<Record<string, (stage: Elsewise) => void>>;
  log?: Log;
}
