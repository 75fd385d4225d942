/** A score out of five, as a word and filled rounds. */
export function Score({ value }: { value: number }) {
  return (
    <span role="img" aria-label={`${Math.round(value)} of 5`} className="tracking-[0.12em] whitespace-nowrap">
      <span aria-hidden="true">
        {'●'.repeat(Math.round(value))}
        {'○'.repeat(5 - Math.round(value))}
      </span>
    </span>
  );
}
