import { allowedHours, SOURED_PH } from '../../core/safety/slowSouring';
import { MOST_WARM_MIN } from '../../core/safety/warmTime';
import { does } from '../../makes/asked';
import type { MistakeId } from '../../makes/mistakes';
import { type MakeState, stageAt } from '../makeState';
import { isCultured, safetySoFar } from '../warm';
import { type About, bin, endsInPieces, type Mishap, mend, option, type Remedy } from './mishap';

/** Warm curd that no culture guards is past it after this, h. From memory, cautious. */
const UNGUARDED_H = 4;
/** A closed fridge without power stays cold for this long, h. Guidance of food authorities, from memory. */
const CLOSED_FRIDGE_H = 4;

/** What shows that a culture has done its work; null where nothing does. */
function guarded({ state, format }: About): string | null {
  const souring = safetySoFar(state, state.stageStartedAt)?.souring ?? null;
  const read = state.pHs.at(-1)?.pH;
  if (read !== undefined && souring !== null && read <= SOURED_PH)
    return `At pH ${format.pH(read)} its culture has guarded it.`;
  return souring !== null && souring.soursAfterH !== null
    ? 'It has set and soured as it should: its culture has guarded it.'
    : null;
}

/** Hours a batch may still stand warm, by the same rule as the plan's and the pot's. */
function allowedH(state: MakeState): number {
  const souring = safetySoFar(state, state.stageStartedAt)?.souring ?? null;
  return souring ? Math.max(0, 1 - souring.share) * allowedHours(state.plan.brief.roomC ?? 20) : UNGUARDED_H;
}

/** Left warm for so many hours: the one rule of slow souring and warm time. */
function warmFor(about: About, hours: number): Remedy {
  const { state, format } = about;
  const guard = guarded(about);
  if (guard !== null)
    return mend('Carry on, and cool it as soon as it is done.', `${guard} Flavour a little sharper.`);
  if (hours * 60 <= MOST_WARM_MIN)
    return mend(
      endsInPieces(state) ? 'Into the cold at once, covered.' : 'Into the cold at once, shallow and covered.',
      `Nothing yet: up to ${format.minutes(MOST_WARM_MIN)} in all.`,
    );
  const most = allowedH(state);
  const souring = safetySoFar(state, state.stageStartedAt)?.souring ?? null;
  return hours > most
    ? bin(
        `More than ${format.minutes(most * 60)} warm${souring ? ` and not known to be at pH ${format.number(SOURED_PH, 1)} or below` : ''}: staphylococci may have made a toxin that heat does not remove.${souring ? ` Read its pH first, if you can: at ${format.number(SOURED_PH, 1)} or below its culture has guarded it.` : ''}`,
      )
    : mend(
        'Into the cold at once, and eat it today, thoroughly heated.',
        'Its days in the fridge are used up. Not for pregnant, very young, old or ill people.',
      );
}

/** Whether it was brined this strong: then mould on it is only on it. Common practice. */
const salted = (state: MakeState): boolean =>
  state.plan.stages.some((stage) => does(stage, 'brines')) && option(state, 'brinePctWw', 0) >= 8;
/** Whether it lies in its brine still, and whether it hangs dry. */
const inBrine = ({ plan, parameters }: MakeState): boolean =>
  plan.stages.some(
    (stage) =>
      does(stage, 'brines') && (parameters[stage.id] as { kept?: boolean } | undefined)?.kept === true,
  );
const hung = (state: MakeState): boolean => state.plan.stages.some((stage) => does(stage, 'hangs'));

/** What can go wrong wherever it stands. Source: guidance of food authorities, from memory, on the cautious side. */
export const KEEPING = {
  gassy: {
    text: 'Gas: bubbles in it, it swells or floats',
    asks: [
      { id: 'how', text: 'how much', choices: ['like a sponge: it swells or floats', 'a few small holes'] },
      { id: 'smell', text: 'how does it smell', choices: ['of yeast or worse', 'clean'] },
    ],
    can: (state) => does(stageAt(state), 'after') || !boiled(state),
    remedy: ({ choice, state }) =>
      choice('how') === 'a few small holes' && choice('smell') === 'clean' && isCultured(state)
        ? mend(
            'A culture makes a little gas of its own: a few small holes and a clean smell are its work. Go on, cold as soon as it is done.',
            'Nothing; but a sponge that floats, or a bad smell, is out.',
          )
        : bin(
            'Gas in fresh curd is the work of coliforms or yeasts: from the milk, the cloth or the hands. Scald everything before the next make.',
          ),
  },
  mould: {
    text: 'There is mould on it',
    asks: [],
    remedy: ({ state, format }) =>
      salted(state)
        ? mend(
            `Take the piece out, cut ${format.millimetres(25)} off all round${inBrine(state) ? ', boil the brine or make it new,' : ''} and eat the piece cooked within two days. Fur, slime, or mould inside: throw it out.`,
            hung(state)
              ? 'On a firm, dry, salted face it grows on the face. Many only wipe a first spot off with brine; how dry and how salty the face is decides.'
              : 'On a firm, salted cheese it grows on the face.',
            { yieldShare: -0.2 },
          )
        : {
            now: 'Throw it out, all of it: in soft fresh cheese threads run where no eye sees them.',
            why: 'Scald the tub before it holds cheese again.',
            costs: { moisturePoints: 0, fatShare: 0, yieldShare: -1 },
            discard: true,
          },
  },
  froze: {
    text: 'It froze',
    asks: [],
    remedy: ({ format }) =>
      mend(
        `Thaw it in the fridge, in its tub, and stir or press back what runs out. Keep it at ${format.temp(2)} to ${format.temp(4)} from here.`,
        'Grainy and crumbling: good to cook with, no longer to slice.',
      ),
  },
  'power-gone': {
    text: 'The power was gone, the fridge warm',
    asks: [{ id: 'hours', text: 'for how many hours', asks: 'hours', usual: 3 }],
    remedy: (about) => {
      const hours = about.number('hours');
      const read = about.state.pHs.at(-1)?.pH;
      if (hours <= CLOSED_FRIDGE_H)
        return mend(
          `Nothing yet, if the door stayed shut: a closed fridge stays cold for ${about.format.minutes(60 * CLOSED_FRIDGE_H)}.`,
          'Read its temperature before you shut it again.',
        );
      // At pH 4.6 and below only quality suffers within a day.
      if (read !== undefined && read <= 4.6 && hours < 24)
        return mend('Into the cold again, and eat it within two days.', 'Soured through: its acid held.');
      return warmFor(about, hours - CLOSED_FRIDGE_H);
    },
  },
  'left-warm': {
    text: 'Left out warm',
    asks: [{ id: 'hours', text: 'for how many hours', asks: 'hours', usual: 3 }],
    remedy: (about) => warmFor(about, about.number('hours')),
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;

/** Whether it has been as good as boiled on its way here: nothing that makes gas outlives that by hours. */
const boiled = (state: MakeState): boolean =>
  state.plan.stages.slice(0, state.index).some((stage) => does(stage, 'scalds'));
