import { useId } from 'react';
import type { ReadWith } from '../../kitchen/thermometers';
import { useFormat } from '../../store/hooks';

/** Which of the kitchen's thermometers it is read with, and what that comes to as it is typed. */
export function ReadWithRow({
  all,
  chosen,
  shownC,
  onChoose,
}: {
  all: readonly ReadWith[];
  chosen: ReadWith | null;
  /** What it shows, °C; null while nothing is typed that could be read. */
  shownC: number | null;
  onChoose(name: string): void;
}) {
  const format = useFormat();
  const id = useId();
  if (all.length === 0) return null;
  return (
    <div className="mt-2">
      {all.length > 1 && (
        <fieldset className="flex flex-wrap gap-1" aria-label="Read with">
          {all.map(({ name }) => (
            <label
              key={name}
              className={`flex min-h-11 flex-1 cursor-pointer items-center justify-center rounded-[12px] px-2 text-center text-[15px] leading-tight font-semibold has-focus-visible:outline-3 has-focus-visible:outline-rim ${chosen?.name === name ? 'bg-now-wash underline underline-offset-4' : 'text-ink-soft'}`}
            >
              <input
                type="radio"
                name={id}
                className="sr-only"
                checked={chosen?.name === name}
                onChange={() => onChoose(name)}
              />
              {name}
            </label>
          ))}
        </fieldset>
      )}
      <p className="mt-1 min-h-6 text-[15px] text-ink-soft" aria-live="polite">
        {chosen && shownC !== null && (
          <>
            {chosen.name}: {format.temp(shownC, 1)} is{' '}
            <strong className="text-ink">{format.temp(chosen.isC(shownC), 1)}</strong>
          </>
        )}
      </p>
    </div>
  );
}
