import { addDays, format as formatDate, parseISO } from 'date-fns';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { wallMinutes, wallTimeOf } from '../../core/units/wallTime';
import { weekCalendar } from '../../files/weekText';
import { articleOf } from '../../kitchen/named';
import { useFormat, useNow } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { draftSet } from '../../store/slices/draft';
import { weekUndone, wishChanged, wished, wishLeft } from '../../store/slices/week';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Select } from '../../ui/parts/Select';
import { saveText } from '../common/saveFile';
import { say } from '../common/written';
import { draftOf } from '../draft/draftOf';
import { ByDay } from './ByDay';
import { Lanes } from './Lanes';
import { Left } from './Left';
import { Needs } from './Needs';
import { breaksAt, lookedAt, snapped } from './snap';
import { onWall, readable } from './strands';
import { useWeek, WALL, type WeekHere } from './useWeek';
import { useWish } from './useWish';
import { Wall } from './Wall';

/** The week: what is wanted, laid so that nobody stands at a pot at night; each make a strand that can be moved. */
export default function WeekView() {
  const dispatch = useAppDispatch();
  const now = useNow(30_000);
  const here = useWeek(now);
  const { asked, laid, firstDay, plans } = here;
  const [chosen, setChosen] = useState<string | null>(null);
  const before = useAppSelector((state) => state.week.before.length);
  const strands = onWall(here);
  const looked = useMemo(() => lookedAt(asked), [asked]);
  const move = (id: string, start: string) => {
    const was = laid?.placed.find((one) => one.id === id)?.start;
    const to = wallMinutes(start) ?? 0;
    const towards = was === undefined ? 0 : (Math.sign(to - (wallMinutes(was) ?? 0)) as -1 | 0 | 1);
    const good = snapped(looked, id, to, Math.abs(to - (wallMinutes(was ?? start) ?? 0)) <= 60 ? towards : 0);
    const breaks = breaksAt(looked, id, good);
    if (breaks) say(`There: ${breaks}.`);
    dispatch(wishChanged({ id, change: { pinned: { start: wallTimeOf(good), pot: null } } }));
  };
  const until = addDays(parseISO(firstDay), 6);
  return (
    <section>
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
        <h1 className="text-[36px]">
          {formatDate(parseISO(firstDay), 'd MMM')} to {formatDate(until, 'd MMM')}
        </h1>
        <div className="flex flex-wrap items-center gap-2 print:hidden">
          <Button size="small" onClick={() => here.turn(-1)}>
            Week before
          </Button>
          <Button size="small" onClick={() => here.turn(1)}>
            Week after
          </Button>
          <Button size="small" tone="quiet" disabled={before === 0} onClick={() => dispatch(weekUndone())}>
            Undo
          </Button>
          <Button
            size="small"
            tone="quiet"
            disabled={!laid || laid.placed.length === 0}
            onClick={() => laid && saveText('week.ics', weekCalendar(named(here)), 'text/calendar')}
          >
            Calendar
          </Button>
          <Button size="small" tone="quiet" onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </div>
      <p className="text-[16px] text-ink-soft" aria-live="polite">
        {plans.length === 0
          ? 'Say what you want on the table, and it is laid so that nobody stands at a pot at night.'
          : !laid
            ? 'It is being laid.'
            : laid.proved
              ? 'Nothing better fits these hours, pots and milk.'
              : here.looking
                ? 'A good week; the best is still being looked for.'
                : 'The best that was found in a few seconds; a better one may fit.'}
      </p>
      <Moves here={here} />
      <div className="mt-2 grid gap-x-6 gap-y-4 lap:grid-cols-[minmax(0,1fr)_17.5rem]">
        <Wall
          here={here}
          strands={strands}
          now={now}
          breaks={(id, start) => breaksAt(looked, id, start)}
          chosen={chosen}
          onChoose={setChosen}
          onMove={move}
        />
        <div className="print:hidden">
          <Wish />
          {chosen && <Chosen key={chosen} here={here} id={chosen} now={now} onGone={() => setChosen(null)} />}
          <Left here={here} onMove={move} />
        </div>
      </div>
      <Lanes here={here} />
      <Needs here={here} />
      <ByDay here={here} />
    </section>
  );
}

/** What time has moved: said, and done only if the maker agrees. */
function Moves({ here }: { here: WeekHere }) {
  if (here.moves.length === 0) return null;
  return (
    <section
      aria-label="Later than laid"
      className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 rounded-[14px] border-l-[8px] border-now-edge bg-now-wash px-4 py-2 print:hidden"
    >
      <p className="min-w-[16rem] flex-1 text-[17px]">
        It is later than it was laid for.{' '}
        {here.moves
          .map(({ id, from, to }) =>
            to === null
              ? `${here.asked.names[id]} finds no place any more`
              : `${here.asked.names[id]} would begin ${readable(to)}, not ${readable(from)}`,
          )
          .join('; ')}
        .
      </p>
      <Button onClick={here.agree}>Lay it so</Button>
      <Button tone="quiet" onClick={here.keep}>
        Keep it as it was
      </Button>
    </section>
  );
}

