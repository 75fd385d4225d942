import { type ChangeEvent, useId, useState } from 'react';

const WIDTHS = { short: 'w-14', usual: 'w-28' } as const;
const LOOK = 'field-line bg-transparent text-[16px] font-semibold outline-none';

/** A value typed in a line: kept as typed while it means the value, written anew when the value changes elsewhere. */
export function InlineField<T>({
  name,
  aria,
  value,
  read,
  write,
  onChange,
  width = 'usual',
}: {
  name: string;
  /** What a screen reader calls it. */
  aria: string;
  value: T;
  read(text: string): T;
  write(value: T): string;
  onChange(next: T): void;
  width?: 'short' | 'usual' | 'whole';
}) {
  const same = (a: T, b: T) => JSON.stringify(a) === JSON.stringify(b);
  const [text, setText] = useState(() => write(value));
  const [shown, setShown] = useState(value);
  if (!same(shown, value)) {
    setShown(value);
    if (!same(read(text), value)) setText(write(value));
  }
  const id = useId();
  const field = {
    id,
    value: text,
    'aria-label': aria,
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      // A line stays one line.
      const typed = event.target.value.replace(/\s*\n\s*/g, ' ');
      setText(typed);
      onChange(read(typed));
    },
  };
  return (
    <label
      htmlFor={id}
      className={`flex items-center gap-1.5 text-[15px] ${width === 'whole' ? 'w-full' : ''}`}
    >
      <span className="text-ink-soft">{name}</span>
      {width === 'whole' ? (
        <textarea
          rows={1}
          {...field}
          className={`${LOOK} field-sizing-content w-full min-w-0 resize-none py-1.5`}
        />
      ) : (
        <input {...field} className={`${LOOK} min-h-9 ${WIDTHS[width]}`} />
      )}
    </label>
  );
}
