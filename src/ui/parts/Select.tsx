import { useId } from 'react';

/** Names longer than this want the whole line: the label then stands above. */
const FITS_BESIDE = 14;

/** One of many; the machine's own list, which every phone and keyboard knows. */
export function Select<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly { value: T; text: string }[];
  onChange(value: T): void;
}) {
  const id = useId();
  const above = options.some(({ text }) => text.length > FITS_BESIDE);
  return (
    <div className={above ? '' : 'flex items-center gap-2'}>
      <label
        htmlFor={id}
        className={`block text-[15px] font-medium leading-tight text-ink-soft ${above ? '' : 'w-24 shrink-0'}`}
      >
        {label}
      </label>
      <span className="field-line relative block min-w-0 flex-1">
        <select
          id={id}
          value={value}
          onChange={(event) => onChange(event.target.value as T)}
          className="name min-h-11 w-full appearance-none truncate bg-transparent pr-6 text-[18px] outline-none"
        >
          {options.map((option) => (
            <option key={option.value} value={option.value} className="bg-plate font-plain text-ink">
              {option.text}
            </option>
          ))}
        </select>
        <svg
          className="pointer-events-none absolute top-1/2 right-1 -translate-y-1/2"
          width="14"
          height="9"
          viewBox="0 0 14 9"
          fill="none"
          stroke="currentColor"
          strokeWidth="2.4"
          aria-hidden="true"
        >
          <path d="M1 1.5l6 6 6-6" />
        </svg>
      </span>
    </div>
  );
}
