import { useId } from 'react';

/** A number typed large, for a wet hand in a sheet of its own. */
export function BigField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange(value: string): void;
}) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="mt-4 block text-[16px] text-ink-soft">
        {label}
      </label>
      <input
        id={id}
        inputMode="decimal"
        autoComplete="off"
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="field-line figure w-full bg-transparent py-2 text-[44px] outline-none"
      />
    </>
  );
}
