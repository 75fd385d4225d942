import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { BOUNDS } from '../../core/faults/bounds';
import { boilingC } from '../../core/heat/boiling';
import { probeOffsetC } from '../../core/heat/probe';
import { crudeProteinPct, trueProteinPct } from '../../core/milk/species';
import type { Format, Quantity } from '../../core/units/format';
import type { Kitchen } from '../../files/backup';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { fieldsSet, textsDropped } from '../../store/slices/draft';
import { kitchenChanged, kitchenSet } from '../../store/slices/kitchen';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { backup, restore } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { NumberField } from '../../ui/parts/NumberField';
import { Segments } from '../../ui/parts/Segments';
import { Switch } from '../../ui/parts/Switch';
import { faultText } from '../common/faultText';
import { saveFile } from '../common/saveFile';
import { TakeFile } from '../common/TakeFile';

/** The kitchen: how it measures, where it stands, how the app looks, and everything there is as one file. */
export default function KitchenView() {
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const protein = useAppSelector((state) => state.draft.fields.proteinPct);
  const species = useAppSelector((state) => state.draft.species);
  const { db, ring, startOver } = usePorts();
  const format = useFormat();
  const change = (part: Partial<Kitchen>) => {
    dispatch(kitchenChanged(part));
    dispatch(textsDropped());
  };
  const changeBasis = (basis: Kitchen['proteinBasis']) => {
    if (basis === kitchen.proteinBasis) return;
    // The same milk, said the other way.
    const turn = basis === 'true' ? trueProteinPct : crudeProteinPct;
    if (protein.value !== null)
      dispatch(
        fieldsSet({
          proteinPct: { value: Math.round(turn(protein.value, species) * 100) / 100, text: null },
        }),
      );
    change({ proteinBasis: basis });
  };
  return (
    <section className="max-w-[62rem]">
      <h1 className="text-[36px]">Kitchen</h1>
      <div className="mt-3 grid gap-x-10 gap-y-7 tab:grid-cols-2">
        <section aria-label="Units">
          <h2 className="text-[24px]">How you measure</h2>
          <Row label="Temperature">
            <Segments
              label="Temperature"
              value={kitchen.temperature}
              options={[
                { value: 'C', text: '°C' },
                { value: 'F', text: '°F' },
              ]}
              onChange={(temperature) => change({ temperature })}
            />
          </Row>
          <Row label="Volume">
            <Segments
              label="Volume"
              value={kitchen.volume}
              options={[
                { value: 'L', text: 'litres' },
                { value: 'gal', text: 'US gallons, cups' },
              ]}
              onChange={(volume) => change({ volume })}
            />
          </Row>
          <Row label="Weight">
            <Segments
              label="Weight"
              value={kitchen.mass}
              options={[
                { value: 'g', text: 'grams, kilos' },
                { value: 'oz', text: 'ounces, pounds' },
              ]}
              onChange={(mass) => change({ mass })}
            />
          </Row>
          <Row label="Decimal mark">
            <Segments
              label="Decimal mark"
              value={kitchen.decimal}
              options={[
                { value: '.', text: '3.5' },
                { value: ',', text: '3,5' },
              ]}
              onChange={(decimal) => change({ decimal })}
            />
          </Row>
          <Row label="Protein you type">
            <Segments
              label="Protein you type"
              value={kitchen.proteinBasis}
              options={[
                { value: 'crude', text: 'as labelled (crude)' },
                { value: 'true', text: 'true protein' },
              ]}
              onChange={changeBasis}
            />
          </Row>
        </section>
        <section aria-label="Where it stands">
          <h2 className="text-[24px]">Where it stands</h2>
          <div className="stitch mt-2 pt-2">
            <KitchenNumber name="roomC" label="Room" quantity="temperature" step={1} change={change} />
          </div>
          <div className="stitch mt-2 pt-2">
            <KitchenNumber
              name="altitudeM"
              label="Altitude"
              quantity="height"
              step={kitchen.volume === 'gal' ? 100 : 50}
              change={change}
            />
            <p className="text-[15px] text-ink-soft">
              Milk boils here at {format.temp(boilingC(kitchen.altitudeM), 1)}.
            </p>
          </div>
          <div className="stitch mt-2 flex items-center justify-between gap-4 pt-2">
            <label htmlFor="currency" className="text-[15px] font-medium text-ink-soft">
              Currency
            </label>
            <input
              id="currency"
              maxLength={12}
              value={kitchen.currency}
              placeholder="as you write it"
              onChange={(event) => change({ currency: event.target.value })}
              className="field-line min-h-11 w-44 bg-transparent text-right text-[17px] font-semibold outline-none placeholder:text-ink-soft"
            />
          </div>
          <h2 className="mt-7 text-[24px]">Pots and hours</h2>
          <div className="stitch mt-2 pt-2">
            <KitchenNumber
              name="potLitres"
              label="Largest pot"
              quantity="volume"
              step={0.5}
              change={change}
              optional
            />
          </div>
          <div className="stitch mt-2 pt-2">
            <KitchenNumber
              name="mouldLitres"
              label="Largest mould"
              quantity="volume"
              step={0.1}
              change={change}
              optional
            />
          </div>
          <div className="stitch mt-2 pt-2">
            <KitchenNumber
              name="asleepFrom"
              label="Asleep from"
              quantity="plain"
              unit="h"
              step={1}
              change={change}
            />
            <KitchenNumber name="asleepTo" label="until" quantity="plain" unit="h" step={1} change={change} />
          </div>
          <h2 className="mt-7 text-[24px]">Thermometer</h2>
          <div className="stitch mt-2 pt-2">
            <KitchenNumber
              name="iceReadsC"
              label="In ice water"
              quantity="temperature"
              step={0.1}
              change={change}
              optional
            />
            <KitchenNumber
              name="boilReadsC"
              label="At the boil"
              quantity="temperature"
              step={0.1}
              change={change}
              optional
            />
            <p className="text-[15px] text-ink-soft">{thermometerSays(kitchen, format)}</p>
          </div>
          <h2 className="mt-7 text-[24px]">Alarms</h2>
          <div className="stitch mt-2 pt-2">
            <Switch
              label="They sound, each pot its own notes"
              on={kitchen.sound ?? true}
              onChange={(sound) => change({ sound })}
            />
            <Switch
              label="They are spoken"
              on={kitchen.spoken ?? false}
              onChange={(spoken) => change({ spoken })}
            />
            <Button
              size="small"
              onClick={() =>
                void ring
                  .askToNotify()
                  .then((allowed) =>
                    toast(
                      allowed ? 'Notifications are allowed.' : 'This browser will not show notifications.',
                    ),
                  )
              }
            >
              Allow notifications
            </Button>
            <p className="mt-1 text-[15px] text-ink-soft">
              A locked phone and a tab put away may keep quiet whatever is allowed: for those, put the plan
              into your calendar, whose alarms ring by themselves.
            </p>
          </div>
          <h2 className="mt-7 text-[24px]">How it looks</h2>
          <Row label="Light or dark">
            <Segments
              label="Light or dark"
              value={kitchen.look}
              options={[
                { value: 'as the machine', text: 'as the machine' },
                { value: 'light', text: 'light' },
                { value: 'dark', text: 'dark' },
              ]}
              onChange={(look) => change({ look })}
            />
          </Row>
        </section>
        <section aria-label="Everything as a file" className="tab:col-span-2">
          <h2 className="text-[24px]">Everything as a file</h2>
          <p className="mt-1 max-w-[44rem] text-[16px]">
            All you typed and noted lives in this browser, on this device. A backup is one file with
            everything in it; bringing one back puts it in the place of what is here. <StorageSays />
          </p>
          <div className="mt-3 flex flex-wrap items-start gap-4">
            <Button
              tone="main"
              onClick={() => void backup(db).then((file) => saveFile('plump-pail-backup.json', file))}
            >
              Save a backup
            </Button>
            <TakeFile
              text="Bring a backup back"
              take={async (value) => {
                const before = await backup(db);
                const restored = await restore(db, value);
                if (restored.ok) {
                  dispatch(kitchenSet(restored.value.kitchen));
                  toast('The backup is back.', {
                    duration: 20_000,
                    action: {
                      label: 'As it was before',
                      onClick: () =>
                        void restore(db, before).then(
                          (undone) => undone.ok && dispatch(kitchenSet(undone.value.kitchen)),
                        ),
                    },
                  });
                }
                return restored;
              }}
            />
            {startOver && (
              <Button
                onClick={() =>
                  void startOver().then(() => {
                    location.assign('/');
                  })
                }
              >
                Start the demo over
              </Button>
            )}
          </div>
        </section>
      </div>
    </section>
  );
}

