import type { AnyKind, KindName } from '../grammar';
import { KINDS } from './register';

export { KINDS };

/** The name of every kind there is, in the order of the register. */
export const KIND_NAMES: readonly KindName[] = KINDS.map((kind) => kind.kind);

const byName = new Map(KINDS.map((kind) => [kind.kind, kind]));

/** The kind of a stage; throws for a name no folder stands behind, which the schemas of plans and methods rule out. */
export function stageKind(name: KindName): AnyKind {
  const kind = byName.get(name);
  if (!kind) throw new Error(`no stage kind ${name}`);
  return kind;
}
