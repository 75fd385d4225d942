import { type ReactNode, useState } from 'react';
import type { z } from 'zod';
import type { Fault } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { useFormat } from '../../store/hooks';
import { FaultText } from '../../ui/parts/NumberField';
import { Sheet } from '../../ui/parts/Sheet';
import { SheetForm } from '../../ui/parts/SheetForm';
import { AskField } from './AskField';
import type { Asked, Words } from './asking';
import { faultText } from './faultText';

const pathOf = ({ key, path = key }: Asked) => path;

/** A sheet that asks for a thing field by field; what cannot be is answered beside its field, and stays to be mended. */
export function AskSheet<T>({
  title,
  trigger,
  fields,
  schema,
  words: begin,
  read,
  keep,
  brings,
}: {
  title: string;
  trigger: ReactNode;
  /** What is asked; it may hang on what stands there already. */
  fields: readonly Asked[] | ((words: Words) => readonly Asked[]);
  schema: z.ZodType<T>;
  /** What stands in the fields when it is opened. */
  words(): Words;
  /** The thing they stand for, unread. */
  read(words: Words): unknown;
  /** Resolves to whether it was kept; where it was not, the sheet stays open with what was typed. */
  keep(thing: T): Promise<boolean> | boolean;
  /** What else an answer brings with it. */
  brings?: (key: string, value: string) => Words;
}) {
  const format = useFormat();
  const [open, setOpen] = useState(false);
  // What was typed outlives a sheet that is closed by a slip; only “Leave it” lets it go.
  const [typed, setTyped] = useState<Words | null>(null);
  const words = typed ?? begin();
  const asked = typeof fields === 'function' ? fields(words) : fields;
  const [faults, setFaults] = useState<Fault[]>([]);
  /** What is mended is no longer called wrong, nor is what belongs to no field alone. */
  const set =
    ({ key }: Asked) =>
    (value: string) => {
      const changed = { [key]: value, ...brings?.(key, value) };
      setTyped({ ...words, ...changed });
      const others = asked.filter((one) => !(one.key in changed));
      setFaults(faults.filter((fault) => others.some((one) => pathOf(one) === fault.path)));
    };
  const close = () => {
    setOpen(false);
    setTyped(null);
    setFaults([]);
  };
  const submit = async () => {
    const result = parse<T>(schema, read(words));
    if (!result.ok) {
      setFaults(result.faults);
      return;
    }
    if (await keep(result.value)) close();
  };
  return (
    <Sheet title={title} open={open} onOpenChange={setOpen} trigger={trigger}>
      <SheetForm submit={() => void submit()} leave={close}>
        {asked.map((one) => (
          <AskField
            key={one.key}
            asked={one}
            value={words[one.key] ?? ''}
            fault={faults.find(({ path }) => path === pathOf(one))}
            onChange={set(one)}
          />
        ))}
        {faults
          .filter((fault) => !asked.some((one) => pathOf(one) === fault.path))
          .map((fault) => (
            <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
          ))}
      </SheetForm>
    </Sheet>
  );
}