/** What two checks of a thermometer say about its readings. */
function thermometerSays(kitchen: Kitchen, format: Format): string {
  const offset = probeOffsetC(
    kitchen.iceReadsC ?? null,
    kitchen.boilReadsC ?? null,
    boilingC(kitchen.altitudeM),
  );
  if (!offset)
    return 'Check it in crushed ice and at the boil, and write down what it shows. Again each month.';
  const at = (c: number) => format.tempStep(Math.abs(offset(c)));
  const way = (c: number) => (offset(c) > 0 ? 'too high' : 'too low');
  return `It reads ${at(35)} ${way(35)} at ${format.temp(35)}, ${at(90)} ${way(90)} at ${format.temp(90)}. Take that off, and check again in a month.`;
}

/** Above this share of the room the browser gives, a warning is due. */
const NEARLY_FULL = 0.9;

/** What the browser has promised about what is kept here; nothing where all is well. */
function StorageSays() {
  const [text, setText] = useState('');
  useEffect(() => {
    let here = true;
    const ask = async () => {
      const kept = await navigator.storage?.persisted?.();
      const { usage = 0, quota = 0 } = (await navigator.storage?.estimate?.()) ?? {};
      if (!here) return;
      if (quota > 0 && usage / quota > NEARLY_FULL)
        setText('The room this browser gives is nearly full: save a backup, then free some space.');
      else if (!kept)
        setText('This browser may clear it when the disk runs short: save a backup now and then.');
    };
    void ask();
    return () => {
      here = false;
    };
  }, []);
  return text === '' ? null : <strong>{text}</strong>;
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="stitch mt-2 pt-2">
      <p className="mb-1 text-[15px] font-medium text-ink-soft">{label}</p>
      {children}
    </div>
  );
}

