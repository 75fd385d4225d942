import type { AnyKind } from '../grammar';
import { acidify } from './acidify';
import { addAcid } from './add-acid';
import { addCalcium } from './add-calcium';
import { addCoagulant } from './add-coagulant';
import { addCulture } from './add-culture';
import { addOther } from './add-other';
import { brine } from './brine';
import { chill } from './chill';
import { cook } from './cook';
import { cool } from './cool';
import { cut } from './cut';
import { drain } from './drain';
import { drawWhey } from './draw-whey';
import { dress } from './dress';
import { hang } from './hang';
import { heal } from './heal';
import { hold } from './hold';
import { measure } from './measure';
import { poach } from './poach';
import { press } from './press';
import { ripen } from './ripen';
import { salt } from './salt';
import { sanitise } from './sanitise';
import { scald } from './scald';
import { set } from './set';
import { settle } from './settle';
import { shape } from './shape';
import { slab } from './slab';
import { store } from './store';
import { stretch } from './stretch';
import { testStretch } from './test-stretch';
import { warm } from './warm';
import { wash } from './wash';

/** The register of stage kinds: a new kind is one folder and one entry here. */
export const KINDS: readonly AnyKind[] = [
  sanitise,
  measure,
  addOther,
  warm,
  scald,
  cool,
  addAcid,
  addCulture,
  ripen,
  addCalcium,
  addCoagulant,
  set,
  cut,
  heal,
  cook,
  hold,
  settle,
  drawWhey,
  drain,
  wash,
  slab,
  acidify,
  testStretch,
  stretch,
  shape,
  press,
  poach,
  salt,
  brine,
  dress,
  chill,
  hang,
  store,
];
