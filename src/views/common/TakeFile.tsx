import { useState } from 'react';
import type { Fault, Result } from '../../core/faults/fault';
import { faultLine } from '../../core/faults/fault';
import { FileButton } from '../../ui/parts/FileButton';
import { FaultText } from '../../ui/parts/NumberField';
import { sayUnwritten } from './written';

/** Takes a JSON file in; a bad one is answered with the reason and nothing changes. */
export function TakeFile({
  text,
  take,
  look = 'button',
}: {
  text: string;
  take(value: unknown): Promise<Result<unknown>>;
  look?: 'button' | 'quiet';
}) {
  const [faults, setFaults] = useState<Fault[]>([]);
  const read = async (file: File) => {
    try {
      const { readJsonFile } = await import('../../files/readJson');
      const json = await readJsonFile(file);
      const result = json.ok ? await take(json.value) : json;
      setFaults(result.ok ? [] : result.faults);
    } catch (error) {
      sayUnwritten(`What “${file.name}” holds`, error);
    }
  };
  return (
    <div>
      <FileButton text={text} look={look} accept="application/json,.json" take={(file) => void read(file)} />
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
