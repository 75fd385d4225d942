import { boilingC } from '../../core/heat/boiling';
import { daysInFridge } from '../../core/safety/fridge';
import type { Kitchen } from '../../kitchen/kitchen';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { KitchenNumber, type KitchenNumberProps } from './KitchenNumber';

/** Where the kitchen stands, how warm it is there, and the hours when somebody is. */
export function Place({ change }: { change(part: Partial<Kitchen>): void }) {
  const kitchen = useAppSelector((state) => state.kitchen);
  const format = useFormat();
  const line = (props: Omit<KitchenNumberProps, 'change'>, says?: string) => (
    <div className="stitch mt-2 pt-2">
      <KitchenNumber {...props} change={change} />
      {says && <p className="text-[15px] text-ink-soft">{says}</p>}
    </div>
  );
  const keeps = daysInFridge(10, kitchen.fridgeC ?? null);
  return (
    <section aria-label="Where it stands">
      <h2 className="text-[24px]">Where it stands</h2>
      {line({ name: 'roomC', label: 'Room', quantity: 'temperature', step: 0.5 })}
      {line(
        { name: 'roomNightC', label: 'Room by night', quantity: 'temperature', step: 0.5, optional: true },
        'Left empty, it is as by day. A set that runs into the night reckons with both.',
      )}
      {line({ name: 'tapC', label: 'Cold tap', quantity: 'temperature', step: 0.5, optional: true })}
      {line(
        { name: 'fridgeC', label: 'Fridge', quantity: 'temperature', step: 0.5, optional: true },
        keeps < 10
          ? `Too warm for fresh cheese: labels give it ${keeps === 1 ? 'a single day' : 'half the days'}. Turn it down to ${format.temp(4)}.`
          : undefined,
      )}
      {line(
        {
          name: 'altitudeM',
          label: 'Altitude',
          quantity: 'height',
          step: kitchen.volume === 'gal' ? 100 : 50,
        },
        `Milk boils here at ${format.temp(boilingC(kitchen.altitudeM), 1)}.`,
      )}
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
      <h2 className="mt-7 text-[24px]">Hands and hours</h2>
      {line({ name: 'hands', label: 'Pairs of hands', quantity: 'plain', step: 1 })}
      {line({ name: 'asleepFrom', label: 'Asleep from', quantity: 'plain', unit: 'h', step: 1 })}
      {line({ name: 'asleepTo', label: 'until', quantity: 'plain', unit: 'h', step: 1 })}
      {line({
        name: 'awayFrom',
        label: 'Nobody here from',
        quantity: 'plain',
        unit: 'h',
        step: 1,
        optional: true,
      })}
      {line({
        name: 'awayTo',
        label: 'back at',
        quantity: 'plain',
        unit: 'h',
        step: 1,
        optional: true,
      })}
    </section>
  );
}
