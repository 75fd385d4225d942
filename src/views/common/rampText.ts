import type { Format } from '../../core/units/format';
import type { RampAdvice } from '../../run/rampAdvice';
import { clockText } from './times';

/** What the readings of a warming say: the one thing to do now, and why. */
export function rampText(advice: RampAdvice, format: Format, targetC: number): { now: string; why: string } {
  switch (advice.kind) {
    case 'no-reading':
      return { now: 'Note a temperature.', why: 'Two of them and you are told when it arrives.' };
    case 'one-reading':
      return { now: 'Note another in a few minutes.', why: 'Then its pace is known.' };
    case 'stalled':
      return { now: 'It is not getting warmer.', why: 'Is the heat on? Stir, read again, turn up a little.' };
    case 'turn-off':
      return { now: 'Turn the heat off now.', why: `It coasts to about ${format.temp(advice.coastsToC)}.` };
    case 'over':
      return {
        now: `${format.tempStep(advice.byC)} over.`,
        why: `Heat off, stand the pot in cold water and stir until it is back at ${format.temp(targetC)}; then go on. Nothing is lost yet.`,
      };
    case 'arriving': {
      const arrives = `At this pace ${format.temp(targetC)} at ${clockText(advice.arrivesAt)}`;
      const rise = `${format.tempStep(advice.perMin)} a minute`;
      if (advice.pace === 'on time') return { now: 'On time.', why: `${arrives}, ${rise}.` };
      return advice.pace === 'ahead'
        ? {
            now: `${format.number(advice.byMin)} min ahead.`,
            why: `${arrives}, ${rise}. Turn down a little and stir more: fast milk catches.`,
          }
        : {
            now: `${format.number(advice.byMin)} min behind.`,
            why: `${arrives}, ${rise}. Turn up a little, or put the lid on between stirs.`,
          };
    }
  }
}
