import { type RefObject, useMemo } from 'react';
import type { Method } from '../../makes/method';
import { changes, differences } from '../../plan/compare';
import { type Planned, planBrief } from '../../plan/plan';
import { useFormat } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { draftChanged, draftSet, fieldsSet } from '../../store/slices/draft';
import { useAppSelector, useAppStore } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { draftOf } from '../draft/draftOf';
import { useBelief } from '../draft/useBelief';
import { changeText } from './changeText';
import { figureText, howMuchText, toldApart, whatText } from './differenceText';

/** The plan set aside, planned anew with what has been learned of its own pot; null where none is. */
export function useAgainst(): Planned | null {
  const against = useAppSelector((state) => state.draft.against);
  const methods = useMethodBook();
  const plain = useMemo(() => {
    const result = against && planBrief(against, { spread: false, methods });
    return result?.ok ? result.value : null;
  }, [against, methods]);
  const belief = useBelief(plain?.plan ?? null);
  return useMemo(() => {
    const result = against && planBrief(against, { spread: false, belief, methods });
    return result?.ok ? result.value : null;
  }, [against, belief, methods]);
}

const MOST = 8;

/** What if: this plan set aside, a copy changed, the differences in words with those that matter first. */
export function WhatIf({
  planned,
  latest,
  method,
  against,
}: {
  planned: Planned;
  /** The plan of now, which is what is set aside and changed. */
  latest: RefObject<Planned>;
  method: Method;
  against: Planned | null;
}) {
  const { dispatch, getState } = useAppStore();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const colder = useAppSelector((state) => state.kitchen.roomNightC != null);
  const format = useFormat();
  const { brief } = planned.plan;
  const milk = () => latest.current.plan.brief.milk;
  const aside = () => dispatch(draftChanged({ against: latest.current.plan.brief }));
  const field = (name: 'litres' | 'fatPct', value: number) => {
    if (!against) aside();
    dispatch(draftChanged({ by: 'litres' }));
    dispatch(fieldsSet({ [name]: { value: Math.round(value * 100) / 100, text: null } }));
  };
  if (!against) {
    return (
      <section aria-label="What if">
        <h2 className="text-[23px]">What if?</h2>
        <p className="text-[15px] text-ink-soft">
          Set this plan aside, change a copy of it, and see what it changes.
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button size="small" onClick={() => field('litres', 2 * (milk().litres ?? 1))}>
            twice the milk
          </Button>
          <Button size="small" onClick={() => field('fatPct', (milk().fatPct ?? 3.7) + 0.5)}>
            half a point more fat
          </Button>
          <Button size="small" onClick={aside}>
            something else
          </Button>
        </div>
      </section>
    );
  }
  const found = toldApart(differences(against.plan, planned.plan), format);
  // By night and by day together the room is another for each make's hours: nobody has changed it.
  const changed = changes(against, planned).filter(({ path }) => path !== 'roomC' || !colder);
  return (
    <section aria-label="What if">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-[23px]">What if?</h2>
        <span className="flex gap-2">
          <Button
            size="small"
            onClick={() => {
              const { draft, kitchen } = getState();
              dispatch(
                draftSet({
                  ...draftOf(against.plan.brief, kitchen, draft.milkId, [against.method]),
                  against: null,
                }),
              );
            }}
          >
            back to the first
          </Button>
          <Button size="small" onClick={() => dispatch(draftChanged({ against: null }))}>
            keep this one
          </Button>
        </span>
      </div>
      <p className="text-[15px]">
        {changed.length === 0
          ? 'Change anything: the first plan stands beside it, dotted on the track.'
          : `Changed: ${changed.map((one) => changeText(one, method, format, crude ? brief.milk.species : null)).join(', ')}.`}
      </p>
      <ul className="mt-1">
        {found.slice(0, MOST).map((one) => (
          <li key={one.what} className="stitch flex flex-wrap items-baseline gap-x-3 py-1.5 text-[16px]">
            <strong className="figure w-28 text-[20px]">{howMuchText(one, format)}</strong>
            <span>{whatText(one, format, brief.currency)}</span>
            <span className="text-ink-soft">
              {one.after === null ? 'none' : figureText(one.after, one, format)} instead of{' '}
              {one.before === null ? 'none' : figureText(one.before, one, format)}
            </span>
          </li>
        ))}
        {changed.length > 0 && found.length === 0 && (
          <li className="py-1.5">Nothing that could be told apart.</li>
        )}
      </ul>
    </section>
  );
}
