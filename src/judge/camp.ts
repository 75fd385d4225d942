import { does } from '../makes/asked';
import type { Method } from '../makes/method';

/** Makes that go wrong in the same ways. */
export const CAMPS = [
  'acid',
  'lactic',
  'cottage',
  'quick',
  'cultured',
  'squeaky',
  'grilling',
  'pressed',
] as const;
export type Camp = (typeof CAMPS)[number];

/** To which camp a make belongs, by what its stages do: own makes too. */
export function campOf({ family, acid, stages }: Pick<Method, 'family' | 'acid' | 'stages'>): Camp {
  switch (family) {
    case 'acid-set':
      return 'acid';
    case 'lactic-set':
      return stages.some((stage) => does(stage, 'cooks-curd')) ? 'cottage' : 'lactic';
    case 'stretched-curd':
      return acid === null ? 'cultured' : 'quick';
    case 'squeaky-curd':
      return stages.some((stage) => does(stage, 'cheddars')) ? 'squeaky' : 'grilling';
    case 'pressed-fresh':
      return 'pressed';
  }
}
