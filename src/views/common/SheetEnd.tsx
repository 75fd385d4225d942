import { Button } from '../../ui/parts/Button';

/** How a sheet ends that writes something into a make's log: closed, or written down. */
export function SheetEnd({
  disabled,
  close,
  write,
}: {
  disabled: boolean;
  close(): void;
  /** Resolves to whether it is written; then the sheet closes. */
  write(): Promise<boolean>;
}) {
  return (
    <div className="flex justify-end gap-4 pt-2">
      <Button onClick={close}>Close</Button>
      <Button
        tone="main"
        disabled={disabled}
        onClick={() => void write().then((written) => written && close())}
      >
        Write it down
      </Button>
    </div>
  );
}
