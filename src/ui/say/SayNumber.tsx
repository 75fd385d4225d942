import { Popover } from 'radix-ui';
import { type ReactNode, useId, useRef, useState } from 'react';
import { type NumberFieldProps, Pull, useTyped } from '../parts/NumberField';
import { PLATE, SayFault, sayClass } from './look';
import { useHere } from './useHere';

export interface SayNumberProps extends NumberFieldProps {
  /** How the sentence reads it while nobody types; the figure and its unit where left out. */
  reads?: string | undefined;
  /** Whether the maker said it, or it stands as usual. */
  said: boolean;
  /** What else belongs to it, and what its change does, shown when it is opened. */
  children?: ReactNode;
}

/**
 * A number within a sentence. Typing replaces it, arrows step it, Enter or a tap opens it where it stands, Escape takes
 * it back to what it was.
 */
export function SayNumber(props: SayNumberProps) {
  const { label, value, text, step, fault, slide, hint, reads, said, onChange, children } = props;
  const id = useId();
  const [open, setOpen] = useState(false);
  const before = useRef({ value, text });
  const whole = useRef<HTMLSpanElement>(null);
  const input = useRef<HTMLInputElement>(null);
  const at = useHere(input);
  const typed = useTyped(props);
  const empty = typed.displayed === '';
  const plain = empty
    ? (props.placeholder ?? '…')
    : `${typed.displayed}${typed.unit === '' ? '' : `\u00a0${typed.unit}`}`;
  const back = () => onChange(before.current);
  return (
    <span data-field={label}>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Anchor asChild>
          <span
            ref={whole}
            className={`${sayClass(said, fault !== undefined)} group`}
            data-here={at.here ? '' : undefined}
          >
            <span className="group-data-here:hidden" aria-hidden="true">
              {text === null && reads ? reads : plain}
            </span>
            <input
              id={id}
              ref={input}
              inputMode="decimal"
              autoComplete="off"
              aria-label={label}
              aria-invalid={fault !== undefined}
              aria-description={typed.unit}
              aria-describedby={fault ? `${id}-fault` : undefined}
              className="figure absolute inset-0 cursor-pointer bg-transparent opacity-0 outline-none group-data-here:static group-data-here:cursor-text group-data-here:opacity-100"
              style={{ width: `${Math.max(2, typed.displayed.length) + 0.4}ch` }}
              value={typed.displayed}
              onBlur={at.onBlur}
              onFocus={(event) => {
                at.onFocus();
                before.current = { value, text };
                event.target.select();
              }}
              onClick={() => setOpen(true)}
              onChange={(event) => typed.type(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'ArrowUp') typed.nudge(step);
                else if (event.key === 'ArrowDown') typed.nudge(-step);
                else if (event.key === 'Enter') setOpen(!open);
                else if (event.key === 'Escape') {
                  back();
                  setOpen(false);
                } else return;
                event.preventDefault();
              }}
            />
            {/* Drawn, not written: the sentence reads its unit once. */}
            <span className="say-unit hidden group-data-here:inline" data-unit={typed.unit} />
          </span>
        </Popover.Anchor>
        <Popover.Portal>
          <Popover.Content
            className={PLATE}
            aria-label={label}
            sideOffset={8}
            collisionPadding={12}
            onOpenAutoFocus={(event) => event.preventDefault()}
            onCloseAutoFocus={(event) => event.preventDefault()}
            onEscapeKeyDown={back}
            onInteractOutside={(event) => {
              if (whole.current?.contains(event.target as Node)) event.preventDefault();
            }}
          >
            <p className="text-[15px] font-semibold">{label}</p>
            {slide && <Pull label={label} step={step} slide={slide} typed={typed} />}
            {hint && <p className="mt-1 text-[15px] text-ink-soft">{hint}</p>}
            {children}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {fault && <SayFault id={`${id}-fault`}>{fault}</SayFault>}
    </span>
  );
}
