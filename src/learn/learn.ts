import { expOf, lnOf } from '../core/numeric/elementary';
import { type Belief, type Held, type LearnedQuantity, Z90 } from '../plan/belief';
import { MODEL_VERSION } from '../plan/modelVersion';
import { byDay, type Dated, type Posterior, posteriorOf, WINDOW } from './fit';
import { keyOf, type Learning, type Learnt } from './learnt';
import { LEARNED_QUANTITIES, type LearnedOf, priorOf } from './quantities';
import type { Taught } from './samples';
import { saysOf } from './says';
import type { Learned, Quirk } from './schema';

/** Nothing is told that rests on fewer makes. */
const LEAST_MAKES = 2;

const byAge = (a: Taught, b: Taught) => a.day - b.day || (a.make < b.make ? -1 : a.make > b.make ? 1 : 0);

/** Evidence of one quantity by its owner. */
function byOwner(taught: readonly Taught[], quantity: LearnedQuantity) {
  const { of } = priorOf(quantity);
  const owners = new Map<string, { name: string; evidence: Dated[]; from: string[] }>();
  for (const { make, day, owners: whose, samples } of taught) {
    const sample = samples[quantity];
    const owner = whose[of];
    if (!sample || !owner) continue;
    const one = owners.get(owner.id) ?? { name: owner.name, evidence: [], from: [] };
    one.evidence.push({ day, ...sample });
    one.from.push(make);
    one.name = owner.name;
    owners.set(owner.id, one);
  }
  return owners;
}

/**
 * What finished makes teach of this milk, these products, this pot, this make: the same whatever order they come in. "Now" is the day
 * of the last make, and never the clock.
 */
export function learnFrom(all: readonly Taught[]): Learning {
  const taught = [...all].sort(byAge);
  const now = taught.at(-1)?.day ?? 0;
  const learnt: Learnt[] = [];
  const groups = {} as Record<LearnedQuantity, Record<string, Posterior>>;
  for (const quantity of LEARNED_QUANTITIES) {
    const prior = priorOf(quantity);
    const owners = [...byOwner(taught, quantity)].sort(([a], [b]) => (a < b ? -1 : 1));
    const groupOf = (name: string) => (prior.alike === 'name' ? name : '');
    const inGroups = new Map<string, { id: string; one: Dated }[]>();
    if (prior.alike !== null)
      for (const [id, { name, evidence }] of owners) {
        const group = inGroups.get(groupOf(name)) ?? [];
        inGroups.set(groupOf(name), group);
        for (const one of evidence) group.push({ id, one });
      }
    for (const group of inGroups.values()) group.sort((a, b) => byDay(a.one, b.one));
    /** The latest evidence of a group as it is for one owner: what is another's is marked so. */
    const seenBy = (mine: string | null, group: string): Dated[] => {
      const seen = [...(owners.find(([id]) => id === mine)?.[1].evidence ?? [])];
      const all = inGroups.get(group) ?? [];
      let others = 0;
      for (let i = all.length - 1; i >= 0 && others < WINDOW.others; i--) {
        const { id, one } = all[i] as (typeof all)[number];
        if (id === mine) continue;
        others += 1;
        seen.push({ ...one, other: id });
      }
      return seen;
    };
    const names = prior.alike === null ? [] : ['', ...owners.map(([, { name }]) => name)].map(groupOf);
    groups[quantity] = Object.fromEntries(
      [...new Set(names)].map((group) => [group, posteriorOf(seenBy(null, group), now, prior)]),
    );
    for (const [id, { name, from }] of owners) {
      const held = posteriorOf(seenBy(id, groupOf(name)), now, prior);
      const low = expOf(held.mean - Z90 * held.sd);
      const high = expOf(held.mean + Z90 * held.sd);
      const felt = Math.abs(expOf(held.mean) - 1) >= prior.felt;
      const sure = from.length >= LEAST_MAKES && (low > 1 || high < 1);
      learnt.push({
        quantity,
        of: prior.of,
        id,
        name,
        from: from.slice(-WINDOW.own),
        sure,
        told: sure && felt,
        ...held,
      });
    }
  }
  return { learnt, groups, makes: taught.length };
}

/** The things a make is of, by id; and what they are called, which tells of a lot that is new. */
export type Sources = Readonly<Partial<Record<LearnedOf, string>>>;

/**
 * What is held for a make of these sources: of its owners where they are known; where one is new, of its group, as far as that is known.
 */
export function beliefFor(
  { learnt, groups }: Learning,
  sources: Sources,
  without: readonly string[] = [],
  names: Sources = {},
): Belief {
  const belief: Partial<Record<LearnedQuantity, Held>> = {};
  for (const quantity of LEARNED_QUANTITIES) {
    const { of, alike } = priorOf(quantity);
    const id = sources[of];
    const known = learnt.find((one) => one.quantity === quantity && one.id === id);
    if (known) {
      if (!without.includes(keyOf(known)))
        belief[quantity] = {
          likely: expOf(known.mean),
          sdLn: known.sd,
          of,
          id: known.id,
          makes: known.makes,
        };
      continue;
    }
    const group = alike === 'kitchen' ? '' : alike === 'name' ? names[of] : undefined;
    const held = group === undefined ? undefined : groups[quantity][group];
    const some = learnt.some((one) => one.quantity === quantity && (alike !== 'name' || one.name === group));
    if (id !== undefined && held && some)
      belief[quantity] = {
        likely: expOf(held.mean),
        sdLn: held.sd,
        of: alike === 'kitchen' ? 'kitchen' : of,
        id: alike === 'kitchen' ? 'kitchen' : id,
        makes: 0,
      };
  }
  return belief;
}

const round = (value: number) => Number(value.toFixed(4));

/** What has been learned, as a file: what two makes or more agree on. */
export function learnedFile({ learnt, makes }: Learning): Learned {
  const quirks = learnt
    .filter((one) => one.sure)
    .map(
      (one): Quirk => ({
        of: one.of,
        id: one.id,
        quantity: one.quantity,
        likely: round(expOf(one.mean)),
        low: round(expOf(one.mean - Z90 * one.sd)),
        high: round(expOf(one.mean + Z90 * one.sd)),
        makes: one.makes,
        says: saysOf(one),
      }),
    );
  return { format: 'plump-pail/learned', version: 1, makes, modelVersion: MODEL_VERSION, quirks };
}

/** The belief that a learned file gives a make of these sources. */
export function beliefOfFile({ quirks }: Learned, sources: Sources): Belief {
  return Object.fromEntries(
    quirks
      .filter(({ of, id, quantity }) => priorOf(quantity).of === of && sources[of] === id)
      .map(({ quantity, likely, low, high, of, id, makes }): [LearnedQuantity, Held] => [
        quantity,
        { likely, sdLn: lnOf(high / low) / (2 * Z90), of, id, makes },
      ]),
  );
}
