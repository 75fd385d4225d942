import { roundTo } from '../../../core/units/numbers';
import type { MethodBook } from '../../../makes';
import type { MakeEvent } from '../../../run/events';
import { startOf } from '../../../sim/practice/log';
import { test } from '../../../sim/practice/senses';
import { Database } from '../../../store/db';
import { followMakes } from '../../../store/followMakes';
import { readLog, startMake } from '../../../store/log';
import type { Clock, Instruments, Ports, Ring } from '../../../store/ports';
import { createStore, type Store } from '../../../store/store';
import { say, sayUnwritten } from '../../common/written';
import { type Asked, KEPT_KEY, type Kept, keptIn, newRoom, Room, roomAgain } from './room';

/** Practice makes stand in a store of their own: book, shelf, learning and alarms never see them. */
const NAME = 'plump-pail-practice';

/** The bench's instruments speak once in so many minutes of practice. */
const SPEAKS_MIN = 0.25;

/** Nothing rings on a practice pot. */
const SILENT: Ring = {
  sound: () => undefined,
  speak: () => undefined,
  notify: () => undefined,
  askToNotify: async () => false,
};

/** A practice with its own store and its own clock. */
export interface Practising {
  room: Room;
  store: Store;
  ports: Ports;
}

let opened: Promise<{ db: Database; store: Store; clock: Clock; at: { room: Room | null } }> | null = null;

/** The bench's own probe, meter and scale: they speak whenever time has gone by on it. */
const benchInstruments = (room: Room): Instruments => ({
  listen(_pot, hear) {
    let last = Number.NEGATIVE_INFINITY;
    return room.listen(() => {
      const { minute } = room.practice.pot;
      if (minute - last < SPEAKS_MIN) return;
      last = minute;
      const { pH, kg } = test(room.practice);
      hear({
        simulated: true,
        tempC: roundTo(room.readingC, 1),
        ...(pH !== null && { pH: roundTo(pH, 2) }),
        ...(kg !== null && { kg: roundTo(kg, 2) }),
      });
    });
  },
});

/** Opens the practice store once; its clock is that of the room in it. */
function open(outer: Clock) {
  if (opened) return opened;
  const opening = (async () => {
    const db = new Database(NAME);
    await db.openOwn();
    const at: { room: Room | null } = { room: null };
    const now = () => at.room?.nowMs ?? outer.wall();
    const clock: Clock = { wall: now, mono: now };
    const store = createStore(db, clock, { id: 'practice', from: 'practice' });
    followMakes(
      db,
      store,
      () => undefined,
      (error) => sayUnwritten('The practice', error),
    );
    return { db, store, clock, at };
  })();
  // What could not be opened is tried again the next time.
  opening.catch(() => {
    opened = null;
  });
  opened = opening;
  return opening;
}

/** What was kept cannot be taken up again: it is said, and offered no more. */
function goneFromBench(): null {
  localStorage.removeItem(KEPT_KEY);
  say('That practice can no longer be taken up: its log is gone. Begin it anew.');
  return null;
}

/** Goes to a practice pot with what is asked for, or with what was kept; null where it cannot be. */
export async function practising(
  outer: Ports,
  asked: Asked | Kept,
  methods: MethodBook,
): Promise<Practising | null> {
  const { db, store, clock, at } = await open(outer.clock);
  const again = 'moves' in asked ? roomAgain(asked, localStorage, methods) : null;
  const room =
    again ??
    ('moves' in asked
      ? null
      : newRoom(asked, crypto.randomUUID(), outer.clock.wall(), localStorage, methods));
  if (!room) return goneFromBench();
  if (!(room instanceof Room)) {
    say(`This cannot be practised: ${room.path} ${room.problem}; ${room.remedy}.`);
    return null;
  }
  at.room = room;
  if (!again) {
    await db.transaction('rw', [db.makes, db.events], async () => {
      await db.events.clear();
      await db.makes.clear();
    });
    const first = startOf(room.practice, room.asked.title);
    if (first.type !== 'started') throw new Error('a make begins with its start');
    await startMake(db, room.makeId, first, room.startMs);
  } else if ((await readLog(db, room.makeId)).length === 0) return goneFromBench();
  const ports: Ports = {
    ...outer,
    db,
    clock,
    ring: SILENT,
    instruments: benchInstruments(room),
    startOver: null,
  };
  return { room, store, ports };
}

/** The log of a practice as it stands. */
export const practiceLog = ({ room, ports }: Practising): Promise<MakeEvent[]> =>
  readLog(ports.db, room.makeId);

/** The practice that was under way when the page was left. */
export const keptPractice = (): Kept | null => keptIn(localStorage);
