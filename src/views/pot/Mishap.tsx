import { useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { capital } from '../../core/units/capital';
import type { Format } from '../../core/units/format';
import { KG_PER_POUND, LITRES_PER_US_QUART, MM_PER_INCH } from '../../core/units/measures';
import { readNumber, roundTo } from '../../core/units/numbers';
import type { ReadWith } from '../../kitchen/thermometers';
import type { MistakeId } from '../../makes/mistakes';
import type { NewEvent } from '../../run/events';
import type { MakeState } from '../../run/makeState';
import {
  type Ask,
  type Asks,
  askedOf,
  costsText,
  mishapEvent,
  mishapsAt,
  remedyFor,
  usualAnswer,
} from '../../run/mishaps';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { TextLine } from '../../ui/parts/TextLine';
import { SheetEnd } from '../common/SheetEnd';
import { ReadWithRow } from './ReadWith';

/** No answer is larger than this, in SI: more salt than a kilogram a large vat takes. */
const MOST = 1000;
const MOST_GRAMS = 100_000;

/** A list's chosen line is cut off beyond so many letters: then it stands under it whole. */
const FITS = 36;
const PHONE_FITS = 26;

/** What an answer may be, in SI. */
const boundsOf = (asks: Asks) =>
  asks === 'temperature' ? BOUNDS.potTempC : { min: 0, max: asks === 'grams' ? MOST_GRAMS : MOST };

/** How an answer is typed in the maker's units, and read back in SI. */
function scaleOf(asks: Asks, { units }: Format) {
  const plain = (unit: string, factor = 1, offset = 0, decimals = 2) => ({
    unit,
    shown: (si: number) => String(roundTo(si * factor + offset, decimals)),
    si: (typed: number) => (typed - offset) / factor,
  });
  switch (asks) {
    case 'step':
      return units.temperature === 'F' ? plain('°F', 1.8) : plain('°C');
    case 'temperature':
      return units.temperature === 'F' ? plain('°F', 1.8, 32, 1) : plain('°C', 1, 0, 1);
    case 'weight':
      return units.mass === 'oz' ? plain('lb', 1 / KG_PER_POUND) : plain('kg');
    case 'litres':
      return units.volume === 'gal' ? plain('qt', 1 / LITRES_PER_US_QUART) : plain('L');
    case 'mm':
      return units.mass === 'oz' ? plain('in', 1 / MM_PER_INCH) : plain('mm');
    case 'grams':
      return plain('g');
    case 'minutes':
      return plain('min');
    case 'hours':
      return plain('h');
    case 'percent':
      return plain('%');
  }
}

type Typed = Readonly<Record<string, string>>;

/** What was typed or chosen for a question, in SI; null where it cannot be read. */
function read(
  ask: Ask,
  typed: Typed,
  state: MakeState,
  format: Format,
  by: ReadWith | null,
): number | string | null {
  const text = typed[ask.id];
  if ('choices' in ask) return text ?? usualAnswer(ask, state);
  if (text === undefined) return usualAnswer(ask, state);
  const number = readNumber(text);
  const shown = number === null ? null : scaleOf(ask.asks, format).si(number);
  const si = shown !== null && by && ask.asks === 'temperature' ? roundTo(by.isC(shown), 2) : shown;
  const { min, max } = boundsOf(ask.asks);
  return si !== null && si >= min && si <= max ? si : null;
}

/** What a temperature's field shows, °C; null where it cannot be read. */
function shownIn(text: string, format: Format): number | null {
  const number = readNumber(text);
  return number === null ? null : scaleOf('temperature', format).si(number);
}

/** What is usual, as it is typed: a temperature as the thermometer shows it. */
function usualText(ask: Extract<Ask, { asks: Asks }>, state: MakeState, format: Format, by: ReadWith | null) {
  const usual = Number(usualAnswer(ask, state));
  return scaleOf(ask.asks, format).shown(by && ask.asks === 'temperature' ? by.showsC(usual) : usual);
}

/** Something went wrong: what can have gone wrong here, what matters of it, what to do, what it costs, whether it is food. */
export function Mishap({
  state,
  withs,
  lastWith,
  note,
}: {
  state: MakeState;
  /** The kitchen's thermometers where one is known to be off, the first where nobody says; and the one read with last. */
  withs: readonly ReadWith[];
  lastWith: string | null;
  note(event: NewEvent): Promise<boolean>;
}) {
  const format = useFormat();
  const [open, setOpen] = useState(false);
  const here = mishapsAt(state);
  const [chosen, setChosen] = useState<MistakeId | null>(null);
  const [typed, setTyped] = useState<Typed>({});
  const [named, setNamed] = useState<string | null>(null);
  const id = chosen !== null && here.includes(chosen) ? chosen : here[0];
  if (id === undefined) return null;
  const { asks, text } = askedOf(state, id);
  const by = withs.find(({ name }) => name === (named ?? lastWith)) ?? withs[0] ?? null;
  const answers = asks.map((ask) => [ask.id, read(ask, typed, state, format, by)] as const);
  const wrong = asks.find((_, i) => answers[i]?.[1] === null);
  const asked = Object.fromEntries(answers) as Record<string, number | string>;
  const remedy = wrong === undefined ? remedyFor(state, id, asked, format) : null;
  const costs = remedy ? costsText(remedy, format) : '';
  return (
    <Sheet
      title="What went wrong?"
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setChosen(null);
        setTyped({});
      }}
      trigger={<Button tone="quiet">Something went wrong</Button>}
    >
      <div className="mt-3 max-h-[76vh] space-y-3 overflow-y-auto pr-2">
        <Select
          label="This"
          value={id}
          options={here.map((value) => ({ value, text: askedOf(state, value).text }))}
          onChange={(next: MistakeId) => {
            setChosen(next);
            setTyped({});
          }}
        />
        {text.length > PHONE_FITS && (
          <p className={`name text-[18px] ${text.length > FITS ? '' : 'tab:hidden'}`}>{text}.</p>
        )}
        {asks.map((ask) =>
          'choices' in ask ? (
            <Select
              key={ask.id}
              label={capital(ask.text)}
              value={typed[ask.id] ?? (ask.choices[0] as string)}
              options={ask.choices.map((value) => ({ value, text: value }))}
              onChange={(value: string) => setTyped({ ...typed, [ask.id]: value })}
            />
          ) : (
            <div key={ask.id}>
              <TextLine
                label={capital(ask.text)}
                unit={scaleOf(ask.asks, format).unit}
                value={typed[ask.id] ?? usualText(ask, state, format, by)}
                onChange={(value) => setTyped({ ...typed, [ask.id]: value })}
              />
              {ask.asks === 'temperature' && (
                <ReadWithRow
                  all={withs}
                  chosen={by}
                  shownC={shownIn(typed[ask.id] ?? usualText(ask, state, format, by), format)}
                  onChoose={setNamed}
                />
              )}
            </div>
          ),
        )}
        {wrong && !('choices' in wrong) && (
          <FaultText>
            {capital(wrong.text)}: give a number from{' '}
            {scaleOf(wrong.asks, format).shown(boundsOf(wrong.asks).min)} to{' '}
            {scaleOf(wrong.asks, format).shown(boundsOf(wrong.asks).max)} {scaleOf(wrong.asks, format).unit}.
          </FaultText>
        )}
        {remedy && (
          <div
            className={`rounded-[14px] border-l-[8px] px-4 py-3 text-[17px] ${remedy.discard ? 'border-danger bg-danger-wash' : 'border-now-edge bg-now-wash'}`}
            aria-live="polite"
          >
            <p>
              <strong>{remedy.discard ? 'Unsafe: discard. ' : 'Now: '}</strong>
              {remedy.now}
            </p>
            <p className="mt-2">
              <strong>{remedy.discard ? 'Why: ' : 'It costs: '}</strong>
              {costs}
            </p>
          </div>
        )}
        <SheetEnd
          disabled={!remedy}
          close={() => setOpen(false)}
          write={async () =>
            remedy !== null &&
            note(mishapEvent(state, id, { text: `${text}. ${remedy.now} ${costs}`, asked, remedy }))
          }
        />
      </div>
    </Sheet>
  );
}
