import type { Brief } from './brief/schema';
import type { Dose } from './schema';

/** The amount of a dose as the maker has it in hand; undefined where it is computed. */
export function inHandOf(brief: Brief, id: Dose['id']) {
  switch (id) {
    case 'acid':
      return brief.acid?.given;
    case 'coagulant':
      return brief.coagulant?.given;
    case 'culture':
      return brief.culture?.given;
    case 'salt':
      return brief.salt?.given;
    case 'calcium':
      return typeof brief.calcium === 'object' ? brief.calcium.given : undefined;
    default:
      return undefined;
  }
}