/** The laid week with makes called by their names, for a calendar. */
function named({ laid, plans }: WeekHere) {
  const nameOf = (id: string) => plans.find(({ wish }) => wish.id === id)?.wish.name ?? id;
  const week = laid ?? { format: 'plump-pail/week-plan', version: 1, placed: [], left: [], proved: false };
  return { ...week, placed: week.placed.map((one) => ({ ...one, id: nameOf(one.id) })) } as NonNullable<
    WeekHere['laid']
  >;
}

/** One more make is wanted: of the milk that lies open on the plan. */
function Wish() {
  const dispatch = useAppDispatch();
  const [method, setMethod] = useState('');
  const wishOf = useWish();
  const methods = useMethodBook();
  const options = [
    { value: '', text: 'pick a make' },
    ...methods.map((one) => ({ value: one.id, text: one.title })),
  ];
  return (
    <div>
      <h2 className="text-[22px]">What do you want?</h2>
      <Select label="Make" value={method} options={options} onChange={setMethod} />
      <Button
        className="mt-2 w-full"
        disabled={method === ''}
        onClick={() => {
          const wish = wishOf(method);
          if (wish.ok) dispatch(wished(wish.value));
          else say(`It cannot be planned: ${wish.faults[0]?.path} ${wish.faults[0]?.problem}.`);
        }}
      >
        Put it in the week
      </Button>
    </div>
  );
}

/** The make that was tapped: by when it is wanted, where it stands, and what may be done with it. */
function Chosen({ here, id, now, onGone }: { here: WeekHere; id: string; now: number; onGone(): void }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const format = useFormat();
  const kitchen = useAppSelector((state) => state.kitchen);
  const methods = useMethodBook();
  const found = here.plans.find(({ wish }) => wish.id === id);
  const placed = here.laid?.placed.find((one) => one.id === id);
  if (!found) {
    return (
      <Button className="mt-4 w-full" onClick={() => navigate(`/pot/${id}`)}>
        To its pot
      </Button>
    );
  }
  const { wish, planned } = found;
  const pot = kitchen.pots?.find((one) => one.id === placed?.pot)?.name;
  return (
    <section aria-label={wish.name} className="stitch mt-5 pt-3">
      <h2 className="name text-[24px]">{wish.name}</h2>
      {planned && (
        <p className="text-[16px]">
          {format.litres(planned.plan.brief.milk.litres ?? 0)},{' '}
          {format.kg(planned.plan.predictions.yieldKg.likely)} of it
          {placed && (
            <>
              . Begin {readable(placed.start)}
              {pot && ` in ${articleOf(pot)}${pot}`}, ready {readable(placed.readyAt)}
            </>
          )}
          .
        </p>
      )}
      <label className="mt-2 block text-[15px] font-medium text-ink-soft">
        Ready by
        <input
          type="datetime-local"
          step={900}
          value={wish.readyBy ?? ''}
          onChange={(event) =>
            dispatch(wishChanged({ id, change: { readyBy: event.target.value.slice(0, 16) || null } }))
          }
          className="field-line mt-1 block min-h-11 w-full bg-transparent text-[17px] text-ink"
        />
      </label>
      <div className="mt-3 flex flex-wrap gap-2">
        {wish.pinned ? (
          <Button size="small" onClick={() => dispatch(wishChanged({ id, change: { pinned: null } }))}>
            Let it move
          </Button>
        ) : (
          placed && (
            <Button
              size="small"
              onClick={() =>
                dispatch(wishChanged({ id, change: { pinned: { start: placed.start, pot: placed.pot } } }))
              }
            >
              Pin it there
            </Button>
          )
        )}
        <Button
          size="small"
          onClick={() => {
            const draft = draftOf(wish.brief, kitchen, wish.milkId, methods);
            // What is due to begin begins when it is begun.
            const ahead = placed !== undefined && placed.start > formatDate(now, WALL);
            dispatch(
              draftSet({
                ...draft,
                wishId: id,
                ...(ahead && { when: 'start' as const, moment: placed.start }),
              }),
            );
            navigate('/plan');
          }}
        >
          To its plan
        </Button>
        <Button
          size="small"
          tone="danger"
          onClick={() => {
            onGone();
            dispatch(wishLeft(id));
          }}
        >
          Leave it out
        </Button>
      </div>
    </section>
  );
}
