import { crudeProteinPct, trueProteinPct } from '../../core/milk/species';
import { INSTRUMENTS, type Instrument } from '../../core/units/format';
import type { Kitchen } from '../../kitchen/kitchen';
import { usePorts } from '../../store/ports';
import { fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Segments } from '../../ui/parts/Segments';
import { Switch } from '../../ui/parts/Switch';
import { toast } from '../../ui/parts/toast';
import { Row } from './Row';

const HAVE: Record<Instrument, string> = {
  thermometer: 'A thermometer',
  meter: 'A pH meter or strips',
  scale: 'A scale',
};

/** How the kitchen measures, and how it wants to be called. */
export function Measuring({ change }: { change(part: Partial<Kitchen>): void }) {
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const protein = useAppSelector((state) => state.draft.fields.proteinPct);
  const species = useAppSelector((state) => state.draft.species);
  const { ring } = usePorts();
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
      <h2 className="mt-7 text-[24px]">What there is to measure with</h2>
      <div className="stitch mt-2 pt-2">
        {INSTRUMENTS.map((one) => (
          <Switch
            key={one}
            label={HAVE[one]}
            on={!kitchen.lacks?.includes(one)}
            onChange={(on) =>
              change({
                lacks: INSTRUMENTS.filter((other) => (other === one ? !on : kitchen.lacks?.includes(other))),
              })
            }
          />
        ))}
        <p className="text-sm text-ink-soft">
          Without one, each stage also says how to tell by finger, taste or spoon, and how far out that may
          be.
        </p>
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
                toast(allowed ? 'Notifications are allowed.' : 'This browser will not show notifications.'),
              )
          }
        >
          Allow notifications
        </Button>
        <p className="mt-1 text-[15px] text-ink-soft">
          A locked phone and a tab put away may keep quiet whatever is allowed: for those, put the plan into
          your calendar, whose alarms ring by themselves.
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
  );
}
