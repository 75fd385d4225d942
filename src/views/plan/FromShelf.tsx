import { type GoodKind, usable } from '../../kitchen/goods';
import type { Plan } from '../../plan/schema';
import { useNow } from '../../store/hooks';
import { draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Select } from '../../ui/parts/Select';
import { draftWith, goodChosen, strainsLacking } from '../draft/goods';

/** Something of a kind from the shelf, its strength, age and price taken over into the form. */
export function FromShelf({ kind, label = 'Off the shelf' }: { kind: GoodKind; label?: string }) {
  const dispatch = useAppDispatch();
  const now = useNow(3_600_000);
  const goods = useAppSelector((state) => state.data.goods);
  const draft = useAppSelector((state) => state.draft);
  const here = goods.filter((good) => good.kind === kind);
  if (here.length === 0) return null;
  const choose = (id: string) => {
    const good = here.find((one) => one.id === id);
    const { plain, fields } = good ? draftWith(good, now) : { plain: {}, fields: {} };
    dispatch(draftChanged({ ...plain, ...goodChosen(draft, kind, good) }));
    dispatch(fieldsSet(fields));
  };
  return (
    <Select
      label={label}
      value={draft.goods[kind] ?? ''}
      options={[
        { value: '', text: 'none of these' },
        ...here.filter(usable).map((good) => ({ value: good.id, text: good.name })),
      ]}
      onChange={choose}
    />
  );
}

/** A culture off the shelf that lacks a strain this make wants says so. */
export function OtherStrains({ plan }: { plan: Plan | null }) {
  const chosen = useAppSelector((state) =>
    state.data.goods.find((good) => good.id === state.draft.goods.culture),
  );
  const lacking = plan && chosen ? strainsLacking(plan, [chosen]) : [];
  if (lacking.length === 0) return null;
  return (
    <p className="text-sm font-medium">
      {chosen?.name} has no {lacking.join(', no ')} strains: this plan reckons as if it had.
    </p>
  );
}
