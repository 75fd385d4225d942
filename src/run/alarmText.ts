import type { Format } from '../core/units/format';
import type { Alarm } from './alarms';
import { mayBoilAt } from './boilOver';
import { momentOf } from './moment';
import { ROUND_WORDS, roundsOf } from './rounds';
import type { MakeState } from './state';

/** What a bell calls for, in words. */
const BELLS = {
  look: 'look at it, and try a piece',
  'warm-whey': 'warm the whey under it again',
  'turn-pieces': 'turn the pieces over in their brine',
  'whey-on': 'put the whey on, so that it is hot when the press is done',
} as const;

/** What the alarm of a make that is over says. */
export const tasteText = ({ name }: Alarm): string => `${name}: taste it again, and note how it has changed.`;

/** What an alarm says, on screen, spoken and in a notification: which batch, what is due, what to do. */
export function alarmText(alarm: Alarm, state: MakeState, format: Format): string {
  switch (alarm.about) {
    case 'taste':
      return tasteText(alarm);
    case 'boil-over':
      return `${alarm.name}: about to boil over! Turn it down, lid off, stay with it.`;
    case 'turn': {
      const { what = 'turn', given = 0, wanted = 1 } = roundsOf(state) ?? {};
      return `${alarm.name}: ${ROUND_WORDS[what]}, ${given + 1} of ${wanted}.`;
    }
    case 'bell':
      return `${alarm.name}: ${BELLS[alarm.what ?? 'look']}.`;
    case 'stage': {
      const { action, calls, main } = momentOf(state, format);
      const unread = mayBoilAt(state) === null ? '' : ' Nobody has read it: it may boil over.';
      const over = `${action.toLowerCase()}, time is up.${main ? ` ${main.text}?` : ''}`;
      return `${alarm.name}: ${calls === null ? over : `${calls}.`}${unread}`;
    }
  }
}
