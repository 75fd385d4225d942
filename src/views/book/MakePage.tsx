import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { aboutText } from '../../core/units/given';
import { FINDINGS } from '../../judge/findings';
import { bookOf, methodIn } from '../../plan/planOf';
import { acidText } from '../../plan/telling';
import { amountIn } from '../../run/adding';
import { costsSoFar } from '../../run/mishaps';
import { reviewOf } from '../../run/review';
import { isOver, type MakeState } from '../../run/state';
import { useFormat, useNow } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { wished } from '../../store/slices/week';
import { selectRunning, useAppDispatch, useAppSelector } from '../../store/store';
import { useMakes } from '../../store/useMake';
import { exportMake, putBack, removeMake, type TakenOut } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { toast } from '../../ui/parts/toast';
import { LoggerFile } from '../common/LoggerFile';
import { fileName, saveFile } from '../common/saveFile';
import { clockText, dayText, hoursText, momentText } from '../common/times';
import { useNote } from '../common/useNote';
import { written } from '../common/written';
import { wishOf } from '../draft/wishOf';
import { Afterwards } from './Label';
import { Looking } from './look/Looking';
import { useNextSo } from './look/useNextSo';
import { Photos } from './Photos';
import { Replay } from './Replay';
import { Score } from './Score';
import { Tasting } from './Tasting';
import { WorthIt } from './WorthIt';
import { YieldMark } from './YieldMark';

/** For this long after its end a make can be taken up again, ms: a slip at the scale is noticed the same day. */
const MENDABLE_MS = 12 * 3_600_000;

