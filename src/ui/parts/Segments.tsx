import { ToggleGroup } from 'radix-ui';

/** One of a few, side by side; the chosen one is filled and ticked underneath, not told by hue alone. */
export function Segments<T extends string>({
  label,
  value,
  options,
  onChange,
  wrap = false,
}: {
  label: string;
  value: T;
  options: readonly { value: T; text: string }[];
  onChange(value: T): void;
  wrap?: boolean;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      value={value}
      aria-label={label}
      onValueChange={(next) => next && onChange(next as T)}
      className={`flex ${wrap ? 'flex-wrap gap-1.5' : 'overflow-hidden rounded-[14px] border-2 border-rim'}`}
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className={`min-h-11 flex-1 whitespace-nowrap px-3 text-[15px] font-semibold data-[state=off]:bg-plate data-[state=off]:text-ink data-[state=on]:bg-enamel data-[state=on]:text-on-enamel data-[state=on]:underline data-[state=on]:decoration-now data-[state=on]:decoration-[3px] data-[state=on]:underline-offset-[5px] ${wrap ? 'rounded-[14px] border-2 border-rim' : 'border-rim [&+&]:border-l-2'}`}
        >
          {option.text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
