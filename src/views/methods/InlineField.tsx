import { useState } from 'react';

const WIDTHS = { short: 'w-14', usual: 'w-28', whole: 'w-full min-w-0' } as const;

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
  return (
    <label className={`flex items-center gap-1.5 text-[15px] ${width === 'whole' ? 'min-w-64 flex-1' : ''}`}>
      <span className="text-ink-soft">{name}</span>
      <input
        value={text}
        aria-label={aria}
        onChange={(event) => {
          setText(event.target.value);
          onChange(read(event.target.value));
        }}
        className={`field-line min-h-9 bg-transparent text-[16px] font-semibold outline-none ${WIDTHS[width]}`}
      />
    </label>
  );
}
