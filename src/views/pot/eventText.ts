import { givenText } from '../../core/units/given';
import type { MakeEvent } from '../../run/events';

/** What an event is called when it is taken back. */
export function eventText(event: MakeEvent): string {
  switch (event.type) {
    case 'done':
      return 'stage done';
    case 'back':
      return 'step back';
    case 'temperature':
      return 'reading';
    case 'whey':
      return `whey ${event.look}`;
    case 'acid':
      return 'acid';
    case 'added':
      return `${givenText(event.said)} of ${event.dose}`;
    case 'pieces':
      return 'pieces counted';
    case 'loaded':
      return 'weight on the press';
    case 'tested':
      return event.found;
    case 'skipped':
      return 'stage left out';
    case 'paused':
      return 'pause';
    case 'resumed':
      return 'going on';
    case 'corrected':
      return 'reading put right';
    case 'imported':
      return 'logger’s file';
    case 'remeasured':
      return 'milk measured';
    case 'note':
      return 'note';
    case 'finished':
      return 'finish';
    default:
      return event.type;
  }
}
