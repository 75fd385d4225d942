import { useId, useState } from 'react';
import type { Fault, Result } from '../../core/faults/fault';
import { faultLine } from '../../core/faults/fault';
import { readJson } from '../../files/kinds';
import { FaultText } from '../../ui/parts/NumberField';

/** Takes a JSON file in; a bad one is answered with the reason and nothing changes. */
export function TakeFile({ text, take }: { text: string; take(value: unknown): Promise<Result<unknown>> }) {
  const id = useId();
  const [faults, setFaults] = useState<Fault[]>([]);
  const read = async (file: File) => {
    const json = readJson(await file.text());
    const result = json.ok ? await take(json.value) : json;
    setFaults(result.ok ? [] : result.faults);
  };
  return (
    <div>
      <label
        htmlFor={id}
        className="inline-flex min-h-12 cursor-pointer items-center rounded-[14px] border-[2.5px] border-rim bg-plate px-5 font-semibold hover:bg-plate-soft has-[:focus-visible]:outline-3 has-[:focus-visible]:outline-offset-2 has-[:focus-visible]:outline-now-edge"
      >
        {text}
        <input
          id={id}
          type="file"
          accept="application/json,.json"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) void read(file);
          }}
        />
      </label>
      {faults.length > 0 && (
        <FaultText>
          This file was not taken, and nothing has changed.
          {faults.slice(0, 5).map((fault) => (
            <span key={faultLine(fault)} className="block font-normal">
              {faultLine(fault)}
            </span>
          ))}
          {faults.length > 5 && <span className="block font-normal">…and {faults.length - 5} more.</span>}
        </FaultText>
      )}
    </div>
  );
}
