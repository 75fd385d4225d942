import type { CauseId } from './ids';

/** Words that take the meaning of what follows back. */
const NOT = /\b(no|not|never|without|nothing|hardly|didn.t|wasn.t)\b[^.;,]{0,24}$/i;

/** Plain words of a maker's own notes, and what they speak for. Common practice. */
const WORDS: readonly (readonly [RegExp, CauseId])[] = [
  [/\bsqueez|\bwrung|\bwring/i, 'squeezed'],
  [/\btap water|\bchlorin/i, 'dilution-chlorinated'],
  [/\bclump|\bmatted/i, 'stirred-too-little'],
  [/\btaper|\bslanted? (basket|side)/i, 'basket-tapered'],
  [/\bwhisk|\bstirr?(ed)? (too )?hard|\bbeat(en)?\b/i, 'stirred-too-hard'],
  [/\bstrew|\bsprinkl/i, 'surface-oversalted'],
  [/\bknock|\bmoved while|\bjolt/i, 'set-disturbed'],
  [/\bdraught|\bdried out|\bdry air/i, 'dried-too-fast'],
  [/\bfold\b|\bseam\b/i, 'seam-open'],
  [/\bburnt|\bcaught\b|\bscorch/i, 'milk-caught'],
  [/\bplain (water )?brine|\bbrine without calcium/i, 'brine-unmatched'],
  [/\bice\b.*\bread|\bboil\w* .*\bread|\bthermometer\b.*\b(off|wrong|out)\b/i, 'thermometer-off'],
  [/\bmeter\b.*\b(off|wrong|out|uncalibrated)\b/i, 'meter-off'],
  [/\bcream (had )?(risen|rose|line)/i, 'cream-risen'],
  [/\bguessed|\bmiscount|\bmismeasur/i, 'milk-miscounted'],
  [/\bunwashed|\bdirty|\bnot boiled/i, 'contaminated'],
  [/\brim\b/i, 'pressed-too-little'],
];

/** The causes a note speaks for. */
export const causesIn = (text: string): CauseId[] =>
  WORDS.flatMap(([pattern, cause]) => {
    const found = pattern.exec(text);
    return found && !NOT.test(text.slice(0, found.index)) ? [cause] : [];
  });
