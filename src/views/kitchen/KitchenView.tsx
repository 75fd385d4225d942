import { toast } from 'sonner';
import { boilingC } from '../../core/heat/boiling';
import { crudeProteinPct, trueProteinPct } from '../../core/milk/species';
import type { Kitchen } from '../../files/backup';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { fieldsSet, textsDropped } from '../../store/slices/draft';
import { kitchenChanged, kitchenSet } from '../../store/slices/kitchen';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { backup, restore } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { Segments } from '../../ui/parts/Segments';
import { Switch } from '../../ui/parts/Switch';
import { saveFile } from '../common/saveFile';
import { TakeFile } from '../common/TakeFile';
import { KitchenNumber } from './KitchenNumber';
import { StorageSays, thermometerSays } from './says';

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
          </div>
          <div className="stitch mt-2 pt-2">
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
          </div>
          <div className="stitch mt-2 pt-2">
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

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="stitch mt-2 pt-2">
      <p className="mb-1 text-[15px] font-medium text-ink-soft">{label}</p>
      {children}
    </div>
  );
}
