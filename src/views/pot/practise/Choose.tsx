import { useState } from 'react';
import { FIRST_METHOD } from '../../../makes';
import { LEVEL_TITLES, LEVELS, SCENARIOS, type Scenario } from '../../../sim/practice/scenarios';
import { useMethodBook } from '../../../store/methodBook';
import { usePorts } from '../../../store/ports';
import { useAppSelector } from '../../../store/store';
import { Button } from '../../../ui/parts/Button';
import { Select } from '../../../ui/parts/Select';
import { keptPractice } from './own';
import { type Asked, type Kept, seedOf } from './room';

const FIRST_LEVEL = LEVELS[0];

/** Litres of a practice of one's own choosing. */
const OWN_LITRES = 8;

const asked = ({ title, brief, seed, troubles }: Scenario): Asked => ({ title, brief, seed, troubles });

/** What can be practised: makes at three levels, troubles, and any make at all with one's own milk. */
export function Choose({ begin }: { begin(asked: Asked | Kept): void }) {
  const [kept] = useState(keptPractice);
  const methods = useMethodBook();
  const [method, setMethod] = useState(FIRST_METHOD.id);
  const [milkId, setMilkId] = useState('');
  const { clock } = usePorts();
  const milks = useAppSelector((state) => state.data.milks);
  const firsts = SCENARIOS.filter(({ level }) => level === FIRST_LEVEL);
  const troubles = SCENARIOS.filter(({ level }) => level === null);
  const own = () => {
    const milk = milks.find((one) => one.id === milkId);
    const title = methods.find((one) => one.id === method)?.title ?? method;
    begin({
      title: `Practice: ${title}`,
      brief: {
        format: 'plump-pail/brief',
        version: 1,
        method,
        milk: milk
          ? {
              species: milk.species,
              litres: OWN_LITRES,
              fatPct: milk.fatPct,
              proteinPct: milk.proteinPct,
              treatment: milk.treatment,
              startC: milk.startC,
            }
          : { species: 'cow', litres: OWN_LITRES },
      },
      seed: seedOf(clock.wall()),
      troubles: [],
    });
  };
  return (
    <section aria-label="Practise">
      <h1 className="name text-[30px] tab:text-[38px]">Practise</h1>
      <p className="mt-1 max-w-[46rem] text-[17px]">
        A pot that answers as milk does, hours in minutes. Spoil ten batches before breakfast: nothing of it
        comes into the book.
      </p>
      {kept && (
        <p className="plate mt-4 flex flex-wrap items-center justify-between gap-3 px-5 py-3">
          <span className="text-[18px]">“{kept.title}” is still on the bench.</span>
          <Button tone="now" onClick={() => begin(kept)}>
            Go on with it
          </Button>
        </p>
      )}
      <div className="mt-4 grid gap-x-10 gap-y-6 lap:grid-cols-2">
        <section>
          <h2 className="text-[22px]">Five makes, three pots</h2>
          <ul className="mt-1">
            {firsts.map((one) => (
              <li key={one.id} className="stitch py-2.5">
                <p className="text-[18px] font-semibold">{one.title.split(':')[0]}</p>
                <p className="text-[16px] text-ink-soft">{one.about}</p>
                <div className="mt-1.5 flex flex-wrap gap-2">
                  {SCENARIOS.filter(({ family, level }) => family === one.family && level !== null).map(
                    (each) => (
                      <Button key={each.id} size="small" onClick={() => begin(asked(each))}>
                        <span className="sr-only">{one.title.split(':')[0]}: </span>
                        {LEVEL_TITLES[each.level ?? FIRST_LEVEL]}
                      </Button>
                    ),
                  )}
                </div>
              </li>
            ))}
          </ul>
          <h2 className="mt-5 text-[22px]">Any make, any milk</h2>
          <div className="mt-1 flex flex-wrap items-end gap-3">
            <Select
              label="Make"
              value={method}
              options={methods.map(({ id, title }) => ({ value: id, text: title }))}
              onChange={setMethod}
            />
            <Select
              label="Milk"
              value={milkId}
              options={[
                { value: '', text: 'plain cow’s' },
                ...milks.map(({ id, name }) => ({ value: id, text: name })),
              ]}
              onChange={setMilkId}
            />
            <Button tone="main" onClick={own}>
              Practise it
            </Button>
          </div>
        </section>
        <section>
          <h2 className="text-[22px]">When something is wrong</h2>
          <ul className="mt-1">
            {troubles.map((one) => (
              <li key={one.id} className="stitch flex items-center justify-between gap-4 py-2">
                <span>
                  <span className="block text-[17px] font-semibold">{one.title}</span>
                  <span className="block text-[15px] text-ink-soft">{one.about}</span>
                </span>
                <Button size="small" className="shrink-0 whitespace-nowrap" onClick={() => begin(asked(one))}>
                  <span className="sr-only">{one.title}: </span>
                  To the bench
                </Button>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </section>
  );
}
