import { useId } from 'react';

/** A line of text, a day, a moment or a short number, with its label before it. */
export function TextLine({
  label,
  value,
  onChange,
  unit = '',
  type = 'text',
  most = 200,
}: {
  label: string;
  value: string;
  onChange(value: string): void;
  unit?: string;
  /** Letters it may hold. */
  most?: number;
  type?: 'text' | 'date' | 'datetime-local';
}) {
  const id = useId();
  return (
    <div className="flex items-center gap-2">
      <label
        htmlFor={id}
        className={`${type === 'datetime-local' ? 'w-14' : 'w-24'} shrink-0 text-[15px] font-medium leading-tight text-ink-soft`}
      >
        {label}
      </label>
      <input
        id={id}
        type={type}
        value={value}
        maxLength={most}
        onChange={(event) => onChange(event.target.value)}
        className="field-line min-h-11 min-w-0 flex-1 bg-transparent text-[17px] font-semibold outline-none"
      />
      {unit !== '' && <span className="text-[15px] text-ink-soft">{unit}</span>}
    </div>
  );
}
