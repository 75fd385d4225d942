import type { GivenUnit } from '../../core/units/given';

/** An amount as typed, and what it is measured in. */
export interface Measured {
  text: string;
  unit: GivenUnit;
}

/** An amount and its measure side by side: "½ tsp" is 0.5 and tsp. */
export function MeasureInput({
  label,
  value,
  units,
  large = false,
  onChange,
}: {
  /** What it is an amount of. */
  label: string;
  value: Measured;
  units: readonly GivenUnit[];
  large?: boolean;
  onChange(next: Measured): void;
}) {
  return (
    <>
      <input
        aria-label={`Amount of ${label}`}
        inputMode="decimal"
        value={value.text}
        maxLength={20}
        onChange={(event) => onChange({ ...value, text: event.target.value })}
        className={`field-line figure bg-transparent outline-none ${large ? 'min-h-16 w-32 text-[40px]' : 'min-h-11 w-20 text-[22px]'}`}
      />
      <select
        aria-label={`Measure of ${label}`}
        value={value.unit}
        onChange={(event) => onChange({ ...value, unit: event.target.value as GivenUnit })}
        className={`field-line bg-transparent font-semibold outline-none ${large ? 'min-h-16 text-[24px]' : 'min-h-11 text-[17px]'}`}
      >
        {units.map((unit) => (
          <option key={unit} value={unit}>
            {unit}
          </option>
        ))}
      </select>
    </>
  );
}
