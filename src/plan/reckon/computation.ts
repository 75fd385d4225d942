import type { z } from 'zod';
import type { AcidProduct } from '../../core/acid/acids';
import { ACIDS } from '../../core/acid/acids';
import { boundedBy } from '../../core/faults/bounds';
import { Infeasible } from '../../core/faults/fault';
import { compositionOf, type MilkBatch, milkBatch } from '../../core/milk/composition';
import { FRESH_MILK_PH, SPECIES_FACTS } from '../../core/milk/species';
import { acidSchema, milkSchema } from '../brief/schema';

export interface InputSpec {
  label: string;
  unit: string;
  min?: number;
  max?: number;
  choices?: readonly string[];
  /** Taken where the input is left out. */
  default?: unknown;
  /** May be left out without a default, because another input stands for it. */
  optional?: boolean;
}

/** One computation, alone: for a quick answer on the command line and in the reckoner. */
export interface Computation {
  name: string;
  title: string;
  inputs: Record<string, InputSpec>;
  outputs: Record<string, { label: string; unit: string }>;
  formula: string;
  source: string;
  schema: z.ZodType;
  /** Takes what `schema` has read. Throws Infeasible with the field. */
  compute(input: unknown): Record<string, unknown>;
}

/** Closes over the type of a computation's input. */
export const computation = <I>(
  spec: Omit<Computation, 'schema' | 'compute'> & {
    schema: z.ZodType<I>;
    compute(input: I): Record<string, unknown>;
  },
): Computation => ({ ...spec, compute: (input) => spec.compute(input as I) });

/** A number input held to the bounds its description shows. */
export const numberIn = (spec: InputSpec): z.ZodNumber =>
  boundedBy(spec.min as number, spec.max as number, spec.unit);

export const MILK_INPUT: InputSpec = {
  label: 'milk',
  unit: 'a milk as in the brief: species, litres, fatPct, proteinPct, treatment, pH; all but species have defaults',
};
export const ACID_INPUT: InputSpec = {
  label: 'acid',
  unit: 'an acid as in the brief: kind, strengthPct',
  default: { kind: 'citric' },
};
export const milkInput = milkSchema;
export const acidInput = acidSchema.default({ kind: 'citric' });

export interface KnownMilk {
  batch: MilkBatch;
  pH0: number;
}

/** The milk of an input, defaults filled in; one litre where no volume is given. */
export function knownMilk(milk: z.infer<typeof milkSchema>): KnownMilk {
  const facts = SPECIES_FACTS[milk.species];
  const composition = compositionOf(
    milk.species,
    milk.fatPct ?? facts.fatPct,
    milk.proteinPct ?? facts.proteinPct,
  );
  return { batch: milkBatch(milk.litres ?? 1, composition), pH0: milk.pH ?? FRESH_MILK_PH };
}

export const knownAcid = (acid: z.infer<typeof acidSchema>): AcidProduct => ({
  kind: acid.kind,
  strengthPct: acid.strengthPct ?? ACIDS[acid.kind].defaultStrengthPct ?? undefined,
});

/** Refuses a request at one field. */
export function refuse(path: string, problem: string, remedy: string): never {
  throw new Infeasible({ path, problem, remedy });
}
