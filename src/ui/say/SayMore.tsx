import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { PLATE, sayClass } from './look';

/** A value that opens on a small form of its own. */
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
  const [open, setOpen] = useState(false);
  const turn = (next: boolean) => {
    setOpen(next);
    onOpen?.(next);
  };
  return (
    <Popover.Root open={open} onOpenChange={turn}>
      <Popover.Trigger className={className ?? sayClass(said, faulty)} aria-label={label}>
        {text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content className={PLATE} aria-label={label} sideOffset={8} collisionPadding={12}>
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
