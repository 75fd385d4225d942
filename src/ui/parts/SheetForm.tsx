import type { ReactNode } from 'react';
import { Button } from './Button';

/** What a sheet asks for: its fields, scrolling where they are many, and whether to keep them. */
export function SheetForm({
  submit,
  leave,
  children,
}: {
  submit(): void;
  leave(): void;
  children: ReactNode;
}) {
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <div className="mt-3 max-h-[62vh] space-y-2 overflow-y-auto pr-2">{children}</div>
      <div className="flex justify-end gap-4 pt-4">
        <Button onClick={leave}>Leave it</Button>
        <Button tone="main" type="submit">
          Keep it
        </Button>
      </div>
    </form>
  );
}
