import type { AnyKind, KindName } from '../grammar';
import { addAcid } from './add-acid';
import { addOther } from './add-other';
import { chill } from './chill';
import { drain } from './drain';
import { dress } from './dress';
import { hold } from './hold';
import { measure } from './measure';
import { press } from './press';
import { salt } from './salt';
import { sanitise } from './sanitise';
import { scald } from './scald';
import { store } from './store';
import { warm } from './warm';
import { wash } from './wash';

/** The register of stage kinds: a new kind is one folder and one entry here. */
export const KINDS: readonly AnyKind[] = [
  sanitise,
  measure,
  addOther,
  warm,
  scald,
  addAcid,
  hold,
  drain,
  wash,
  press,
  salt,
  dress,
  chill,
  store,
];

const byName = new Map(KINDS.map((kind) => [kind.kind, kind]));

/** The kind of a stage; throws for a name no folder stands behind, which the method schema rules out. */
export function stageKind(name: KindName): AnyKind {
  const kind = byName.get(name);
  if (!kind) throw new Error(`no stage kind ${name}`);
  return kind;
}
