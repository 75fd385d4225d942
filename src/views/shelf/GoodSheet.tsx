import { type ReactNode, useState } from 'react';
import { ACID_KINDS, ACIDS, type AcidKind } from '../../core/acid/acids';
import type { Fault } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import {
  CONDITIONS,
  GOOD_KINDS,
  GOOD_MEASURES,
  type Good,
  type GoodKind,
  goodSchema,
} from '../../files/shelf';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { SheetForm } from '../../ui/parts/SheetForm';
import { TextLine } from '../../ui/parts/TextLine';
import { faultText } from '../common/faultText';
import { goodOf, PER, USUAL_MEASURE, type Words, wordsOf } from './goodForm';

/** A good, new or changed. */
export function GoodSheet({ good, trigger }: { good?: Good; trigger: ReactNode }) {
  const { db } = usePorts();
  const format = useFormat();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState<Words>(() => wordsOf(good));
  const [faults, setFaults] = useState<Fault[]>([]);
  const set = (key: string) => (value: string) => setWords((was) => ({ ...was, [key]: value }));
  const keep = async () => {
    const read = parse<Good>(goodSchema, goodOf(words, good?.id ?? crypto.randomUUID()));
    if (!read.ok) {
      setFaults(read.faults);
      return;
    }
    await db.goods.put(read.value);
    setFaults([]);
    setOpen(false);
    if (!good) setWords(wordsOf(undefined));
  };
  const line = (key: string, label: string, unit = '') => (
    <TextLine label={label} unit={unit} value={words[key] ?? ''} onChange={set(key)} />
  );
  const options = (values: readonly string[]) => values.map((value) => ({ value, text: value }));
  return (
    <Sheet
      title={good ? 'Change it' : 'On the shelf'}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (next) {
          setWords(wordsOf(good));
          setFaults([]);
        }
      }}
      trigger={trigger}
    >
      <SheetForm submit={() => void keep()} leave={() => setOpen(false)}>
        <Select
          label="It is"
          value={words.kind ?? ''}
          options={options(GOOD_KINDS)}
          onChange={(kind) => setWords((was) => ({ ...was, kind, measure: USUAL_MEASURE[kind as GoodKind] }))}
        />
        {line('name', 'Name')}
        {words.kind === 'acid' && (
          <>
            <Select
              label="Acid"
              value={words.acidKind ?? ''}
              options={ACID_KINDS.map((value) => ({ value, text: ACIDS[value as AcidKind].name }))}
              onChange={set('acidKind')}
            />
            {(words.acidKind === 'vinegar' || words.acidKind === 'lactic') &&
              line('strengthPct', 'Strength', '%')}
          </>
        )}
        {words.kind === 'coagulant' && (
          <>
            <Select
              label="Form"
              value={words.form ?? ''}
              options={options(Object.keys(PER))}
              onChange={set('form')}
            />
            <Select
              label="From"
              value={words.origin ?? ''}
              options={options(['animal', 'microbial', 'vegetable'])}
              onChange={set('origin')}
            />
            <Select
              label="Known by"
              value={words.knownBy ?? ''}
              options={[
                { value: 'strength', text: 'its strength' },
                { value: 'label', text: 'what it sets' },
              ]}
              onChange={set('knownBy')}
            />
            {words.knownBy === 'strength' ? (
              line('imcu', 'Strength', `IMCU/${PER[words.form as keyof typeof PER]}`)
            ) : (
              <>
                {line('setsLitres', `1 ${PER[words.form as keyof typeof PER]} sets`, 'L')}
                {line('inMin', 'in', 'min')}
                {line('atC', 'at', '°C')}
              </>
            )}
          </>
        )}
        {words.kind === 'culture' && (
          <>
            <Select
              label="Form"
              value={words.cultureForm ?? ''}
              options={options(['freeze-dried', 'liquid', 'saved'])}
              onChange={set('cultureForm')}
            />
            {words.cultureForm === 'freeze-dried'
              ? line('labelLitres', words.measure === 'sachets' ? 'A sachet is for' : 'A gram is for', 'L')
              : line('percent', 'Of the milk', '%')}
            {words.cultureForm === 'saved' && line('generation', 'Generation')}
          </>
        )}
        {line('lot', 'Lot')}
        <TextLine label="Opened" type="date" value={words.opened ?? ''} onChange={set('opened')} />
        {line('amount', 'How much', words.measure)}
        <Select
          label="Counted in"
          value={words.measure ?? ''}
          options={options(GOOD_MEASURES)}
          onChange={set('measure')}
        />
        <Select
          label="Condition"
          value={words.condition ?? ''}
          options={options(CONDITIONS)}
          onChange={set('condition')}
        />
        {line('allergens', 'Allergens')}
        {line('price', 'Price', 'a kg, L or piece')}
        {faults.map((fault) => (
          <FaultText key={fault.path}>
            {fault.path.split('.').at(-1)}: {faultText(fault, format)}
          </FaultText>
        ))}
      </SheetForm>
    </Sheet>
  );
}
