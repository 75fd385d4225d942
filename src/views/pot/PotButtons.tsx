import { AlertDialog } from 'radix-ui';
import { type ReactNode, useId, useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { does } from '../../makes/asked';
import { countsPieces, piecesEvent } from '../../run/adding';
import type { NewEvent } from '../../run/events';
import type { Moment } from '../../run/moments';
import { type MakeState, stageAt } from '../../run/state';
import { BackGlyph, CheckGlyph, UndoGlyph } from '../../ui/glyphs/glyphs';
import { Button } from '../../ui/parts/Button';
import { SHEET, Sheet } from '../../ui/parts/Sheet';
import { AmountSheet } from './AmountSheet';
import { eventText } from './eventText';
import { MilkMeasured } from './MilkMeasured';
import { useSettled } from './useSettled';
import { PouredOther, WentIn } from './WentIn';

interface Props {
  state: MakeState;
  moment: Moment;
  note(event: NewEvent): Promise<boolean>;
}

/** What one can do: move on, step back, take back. `pad` stands right under the way on, where the screen is narrow. */
export function PotButtons({ state, moment, note, pad }: Props & { pad: ReactNode }) {
  const { undoable } = state;
  const meaning = `${state.index} ${moment.main?.text ?? ''}`;
  const settled = useSettled(meaning);
  return (
    <div className="mt-4 grid grid-cols-2 items-stretch gap-4 tab:flex tab:flex-wrap">
      {moment.main && (
        <Button
          data-main
          tone="main"
          size="hand"
          className="col-span-2 min-w-[15rem] flex-[2] text-[25px]"
          key={meaning}
          // Not taken out of the keyboard's way while it rests: Tab would pass it by.
          aria-disabled={!settled}
          onClick={() => moment.main && settled && void note(moment.main.event)}
        >
          <CheckGlyph size={30} />
          {moment.main.text}
        </Button>
      )}
      {pad && <div className="col-span-2">{pad}</div>}
      <MilkMeasured state={state} note={note} />
      {moment.adding.map((one) => (
        <WentIn key={one.dose} state={state} adding={one} note={note} />
      ))}
      {moment.pour && <PouredOther state={state} portion={moment.pour.portion} note={note} />}
      <LoadIt state={state} note={note} />
      <HowMany state={state} note={note} />
      <Button
        size="hand"
        className="flex-1"
        disabled={!undoable}
        onClick={() => undoable && void note({ type: 'undone', target: undoable.seq })}
      >
        <UndoGlyph size={28} />
        <span>
          Undo
          {undoable && <span className="block text-[15px] font-medium">{eventText(undoable)}</span>}
        </span>
      </Button>
      <Button
        size="hand"
        className="flex-1"
        disabled={state.index === 0}
        onClick={() => void note({ type: 'back', from: stageAt(state).id, resumes: true })}
      >
        <BackGlyph size={26} />
        Back
      </Button>
      <NoteIt note={note} />
    </div>
  );
}

/** How many pieces it was made into: they are cooled, poached and brined as that many. */
function HowMany({ state, note }: Pick<Props, 'state' | 'note'>) {
  if (!countsPieces(state) || state.pausedAt !== null) return null;
  return (
    <AmountSheet
      title="How many pieces are they?"
      label="Pieces"
      quantity="plain"
      bounds={{ min: 1, max: 1000 }}
      submit="Plan with that"
      trigger={
        <Button size="hand" className="flex-1">
          Pieces
        </Button>
      }
      take={(count) =>
        Number.isInteger(count) ? note(piecesEvent(state, count)) : Promise.resolve('Give a whole number.')
      }
    />
  );
}

/** What is put on the press, board and all. */
function LoadIt({ state, note }: Pick<Props, 'state' | 'note'>) {
  if (!does(stageAt(state), 'presses') || state.pausedAt !== null) return null;
  return (
    <AmountSheet
      title="What is on it?"
      label="Load, with its board"
      quantity="cheese"
      bounds={BOUNDS.kg}
      submit="Note it"
      trigger={
        <Button size="hand" className="flex-1">
          Load on it
        </Button>
      }
      take={(kg) => note({ type: 'loaded', kg })}
    />
  );
}

function NoteIt({ note }: { note: Props['note'] }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const id = useId();
  const write = async () => {
    if (await note({ type: 'note', text: text.trim() })) {
      setText('');
      setOpen(false);
    }
  };
  return (
    <Sheet
      title="A note for the book"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button size="hand" className="flex-1 tab:max-w-56">
          Note
        </Button>
      }
    >
      <label htmlFor={id} className="mt-4 block text-[16px] text-ink-soft">
        What happened, in your words
      </label>
      <textarea
        id={id}
        value={text}
        maxLength={4000}
        rows={3}
        onChange={(event) => setText(event.target.value)}
        className="field-line w-full bg-transparent py-2 text-[19px] outline-none"
      />
      <div className="mt-6 flex gap-4">
        <Button size="hand" className="flex-1" onClick={() => setOpen(false)}>
          Close
        </Button>
        <Button
          tone="main"
          size="hand"
          className="flex-1"
          disabled={text.trim() === ''}
          onClick={() => void write()}
        >
          Note it
        </Button>
      </div>
    </Sheet>
  );
}

export function Abandon({ note, onAbandoned }: Pick<Props, 'note'> & { onAbandoned(): void }) {
  const [reason, setReason] = useState('');
  const id = useId();
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <Button tone="quiet" className="-mr-4">
          Give this make up
        </Button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-enamel-deep/60" />
        <AlertDialog.Content className={SHEET}>
          <AlertDialog.Title className="text-[26px]">Give this make up?</AlertDialog.Title>
          <AlertDialog.Description className="mt-2 text-[17px]">
            It goes into the book as it stands. Why it went wrong is worth a line.
          </AlertDialog.Description>
          <label htmlFor={id} className="mt-4 block text-[16px] text-ink-soft">
            Why, if you know
          </label>
          <input
            id={id}
            value={reason}
            maxLength={4000}
            onChange={(event) => setReason(event.target.value)}
            className="field-line w-full bg-transparent py-2 text-[19px] outline-none"
          />
          <div className="mt-6 flex gap-4">
            <AlertDialog.Cancel asChild>
              <Button size="hand" className="flex-1">
                Keep going
              </Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button
                size="hand"
                tone="danger"
                className="flex-1"
                onClick={() => {
                  void note({ type: 'abandoned', reason: reason.trim() }).then(
                    (written) => written && onAbandoned(),
                  );
                }}
              >
                Give it up
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
