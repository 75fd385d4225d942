import type { Clause } from '../../makes/clauses';

/** A stage's sentence to be read: its values stand out, and none is to be changed here. */
export function Said({ clauses }: { clauses: readonly Clause[] }) {
  return (
    <>
      {clauses.map(({ text, option, param }) => {
        const key = param ?? option;
        return key === undefined ? (
          text
        ) : (
          <strong key={key} className="figure">
            {text}
          </strong>
        );
      })}
      .
    </>
  );
}
