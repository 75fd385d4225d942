import { format as formatDate, parseISO } from 'date-fns';
import { memo, useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { FIELD_UNITS } from '../../core/units/format';
import { readNumber } from '../../core/units/numbers';
import type { Plan } from '../../plan/schema';
import { finishedDoubt } from '../../run/slip';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { TextLine } from '../../ui/parts/TextLine';
import { doubtText } from '../common/weightText';
import type { Entered } from './useStart';

const SCORES = ['', '1', '2', '3', '4', '5'] as const;
const SCORE_WORDS = ['not tasted', '1, not again', '2, meh', '3, fine', '4, good', '5, the best'] as const;
const WALL = "yyyy-MM-dd'T'HH:mm";

/** A make that is under way already, or over: begun in the middle, or straight into the book. */
export const OtherBeginnings = memo(function OtherBeginnings({
  plan,
  rests,
  begin,
  enter,
}: {
  plan: Plan;
  rests: boolean;
  begin(fromStage: string, since: number): Promise<void>;
  enter(entered: Entered): Promise<void>;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      title="Begun already?"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button tone="quiet" size="small" className="-mx-3 -my-2" disabled={rests}>
          Begun or made already
        </Button>
      }
    >
      <div className="mt-2 max-h-[76vh] overflow-y-auto pr-2">
        <UnderWay plan={plan} begin={begin} />
        <MadeAlready plan={plan} enter={enter} close={() => setOpen(false)} />
      </div>
    </Sheet>
  );
});

/** A stage that has lasted longer than this is no make under way, days. */
const MOST_DAYS = 60;

/** Begun at the stage it has reached, and since when it stands there: what came before counts as gone as planned. */
function UnderWay({ plan, begin }: { plan: Plan; begin(fromStage: string, since: number): Promise<void> }) {
  const { clock } = usePorts();
  // There is nothing under way before its first stage is over.
  const stages = plan.stages.slice(1);
  const [from, setFrom] = useState('');
  const [since, setSince] = useState(() => formatDate(clock.wall(), WALL));
  const [fault, setFault] = useState<string | null>(null);
  const chosen = stages.some((stage) => stage.id === from) ? from : (stages[0]?.id ?? '');
  const go = () => {
    const at = parseISO(since).getTime();
    if (!Number.isFinite(at)) setFault('Say since when it is at that stage.');
    else if (at > clock.wall()) setFault('That is still to come: say since when it is at that stage.');
    else if (at < clock.wall() - MOST_DAYS * 86_400_000)
      setFault(`That is over ${MOST_DAYS} days ago: say since when it is at this stage, not at its first.`);
    else void begin(chosen, at);
  };
  return (
    <form
      aria-label="Under way"
      className="stitch mt-2 space-y-1 pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <p className="text-[16px]">
        It is on the heat: stand at the stage it has reached. Before that it went as planned.
      </p>
      <Select
        label="It is at"
        value={chosen}
        options={stages.map((stage) => ({ value: stage.id, text: stage.title }))}
        onChange={setFrom}
      />
      <div className="flex flex-wrap items-center justify-end gap-x-4 gap-y-2">
        <div className="min-w-60 flex-1">
          <TextLine
            label="Since"
            type="datetime-local"
            value={since}
            onChange={(value) => {
              setSince(value);
              setFault(null);
            }}
          />
        </div>
        <Button type="submit" size="small">
          Begin there
        </Button>
      </div>
      {fault && <FaultText>{fault}</FaultText>}
    </form>
  );
}

function MadeAlready({
  plan,
  enter,
  close,
}: {
  plan: Plan;
  enter(entered: Entered): Promise<void>;
  close(): void;
}) {
  const { clock } = usePorts();
  const format = useFormat();
  const hours = plan.predictions.totalHours;
  const [began, setBegan] = useState(() => formatDate(clock.wall() - (hours + 24) * 3_600_000, WALL));
  const [ended, setEnded] = useState(() => formatDate(clock.wall() - 24 * 3_600_000, WALL));
  const [weight, setWeight] = useState('');
  const [score, setScore] = useState<string>('');
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  /** The weight that was asked about, as it was typed. */
  const [asked, setAsked] = useState<string | null>(null);
  const cheese = FIELD_UNITS.cheese;
  const unit = cheese.unit(format.units);
  /** What is mended is no longer called wrong. */
  const mended = (set: (value: string) => void) => (value: string) => {
    set(value);
    setFault(null);
  };
  const write = () => {
    const startedAt = parseISO(began).getTime();
    const finishedAt = parseISO(ended).getTime();
    const read = weight.trim() === '' ? null : readNumber(weight);
    const weighedKg = read === null ? null : cheese.in(read, format.units);
    const { min, max } = BOUNDS.kg;
    const doubt = weighedKg === null || asked === weight ? null : finishedDoubt(plan, weighedKg);
    if (!Number.isFinite(startedAt) || !Number.isFinite(finishedAt))
      setFault('Say when it was begun and when it was done.');
    else if (finishedAt <= startedAt) setFault('It was done before it was begun: one of the times is wrong.');
    else if (finishedAt > clock.wall()) setFault('It is not over yet: begin it at the stage it has reached.');
    else if (weight.trim() !== '' && (weighedKg === null || weighedKg < min || weighedKg > max))
      setFault(
        `That is no weight of a cheese: give ${format.number(cheese.out(min, format.units), 3)} to ${format.number(cheese.out(max, format.units))} ${unit}, or leave it empty.`,
      );
    else if (weighedKg !== null && doubt) {
      setAsked(weight);
      setFault(doubtText(weighedKg, doubt, format));
    } else
      void enter({
        startedAt,
        finishedAt,
        weighedKg,
        score: score === '' ? null : Number(score),
        text: text.trim(),
      });
  };
  return (
    <form
      aria-label="Made already"
      className="stitch mt-4 space-y-1 pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        write();
      }}
    >
      <p className="text-[16px]">It is eaten: into the book, for what came out. This plan stands for it.</p>
      <TextLine label="Begun" type="datetime-local" value={began} onChange={mended(setBegan)} />
      <TextLine label="Done" type="datetime-local" value={ended} onChange={mended(setEnded)} />
      <TextLine label="It weighed" unit={unit} value={weight} onChange={mended(setWeight)} />
      <Select
        label="It was"
        value={score}
        options={SCORES.map((value, i) => ({ value, text: SCORE_WORDS[i] ?? value }))}
        onChange={setScore}
      />
      <TextLine label="In words" value={text} onChange={setText} />
      {/* Whatever the sheet is scrolled to, what is wrong and what to press stay in sight. */}
      <div className="sticky bottom-0 bg-plate pt-1">
        {fault && <FaultText>{fault}</FaultText>}
        <div className="flex justify-end gap-4 pt-2">
          <Button onClick={close}>Close</Button>
          <Button type="submit">Into the book</Button>
        </div>
      </div>
    </form>
  );
}
