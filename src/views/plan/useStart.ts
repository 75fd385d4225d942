import { format as formatDate } from 'date-fns';
import { useCallback, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { faultLine } from '../../core/faults/fault';
import { capital } from '../../core/units/capital';
import type { Brief } from '../../plan/brief/schema';
import { planBrief } from '../../plan/plan';
import type { Plan } from '../../plan/schema';
import { MOST_NAME, type Started } from '../../run/events';
import { frozenWhole } from '../../run/frozen';
import { startMake } from '../../store/log';
import { methodBook } from '../../store/methodBook';
import { usePorts } from '../../store/ports';
import { draftChanged } from '../../store/slices/draft';
import { wishLeft } from '../../store/slices/week';
import { useAppStore } from '../../store/store';
import { put } from '../../store/vault';
import { say, sayUnwritten } from '../common/written';
import { milksOf, takenBy } from '../draft/goods';
import { potBegunIn } from '../draft/pot';
import { beliefOf } from '../draft/useBelief';

/** What came out of a make that nobody stood at with the app. */
export interface Entered {
  startedAt: number;
  finishedAt: number;
  weighedKg: number | null;
  score: number | null;
  text: string;
}

type First = Omit<Started, 'seq' | 'at'>;

/**
 * Freezes a plan into a make: at the pot from its first stage, from a later one, or into the book as it came out. What it takes besides is
 * looked up when it is pressed; its functions stay the same however often what is planned changes.
 */
export function useStart(brief: Brief | null, plan: Plan) {
  const { clock, db, planner } = usePorts();
  const navigate = useNavigate();
  const { dispatch, getState } = useAppStore();
  const latest = useRef({ brief, plan });
  latest.current = { brief, plan };
  const [starting, setStarting] = useState(false);
  const under = useRef(false);
  const write = useCallback(
    async (at: number, to: (id: string, first: First) => Promise<string>) => {
      const { brief, plan } = latest.current;
      if (under.current || !brief) return;
      const turn = (on: boolean) => {
        under.current = on;
        setStarting(on);
      };
      turn(true);
      const state = getState();
      const methods = methodBook(state);
      const belief = beliefOf(state, plan);
      const pot = potBegunIn(state, plan);
      // Frozen with its own spread, not with one carried over from the keystroke before.
      const result =
        (await planner.plan(brief, { belief, methods })) ?? planBrief(brief, { belief, methods });
      if (!result.ok) {
        turn(false);
        return say(`The make could not begin: ${result.faults.map(faultLine).join('. ')}.`);
      }
      const planned = result.value;
      const id = crypto.randomUUID();
      const lots = milksOf(planned, state.draft, state.data.milks);
      const short = planned.method.short;
      try {
        const path = await to(id, {
          type: 'started',
          name: `${capital(short)}, ${formatDate(at, 'EEE d MMM HH:mm')}`.slice(0, MOST_NAME),
          milkName: lots
            .map((lot) => lot.name)
            .join(' and ')
            .slice(0, MOST_NAME),
          ...frozenWhole(planned),
          ...(pot && { pot }),
          milks: [...lots],
          taken: takenBy(planned.plan, state.draft.goods, state.data.goods),
        });
        navigate(path);
      } catch (error) {
        turn(false);
        sayUnwritten('The make', error);
      }
    },
    [planner, getState, navigate],
  );
  /** From its first stage, now; or from the one it has stood at since then, ms. */
  const begin = useCallback(
    (fromStage?: string, since?: number) => {
      const at = since ?? clock.wall();
      return write(at, async (id, first) => {
        await startMake(db, id, { ...first, ...(fromStage && { fromStage }) }, at);
        const { draft, week } = getState();
        const wish = week.wishes.find((one) => one.id === draft.wishId);
        // What was wished is under way: it need not be laid a second time.
        if (wish && wish.brief.method === first.plan.method) dispatch(wishLeft(wish.id));
        if (draft.wishId !== null) dispatch(draftChanged({ wishId: null }));
        return `/pot/${id}`;
      });
    },
    [clock, db, write, dispatch, getState],
  );
  const enter = useCallback(
    ({ startedAt, finishedAt, weighedKg, score, text }: Entered) =>
      write(startedAt, async (id, first) => {
        await put(db, {
          format: 'plump-pail/make',
          version: 1,
          id,
          events: [
            { ...first, entered: true, seq: 0, at: startedAt },
            { type: 'finished', weighedKg, seq: 1, at: finishedAt },
            ...(score === null
              ? text === ''
                ? []
                : [{ type: 'note' as const, text, seq: 2, at: finishedAt }]
              : [{ type: 'tasted' as const, score, text, seq: 2, at: finishedAt }]),
          ],
        });
        return `/book/${id}`;
      }),
    [db, write],
  );
  return { starting, begin, enter };
}
