import { useCallback, useEffect, useRef, useState } from 'react';
import { Provider } from 'react-redux';
import { useLocation, useNavigate } from 'react-router';
import { type Brief, briefSchema } from '../../../plan/brief/schema';
import { momentOf } from '../../../run/moment';
import { roundsOf } from '../../../run/rounds';
import { acidGiven, isOver } from '../../../run/state';
import { stageNow } from '../../../sim/practice/batch';
import type { Deed } from '../../../sim/practice/moves';
import { stateFor } from '../../../store/folded';
import { useFormat } from '../../../store/hooks';
import { useMethodBook } from '../../../store/methodBook';
import { PortsContext, usePorts } from '../../../store/ports';
import { kitchenRead } from '../../../store/slices/kitchen';
import { useAppSelector } from '../../../store/store';
import { Button } from '../../../ui/parts/Button';
import { toast } from '../../../ui/parts/toast';
import { useNote } from '../../common/useNote';
import { written } from '../../common/written';
import { Stand } from '../Stand';
import { Afterwards } from './Afterwards';
import { Bench } from './Bench';
import { Choose } from './Choose';
import { type Practising, practising } from './own';
import { type Asked, type Kept, seedOf } from './room';

/** Practise: choose what to make, make it on a pot that answers, and see afterwards what was really going on. */
export default function PractiseView() {
  const ports = usePorts();
  const navigate = useNavigate();
  const methods = useMethodBook();
  const { state: handed } = useLocation();
  const [here, setHere] = useState<Practising | null>(null);
  const begin = useCallback(
    async (asked: Asked | Kept) => {
      await written('The practice', async () => setHere(await practising(ports, asked, methods)));
      window.scrollTo({ top: 0 });
    },
    [ports, methods],
  );
  // A plan that was sent here is practised at once; going back to this address later is not.
  const taken = useRef(false);
  useEffect(() => {
    const read = briefSchema.safeParse((handed as { brief?: unknown } | null)?.brief);
    if (!read.success || taken.current) return;
    taken.current = true;
    navigate('/practise', { replace: true, state: null });
    void begin({
      title: 'Practice of the plan',
      brief: read.data as Brief,
      seed: seedOf(ports.clock.wall()),
      troubles: [],
    });
  }, [handed, begin, navigate, ports]);
  if (!here) return <Choose begin={(asked) => void begin(asked)} />;
  return (
    <InRoom
      key={here.room.makeId}
      here={here}
      again={() => void begin(here.room.asked)}
      another={() => {
        here.room.forget();
        setHere(null);
      }}
    />
  );
}

/** The practice room: its own store and clock round the pot view, in the kitchen's own units. */
function InRoom({ here, again, another }: { here: Practising; again(): void; another(): void }) {
  const kitchen = useAppSelector((state) => state.kitchen);
  useEffect(() => {
    here.store.dispatch(kitchenRead(kitchen));
  }, [here, kitchen]);
  return (
    <PortsContext value={here.ports}>
      <Provider store={here.store}>
        <AtTheBench here={here} again={again} another={another} />
      </Provider>
    </PortsContext>
  );
}

function AtTheBench({ here, again, another }: { here: Practising; again(): void; another(): void }) {
  const { room } = here;
  const format = useFormat();
  const log = useAppSelector((state) => state.data.logs[room.makeId]);
  const [over, setOver] = useState(room.practice.over);
  const state = log && stateFor(log);
  const had = useRef(false);
  if (state) had.current = true;
  useEffect(() => {
    if (!state) return;
    const { startedAt } = state;
    room.dueMin = isOver(state) ? null : (momentOf(state, format).endsAt - startedAt) / 60_000;
    // What is done on the pad is done on the bench.
    while (!isOver(state) && room.practice.at < state.index) {
      const left = room.goToNext();
      if (left) toast(`You went on without ${left}: on the bench it was not done.`);
    }
    const poured = acidGiven(state) - room.practice.acidGrams;
    if (poured > 0.01) room.act({ do: 'add', what: 'acid', grams: poured });
    for (let turn = room.practice.turns; turn < (roundsOf(state)?.given ?? 0); turn++)
      room.act({ do: 'turn' });
    if (isOver(state)) {
      room.end();
      setOver(true);
    }
  }, [state, room, format]);
  const { note } = useNote(room.makeId);
  /** What is done on the bench, and the pad has a place for, stands on the pad. */
  const act = (deed: Deed) => {
    const stage = stageNow(room.practice);
    const fault = room.act(deed);
    if (fault || !state) return fault;
    if (deed.do === 'add' && deed.what === 'acid' && stage.kind.goal(stage.params)?.is === 'clear-whey')
      void note({ type: 'acid', grams: deed.grams, portion: state.acid.length });
    if (deed.do === 'press') void note({ type: 'loaded', kg: deed.kg });
    const turned = momentOf(state, format).turns;
    if (deed.do === 'turn' && turned) void note(turned.event);
    return null;
  };
  const finish = () => {
    room.end();
    setOver(true);
  };
  if (over) return <Afterwards practising={here} again={again} another={another} />;
  if (!state && !had.current) return null;
  if (!state)
    return (
      <p className="py-8 text-[19px]">
        This practice is no longer on the bench: another window has begun one.{' '}
        <Button size="small" onClick={another}>
          Choose another
        </Button>
      </p>
    );
  return (
    <div className="lap:grid lap:grid-cols-[25rem_minmax(0,1fr)] lap:items-start lap:gap-x-6">
      <div className="lap:sticky lap:top-[calc(1rem+var(--ringing,0px))]">
        <Bench room={room} act={act} />
        <p className="mt-2 flex flex-wrap justify-between gap-2">
          <Button
            tone="quiet"
            size="small"
            onClick={() => {
              room.giveUp();
              setOver(true);
            }}
          >
            Stop here and see what went on
          </Button>
          <Button tone="quiet" size="small" onClick={another}>
            Leave this practice
          </Button>
        </p>
      </div>
      <div className="mt-4 min-w-0 lap:mt-0">
        <Stand id={room.makeId} state={state} practice onOver={finish} />
      </div>
    </div>
  );
}
