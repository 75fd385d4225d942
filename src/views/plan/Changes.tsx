import { createContext, type ReactNode, useContext, useState } from 'react';
import type { Format } from '../../core/units/format';
import { type Difference, differences } from '../../plan/compare';
import type { Planned } from '../../plan/plan';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { differenceText, toldApart, whatText } from './differenceText';

/** How many differences are told beside a value; the what-if tells them all. */
const MOST = 4;

const Found = createContext<readonly Difference[]>([]);

/** Keeps the plan as it was when a value was taken hold of, and tells what has come of it since. */
export function Changes({ planned, children }: { planned: Planned | null; children: ReactNode }) {
  const format = useFormat();
  const currency = useAppSelector((app) => app.kitchen.currency);
  const [before, setBefore] = useState<Planned | null>(null);
  const found =
    before && planned && before.plan.method === planned.plan.method
      ? toldApart(differences(before.plan, planned.plan), format).slice(0, MOST)
      : NOTHING;
  return (
    <Found.Provider value={found}>
      <div
        onFocusCapture={(event) => {
          if ((event.target as HTMLElement).closest('.say')) setBefore(planned);
        }}
      >
        {children}
        <p className="sr-only" aria-live="polite" data-testid="changed">
          {toldText(found, format, currency)}
        </p>
      </div>
    </Found.Provider>
  );
}
const NOTHING: readonly Difference[] = [];

const toldText = (found: readonly Difference[], format: Format, currency: string): string =>
  found.map((one) => `${whatText(one, format, currency)} ${differenceText(one, format)}`).join(', ');

/** What the change of a value has done to yield, time and doses, those that matter first. */
export function WhatItChanges() {
  const format = useFormat();
  const currency = useAppSelector((app) => app.kitchen.currency);
  const found = useContext(Found);
  if (found.length === 0) return null;
  return (
    <ul className="stitch mt-2 pt-1.5 text-[15px]">
      {found.map((one) => (
        <li key={one.what} className="flex justify-between gap-3">
          <span>{whatText(one, format, currency)}</span>
          <span className="figure text-[16px]">{differenceText(one, format)}</span>
        </li>
      ))}
    </ul>
  );
}
