import { Popover } from 'radix-ui';
import { type ReactNode, useId, useRef, useState } from 'react';
import { PLATE, sayClass } from './look';

/** A value that opens on a small form of its own. Until it does it is a button alone: figures beside it change with every key. */
export function SayMore({
  label,
  text,
  said,
  faulty = false,
  className,
  onOpen,
  children,
}: {
  label: string;
  text: ReactNode;
  said: boolean;
  faulty?: boolean;
  /** How it looks where it is no value of the sentence. */
  className?: string;
  /** Told when it opens and when it closes. */
  onOpen?(open: boolean): void;
  children: ReactNode;
}) {
  const id = useId();
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  /** Whether it was left for something else, which keeps the keyboard. */
  const left = useRef(false);
  const turn = (next: boolean) => {
    if (next) left.current = false;
    setOpen(next);
    onOpen?.(next);
  };
  return (
    <>
      <button
        ref={button}
        type="button"
        className={className ?? sayClass(said, faulty)}
        aria-label={label}
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        data-state={open ? 'open' : 'closed'}
        onClick={() => turn(!open)}
      >
        {text}
      </button>
      {open && (
        <Popover.Root open onOpenChange={turn}>
          <Popover.Anchor virtualRef={button as { current: HTMLButtonElement }} />
          <Popover.Portal>
            <Popover.Content
              id={id}
              className={PLATE}
              aria-label={label}
              sideOffset={8}
              collisionPadding={12}
              onInteractOutside={(event) => {
                if (button.current?.contains(event.target as Node)) event.preventDefault();
                else left.current = true;
              }}
              onCloseAutoFocus={(event) => {
                event.preventDefault();
                if (!left.current) button.current?.focus();
              }}
            >
              {children}
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </>
  );
}
