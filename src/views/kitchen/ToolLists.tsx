import type { ReactNode } from 'react';
import { boilingC } from '../../core/heat/boiling';
import { cbrtOf } from '../../core/numeric/elementary';
import type { Kitchen, Mould, PotOwned } from '../../kitchen/kitchen';
import { mouldLitres } from '../../kitchen/moulds';
import { useFormat, useNow } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { toast } from '../../ui/parts/toast';
import { AskSheet } from '../common/AskSheet';
import { thingOf, wordsOf } from '../common/asking';
import { TOOLS, type Tool, type ToolSpec } from './tools';

type Change = (part: Partial<Kitchen>) => void;

/** What stands in the kitchen: pots, heat, moulds, thermometers, each a list of its own. */
export function ToolLists({ change }: { change: Change }) {
  return (
    <div className="mt-2 grid gap-x-10 gap-y-6 tab:grid-cols-2">
      {TOOLS.map((spec) => (
        <ToolShelf key={spec.list} spec={spec} change={change} />
      ))}
    </div>
  );
}

function ToolShelf({ spec, change }: { spec: ToolSpec; change: Change }) {
  const kitchen = useAppSelector((state) => state.kitchen);
  const format = useFormat();
  const now = useNow(600_000);
  const tools: readonly Tool[] = kitchen[spec.list] ?? [];
  const write = (next: readonly Tool[]) => change({ [spec.list]: next });
  const keep = (tool: Tool) => {
    write(
      tools.some((one) => one.id === tool.id)
        ? tools.map((one) => (one.id === tool.id ? tool : one))
        : [...tools, tool],
    );
    return true;
  };
  const remove = (tool: Tool) => {
    write(tools.filter((one) => one !== tool));
    toast(`${tool.name} is off the list.`, { action: { label: 'Put it back', onClick: () => write(tools) } });
  };
  return (
    <section aria-label={spec.title}>
      <div className="flex items-center justify-between gap-3">
        <h3 className="text-[20px]">{spec.title}</h3>
        <ToolSheet
          spec={spec}
          keep={keep}
          trigger={
            <Button size="small" className="min-h-11">
              {spec.add}
            </Button>
          }
        />
      </div>
      {tools.length === 0 && <p className="stitch mt-2 pt-2 text-[15px] text-ink-soft">{spec.empty}</p>}
      <ul>
        {tools.map((tool) => (
          <li key={tool.id} className="stitch mt-2 flex items-end gap-3 pt-2">
            <Outline spec={spec} tool={tool} />
            <div className="min-w-0 flex-1">
              <p className="name text-[18px]">{tool.name}</p>
              <p className="text-[15px] text-ink-soft">
                {spec.says(tool, format, { boilsAtC: boilingC(kitchen.altitudeM), now })}
              </p>
            </div>
            <span className="flex shrink-0 flex-col tab:flex-row">
              <ToolSheet
                spec={spec}
                tool={tool}
                keep={keep}
                trigger={
                  <Button size="small" tone="quiet" className="min-h-11" aria-label={`change ${tool.name}`}>
                    change
                  </Button>
                }
              />
              <Button
                size="small"
                tone="quiet"
                className="min-h-11"
                aria-label={`take off ${tool.name}`}
                onClick={() => remove(tool)}
              >
                take off
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const OUTLINE = 46;
/** A vessel of this many litres fills its outline. */
const FULL_LITRES = { pots: 40, moulds: 4 } as const;

/** A pot or mould in outline, to the scale of its list. */
function Outline({ spec, tool }: { spec: ToolSpec; tool: Tool }) {
  if (spec.list !== 'pots' && spec.list !== 'moulds') return null;
  const litres = spec.list === 'pots' ? (tool as PotOwned).litres : mouldLitres(tool as Mould);
  const side = OUTLINE * Math.min(1, Math.max(0.22, cbrtOf(litres / FULL_LITRES[spec.list])));
  const inset = spec.list === 'moulds' && (tool as Mould).sides === 'tapered' ? side * 0.12 : 0;
  const left = (OUTLINE - side) / 2;
  const top = OUTLINE - side * 0.85;
  return (
    <svg
      width={OUTLINE + 10}
      height={OUTLINE + 3}
      viewBox={`-5 -1 ${OUTLINE + 10} ${OUTLINE + 3}`}
      aria-hidden="true"
    >
      <path
        d={`M${left} ${top}L${left + inset} ${OUTLINE}H${left + side - inset}L${left + side} ${top}`}
        fill="var(--plate-soft)"
        stroke="var(--rim)"
        strokeWidth="2.5"
        strokeLinejoin="round"
      />
      <path
        d={`M${left - 3} ${top}H${left + side + 3}`}
        stroke="var(--rim)"
        strokeWidth="3.5"
        strokeLinecap="round"
      />
    </svg>
  );
}

function ToolSheet({
  spec,
  tool,
  keep,
  trigger,
}: {
  spec: ToolSpec;
  tool?: Tool;
  keep(tool: Tool): boolean;
  trigger: ReactNode;
}) {
  const format = useFormat();
  return (
    <AskSheet
      title={tool ? tool.name : spec.add}
      trigger={trigger}
      fields={spec.fields}
      schema={spec.schema}
      words={() => (tool ? wordsOf(spec.fields, tool, format) : spec.usual)}
      read={(words) => thingOf(spec.fields, words, tool?.id ?? crypto.randomUUID(), format)}
      keep={keep}
    />
  );
}
