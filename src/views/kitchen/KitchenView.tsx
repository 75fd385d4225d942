import { type Kitchen, PRESSES, SMALLEST_SPOONS } from '../../kitchen/kitchen';
import { textsDropped } from '../../store/slices/draft';
import { kitchenChanged } from '../../store/slices/kitchen';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Segments } from '../../ui/parts/Segments';
import { Select } from '../../ui/parts/Select';
import { EverythingAsFile } from './EverythingAsFile';
import { KitchenNumber } from './KitchenNumber';
import { LearnedThings } from './Learned';
import { Measuring } from './Measuring';
import { Place } from './Place';
import { Row } from './Row';
import { ToolLists } from './ToolLists';

const SPOON_NAMES = { '1/8': '⅛ tsp', '1/4': '¼ tsp', '1/2': '½ tsp', '1': '1 tsp' } as const;

/** The kitchen: how it measures, where it stands, what stands in it, and everything there is as one file. */
export default function KitchenView() {
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const change = (part: Partial<Kitchen>) => {
    dispatch(kitchenChanged(part));
    dispatch(textsDropped());
  };
  return (
    <section className="max-w-[66rem]">
      <h1 className="text-[36px]">Kitchen</h1>
      <div className="mt-3 grid gap-x-10 gap-y-7 tab:grid-cols-2">
        <Measuring change={change} />
        <Place change={change} />
      </div>
      <section aria-label="What stands in it" className="mt-9">
        <h2 className="text-[24px]">What stands in it</h2>
        <ToolLists change={change} />
        <div className="mt-5 grid gap-x-10 gap-y-2 tab:grid-cols-2">
          <div>
            <div className="stitch pt-2">
              <Select
                label="Press"
                value={kitchen.press ?? 'none'}
                options={PRESSES.map((value) => ({ value, text: value }))}
                onChange={(press) => change({ press })}
              />
            </div>
            <div className="stitch mt-2 pt-2">
              <KitchenNumber
                name="dropMl"
                label="A drop from your dropper"
                quantity="plain"
                unit="mL"
                step={0.005}
                change={change}
              />
              <p className="text-[15px] text-ink-soft">
                Count the drops of one millilitre of coagulant: 20 drops make 0.05 each.
              </p>
            </div>
          </div>
          <Row label="Smallest spoon">
            <Segments
              label="Smallest spoon"
              value={kitchen.smallestSpoon ?? '1/8'}
              options={SMALLEST_SPOONS.map((value) => ({ value, text: SPOON_NAMES[value] }))}
              onChange={(smallestSpoon) => change({ smallestSpoon })}
            />
          </Row>
        </div>
      </section>
      <LearnedThings />
      <div className="mt-9">
        <EverythingAsFile />
      </div>
    </section>
  );
}
