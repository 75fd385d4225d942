import type { ReactNode } from 'react';
import { CHEESE_PICTURES } from './cheese';
import { CURD_PICTURES } from './curd';
import { DRAINS } from './drains';
import { MILK_PICTURES } from './milk';
import { BOARD_Y } from './things';

/** What right looks like at a stage, by its kind. */
const PICTURES: Record<string, ReactNode> = { ...MILK_PICTURES, ...CURD_PICTURES, ...CHEESE_PICTURES };

/** The kinds that have a picture; a drain has one for each thing it drains in. */
export const PICTURED: readonly string[] = [...Object.keys(PICTURES), 'drain'];

/** What a stage looks like when it goes right. `how` tells a bag from a basket. */
export function StagePicture({ kind, how, says }: { kind: string; how?: string | undefined; says: string }) {
  const picture = kind === 'drain' ? (DRAINS[how ?? 'cloth'] ?? DRAINS.cloth) : PICTURES[kind];
  if (!picture) return null;
  return (
    <svg viewBox="50 -2 290 172" role="img" aria-label={says} className="block w-full">
      {picture}
      <path
        d={`M56 ${BOARD_Y + (FIRED.includes(kind) ? 25 : 2)}H334`}
        stroke="var(--rim)"
        strokeWidth="5"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** Kinds that stand over a fire: the board lies below it. */
const FIRED: readonly string[] = ['sanitise', 'warm', 'scald', 'cook', 'poach'];
