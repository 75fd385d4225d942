import type { z } from 'zod';
import { HEAT_SOURCES } from '../../core/heat/carryOver';
import { heatIntoMilkKw } from '../../core/heat/hob';
import { probeOffsetC } from '../../core/heat/probe';
import type { Format } from '../../core/units/format';
import { decimalsFor, roundTo } from '../../core/units/numbers';
import {
  type Hob,
  hobSchema,
  type Mould,
  mouldSchema,
  POT_KINDS,
  type PotOwned,
  potSchema,
  SIDES,
  type Thermometer,
  thermometerSchema,
} from '../../kitchen/kitchen';
import { mouldLitres } from '../../kitchen/moulds';
import { CHECK_EVERY_DAYS, daysSinceCheck } from '../../kitchen/thermometers';
import type { Asked, Words } from '../common/asking';

export type ToolList = 'pots' | 'hobs' | 'moulds' | 'thermometers';
export type Tool = PotOwned | Hob | Mould | Thermometer;

/** A list of the kitchen: its name, what one of it says, and how it reads on its row. */
export interface ToolSpec {
  list: ToolList;
  title: string;
  add: string;
  empty: string;
  schema: z.ZodType<Tool>;
  fields: readonly Asked[];
  usual: Words;
  says(tool: Tool, format: Format, at: { boilsAtC: number; now: number }): string;
}

const NAME: Asked = { key: 'name', label: 'Name', kind: 'text' };
/** What two checks of a thermometer say about its readings, and when to check again. */
export function thermometerSays(
  { iceReadsC, boilReadsC, checked }: Thermometer,
  format: Format,
  { boilsAtC, now }: { boilsAtC: number; now: number },
): string {
  const offset = probeOffsetC(iceReadsC, boilReadsC, boilsAtC);
  if (!offset) return 'Not checked: read it in crushed ice and at the boil.';
  const at = (c: number) => {
    const off = offset(c);
    return Math.abs(off) < 0.05
      ? `right at ${format.temp(c)}`
      : `${format.tempStep(Math.abs(off))} too ${off > 0 ? 'high' : 'low'} at ${format.temp(c)}`;
  };
  const days = daysSinceCheck({ checked }, now);
  const again =
    days === null
      ? 'Say when you checked it.'
      : days > CHECK_EVERY_DAYS
        ? `Checked ${days} days ago: check it again.`
        : `Checked ${days <= 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`}.`;
  return `Reads ${at(35)}, ${at(90)}. ${again}`;
}

/** The kitchen's lists, in the order a make meets them. */
export const TOOLS: readonly ToolSpec[] = [
  {
    list: 'pots',
    title: 'Pots and vats',
    add: 'A pot',
    empty: 'List your pots: a plan then says which one it fits, and learns how far each coasts.',
    schema: potSchema,
    fields: [
      NAME,
      { key: 'litres', label: 'Holds', kind: 'number', quantity: 'volume' },
      { key: 'kind', label: 'Made of', kind: 'choice', options: POT_KINDS },
    ],
    usual: { kind: POT_KINDS[0] },
    says: (tool, format) => {
      const pot = tool as PotOwned;
      return `${format.litres(pot.litres)}, ${pot.kind}`;
    },
  },
  {
    list: 'hobs',
    title: 'Heat',
    add: 'A ring or burner',
    empty: 'With its kilowatts a plan can say how long your strongest ring really takes.',
    schema: hobSchema,
    fields: [
      NAME,
      { key: 'source', label: 'Heats by', kind: 'choice', options: HEAT_SOURCES },
      { key: 'kW', label: 'Rated', kind: 'number', unit: 'kW' },
    ],
    usual: { source: 'gas' },
    says: (tool, format) => {
      const { source, kW } = tool as Hob;
      return `${source}, ${format.number(kW, 1)}\u00a0kW, of which about ${format.number(heatIntoMilkKw(source, kW), 1)} reach the milk`;
    },
  },
  {
    list: 'moulds',
    title: 'Moulds and baskets',
    add: 'A mould or basket',
    empty: 'A plan then says how many it fills.',
    schema: mouldSchema,
    fields: [
      NAME,
      { key: 'acrossCm', label: 'Across', kind: 'number', quantity: 'length' },
      { key: 'longCm', label: 'Long, if not round', kind: 'number', quantity: 'length' },
      { key: 'heightCm', label: 'High', kind: 'number', quantity: 'length' },
      { key: 'sides', label: 'Sides', kind: 'choice', options: SIDES },
      { key: 'count', label: 'How many', kind: 'number' },
    ],
    usual: { sides: 'straight', count: '1' },
    says: (tool, format) => {
      const mould = tool as Mould;
      const litres = mouldLitres(mould);
      const each = format.litres(roundTo(litres, decimalsFor(litres, 2, 2)));
      return `${mould.count}, ${mould.longCm === null ? 'round' : 'square-cornered'} and ${mould.sides}, about ${each} each`;
    },
  },
  {
    list: 'thermometers',
    title: 'Thermometers',
    add: 'A thermometer',
    empty: 'Two checks, in crushed ice and at the boil, and the pot says what yours will show.',
    schema: thermometerSchema,
    fields: [
      NAME,
      { key: 'iceReadsC', label: 'In ice water', kind: 'number', quantity: 'temperature' },
      { key: 'boilReadsC', label: 'At the boil', kind: 'number', quantity: 'temperature' },
      { key: 'checked', label: 'Checked on', kind: 'day' },
    ],
    usual: {},
    says: (tool, format, at) => thermometerSays(tool as Thermometer, format, at),
  },
];
