import { JSONParser } from '@streamparser/json';
import { bad, good, type Result } from '../core/faults/fault';

const notJson = (why: string) =>
  bad({ path: '', problem: `is not JSON: ${why}`, remedy: 'give a file this program wrote, whole' });

/** Where a text stops being JSON, by what the machine says of it. */
function whereItBreaks(text: string, error: unknown): string {
  const found = /position (\d+)/.exec((error as Error).message);
  if (!found) return text.trim() === '' ? 'it is empty' : 'it is not whole';
  const before = text.slice(0, Number(found[1])).split('\n');
  return `it breaks at line ${before.length}, letter ${(before.at(-1) ?? '').length + 1}`;
}

/** Reads the text of a JSON file; a fault says where it breaks. */
export function readJson(text: string): Result<unknown> {
  try {
    return good(JSON.parse(text));
  } catch (error) {
    return notJson(whereItBreaks(text, error));
  }
}

/** A text of more bytes than this no browser holds whole; with room to spare. */
const MOST_WHOLE_BYTES = 200_000_000;

/** Reads a JSON file of any size; one too large to be held as one text is read as it streams in. */
export async function readJsonFile(file: Blob, mostWhole = MOST_WHOLE_BYTES): Promise<Result<unknown>> {
  if (file.size <= mostWhole) return readJson(await file.text());
  const parser = new JSONParser({ paths: ['$'] });
  let found: Result<unknown> = notJson('it ends too early');
  parser.onValue = ({ value }) => {
    found = good(value);
  };
  const reader = file.stream().getReader();
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return found;
      parser.write(value);
    }
  } catch (error) {
    if ((error as Error).name === 'NotReadableError') throw error;
    return notJson('it breaks somewhere, or is not whole');
  }
}
