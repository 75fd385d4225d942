import { createContext, useContext } from 'react';
import type { Result } from '../core/faults/fault';
import type { UnitChoice } from '../core/units/format';
import type { Kitchen } from '../kitchen/kitchen';
import type { Learning } from '../learn/learnt';
import type { Brief } from '../plan/brief/schema';
import type { Planned, PlanOptions } from '../plan/plan';
import type { Week } from '../schedule/week';
import type { WeekPlan } from '../schedule/weekFile';
import type { Database } from './db';
import type { Heard } from './howFar';

/** Wall time rules; monotonic time shows when the wall clock has jumped. Milliseconds. */
export interface Clock {
  wall(): number;
  mono(): number;
  /** Lets so many milliseconds go by at once; only where the pots are pretend ones too. */
  hasten?(ms: number): void;
}

/** Told to the window when time went by at once. */
export const HASTENED = 'hastened';

/** Planning with spread, off the main thread; null where a later request has overtaken this one. */
export interface Planner {
  plan(brief: Brief, options?: PlanOptions): Promise<Result<Planned> | null>;
}

/** Learning from finished makes, off the main thread; null where it could not be done now. */
export interface Learner {
  learn(): Promise<Learning | null>;
}

/**
 * A week as it is asked for: of plain things, since it goes to a worker. `zone` is where its clock is put forward and back; `names` and
 * `units` are how things are called in what is said of it.
 */
export type AskedWeek = Omit<Week, 'clock'> & {
  zone: string;
  names: Readonly<Record<string, string>>;
  units: UnitChoice;
};

/**
 * Lays weeks off the main thread. `tell` hears of the good week at once, while a better one is being looked for, and of the best that was
 * found when that has ended; the last one asked counts.
 */
export interface Scheduler {
  lay(week: AskedWeek, tell: (laid: WeekPlan, looking: boolean) => void): void;
}

/** Everything there is as one file, out and in again, off the main thread; `heard` is told how far it is. */
export interface Archive {
  save(heard: Heard): Promise<Blob>;
  /** Puts what a file holds in the place of everything, and says what kitchen that is; a bad file changes nothing. */
  bring(file: Blob, heard: Heard): Promise<Result<Kitchen>>;
  asBefore(heard: Heard): Promise<void>;
}

/** One reading of probe, meter and scale; what an instrument has not is left out. */
export interface InstrumentReading {
  /** Not from an instrument, but from a pot that is made up. */
  simulated?: boolean | undefined;
  tempC?: number | undefined;
  pH?: number | undefined;
  kg?: number | undefined;
}

/** Probe, meter and scale at one pot, wherever they stand. */
export interface Instruments {
  /**
   * Listens to a pot; one that is new to them is as warm as is said. `hear` is told null where they have fallen silent, and hears again
   * when they are back. What comes back lets them go.
   */
  listen(
    pot: { id: string; litres: number; tempC: number },
    hear: (reading: InstrumentReading | null) => void,
  ): () => void;
}

/** How an alarm makes itself heard. */
export interface Ring {
  /** A make's own three notes. */
  sound(makeId: string): void;
  speak(text: string): void;
  notify(text: string, makeId: string): void;
  /** Asks to be allowed notifications; resolves to whether it is. */
  askToNotify(): Promise<boolean>;
}

/** What the outside hands in: tests and the dry run hand in their own. */
export interface Ports {
  clock: Clock;
  planner: Planner;
  learner: Learner;
  scheduler: Scheduler;
  archive: Archive;
  instruments: Instruments;
  db: Database;
  ring: Ring;
  /** Resolves when nobody scrolls, points or types: what nobody waits for asks it first. */
  quiet(): Promise<void>;
  /** Lays the invented kitchen out anew; null in the maker's own. */
  startOver: (() => Promise<void>) | null;
}

export const PortsContext = createContext<Ports | null>(null);

export function usePorts(): Ports {
  const ports = useContext(PortsContext);
  if (!ports) throw new Error('the app hands in its ports at the root');
  return ports;
}
