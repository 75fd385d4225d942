import { useState } from 'react';
import { FIRST_SHARE, HELD_BACK_PORTIONS } from '../../../core/acid/coagulation';
import { standingAreaM2, weightKg } from '../../../core/curd/press';
import type { Fault } from '../../../core/faults/fault';
import type { Quantity } from '../../../core/units/format';
import type { DoseId } from '../../../makes/grammar';
import { type Practice, stageNow, USUAL_HEIGHT_CM } from '../../../sim/practice/batch';
import { plannedGrams } from '../../../sim/practice/doses';
import type { Deed } from '../../../sim/practice/moves';
import { look, test } from '../../../sim/practice/senses';
import { useFormat } from '../../../store/hooks';
import { Button } from '../../../ui/parts/Button';
import { NumberField } from '../../../ui/parts/NumberField';
import { faultText, numberFault } from '../../common/faultText';

type Do = (deed: Deed) => Fault | null;
/** A number with the deed it is for. */
interface Amount {
  label: string;
  quantity: Quantity;
  unit?: string;
  usual: number;
  max: number;
  step: number;
  submit: string;
  deed(value: number): Deed;
}

const NAMES: Record<DoseId, string> = {
  acid: 'Acid',
  calcium: 'Calcium',
  coagulant: 'Coagulant',
  culture: 'Culture',
  salt: 'Salt',
  cream: 'Cream',
  lipase: 'Lipase',
  'brine-salt': 'Salt for the brine',
};

const MOST_G = 20_000;
const round = (value: number) => (value >= 20 ? Math.round(value) : Math.round(value * 100) / 100);

/** What there is to do with a number at the stage under way. */
function amountsAt(practice: Practice): Amount[] {
  const { kind, params } = stageNow(practice);
  const goal = kind.goal(params);
  const said = params as { mm?: number; kPa?: number; heightCm?: number };
  const doses = kind.takes(params).filter((one): one is DoseId => one !== 'milk' && one !== 'brine-salt');
  const all: Amount[] = doses.flatMap((what): Amount[] => {
    const planned = plannedGrams(practice, what);
    if (!planned) return [];
    const poured = practice.acidGrams > 0;
    const usual =
      what === 'acid' && goal?.is === 'clear-whey'
        ? planned * (poured ? (1 - FIRST_SHARE) / HELD_BACK_PORTIONS : FIRST_SHARE)
        : planned;
    // What is poured by volume on the pad is poured by volume here.
    const ml = practice.planned.plan.doses.find(({ id }) => id === what)?.millilitres ?? null;
    const perUnit = ml === null || ml === 0 ? 1 : planned / ml;
    const shown = usual / perUnit;
    return [
      {
        label: NAMES[what],
        ...(perUnit === 1 ? { quantity: 'dose' as const } : { quantity: 'plain' as const, unit: 'mL' }),
        usual: round(shown),
        max: MOST_G,
        step: shown < 2 ? 0.01 : shown < 20 ? 0.1 : 1,
        submit: what === 'salt' ? 'Salt it' : 'Pour it in',
        deed: (amount) =>
          what === 'salt'
            ? { do: 'salt', grams: amount * perUnit }
            : { do: 'add', what, grams: amount * perUnit },
      },
    ];
  });
  if (kind.does.includes('cuts'))
    all.push({
      label: 'Cuts apart',
      quantity: 'plain',
      unit: 'mm',
      usual: said.mm ?? 12,
      max: 300,
      step: 1,
      submit: 'Cut it',
      deed: (mm) => ({ do: 'cut', mm }),
    });
  if (kind.does.includes('presses'))
    all.push({
      label: 'Weight on it',
      quantity: 'cheese',
      usual: round(
        weightKg(said.kPa ?? 0, standingAreaM2(practice.aims.kg, said.heightCm ?? USUAL_HEIGHT_CM)),
      ),
      max: 2000,
      step: 0.5,
      submit: 'Put it on',
      deed: (kg) => ({ do: 'press', kg }),
    });
  return all;
}

/** One number and its button. */
function AmountLine({ amount, act }: { amount: Amount; act: Do }) {
  const format = useFormat();
  const [field, setField] = useState<Field>({
    value: amount.usual,
    text: null,
  });
  const [fault, setFault] = useState<string | undefined>();
  const give = () => {
    if (field.value === null || field.value < 0 || field.value > amount.max) {
      const bounds = { min: 0, max: amount.max };
      setFault(
        faultText(
          numberFault(amount.label, field.text ?? '', field.value, bounds),
          format,
          amount.quantity,
          amount.unit,
        ),
      );
      return;
    }
    const answer = act(amount.deed(field.value));
    setFault(answer ? `You cannot ${answer.problem}: ${answer.remedy}.` : undefined);
  };
  return (
    <div className="flex items-end gap-3">
      <div className="w-40">
        <NumberField
          label={amount.label}
          value={field.value}
          text={field.text}
          onChange={setField}
          quantity={amount.quantity}
          {...(amount.unit && { unit: amount.unit })}
          units={format.units}
          min={0}
          max={amount.max}
          step={amount.step}
          fault={fault}
          bare
        />
      </div>
      <Button tone="main" onClick={give}>
        {amount.submit}
      </Button>
    </div>
  );
}

