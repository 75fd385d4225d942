import { CautionGlyph } from '../glyphs/glyphs';

const NONE: ReadonlySet<string> = new Set();
/** A line holds about so many letters. */
const LINE = 66;

/** Words up to the first stop that leaves a line's worth, and the rest. */
function parted(text: string): [head: string, rest: string] {
  if (text.length <= LINE) return [text, ''];
  const stop = text.search(/[.:;] /);
  const comma = text.indexOf(', ', LINE / 2);
  const end = stop > LINE && comma > 0 && comma < stop ? comma : stop;
  return end < 0 ? [text, ''] : [text.slice(0, end), text.slice(end + 2)];
}

/**
 * Cautions where they matter: a bar, a sign and words. `folded` are those given as a line that opens to the rest; a line
 * that holds all of it has nothing to open.
 */
export function Cautions({
  texts,
  large = false,
  folded = NONE,
}: {
  texts: readonly string[];
  large?: boolean;
  folded?: ReadonlySet<string>;
}) {
  if (texts.length === 0) return null;
  return (
    <ul className={large ? 'mt-5 space-y-2.5' : 'mb-1 space-y-0.5'}>
      {texts.map((text) => {
        const [head, rest] = folded.has(text) ? parted(text) : [text, ''];
        return (
          <li
            key={text}
            className={`flex gap-2.5 border-l-4 border-danger pl-2.5 leading-snug ${large ? 'text-[17px]' : 'text-[15px]'}`}
          >
            <span className="mt-px shrink-0 text-danger">
              <CautionGlyph size={large ? 24 : 19} />
            </span>
            {rest === '' ? (
              text
            ) : (
              <details className="min-w-0 flex-1">
                <summary className="marker:text-ink-soft">{head}</summary>
                <p>{rest}</p>
              </details>
            )}
          </li>
        );
      })}
    </ul>
  );
}
