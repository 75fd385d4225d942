import { CautionGlyph } from '../glyphs/glyphs';

/** Cautions where they matter: a bar, a sign and words. */
export function Cautions({ texts, large = false }: { texts: readonly string[]; large?: boolean }) {
  if (texts.length === 0) return null;
  return (
    <ul className="space-y-2">
      {texts.map((text) => (
        <li key={text} className={`flex gap-3 rounded-r-xl border-l-4 border-danger bg-plate-soft px-3 py-2 text-ink ${large ? 'text-[17px]' : 'text-[15px]'} leading-snug`}>
          <span className="mt-0.5 shrink-0 text-danger">
            <CautionGlyph size={22} />
          </span>
          {text}
        </li>
      ))}
    </ul>
  );
}
