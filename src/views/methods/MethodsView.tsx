import { Link, useNavigate, useParams } from 'react-router';
import { bad, good, type Result } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { METHODS, methodById } from '../../makes';
import { type Method, MOST_TITLE } from '../../makes/method';
import { methodSchema } from '../../makes/methodSchema';
import { usePorts } from '../../store/ports';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Select } from '../../ui/parts/Select';
import { toast } from '../../ui/parts/toast';
import { fileName, saveFile } from '../common/saveFile';
import { TakeFile } from '../common/TakeFile';
import { written } from '../common/written';
import { Editor } from './Editor';
import { Reading } from './Reading';

const FAMILY_NAMES: Record<Method['family'], string> = {
  'acid-set': 'Acid-set',
  'lactic-set': 'Lactic-set',
  'stretched-curd': 'Stretched-curd',
  'squeaky-curd': 'Squeaky-curd',
  'pressed-fresh': 'Pressed fresh',
};

/** Methods: every make as one would read it in a book; one's own to write in the same stages. */
export default function MethodsView() {
  const { id } = useParams();
  const { db } = usePorts();
  const navigate = useNavigate();
  const own = useAppSelector((state) => state.data.methods);
  const mine = own.find((one) => one.id === id);
  const method = mine ?? methodById(id ?? '', METHODS) ?? (METHODS[0] as Method);
  const keep = (next: Method): Promise<boolean> =>
    written(`“${next.title}”`, () => db.methods.put({ id: next.id, method: next }));
  const copy = async (from: Method, title = `${from.title}, my way`) => {
    const ids = new Set([...METHODS, ...own].map((one) => one.id));
    const base = `my-${from.id.replace(/^my-/, '')}`;
    let next = base;
    for (let n = 2; ids.has(next); n++) next = `${base}-${n}`;
    if (await keep({ ...structuredClone(from), id: next, title: title.slice(0, MOST_TITLE) }))
      navigate(`/methods/${next}`);
  };
  const take = async (value: unknown): Promise<Result<unknown>> => {
    const read = parse<Method>(methodSchema, value);
    if (!read.ok) return read;
    if (METHODS.some((one) => one.id === read.value.id)) {
      return bad({
        path: 'id',
        problem: `is ${JSON.stringify(read.value.id)}, which is one of the product’s own makes`,
        remedy: 'give the file an id of its own',
      });
    }
    if (await keep(read.value)) navigate(`/methods/${read.value.id}`);
    return good(null);
  };
  const remove = async (gone: Method) => {
    if (!(await written(`That “${gone.title}” is out`, () => db.methods.delete(gone.id)))) return;
    navigate('/methods');
    toast(`${gone.title} is taken out.`, {
      action: { label: 'Put it back', onClick: () => void keep(gone) },
    });
  };
  return (
    <div className="lap:grid lap:grid-cols-[15rem_minmax(0,1fr)] lap:gap-x-8">
      <nav aria-label="Makes" className="mb-5 lap:mb-0">
        <h2 className="text-[23px]">Methods</h2>
        <div className="lap:hidden">
          <Select
            label="Read"
            value={method.id}
            options={[...METHODS, ...own].map((one) => ({ value: one.id, text: one.title }))}
            onChange={(next) => navigate(`/methods/${next}`)}
          />
        </div>
        <div className="hidden lap:block">
          {Object.entries(FAMILY_NAMES).map(([family, name]) => (
            <section key={family} className="mt-2">
              <h3 className="text-[15px] text-ink-soft">{name}</h3>
              <ul>
                {METHODS.filter((one) => one.family === family).map((one) => (
                  <Way key={one.id} method={one} here={one.id === method.id} />
                ))}
              </ul>
            </section>
          ))}
          <section className="mt-2">
            <h3 className="text-[15px] text-ink-soft">Your own</h3>
            <ul>
              {own.map((one) => (
                <Way key={one.id} method={one} here={one.id === method.id} />
              ))}
            </ul>
          </section>
        </div>
        <div className="mt-2">
          <TakeFile text="Open a method file" take={take} />
        </div>
      </nav>
      <article className="min-w-0" key={method.id}>
        <div className="flex flex-wrap gap-2.5 pb-2">
          <Button size="small" onClick={() => void copy(method)}>
            Copy and vary
          </Button>
          <Button size="small" onClick={() => saveFile(`${fileName(method.title)}.method.json`, method)}>
            As a file
          </Button>
          {mine && (
            <Button size="small" tone="danger" onClick={() => void remove(mine)}>
              Take it out
            </Button>
          )}
        </div>
        {mine ? <Editor kept={mine} keep={keep} /> : <Reading method={method} />}
      </article>
    </div>
  );
}

function Way({ method, here }: { method: Method; here: boolean }) {
  return (
    <li>
      <Link
        to={`/methods/${method.id}`}
        aria-current={here ? 'page' : undefined}
        className="flex min-h-10 items-center border-b-2 border-transparent text-[16px] aria-[current]:border-now-edge aria-[current]:font-semibold hover:text-rim"
      >
        {method.title}
      </Link>
    </li>
  );
}
