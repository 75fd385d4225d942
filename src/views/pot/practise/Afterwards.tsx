import { useEffect, useMemo, useState } from 'react';
import type { Format } from '../../../core/units/format';
import { CAUSES, MODEL_OFF } from '../../../judge/causes';
import { FINDINGS } from '../../../judge/findings';
import type { CauseId } from '../../../judge/ids';
import { bookOf } from '../../../plan/planOf';
import type { MakeEvent } from '../../../run/events';
import { stateOf } from '../../../run/state';
import { bestOf } from '../../../sim/practice/best';
import { thinned, truthOf } from '../../../sim/practice/file';
import { TROUBLES } from '../../../sim/practice/hidden';
import { standing, worthOf } from '../../../sim/practice/worth';
import { useFormat } from '../../../store/hooks';
import { MakeTrack } from '../../../ui/charts/MakeTrack';
import { Button } from '../../../ui/parts/Button';
import { fileName, saveFile } from '../../common/saveFile';
import { clockText, hoursText } from '../../common/times';
import { departsText } from './departsText';
import { type Practising, practiceLog } from './own';
import type { Room } from './room';

const causeText = (id: CauseId): string =>
  id === MODEL_OFF ? 'something nobody thought of' : CAUSES[id].text;

/** Cheese that something cost, without a decimal that nobody could weigh. */
const wholeGrams = (grams: number, format: Format): string =>
  format.units.mass === 'oz' ? format.grams(grams) : `${format.number(Math.round(grams))}\u00a0g`;

/** Everything reckoned of a practice that is over. */
function useReckoned(room: Room, events: readonly MakeEvent[] | null) {
  return useMemo(() => {
    if (!events) return null;
    const { practice, asked } = room;
    const best =
      bestOf(asked.brief, practice.hidden, bookOf(practice.planned)) ??
      worthOf(practice, practice.aims.kg, standing(practice));
    const worth = worthOf(practice, best.kg, standing(practice));
    return { best, worth, truth: truthOf(practice, events, worth, best) };
  }, [room, events]);
}

