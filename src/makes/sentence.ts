/** What a make keeps for all its stages, and a stage's sentence may speak of. */
export type Slot = 'acid' | 'coagulant' | 'culture' | 'strains' | 'bag';

/** A parameter of the stage, as it reads in its sentence. */
export interface SaidParam {
  param: string;
  text: string;
  /** What is shown where the parameter itself is nought and something else decides it. */
  shown?: number;
  /** The option that stands for it where the parameter is fixed in this stage. */
  or?: string;
}

/** Something the make keeps, with the words that are said only where it does. */
export interface SaidSlot {
  slot: Slot;
  before: string;
  after?: string;
}

/** A stage's sentence is words and values: each value is a thing one can take hold of. */
export type Part = string | SaidParam | SaidSlot;

const partText = (part: Part): string => (typeof part === 'string' ? part : 'param' in part ? part.text : '');

/** Parts as plain words. Example: `spoken(['Cut to ', { param: 'mm', text: '20 mm' }])` → `'Cut to 20 mm'`. */
export const spoken = (parts: readonly Part[]): string => parts.map(partText).join('');

/** A value of a sentence. Example: `value('toC', '31 °C')`. */
export const value = (
  param: string,
  text: string,
  more: Omit<SaidParam, 'param' | 'text'> = {},
): SaidParam => ({
  param,
  text,
  ...more,
});

/** A stage's one line for lists, and the sentence that begins with it and says the rest. */
export const saying = (head: readonly Part[], rest: readonly Part[] = []) => ({
  title: spoken(head),
  says: [...head, ...rest],
});