/** A number as it stands in its field. */
interface Field {
  value: number | null;
  text: string | null;
}

/** The water of a stretch, and how long it is worked. */
const STRETCH = [
  { key: 'waterC', label: 'Water', quantity: 'temperature', min: 30, max: 100, step: 1 },
  { key: 'minutes', label: 'Worked', quantity: 'plain', unit: 'min', min: 0.5, max: 60, step: 0.5 },
] as const;

function Stretching({ act }: { act: Do }) {
  const format = useFormat();
  const [fields, setFields] = useState<Record<'waterC' | 'minutes', Field>>({
    waterC: { value: 76, text: null },
    minutes: { value: 4, text: null },
  });
  const [fault, setFault] = useState<string | undefined>();
  const pull = () => {
    const waterC = fields.waterC.value;
    const minutes = fields.minutes.value;
    const answer =
      waterC === null || minutes === null || minutes < 0.5
        ? { problem: 'stretch it so', remedy: 'give the water and at least half a minute' }
        : act({ do: 'stretch', waterC, minutes });
    setFault(answer ? `You cannot ${answer.problem}: ${answer.remedy}.` : undefined);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      {STRETCH.map(({ key, ...field }) => (
        <div key={key} className="w-28">
          <NumberField
            {...field}
            {...fields[key]}
            onChange={(next) => setFields({ ...fields, [key]: next })}
            units={format.units}
            fault={key === 'waterC' ? fault : undefined}
            bare
          />
        </div>
      ))}
      <Button tone="main" onClick={pull}>
        Stretch it
      </Button>
    </div>
  );
}

/** What one finds as one looks, or puts a hand to it; noted by whoever stands there, on the pad. */
function Senses({ practice }: { practice: Practice }) {
  const format = useFormat();
  const [told, setTold] = useState('');
  const see = () => {
    const { whey, bowl } = look(practice);
    const says = [
      bowl && (bowl === 'stopped' ? 'The bowl stands still.' : 'The bowl turns at a touch.'),
      whey && `The whey is ${whey}.`,
    ].filter(Boolean);
    setTold(says.length > 0 ? says.join(' ') : 'Nothing to be seen yet but milk, or curd as it should be.');
  };
  const feel = () => {
    const { found, pH, kg } = test(practice);
    const says = [
      found && `By hand: ${found}.`,
      pH !== null && `The meter says pH ${format.pH(pH)}.`,
      kg !== null && `On the scale: ${format.kg(kg)}.`,
    ].filter(Boolean);
    setTold(says.length > 0 ? says.join(' ') : 'There is nothing to be tried here.');
  };
  return (
    <div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={see}>Look</Button>
        <Button onClick={feel}>Try, read and weigh</Button>
      </div>
      <p aria-live="polite" data-testid="sensed" className="mt-1.5 min-h-6 text-[17px]">
        {told}
      </p>
    </div>
  );
}

/** Deeds without a number at the stage under way. */
function plainAt(practice: Practice): { text: string; deed: Deed }[] {
  const { kind, params } = stageNow(practice);
  const { does } = kind;
  const where = (params as { in?: string }).in;
  return [
    ...(does.includes('draws-whey')
      ? [{ text: 'Draw the whey off', deed: { do: 'draw-whey' } as const }]
      : []),
    ...(does.includes('drains')
      ? [
          {
            text: where === 'bag' ? 'Hang it up' : where === 'basket' ? 'Ladle it in' : 'Drain it',
            deed: { do: 'drain' } as const,
          },
        ]
      : []),
    ...(does.includes('rinses')
      ? [{ text: 'Pour water over it', deed: { do: 'add', what: 'water', grams: 1000 } as const }]
      : []),
    ...(does.includes('brines') ? [{ text: 'Lay it in the brine', deed: { do: 'brine' } as const }] : []),
    ...(kind.rounds(params)?.what === 'turn' ? [{ text: 'Turn it', deed: { do: 'turn' } as const }] : []),
  ];
}

/** Everything hands can do at the stage under way, beside the hob. */
export function Deeds({ practice, act }: { practice: Practice; act: Do }) {
  const [said, setSaid] = useState('');
  const stage = stageNow(practice);
  const key = `${practice.at} ${practice.portions}`;
  return (
    <div className="space-y-3">
      {amountsAt(practice).map((amount) => (
        <AmountLine key={`${key} ${amount.label}`} amount={amount} act={act} />
      ))}
      {stage.kind.does.includes('stretches') && <Stretching act={act} />}
      <div className="flex flex-wrap gap-2 empty:hidden">
        {plainAt(practice).map(({ text, deed }) => (
          <Button
            key={text}
            tone="main"
            onClick={() => {
              const fault = act(deed);
              setSaid(fault ? `You cannot ${fault.problem}: ${fault.remedy}.` : '');
            }}
          >
            {text}
          </Button>
        ))}
      </div>
      {said !== '' && (
        <p role="alert" className="text-[16px] text-danger">
          {said}
        </p>
      )}
      <Senses key={practice.at} practice={practice} />
    </div>
  );
}
