import { ToggleGroup } from 'radix-ui';
import { useId, useState } from 'react';
import { FINDINGS } from '../../judge/findings';
import type { FindingId } from '../../judge/ids';
import type { Method } from '../../makes/method';
import { Button } from '../../ui/parts/Button';
import { useNote } from '../common/useNote';
import { FindingPicks } from './look/FindingPicks';

const WORDS = ['not again', 'meh', 'fine', 'good', 'the best'] as const;

/** How it tastes, now; and again later, since a fresh cheese changes its mind. */
export function Tasting({ id, method }: { id: string; method: Method | null }) {
  const { note } = useNote(id);
  const [score, setScore] = useState<number | null>(null);
  const [text, setText] = useState('');
  const [found, setFound] = useState<FindingId[]>([]);
  const field = useId();
  const write = async () => {
    if (score === null) return;
    if (!(await note({ type: 'tasted', score, text: text.trim(), ...(found.length > 0 && { found }) })))
      return;
    setScore(null);
    setText('');
    setFound([]);
  };
  return (
    <form
      className="stitch mt-3 pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <ToggleGroup.Root
        type="single"
        aria-label="How good is it?"
        value={score === null ? '' : String(score)}
        onValueChange={(next) => setScore(next === '' ? null : Number(next))}
        className="flex gap-1.5"
      >
        {WORDS.map((word, index) => (
          <ToggleGroup.Item
            key={word}
            value={String(index + 1)}
            className="min-h-14 min-w-0 flex-1 rounded-[14px] border-2 border-rim bg-plate px-1 text-[14px] leading-tight font-semibold data-[state=on]:bg-enamel data-[state=on]:text-on-enamel data-[state=on]:underline data-[state=on]:decoration-now data-[state=on]:decoration-[3px] data-[state=on]:underline-offset-4"
          >
            <span className="figure block text-[19px]">{index + 1}</span>
            {word}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <label htmlFor={field} className="mt-3 block text-[15px] text-ink-soft">
        Taste and texture, in your words
      </label>
      <textarea
        id={field}
        rows={2}
        maxLength={4000}
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="field-line w-full bg-transparent py-1.5 text-[17px] outline-none"
      />
      {method && (
        <details className="mt-3">
          <summary className="min-h-11 cursor-pointer py-2 text-[17px] font-semibold underline decoration-rim-soft underline-offset-4">
            Something was wrong with it
            {found.length > 0 && `: ${found.map((one) => FINDINGS[one].text).join(', ')}`}
          </summary>
          <FindingPicks method={method} found={found} onChange={setFound} />
        </details>
      )}
      <Button type="submit" className="mt-3" disabled={score === null}>
        Note the taste
      </Button>
    </form>
  );
}
