import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { COMPUTATIONS } from '../plan/reckon/index';
import { useMethodBook } from '../store/methodBook';
import { draftChanged } from '../store/slices/draft';
import { useAppDispatch } from '../store/store';
import { type Control, onThisView } from './onThisView';

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

/** Things of one kind that go by name; `more` is what else each is found by. */
interface Group {
  heading: string;
  items: readonly { name: string; more?: string; go(): void }[];
}

const NAME = 'Go to anything by name';

/** How well a name answers what was typed: every word of it stands there; the better, the earlier. */
function answers(value: string, typed: string): number {
  const name = value.toLowerCase();
  const words = typed.toLowerCase().split(' ').filter(Boolean);
  if (!words.every((word) => name.includes(word))) return 0;
  if (name.startsWith(words.join(' '))) return 1;
  return words.every((word) => ` ${name}`.includes(` ${word}`)) ? 0.8 : 0.5;
}

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-xl px-3 text-[17px] data-[selected=true]:bg-now data-[selected=true]:text-on-now';
const GROUP =
  '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[14px] [&_[cmdk-group-heading]]:text-ink-soft';

/** Anything by name: what stands on this view, a computation, a make, a view. */
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
  const [here, setHere] = useState<Control[]>([]);
  /** Where the keyboard goes once this is shut; back where it was, if nothing here was chosen. */
  const wanted = useRef<HTMLElement | null>(null);
  useEffect(() => {
    if (!open) return;
    setSearch('');
    setHere(onThisView(document.getElementById('view')));
    wanted.current = null;
  }, [open]);
  const go = (to: string) => {
    onOpenChange(false);
    navigate(to);
  };
  const groups: readonly Group[] = [
    {
      heading: 'On this view',
      items: here.map(({ name, element }) => ({
        name,
        go: () => {
          wanted.current = element;
          onOpenChange(false);
        },
      })),
    },
    {
      heading: 'Reckon',
      items: COMPUTATIONS.map(({ title, name }) => ({
        name: title,
        more: name,
        go: () => go(`/reckon/${name}`),
      })),
    },
    {
      heading: 'Plan',
      items: methods.map(({ id, title }) => ({
        name: title,
        more: 'plan',
        go: () => {
          dispatch(draftChanged({ method: id }));
          go('/plan');
        },
      })),
    },
    {
      heading: 'Go to',
      items: VIEWS.map(([to, text]) => ({ name: text, more: 'view', go: () => go(to) })),
    },
  ];
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-enamel-deep/60" />
        <Dialog.Content
          aria-describedby={undefined}
          className="plate fixed top-[12vh] left-1/2 z-50 w-[min(34rem,94vw)] -translate-x-1/2 p-4"
          onCloseAutoFocus={(event) => {
            if (!wanted.current) return;
            event.preventDefault();
            wanted.current.focus();
          }}
        >
          <Dialog.Title className="sr-only">{NAME}</Dialog.Title>
          <Command label={NAME} filter={answers}>
            <Command.Input
              value={search}
              onValueChange={setSearch}
              placeholder="A name, or part of one"
              className="field-line name w-full bg-transparent px-2 py-2 text-[22px] outline-none"
            />
            <Command.List className="mt-2 max-h-[60vh] overflow-y-auto">
              <Command.Empty className="px-3 py-4 text-[16px]">Nothing goes by that name.</Command.Empty>
              {groups.map(({ heading, items }) => (
                <Command.Group key={heading} heading={heading} hidden={items.length === 0} className={GROUP}>
                  {items.map(({ name, more = '', go }) => (
                    <Command.Item key={name} value={`${name} ${more}`.trim()} className={ITEM} onSelect={go}>
                      {name}
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