/** What was really going on, laid over what was believed; what each deed cost, what was possible, and whether the judge was right. */
export function Afterwards({
  practising,
  again,
  another,
}: {
  practising: Practising;
  again(): void;
  another(): void;
}) {
  const format = useFormat();
  const { room } = practising;
  const [events, setEvents] = useState<readonly MakeEvent[] | null>(null);
  useEffect(() => {
    let here = true;
    void practiceLog(practising).then((log) => here && setEvents(log));
    return () => {
      here = false;
    };
  }, [practising]);
  const found = useReckoned(room, events);
  if (!found || !events) return null;
  const { best, worth, truth } = found;
  const { practice } = room;
  const state = stateOf(events);
  const minuteOf = (at: number) => (at - room.startMs) / 60_000;
  const starts = practice.stages.map((_, i) => practice.begun[i] ?? practice.pot.minute);
  const { judged } = truth;
  const departs = departsText(practice, format);
  return (
    <section aria-label="Afterwards">
      <h1 className="name text-[30px] tab:text-[38px]">{room.asked.title}</h1>
      <div className="mt-3 flex flex-wrap items-end gap-x-10 gap-y-3">
        <p>
          <span className="figure block text-[72px] leading-none" data-testid="score">
            {worth.score}
          </span>
          <span className="text-[16px] text-ink-soft">of a hundred</span>
        </p>
        <p>
          <span className="figure block text-[44px] leading-none">{format.kg(worth.kg)}</span>
          <span className="text-[16px] text-ink-soft">
            where a perfect hand would have had {format.kg(best.kg)}
          </span>
        </p>
        <p>
          <span className="figure block text-[44px] leading-none">
            {format.percent(Math.round(worth.moisturePct))}
          </span>
          <span className="text-[16px] text-ink-soft">
            moisture, {format.percent(Math.round(practice.aims.moisturePct))} wanted
          </span>
        </p>
        {worth.faults.length > 0 && (
          <p className="text-[18px]">Found: {worth.faults.map((id) => FINDINGS[id].text).join(', ')}.</p>
        )}
      </div>
      <h2 className="mt-6 text-[22px]">
        What went on{' '}
        <span className="font-plain text-[15px] font-normal tracking-normal text-ink-soft">
          dashes: what it really was · rings: your readings · fine line: the plan · dots: pH
        </span>
      </h2>
      <MakeTrack
        stages={state.plan.stages.map((stage, i) => ({
          id: stage.id,
          title: stage.title,
          short: stage.id,
          handsOnMin: 0,
          startMin: starts[i] ?? 0,
          durationMin: Math.max(0, (starts[i + 1] ?? practice.pot.minute) - (starts[i] ?? 0)),
        }))}
        temps={thinned(practice.course, 600).map(({ minute, tempC }) => [minute, tempC] as const)}
        ghost={practice.spans.flatMap((span, i) => {
          const from = practice.spans.slice(0, i).reduce((sum, one) => sum + one.durationMin, 0);
          return span.course.map(([minute, tempC]) => [from + minute, tempC] as const);
        })}
        band={[]}
        pHs={
          practice.pot.culturedAt !== null || practice.acidGrams > 0
            ? thinned(practice.course, 600).map(({ minute, pH }) => [minute, pH] as const)
            : []
        }
        readings={state.readings.map(({ at, tempC }) => [minuteOf(at), tempC] as const)}
        pHReadings={state.pHs.map(({ at, pH }) => [minuteOf(at), pH] as const)}
        folded={practice.pot.minute > 600}
        format={format}
        startMs={room.startMs}
        clockText={clockText}
        caption="What it really was, over what was planned and read"
      />
      <div className="mt-5 grid gap-x-8 gap-y-5 tab:grid-cols-2">
        <div>
          <h2 className="text-[22px]">What it cost</h2>
          {truth.costs.length === 0 && (
            <p className="mt-1 text-[17px]">Nothing that was done cost anything.</p>
          )}
          <ul className="mt-1 space-y-2">
            {truth.costs.map((one) => (
              <li key={one.text} className="text-[17px]">
                {one.text}{' '}
                <span className="text-ink-soft">
                  {hoursText(one.atMin)} in
                  {Math.abs(one.grams) >= 1 &&
                    `: ${wholeGrams(Math.abs(one.grams), format)} ${one.grams > 0 ? 'less' : 'more'}`}
                  {one.marks > 0 && `, ${one.marks} marks`}
                </span>
              </li>
            ))}
          </ul>
        </div>
        <div>
          <h2 className="text-[22px]">What nobody knew</h2>
          <ul className="mt-1 space-y-1.5 text-[17px]">
            {truth.troubles.map((id) => (
              <li key={id} className="font-semibold">
                {TROUBLES[id]}
              </li>
            ))}
            {departs.map((text) => (
              <li key={text}>{text}</li>
            ))}
            {truth.troubles.length + departs.length === 0 && (
              <li>Pot, milk and probe were as they should be.</li>
            )}
          </ul>
          {judged.first && (
            <p className="mt-3 text-[17px]" data-testid="judged">
              From your log alone the book would say: {causeText(judged.first)} (
              {format.percent(judged.likelyPct)}).{' '}
              {judged.right === null
                ? ''
                : judged.right
                  ? 'That is so.'
                  : `Really: ${judged.really.map(causeText).join('; ')}.`}
            </p>
          )}
        </div>
      </div>
      <div className="mt-6 flex flex-wrap gap-2.5">
        <Button tone="main" onClick={again}>
          This one again, with what you know now
        </Button>
        <Button onClick={another}>Another</Button>
        <Button
          tone="quiet"
          onClick={() =>
            saveFile(`${fileName(room.asked.title)}.practice.json`, {
              format: 'plump-pail/practice',
              version: 1,
              brief: room.asked.brief,
              quirks: {
                ...(room.asked.seed !== undefined && { seed: room.asked.seed }),
                ...(room.asked.troubles.length > 0 && { troubles: room.asked.troubles }),
              },
              moves: room.moves,
            })
          }
        >
          As a file
        </Button>
      </div>
    </section>
  );
}
