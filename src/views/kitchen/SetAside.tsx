import { type Aside, rawOf, takeOutAside } from '../../store/aside';
import { usePorts } from '../../store/ports';
import { selectAside, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { fileName, saveFile } from '../common/saveFile';
import { written } from '../common/written';

/** What is here and cannot be read: named, with its raw data as a file, and a way to be rid of it. */
export function SetAside() {
  const { db } = usePorts();
  const aside = useAppSelector(selectAside);
  if (aside.length === 0) return null;
  const save = (one: Aside) =>
    written('The file', async () => saveFile(`${fileName(one.name)}.raw.json`, await rawOf(db, one)));
  return (
    <section id="aside" aria-label="Set aside" className="mt-5 max-w-[52rem]">
      <h3 className="text-[20px]">Set aside</h3>
      <p className="text-[16px]">
        This is here and cannot be read, so it is left as it stands and touches nothing else. Save it as a
        file before you take it out.
      </p>
      <ul>
        {aside.map((one) => (
          <li
            key={`${one.table} ${one.id}`}
            className="stitch mt-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-1 pt-2"
          >
            <span className="min-w-0 flex-1 basis-72 text-[16px] break-words">
              <strong>{one.name}</strong>: {one.why}.
            </span>
            <span className="flex gap-2">
              <Button size="small" aria-label={`${one.name}: save as a file`} onClick={() => void save(one)}>
                As a file
              </Button>
              <Button
                size="small"
                tone="danger"
                aria-label={`${one.name}: take it out`}
                onClick={() => void written(`That ${one.name} is out`, () => takeOutAside(db, one))}
              >
                Take it out
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
