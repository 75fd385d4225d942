import { useId } from 'react';

const LOOKS = {
  button:
    'rounded-[14px] border-[2.5px] border-rim bg-plate px-5 font-semibold hover:bg-plate-soft has-[:focus-visible]:outline-offset-2',
  small: 'rounded-xl border-2 border-rim bg-plate px-3 text-[15px] font-semibold',
  quiet: 'text-[15px] font-semibold underline decoration-rim-soft underline-offset-4',
} as const;

/** A button that asks for a file; the same file may be given twice. */
export function FileButton({
  text,
  accept,
  take,
  look = 'button',
  camera = false,
  disabled = false,
}: {
  text: string;
  accept: string;
  take(file: File): void;
  look?: keyof typeof LOOKS;
  /** On a phone the camera is offered first. */
  camera?: boolean;
  disabled?: boolean;
}) {
  const id = useId();
  return (
    <label
      htmlFor={id}
      className={`inline-flex min-h-12 cursor-pointer items-center has-[:focus-visible]:outline-3 has-[:focus-visible]:outline-now-edge has-[:disabled]:pointer-events-none has-[:disabled]:opacity-50 ${LOOKS[look]}`}
    >
      {text}
      <input
        id={id}
        type="file"
        accept={accept}
        disabled={disabled}
        {...(camera && { capture: 'environment' as const })}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) take(file);
        }}
      />
    </label>
  );
}
