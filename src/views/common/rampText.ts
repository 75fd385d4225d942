import type { Format } from '../../core/units/format';
import { does } from '../../makes/asked';
import type { RampAdvice } from '../../run/rampAdvice';
import { type MakeState, stageAt } from '../../run/state';
import { clockText } from './times';

/** What is warmed: how far, and whether there is curd in it, which wants it slow. */
export interface Warmed {
  targetC: number;
  curd: boolean;
}

/** What is warmed at the stage under way. */
export function warmedAt(state: MakeState): Warmed {
  const stage = stageAt(state);
  return { targetC: stage.targetC ?? 0, curd: does(stage, 'cooks-curd') };
}

/** What the readings of a warming say: the one thing to do now, and why. */
export function rampText(
  advice: RampAdvice,
  format: Format,
  { targetC, curd }: Warmed,
): { now: string; why: string } {
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
        why: curd
          ? 'Heat off. Take a jug of whey out, cool it in cold water, stir it back in, and stir shorter: the curd has had its heat. “Something went wrong” says by how much.'
          : `Heat off, stand the pot in cold water and stir until it is back at ${format.temp(targetC)}; then go on. Nothing is lost yet.`,
      };
    case 'arriving': {
      const arrives = `At this pace ${format.temp(targetC)} at ${clockText(advice.arrivesAt)}`;
      const rise = `${format.tempStep(advice.perMin)} a minute`;
      if (advice.pace === 'on time') return { now: 'On time.', why: `${arrives}, ${rise}.` };
      return advice.pace === 'ahead'
        ? {
            now: curd
              ? `Too fast by ${format.number(advice.byMin)} min.`
              : `${format.number(advice.byMin)} min ahead.`,
            why: curd
              ? `${arrives}, ${rise}. Heat off for a few minutes: a skin on the curd locks the whey in.`
              : `${arrives}, ${rise}. Turn down a little and stir more: fast milk catches.`,
          }
        : {
            now: curd
              ? `Slower than wished by ${format.number(advice.byMin)} min.`
              : `${format.number(advice.byMin)} min behind.`,
            why: curd
              ? `${arrives}, ${rise}. A little more heat; slow does the curd no harm, it only comes out drier.`
              : `${arrives}, ${rise}. Turn up a little, or put the lid on between stirs.`,
          };
    }
  }
}
