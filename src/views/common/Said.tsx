import type { Clause } from '../../makes/clauses';

/** A stage's sentence to be read: its values stand out, and none is to be changed here. */
export function Said({ clauses }: { clauses: readonly Clause[] }) {
  return (
    <>
      {clauses.map(({ text, option, param }, i) =>
        option === undefined && param === undefined ? (
          text
        ) : (
          // biome-ignore lint/suspicious/noArrayIndexKey: a sentence's pieces keep their places
          <strong key={i} className="figure">
            {text}
          </strong>
        ),
      )}
      .
    </>
  );
}
