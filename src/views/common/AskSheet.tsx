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
  const [faults, setFaults] = useState<Fault[]>([]);
  const set = (key: string) => (value: string) =>
    setTyped({ ...words, [key]: value, ...brings?.(key, value) });
  const close = () => {
    setOpen(false);
    setTyped(null);
    setFaults([]);
  };
  const asked = typeof fields === 'function' ? fields(words) : fields;
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
            fault={faults.find(({ path }) => path === (one.path ?? one.key))}
            onChange={set(one.key)}
          />
        ))}
        {faults
          .filter((fault) => !asked.some(({ key, path = key }) => path === fault.path))
          .map((fault) => (
            <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
          ))}
      </SheetForm>
    </Sheet>
  );
}
