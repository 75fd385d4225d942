import { Command } from 'cmdk';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { COMPUTATIONS } from '../plan/reckon/index';
import { useMethodBook } from '../store/methodBook';
import { draftChanged } from '../store/slices/draft';
import { useAppDispatch } from '../store/store';

const VIEWS = [
  ['/plan', 'Plan'],
  ['/pot', 'At the pot'],
  ['/book', 'Book'],
  ['/week', 'Week'],
  ['/shelf', 'Shelf'],
  ['/methods', 'Methods'],
  ['/practise', 'Practise'],
  ['/reckon', 'Reckoner'],
  ['/kitchen', 'Kitchen'],
] as const;

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-xl px-3 text-[17px] data-[selected=true]:bg-now data-[selected=true]:text-on-now';
const GROUP =
  '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[14px] [&_[cmdk-group-heading]]:text-ink-soft';

/** Anything by name: a computation, a make, a view. */
export default function Palette({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const methods = useMethodBook();
  const [search, setSearch] = useState('');
  useEffect(() => {
    if (open) setSearch('');
  }, [open]);
  const go = (to: string) => {
    onOpenChange(false);
    navigate(to);
  };
  return (
    <Command.Dialog
      open={open}
      onOpenChange={onOpenChange}
      label="Go to anything by name"
      overlayClassName="fixed inset-0 z-40 bg-enamel-deep/60"
      contentClassName="plate fixed top-[12vh] left-1/2 z-50 w-[min(34rem,94vw)] -translate-x-1/2 p-4"
    >
      <Command.Input
        value={search}
        onValueChange={setSearch}
        placeholder="What do you want to reckon, make or see?"
        className="field-line name w-full bg-transparent px-2 py-2 text-[22px] outline-none"
      />
      <Command.List className="mt-2 max-h-[60vh] overflow-y-auto">
        <Command.Empty className="px-3 py-4 text-[16px]">Nothing goes by that name.</Command.Empty>
        <Command.Group heading="Reckon" className={GROUP}>
          {COMPUTATIONS.map((one) => (
            <Command.Item
              key={one.name}
              value={`${one.title} ${one.name}`}
              className={ITEM}
              onSelect={() => go(`/reckon/${one.name}`)}
            >
              {one.title}
            </Command.Item>
          ))}
        </Command.Group>
        <Command.Group heading="Plan" className={GROUP}>
          {methods.map((method) => (
            <Command.Item
              key={method.id}
              value={`plan ${method.title}`}
              className={ITEM}
              onSelect={() => {
                dispatch(draftChanged({ method: method.id }));
                go('/plan');
              }}
            >
              {method.title}
            </Command.Item>
          ))}
        </Command.Group>
        <Command.Group heading="Go to" className={GROUP}>
          {VIEWS.map(([to, text]) => (
            <Command.Item key={to} value={`go to ${text}`} className={ITEM} onSelect={() => go(to)}>
              {text}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  );
}
