import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Summary } from '../../run/line';
import { usePorts } from '../../store/ports';
import { selectOver, useAppSelector } from '../../store/store';
import { importMake } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { Select } from '../../ui/parts/Select';
import { TakeFile } from '../common/TakeFile';
import { BackupOffer } from './BackupOffer';
import { BookTable } from './BookTable';
import { GROUPS, type Group, speakingOf } from './columns';
import { OverTime } from './OverTime';

const NOTHING_YET: readonly Summary[] = [];
/** At most so many makes lie beside one another. */
const MOST_BESIDE = 3;

/** The book: finished makes as a table, what came of them over time, and two or three laid beside one another. */
export default function BookView() {
  const lines = useAppSelector(selectOver);
  const loaded = useAppSelector((state) => state.data.loaded);
  const { clock, db } = usePorts();
  const navigate = useNavigate();
  const [wanted, setWanted] = useState('');
  const [group, setGroup] = useState<Group>('');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const words = wanted.trim().toLowerCase();
  const shown = useMemo(() => speakingOf(lines, words), [lines, words]);
  // What the table comes to over time is drawn when the table stands.
  const drawn = useDeferredValue(shown, NOTHING_YET);
  const none = words !== '' && shown.length === 0;
  const pick = useCallback(
    (id: string) =>
      setPicked((was) =>
        was.includes(id) ? was.filter((one) => one !== id) : [...was, id].slice(-MOST_BESIDE),
      ),
    [],
  );
  return (
    <section>
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <h1 className="text-[36px]">The book</h1>
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
          <input
            type="search"
            aria-label="Find in the book"
            placeholder="find a name, a milk, a taste"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
            className="field-line min-h-12 w-64 bg-transparent text-[17px] outline-none placeholder:text-ink-soft"
          />
          {lines.length > 1 && (
            <Select<Group> label="Put together by" value={group} options={GROUPS} onChange={setGroup} />
          )}
          <TakeFile
            text="Take in a make"
            take={async (value) => {
              const taken = await importMake(db, value, clock.wall());
              // The pot sends what is over back to the book.
              if (taken.ok) navigate(`/pot/${taken.value}`);
              return taken;
            }}
          />
        </div>
      </div>
      <BackupOffer />
      {lines.length === 0 ? (
        loaded && (
          <p className="mt-6 max-w-[40rem] text-[19px]">
            Nothing is finished yet. A make comes into the book by itself when you weigh it at the end.{' '}
            <Link to="/plan" className="font-semibold underline underline-offset-4">
              Plan the first one
            </Link>
            .
          </p>
        )
      ) : (
        <>
          {none && <p className="mt-6 text-[19px]">Nothing in the book speaks of “{wanted}”.</p>}
          <div className={none ? 'hidden' : 'flex flex-col-reverse tab:flex-col'}>
            <OverTime shown={drawn} />
            <BookTable lines={shown} group={group} picked={picked} onPick={pick} />
          </div>
        </>
      )}
      {picked.length > 0 && (
        <div className="sticky bottom-0 z-10 mt-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-t-2 border-rim bg-ground py-3">
          <p className="min-w-0 flex-1 text-[17px]">
            {picked.map((id) => lines.find((line) => line.id === id)?.name ?? '').join(', ')}
            {picked.length === 1 && ': pick another to lay beside it'}
          </p>
          <Button tone="quiet" onClick={() => setPicked([])}>
            Put back
          </Button>
          <Button
            tone="main"
            disabled={picked.length < 2}
            onClick={() => navigate(`/book/beside?of=${picked.join(',')}`)}
          >
            Lay them side by side
          </Button>
        </div>
      )}
    </section>
  );
}
