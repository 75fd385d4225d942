import { CautionGlyph } from '../glyphs/glyphs';

/** Cautions where they matter: a bar, a sign and words. */
export function Cautions({ texts, large = false }: { texts: readonly string[]; large?: boolean }) {
  if (texts.length === 0) return null;
  return (
    <ul className={large ? 'mt-5 space-y-2.5' : 'mt-1.5 space-y-1.5'}>
      {texts.map((text) => (
        <li
          key={text}
          className={`flex gap-2.5 border-l-4 border-danger pl-2.5 leading-snug ${large ? 'text-[17px]' : 'text-[15px]'}`}
        >
          <span className="mt-px shrink-0 text-danger">
            <CautionGlyph size={large ? 24 : 19} />
          </span>
          {text}
        </li>
      ))}
    </ul>
  );
}