/** One make, looked back on. */
export default function MakePage() {
  const { id = '' } = useParams();
  const { db } = usePorts();
  const { note } = useNote(id);
  const navigate = useNavigate();
  const format = useFormat();
  const now = useNow(60_000);
  const makes = useMakes([id]);
  const dispatch = useAppDispatch();
  const running = useAppSelector(selectRunning);
  const nextSo = useNextSo();
  const [shown, setShown] = useState<{ at: number; times: number }>({ at: 0, times: 0 });
  const [reopened, setReopened] = useState(false);
  if (!makes) return null;
  const [make] = makes;
  if (!make) {
    return (
      <section>
        <h1 className="text-[36px]">This make is not in the book.</h1>
        <Link to="/book" className="mt-4 inline-block min-h-11 font-semibold underline underline-offset-4">
          Back to the book
        </Link>
      </section>
    );
  }
  const { state, log } = make;
  // The pot has to know of it first, or would send it back here.
  if (reopened && running.some((one) => one.id === id)) return <Navigate to={`/pot/${id}`} replace />;
  const review = reviewOf(state);
  const method = methodIn(state);
  const reopen = async (target: number) => {
    if (await note({ type: 'undone', target })) setReopened(true);
  };
  const remove = async () => {
    let removed: TakenOut | undefined;
    const out = await written(`That ${state.name} is out of the book`, async () => {
      removed = await removeMake(db, id);
    });
    if (!out || !removed) return;
    const gone = removed;
    navigate('/book');
    toast(`${state.name} is out of the book.`, {
      action: { label: 'Put it back', onClick: () => void written(state.name, () => putBack(db, gone)) },
    });
  };
  const dose = state.plan.doses.find((one) => one.id === 'acid');
  const facts: [string, string][] = [
    [
      method?.of ?? 'milk',
      `${format.litres(state.plan.brief.milk.litres ?? 0)}${state.milkName ? ` of ${state.milkName}` : ''}, ${format.percent(state.plan.brief.milk.fatPct ?? 0, 1)} fat`,
    ],
    ['took', `${hoursText(review.tookMin)}, planned ${hoursText(review.plannedMin)}`],
    ...(dose && review.acidRatio !== null
      ? ([
          [
            `${dose.ingredient} used`,
            `${acidText(dose, review.acidGivenGrams, format)}, planned ${acidText(dose, review.acidPlannedGrams, format)} (${format.percent(review.acidRatio * 100)})`,
          ],
        ] as [string, string][])
      : []),
    ...state.added
      .filter((one, i) => state.added.findIndex(({ dose }) => dose === one.dose) === i)
      .map(({ dose, unit, plannedAmount }): [string, string] => [
        `${dose} that went in`,
        `${aboutText({ amount: amountIn(state.added.filter((one) => one.dose === dose)), unit })}, planned ${aboutText({ amount: plannedAmount, unit })}`,
      ]),
    ...(state.parted
      ? ([['curd parted', `this is ${format.percent(state.parted.share * 100)} of it`]] as [string, string][])
      : []),
    ['reckoned by', `model ${state.modelVersion}`],
    ...(review.topC === null
      ? []
      : ([['hottest reading', format.temp(review.topC, 1)]] as [string, string][])),
  ];
  return (
    <article>
      <Link
        to="/book"
        className="inline-flex min-h-11 items-center text-[16px] font-semibold underline underline-offset-4"
      >
        The book
      </Link>
      <div className="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
        <div>
          <h1 className="text-[38px]">{state.name}</h1>
          <p className="text-[17px] text-ink-soft">
            {methodIn(state)?.title} · {dayText(state.startedAt)}, {clockText(state.startedAt)}
            {state.abandoned && ` · given up${state.abandoned.reason ? `: ${state.abandoned.reason}` : ''}`}
          </p>
        </div>
        <div className="flex flex-wrap gap-4">
          <Button tone="main" onClick={() => nextSo(log, state)}>
            Make again
          </Button>
          <Button
            onClick={() => {
              dispatch(wished(wishOf(state.plan.brief, state.milks[0]?.id ?? null, bookOf(state))));
              navigate('/week');
            }}
          >
            Again in the week
          </Button>
          <Button
            onClick={() =>
              void written('The file', async () =>
                saveFile(`${fileName(state.name)}.json`, await exportMake(db, id)),
              )
            }
          >
            Save as a file
          </Button>
          {state.undoable && isOver(state) && now - state.undoable.at < MENDABLE_MS && (
            <Button onClick={() => void reopen(state.undoable?.seq ?? 0)}>Not over yet</Button>
          )}
          {isOver(state) && (
            <Button tone="quiet" onClick={() => void remove()}>
              Take out
            </Button>
          )}
        </div>
      </div>
      <div className="mt-4 grid gap-x-10 gap-y-6 tab:grid-cols-2">
        <section aria-label="What came out">
          <h2 className="text-[24px]">What came out</h2>
          <div className="mt-2">
            <YieldMark review={review} />
          </div>
          <p className="mt-1 text-[17px]">{yieldWords(state)}</p>
          <dl className="mt-3">
            {facts.map(([what, value]) => (
              <div key={what} className="stitch flex justify-between gap-6 py-2 text-[16px]">
                <dt className="text-ink-soft">{what}</dt>
                <dd className="text-right font-semibold">{value}</dd>
              </div>
            ))}
          </dl>
        </section>
        <section aria-label="Tasted">
          <h2 className="text-[24px]">Tasted</h2>
          <ul>
            {state.tastings.map((one) => (
              <li key={one.at} className="stitch mt-2 pt-2 text-[17px]">
                <Score value={one.score} /> {one.text}
                {one.found.length > 0 && (
                  <span className="block">{one.found.map((what) => FINDINGS[what].text).join(', ')}</span>
                )}
                <span className="block text-[15px] text-ink-soft">
                  {tastedAfter(one.at - (state.finishedAt ?? state.startedAt))}
                </span>
              </li>
            ))}
          </ul>
          <Tasting id={id} method={method ?? null} />
          <WorthIt state={state} />
        </section>
      </div>
      {isOver(state) && !state.entered && (
        <Looking
          log={log}
          state={state}
          now={now}
          onShow={(at) => setShown(({ times }) => ({ at, times: times + 1 }))}
        />
      )}
      {state.mishaps.length > 0 && (
        <section aria-label="What went wrong" className="mt-6">
          <h2 className="text-[24px]">What went wrong</h2>
          <ul>
            {state.mishaps.map((one) => (
              <li key={`${one.at} ${one.what}`} className="stitch mt-2 pt-2 text-[17px]">
                <span className="text-ink-soft">{momentText(one.at, state.startedAt)}</span> {one.text}
              </li>
            ))}
          </ul>
        </section>
      )}
      {state.notes.length > 0 && (
        <section aria-label="Notes" className="mt-6">
          <h2 className="text-[24px]">Notes</h2>
          <ul>
            {state.notes.map((one) => (
              <li key={one.at} className="mt-1 text-[17px]">
                <span className="text-ink-soft">{momentText(one.at, state.startedAt)}</span> {one.text}
              </li>
            ))}
          </ul>
        </section>
      )}
      <Afterwards id={id} state={state} now={now} />
      <Photos makeId={id} name={state.name} />
      {state.entered ? (
        <p className="mt-6 text-[16px] text-ink-soft">
          Entered afterwards: how it went was not watched, so there is nothing to lay beside the plan.
        </p>
      ) : (
        <Replay log={log} state={state} now={now} shown={shown} />
      )}
      <LoggerFile makeId={id} state={state} />
    </article>
  );
}

function yieldWords(state: MakeState): string {
  const { yieldRatio, withinSpread } = reviewOf(state);
  const lost = -costsSoFar(state).yieldShare;
  const told =
    lost >= 0.01 ? ` That plan bears what went wrong: about ${Math.round(100 * lost)}\u00a0% less.` : '';
  if (yieldRatio === null)
    return state.finishedAt === null ? '' : 'It was not weighed, so the yield is not known.';
  const off = Math.round(Math.abs(yieldRatio - 1) * 100);
  if (off === 0) return `As planned.${told}`;
  return `${off}\u00a0% ${yieldRatio > 1 ? 'more' : 'less'} than planned, ${withinSpread ? 'within what was to be expected' : 'outside what was to be expected'}.${told}`;
}

function tastedAfter(ms: number): string {
  const hours = ms / 3_600_000;
  if (hours < 1) return 'straight away';
  return hours < 48 ? `${Math.round(hours)} h after` : `${Math.round(hours / 24)} days after`;
}
