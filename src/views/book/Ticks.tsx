import type { Tick } from '../../run/events';
import type { MakeState } from '../../run/state';
import { CheckGlyph } from '../../ui/glyphs/glyphs';
import { Button } from '../../ui/parts/Button';
import { hoursText } from '../common/times';
import { useNote } from '../common/useNote';

const WORDS: Record<Tick, { ask: string; done: string }> = {
  cooled: { ask: 'It is cold through', done: 'Cold through' },
  cleaned: { ask: 'Pots and cloths are clean', done: 'Pots and cloths clean' },
};
/** A cheese not cold by then has stood too long in the warm, min. Guidance of food authorities, from memory. */
const COLD_WITHIN_MIN = 6 * 60;

/** Nobody remembers after this. */
const ASKED_FOR_MS = 36 * 3_600_000;

/** What is left to do when the cheese is made: it goes cold, and the tools are cleaned; each with its time. */
export function Ticks({ id, state, now }: { id: string; state: MakeState; now: number }) {
  const { note } = useNote(id);
  const made = state.finishedAt ?? state.startedAt;
  const tick = async (what: Tick) => {
    await note({ type: 'ticked', what });
  };
  if (state.entered) return null;
  const { cooled } = state.ticks;
  const late = cooled !== null && cooled - made > COLD_WITHIN_MIN * 60_000;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      {(Object.keys(WORDS) as Tick[]).map((what) => {
        const at = state.ticks[what];
        if (at === null && now - made > ASKED_FOR_MS) return null;
        return at === null ? (
          <Button key={what} onClick={() => void tick(what)}>
            {WORDS[what].ask}
          </Button>
        ) : (
          <span key={what} className="inline-flex min-h-12 items-center gap-2 text-[16px]">
            <CheckGlyph size={22} />
            {WORDS[what].done}, {hoursText((at - made) / 60_000)} after
          </span>
        );
      })}
      {late && (
        <p className="basis-full text-[16px] font-semibold text-danger">
          That was slow: from 57 to 5 °C within six hours is the rule. Eat it soon, and not if you are
          pregnant, very young, old or ill.
        </p>
      )}
    </div>
  );
}
