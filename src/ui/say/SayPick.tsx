import { Select } from 'radix-ui';
import { PLATE, SayFault, sayClass } from './look';

/** A list cannot hold an empty value: this stands for it. */
const NONE = '–';

/** One of several within a sentence, each with its reason. Arrows and letters choose; Enter or a tap opens the list. */
export function SayPick<T extends string>({
  label,
  value,
  options,
  onChange,
  said,
  reads,
  fault,
}: {
  label: string;
  value: T;
  options: readonly { value: T; text: string; reason?: string | undefined }[];
  onChange(value: T): void;
  said: boolean;
  /** How the sentence reads it, where that differs from the list. */
  reads?: string | undefined;
  fault?: string | undefined;
}) {
  const text = reads ?? options.find((one) => one.value === value)?.text ?? String(value);
  return (
    <span data-field={label}>
      <Select.Root
        value={value === '' ? NONE : value}
        onValueChange={(next) => onChange((next === NONE ? '' : next) as T)}
      >
        <Select.Trigger aria-label={`${label}: ${text}`} className={sayClass(said, fault !== undefined)}>
          <Select.Value>{text}</Select.Value>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content position="popper" sideOffset={6} collisionPadding={12} className={PLATE}>
            <Select.Viewport>
              {options.map((one) => (
                <Select.Item
                  key={one.value}
                  value={one.value === '' ? NONE : one.value}
                  textValue={one.text}
                  className="cursor-pointer rounded-lg border-l-4 border-transparent px-2.5 py-1.5 outline-none data-[highlighted]:bg-plate-soft data-[state=checked]:border-now-edge data-[state=checked]:bg-now-wash"
                >
                  <Select.ItemText>
                    <span className="text-[17px] font-semibold">{one.text}</span>
                  </Select.ItemText>
                  {one.reason && <span className="block text-[14px] text-ink-soft">{one.reason}</span>}
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
      {fault && <SayFault>{fault}</SayFault>}
    </span>
  );
}
