import type { ReactNode } from 'react';
import { CHEESE_PICTURES } from './cheese';
import { CURD_PICTURES } from './curd';
import { DRAINS } from './drains';
import { MILK_PICTURES } from './milk';
import { BOARD_Y } from './things';

/** What right looks like at a stage, by its kind. */
const PICTURES: Record<string, ReactNode> = {
  ...MILK_PICTURES,
  ...CURD_PICTURES,
  ...CHEESE_PICTURES,
  ...Object.fromEntries(Object.entries(DRAINS).map(([where, drawing]) => [`drain-${where}`, drawing])),
};

/** Every drawing there is, by its name. */
export const DRAWN: readonly string[] = Object.keys(PICTURES);
/** Shown where a stage has no drawing of its own: milk in its pot. */
const ANY = 'measure';

/** What a stage looks like when it goes right; `overFire` lowers the board it stands on. */
export function StagePicture({
  picture,
  overFire,
  says,
}: {
  picture: string;
  overFire: boolean;
  says: string;
}) {
  return (
    <svg viewBox="50 -2 290 172" role="img" aria-label={says} className="block w-full">
      {PICTURES[Object.hasOwn(PICTURES, picture) ? picture : ANY]}
      <path
        d={`M56 ${BOARD_Y + (overFire ? 25 : 2)}H334`}
        stroke="var(--rim)"
        strokeWidth="5"
        strokeLinecap="round"
      />
    </svg>
  );
}
