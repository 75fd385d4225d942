import { toast } from 'sonner';
import { good, type Result } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { convert } from '../../files/convert';
import { checkFile } from '../../files/kinds';
import { type Brief, briefSchema } from '../../plan/brief/schema';
import type { Planned } from '../../plan/plan';
import { type Plan, planSchema } from '../../plan/schema';
import { useMethodBook } from '../../store/methodBook';
import { draftSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { fileName, saveFile, saveText } from '../common/saveFile';
import { TakeFile } from '../common/TakeFile';
import { draftOf } from '../draft/draftOf';

/** The plan on paper, in a calendar, as text and as a file; and a file back in. */
export function OutAndIn({
  planned,
  title,
  startWall,
}: {
  planned: Planned;
  title: string;
  startWall: string;
}) {
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const methods = useMethodBook();
  const name = fileName(title);
  const as = (to: 'markdown' | 'ics', ending: string, type: string) => {
    // A calendar wants a beginning: a plan without one begins now.
    const { start, readyBy } = planned.plan.brief;
    const plan =
      start === undefined && readyBy === undefined
        ? { ...planned.plan, brief: { ...planned.plan.brief, start: startWall } }
        : planned.plan;
    const text = convert(plan, to, methods);
    if (text.ok) saveText(`${name}.${ending}`, text.value, type);
    else toast.error(text.faults.map((fault) => `${fault.problem}; ${fault.remedy}`).join(' '));
  };
  const take = async (value: unknown): Promise<Result<unknown>> => {
    const found = checkFile(value, methods);
    if (!found.ok) return found;
    const brief =
      found.value.kind === 'plan' ? parse<Plan>(planSchema, value) : parse<Brief>(briefSchema, value);
    if (!brief.ok) return brief;
    const read = 'brief' in brief.value ? (brief.value as Plan).brief : (brief.value as Brief);
    dispatch(draftSet(draftOf(read, kitchen, null, methods)));
    toast.success('The plan lies open.');
    return good(read);
  };
  return (
    <section aria-label="Out and in">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-[23px]">Out and in</h2>
        <TakeFile text="Open a plan or brief" look="quiet" take={take} />
      </div>
      <div className="mt-0.5 flex flex-wrap items-start gap-2">
        <Button size="small" onClick={() => print()}>
          Print for the wall
        </Button>
        <Button size="small" onClick={() => as('ics', 'ics', 'text/calendar')}>
          Into a calendar
        </Button>
        <Button size="small" onClick={() => as('markdown', 'md', 'text/markdown')}>
          As text
        </Button>
        <Button size="small" onClick={() => saveFile(`${name}.plan.json`, planned.plan)}>
          As a file
        </Button>
      </div>
    </section>
  );
}
