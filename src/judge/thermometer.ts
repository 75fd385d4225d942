import { boilingC } from '../core/heat/boiling';
import { trueC } from '../core/heat/probe';
import type { MakeState, Reading } from '../run/makeState';

/** What a thermometer shows where everybody knows how hot it is. */
interface Shown {
  trueC: number;
  shownC: number;
  event: number;
}

/** Against the true heat: what the notes say that it showed in melting ice, or in boiling water. */
export interface Tested {
  shown: readonly Shown[];
  /** A reading as it would have been by a thermometer that reads right, °C. */
  right(readC: number): number;
}

/** Further off than this is another thing that was said, K. */
const MOST_OFF_C = 15;
/** Read so near to the truth it is right, K. */
export const READS_RIGHT_C = 0.5;

const SAID_OF = [
  { words: /\b(melting |crushed )?ice\b|\biced? water\b/i, at: () => 0 },
  { words: /\bboil(s|ing)?\b|\bat the boil\b/i, at: (altitudeM: number) => boilingC(altitudeM) },
] as const;
const SHOWS = /\bthermometer|\bprobe|\bread|\bshow(s|ed|n)?\b/i;
const NUMBERS = /(?<![\d.])([-−]?\d+(?:[.,]\d+)?)\s*(?:°\s*|degrees?\s*)?(c|f|celsius|fahrenheit)?\b/gi;

/** A number as °C: as it was said, and where nobody said in which measure, the one that lies near. */
function nearC(text: string, unit: string | undefined, trueC: number): number | null {
  const value = Number(text.replace('−', '-').replace(',', '.'));
  const asF = ((value - 32) * 5) / 9;
  const said = unit?.[0]?.toLowerCase();
  const readings = said === 'c' ? [value] : said === 'f' ? [asF] : [value, asF];
  return readings.find((one) => Math.abs(one - trueC) <= MOST_OFF_C) ?? null;
}

function shownIn(text: string, altitudeM: number): Omit<Shown, 'event'>[] {
  if (!SHOWS.test(text)) return [];
  return SAID_OF.flatMap(({ words, at }) => {
    const said = words.exec(text);
    if (!said) return [];
    const trueC = at(altitudeM);
    // Of several numbers the one nearest to the word, so that ice and boil may stand in one sentence.
    const near = [...text.matchAll(NUMBERS)]
      .map((one) => ({
        off: Math.abs((one.index ?? 0) - said.index),
        shownC: nearC(one[1] ?? '', one[2], trueC),
      }))
      .filter((one): one is { off: number; shownC: number } => one.shownC !== null)
      .sort((a, b) => a.off - b.off)[0];
    return near ? [{ trueC, shownC: near.shownC }] : [];
  });
}

/**
 * What the notes of a make say of its thermometer; null where nobody tested it. Shown in both, readings are put right along the line
 * through the two; in one, all by the same.
 *
 * @example testedIn(state)?.right(41) // 38, where a note says "the thermometer reads 3 in ice water"
 */
export function testedIn({ notes, plan }: MakeState): Tested | null {
  const altitudeM = plan.brief.altitudeM ?? 0;
  const all = notes.flatMap(({ text, seq }) =>
    shownIn(text, altitudeM).map((one): Shown => ({ ...one, event: seq })),
  );
  const ice = all.findLast(({ trueC }) => trueC === 0);
  const boil = all.findLast(({ trueC }) => trueC !== 0);
  const shown = [ice, boil].filter((one) => one !== undefined);
  if (shown.length === 0) return null;
  const checks = {
    iceReadsC: ice?.shownC ?? null,
    boilReadsC: boil?.shownC ?? null,
    boilsAtC: boilingC(altitudeM),
  };
  return { shown, right: (readC) => trueC(readC, checks) };
}

/** How far off it is at the worst, K. */
export const worstOff = ({ shown }: Tested): Shown & { offC: number } =>
  shown
    .map((one) => ({ ...one, offC: one.shownC - one.trueC }))
    .sort((a, b) => Math.abs(b.offC) - Math.abs(a.offC))[0] as Shown & { offC: number };

/** A make as a thermometer that reads right would have shown it; what was put right as it was read stays. */
export function putRight(state: MakeState, { right }: Tested): MakeState {
  const righted = <R extends Reading | MakeState['beside'][number]>(all: readonly R[]): R[] =>
    all.map((one) => (one.shown ? one : { ...one, tempC: right(one.tempC) }));
  return { ...state, readings: righted(state.readings), beside: righted(state.beside) };
}