type KitchenField =
  | 'roomC'
  | 'altitudeM'
  | 'potLitres'
  | 'mouldLitres'
  | 'asleepFrom'
  | 'asleepTo'
  | 'iceReadsC'
  | 'boilReadsC';

const RANGES: Record<KitchenField, { min: number; max: number }> = {
  roomC: BOUNDS.roomC,
  altitudeM: BOUNDS.altitudeM,
  potLitres: BOUNDS.potLitres,
  mouldLitres: BOUNDS.mouldLitres,
  asleepFrom: BOUNDS.hourOfDay,
  asleepTo: BOUNDS.hourOfDay,
  iceReadsC: { min: -10, max: 10 },
  boilReadsC: { min: 80, max: 110 },
};

/** A number of the kitchen: taken when it is right, kept as typed and marked when it is not. */
function KitchenNumber({
  name,
  label,
  quantity,
  step,
  change,
  unit = '',
  optional = false,
}: {
  name: KitchenField;
  label: string;
  quantity: Quantity;
  step: number;
  unit?: string;
  /** May be left empty. */
  optional?: boolean;
  change(part: Partial<Kitchen>): void;
}) {
  const value = useAppSelector((state) => state.kitchen[name]) ?? null;
  const format = useFormat();
  const [typed, setTyped] = useState<{ value: number | null; text: string | null } | null>(null);
  const { min, max } = RANGES[name];
  const right = (candidate: number | null) => candidate !== null && candidate >= min && candidate <= max;
  const emptied = (one: { value: number | null; text: string | null }) =>
    optional && one.value === null && (one.text ?? '').trim() === '';
  const wrong = typed !== null && !emptied(typed) && !right(typed.value);
  const fault = wrong
    ? faultText(
        {
          path: name,
          problem:
            typed.value === null
              ? (typed.text ?? '') === ''
                ? 'is empty'
                : `"${typed.text}" is not a number`
              : `is ${typed.value}`,
          remedy: '',
          bounds: { min, max },
        },
        format,
        quantity,
      )
    : undefined;
  return (
    <NumberField
      label={label}
      value={typed ? typed.value : value}
      text={typed?.text ?? null}
      quantity={quantity}
      units={format.units}
      unit={unit}
      bare={optional}
      min={min}
      max={max}
      step={step}
      fault={fault}
      onChange={(next) => {
        setTyped(next);
        if (right(next.value) || emptied(next)) change({ [name]: next.value });
      }}
    />
  );
}
