import { uncapital } from '../core/units/capital';
import type { Format } from '../core/units/format';
import { type Clause, clausesOf, unusual, valueText } from '../makes/clauses';
import { stageKind } from '../makes/kinds';
import {
  conditionsOf,
  type Method,
  type MethodOption,
  type OptionValue,
  optionNamed,
  type StageSpec,
} from '../makes/method';
import { spoken } from '../makes/sentence';
import type { Planned } from './plan';
import { tellingOf } from './telling';

/** A stage as it is told: its sentence, and the options that are only asked for when looked for. */
export interface StageSaid {
  id: string;
  clauses: Clause[];
  further: string[];
}

/** A plan in sentences: its stages, and what could be part of it and is left out. */
export interface PlanSaid {
  stages: StageSaid[];
  leftOut: string[];
}

const isRare = (option: MethodOption) => 'rare' in option && option.rare === true;

/** Options a stage turns on: those its parameters name, and those it is there for. */
function optionsOf(spec: StageSpec): { inParams: string[]; conditions: string[] } {
  return {
    inParams: Object.values(spec.params).flatMap((one) => optionNamed(one) ?? []),
    conditions: conditionsOf(spec).flatMap((one) => optionNamed(one) ?? []),
  };
}
const NONE: ReturnType<typeof optionsOf> = { inParams: [], conditions: [] };

/**
 * The plan as a cheese maker tells it. Each option of the make stands in one place: in the sentence of a stage that
 * speaks of it, else at the end of the first stage that turns on it, else, where its stage is not part of the make, among
 * what is left out. What few ask for is kept apart until it has been said.
 *
 * `asked` are the options the maker has said. Example: “Cook to **40 °C** over **15 min**, stirring all the while”.
 */
export function sentencesOf(
  planned: Pick<Planned, 'plan' | 'parameters'>,
  method: Method,
  format: Format,
  asked: ReadonlySet<string> = new Set(),
): PlanSaid {
  const { plan, parameters } = planned;
  const telling = tellingOf({ plan, method }, format);
  const options = plan.brief.options ?? {};
  const specs = new Map(method.stages.map((spec) => [spec.id, spec]));
  const claimed = new Set<string>();
  const sentences = plan.stages.map((stage) => {
    const { says } = stageKind(stage.kind).words(parameters[stage.id], telling);
    const clauses = clausesOf(says, method, specs.get(stage.id), options, format);
    return {
      id: stage.id,
      // What is said twice is set in the first place.
      clauses: clauses.flatMap(({ option: name, ...clause }): Clause[] => {
        const option = name === undefined || claimed.has(name) ? undefined : method.options[name];
        if (name === undefined || !option) return [clause];
        claimed.add(name);
        const odd = unusual(option, options[name], format);
        return [{ ...clause, option: name }, ...(odd === '' ? [] : [{ text: odd }])];
      }),
    };
  });
  const present = new Set(plan.stages.map(({ id }) => id));
  const waitsFor = new Set(
    method.stages.filter((spec) => !present.has(spec.id)).flatMap((spec) => optionsOf(spec).conditions),
  );
  const stages = sentences.map(({ id, clauses }): StageSaid => {
    const spec = specs.get(id);
    const further: string[] = [];
    const tail: Clause[] = [];
    const { inParams, conditions } = spec ? optionsOf(spec) : NONE;
    for (const name of new Set([...inParams, ...conditions])) {
      const option = method.options[name];
      if (!option || claimed.has(name)) continue;
      if (isNought(options[name]) && waitsFor.has(name)) continue;
      claimed.add(name);
      const unsaid = isRare(option) || inParams.includes(name);
      if (unsaid && !asked.has(name)) further.push(name);
      else tail.push(...told(name, option, options[name], format));
    }
    return { id, clauses: [...clauses, ...tail], further };
  });
  return {
    stages,
    leftOut: Object.keys(method.options).filter((name) => !claimed.has(name) && isNought(options[name])),
  };
}

/** An option told after its stage's sentence. What is there or not is told by its name alone. */
const told = (name: string, option: MethodOption, set: OptionValue | undefined, format: Format): Clause[] =>
  option.type === 'boolean'
    ? [{ text: '; ' }, { text: uncapital(option.label), option: name }]
    : [{ text: `; ${uncapital(option.label)} ` }, { text: valueText(option, set, format), option: name }];

const isNought = (set: OptionValue | undefined) =>
  set === 0 || set === false || (Array.isArray(set) && set.length === 0);

/** A stage's sentence as plain words. */
export const sentenceText = ({ clauses }: StageSaid): string => `${spoken(clauses.map(({ text }) => text))}.`;
