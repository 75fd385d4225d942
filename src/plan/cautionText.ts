import { CAUTIONS, type CautionId, cautionWords } from '../core/safety/cautions';
import { toldText } from '../core/safety/told';
import type { Format } from '../core/units/format';
import type { Dose, Plan } from './schema';

/** A file's words hold plain spaces. */
export const inMetric = (text: string): string => text.replaceAll('\u00a0', ' ');

/** The dose a caution is about, where it stands beside that; null where it is about a stage. */
export function doseCautioned({ told }: Plan['cautions'][number]): Dose['id'] | null {
  if (told?.id === 'dose-off') return told.of;
  if (told?.id === 'unlabelled') return told.what === 'sachet' ? 'culture' : 'coagulant';
  return null;
}

/** A plan's caution in the maker's units, as it is worded today; what this version does not know in the words it was written with. */
export const cautionText = (caution: Plan['cautions'][number], format: Format): string =>
  caution.told
    ? toldText(caution.told, format)
    : caution.id in CAUTIONS
      ? cautionWords(caution.id as CautionId, format)
      : caution.text;
