import { useEffect, useRef, useState } from 'react';
import type { Fault, Result } from '../../core/faults/fault';
import { faultLine } from '../../core/faults/fault';
import { FileButton } from '../../ui/parts/FileButton';
import { FaultText } from '../../ui/parts/NumberField';
import { say, sayUnwritten } from './written';

/** What is done with a file: with what it holds as JSON, or with the file as it is. */
type Takes =
  | { take(value: unknown): Promise<Result<unknown>>; takeFile?: never }
  | { takeFile(file: File): Promise<Result<unknown>>; take?: never };

/** Takes a file in; a bad one is answered with the reason and nothing changes. */
export function TakeFile({
  text,
  take,
  takeFile,
  look = 'button',
  disabled = false,
}: {
  text: string;
  look?: 'button' | 'quiet';
  disabled?: boolean;
} & Takes) {
  const [faults, setFaults] = useState<Fault[]>([]);
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  const readAndTake = async (file: File): Promise<Result<unknown>> => {
    if (takeFile) return takeFile(file);
    const { readJsonFile } = await import('../../files/readJson');
    const json = await readJsonFile(file);
    return json.ok ? take(json.value) : json;
  };
  const read = async (file: File) => {
    try {
      const result = await readAndTake(file);
      setFaults(result.ok ? [] : result.faults);
      // Whoever has gone on to another view hears it there.
      if (!result.ok && !here.current)
        say(
          `“${file.name}” was not taken, and nothing has changed: ${result.faults.slice(0, 1).map(faultLine).join()}`,
        );
    } catch (error) {
      sayUnwritten(`What “${file.name}” holds`, error);
    }
  };
  return (
    <div>
      <FileButton
        text={text}
        look={look}
        disabled={disabled}
        accept="application/json,.json"
        take={(file) => void read(file)}
      />
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
