import { format as formatDate } from 'date-fns';
import type { RefObject } from 'react';
import type { Result } from '../../core/faults/fault';
import type { Brief } from '../../plan/brief/schema';
import type { Planned } from '../../plan/plan';
import { useMethodBook } from '../../store/methodBook';
import { usePorts } from '../../store/ports';
import { draftSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { toastGood, toastWrong } from '../../ui/parts/toast';
import { fileName, saveFile, saveText } from '../common/saveFile';
import { TakeFile } from '../common/TakeFile';
import { sayUnwritten } from '../common/written';
import { draftOf } from '../draft/draftOf';

/** The plan on paper, in a calendar, as text and as a file; and a file back in. */
export function OutAndIn({ latest }: { latest: RefObject<Planned> }) {
  const { clock } = usePorts();
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const methods = useMethodBook();
  const name = () => fileName(latest.current.method.title);
  const as = async (to: 'markdown' | 'ics', ending: string, type: string) => {
    try {
      const { give } = await import('./takeAndGive');
      const text = give(latest.current, to, formatDate(clock.wall(), "yyyy-MM-dd'T'HH:mm"), methods);
      if (text.ok) saveText(`${name()}.${ending}`, text.value, type);
      else toastWrong(text.faults.map((fault) => `${fault.problem}; ${fault.remedy}`).join(' '));
    } catch (error) {
      sayUnwritten(`“${latest.current.method.title}”`, error);
    }
  };
  const open = async (value: unknown): Promise<Result<Brief>> => {
    const { take } = await import('./takeAndGive');
    const brief = take(value, methods);
    if (!brief.ok) return brief;
    dispatch(draftSet(draftOf(brief.value, kitchen, null, methods)));
    toastGood('The plan lies open.');
    return brief;
  };
  return (
    <section aria-label="Out and in">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-[23px]">Out and in</h2>
        <TakeFile text="Open a plan or brief" look="quiet" take={open} />
      </div>
      <div className="mt-0.5 flex flex-wrap items-start gap-2">
        <Button size="small" onClick={() => print()}>
          Print for the wall
        </Button>
        <Button size="small" onClick={() => void as('ics', 'ics', 'text/calendar')}>
          Into a calendar
        </Button>
        <Button size="small" onClick={() => void as('markdown', 'md', 'text/markdown')}>
          As text
        </Button>
        <Button size="small" onClick={() => saveFile(`${name()}.plan.json`, latest.current.plan)}>
          As a file
        </Button>
      </div>
    </section>
  );
}
