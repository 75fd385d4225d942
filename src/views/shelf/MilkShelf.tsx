import { differenceInCalendarDays, format as formatDate, isValid, parseISO } from 'date-fns';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { SPECIES_FACTS } from '../../core/milk/species';
import { type KnownMilk, knownMilkSchema, pastUseBy } from '../../kitchen/milk';
import { TREATMENT_WORDS } from '../../plan/milkWords';
import { litresLeft } from '../../run/shelf';
import { useFormat, useNow } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { selectUsed, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { AskSheet } from '../common/AskSheet';
import { moneyText } from '../common/money';
import { nearDayText } from '../common/times';
import { written } from '../common/written';
import { useMilk } from '../draft/useMilk';
import { Board } from './Board';
import { MilkTests } from './MilkTests';
import { milkFields, milkOf, milkWords } from './milkForm';
import { PourTogether } from './PourTogether';

/** The milks the kitchen knows: their figures, what is left, what was made of them; pouring together; tests from a file. */
export function MilkShelf() {
  const milks = useAppSelector((state) => state.data.milks);
  const [pouring, setPouring] = useState(false);
  return (
    <section aria-label="Milk">
      <div className="mt-2 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[26px]">Milk</h2>
        <span className="flex flex-wrap gap-2">
          <Button size="small" aria-expanded={pouring} onClick={() => setPouring(!pouring)}>
            Pour together
          </Button>
          <MilkTests />
          <MilkSheet
            trigger={
              <Button size="small" tone="main">
                A can of milk
              </Button>
            }
          />
        </span>
      </div>
      {milks.length === 0 && (
        <p className="mt-1 text-[16px] text-ink-soft">
          None kept yet: put a can here, keep one by name on the plan, or take test results in from a file.
        </p>
      )}
      <div className="grid gap-x-8 gap-y-2 tab:grid-cols-2 lap:grid-cols-3">
        {milks.map((milk) => (
          <Lot key={milk.id} milk={milk} />
        ))}
      </div>
      {pouring && (
        <PourTogether milks={milks.length > 0 ? milks : [USUAL_COW]} onDone={() => setPouring(false)} />
      )}
    </section>
  );
}

/** Raw milk this old is past its best, however cold: days. Common practice. */
const RAW_KEEPS_DAYS = 2;

const daysHere = (day: string, now: number): number | null => {
  const date = parseISO(day);
  return isValid(date) ? differenceInCalendarDays(now, date) : null;
};

const came = (day: string, now: number): string => {
  const days = daysHere(day, now);
  if (days === null) return day;
  return days < 0
    ? `comes ${day}`
    : days === 0
      ? 'came today'
      : days === 1
        ? 'came yesterday'
        : `${days} days here`;
};

function Lot({ milk }: { milk: KnownMilk }) {
  const { db } = usePorts();
  const format = useFormat();
  const now = useNow(3_600_000);
  const navigate = useNavigate();
  const planWith = useMilk();
  const currency = useAppSelector((state) => state.kitchen.currency);
  const used = useAppSelector(selectUsed);
  const left = litresLeft(milk, used.milks);
  const old =
    milk.treatment === 'raw' &&
    milk.day != null &&
    left !== 0 &&
    (daysHere(milk.day, now) ?? 0) > RAW_KEEPS_DAYS;
  const past = left !== 0 && pastUseBy(milk, formatDate(now, 'yyyy-MM-dd'));
  return (
    <Board
      id={milk.id}
      name={milk.name}
      left={left === null ? null : left > 0 ? format.litres(left) : 'used up'}
      takeOff={() => db.milks.delete(milk.id)}
      putBack={() => db.milks.put(milk)}
      buttons={
        <>
          <Button
            size="small"
            tone="quiet"
            aria-label={`plan with it: ${milk.name}`}
            onClick={() => {
              planWith(milk);
              navigate('/plan');
            }}
          >
            plan with it
          </Button>
          <MilkSheet
            milk={milk}
            trigger={
              <Button size="small" tone="quiet" aria-label={`change ${milk.name}`}>
                change
              </Button>
            }
          />
        </>
      }
    >
      <p className="text-[15px]">
        <strong className="figure">{format.percent(milk.fatPct, 1)}</strong> fat ·{' '}
        <strong className="figure">{format.percent(milk.proteinPct, 2)}</strong> true protein
        {milk.pH !== null && (
          <>
            {' '}
            · pH <strong className="figure">{format.pH(milk.pH)}</strong>
          </>
        )}
      </p>
      <p className="text-[14px] text-ink-soft">
        {[
          milk.species,
          TREATMENT_WORDS[milk.treatment],
          milk.homogenised && 'homogenised',
          milk.farm && milk.farm !== milk.name && `from ${milk.farm}`,
          milk.useBy && `use by ${nearDayText(milk.useBy)}`,
          milk.day &&
            came(milk.day, now) +
              (milk.litres != null && left !== milk.litres ? `, ${format.litres(milk.litres)}` : ''),
          milk.pricePerLitre !== null &&
            `${moneyText(format.perVolume(milk.pricePerLitre), currency, format)} a ${format.volumeWord}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {past && (
        <p className="text-[15px] font-semibold text-danger">Past its use-by: not for cheese any more.</p>
      )}
      {old && !past && (
        <p className="text-[15px] font-semibold text-danger">
          Raw and more than {RAW_KEEPS_DAYS} days old: smell it, measure its pH, and heat it before it is
          cheese.
        </p>
      )}
    </Board>
  );
}

/** A lot of milk, new or changed. */
function MilkSheet({ milk, trigger }: { milk?: KnownMilk; trigger: ReactNode }) {
  const { db } = usePorts();
  const format = useFormat();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  return (
    <AskSheet
      title={milk ? milk.name : 'A can of milk'}
      trigger={trigger}
      fields={milkFields(crude, format)}
      schema={knownMilkSchema}
      words={() => milkWords(milk ?? { ...USUAL_COW, name: '' }, crude, format)}
      read={(words) => milkOf(words, milk?.id ?? crypto.randomUUID(), crude, format)}
      keep={(kept) => written(`“${kept.name}”`, () => db.milks.put(kept))}
    />
  );
}

const USUAL_COW: KnownMilk = {
  id: '',
  name: 'Whole cow’s milk',
  species: 'cow',
  fatPct: SPECIES_FACTS.cow.fatPct,
  proteinPct: SPECIES_FACTS.cow.proteinPct,
  treatment: 'pasteurised',
  homogenised: false,
  pH: null,
  startC: 4,
  pricePerLitre: null,
};
