import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A plate laid over the view for one small question; `trigger` is the button that brings it, if one does. */
export function Sheet({
  trigger,
  title,
  open,
  onOpenChange,
  children,
}: {
  trigger?: ReactNode;
  title: string;
  open: boolean;
  onOpenChange(open: boolean): void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      {trigger && <Dialog.Trigger asChild>{trigger}</Dialog.Trigger>}
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-enamel-deep/60" />
        <Dialog.Content className={SHEET} aria-describedby={undefined}>
          <Dialog.Title className="text-[26px]">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Where and how wide such a plate lies. */
export const SHEET =
  'plate fixed top-1/3 left-1/2 z-50 w-[min(30rem,92vw)] -translate-x-1/2 -translate-y-1/3 p-6';
