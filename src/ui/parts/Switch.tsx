/** A yes or no with its label beside it, large enough for a thumb. */
export function Switch({
  label,
  on,
  onChange,
  describedBy,
}: {
  label: string;
  on: boolean;
  onChange(on: boolean): void;
  describedBy?: string;
}) {
  return (
    <label className="flex min-h-11 items-center gap-3 text-[15px] font-medium">
      <input
        type="checkbox"
        className="size-6 accent-(--enamel)"
        checked={on}
        aria-describedby={describedBy}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
