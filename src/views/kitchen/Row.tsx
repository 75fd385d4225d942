/** A line of the kitchen: what it is, and below it how to change it. */
export function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="stitch mt-2 pt-2">
      <p className="mb-1 text-[15px] font-medium text-ink-soft">{label}</p>
      {children}
    </div>
  );
}
