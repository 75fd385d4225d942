import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { type Aside, rawOf, takeOutAside } from '../../store/aside';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { fileName, saveFile } from './saveFile';
import { written } from './written';

/** What lies behind something that could not be drawn, and how one is rid of it. */
export interface Behind {
  raw(): Promise<unknown>;
  takeOut?: { text: string; act(): Promise<unknown> };
}

/** Draws its children; where they cannot be drawn it says so in their place, and everything around them stays. */
export function Boundary({
  what,
  behind,
  small = false,
  at,
  children,
}: {
  /** What could not be drawn, with a capital. */
  what: string;
  behind?: Behind | null;
  small?: boolean;
  /** Where one is: elsewhere it is tried again. */
  at?: string;
  children: ReactNode;
}) {
  return (
    <ErrorBoundary
      resetKeys={[at]}
      fallbackRender={() => <Undrawn what={what} behind={behind ?? null} small={small} />}
    >
      {children}
    </ErrorBoundary>
  );
}

/** What lies behind a thing of the store, and the way to take it out. */
export function useBehind() {
  const { db } = usePorts();
  return (thing: Pick<Aside, 'table' | 'id'>): Behind => ({
    raw: () => rawOf(db, thing),
    takeOut: { text: 'Take it out', act: () => takeOutAside(db, thing) },
  });
}

function Undrawn({ what, behind, small }: { what: string; behind: Behind | null; small: boolean }) {
  const out = behind?.takeOut;
  const takeOut = async () => {
    if (out && (await written(`That ${what} is out`, out.act))) location.reload();
  };
  const buttons = (
    <>
      {behind && (
        <Button
          size="small"
          onClick={() =>
            void written('The file', async () => saveFile(`${fileName(what)}.raw.json`, await behind.raw()))
          }
        >
          As a file
        </Button>
      )}
      {out && (
        <Button size="small" tone="danger" onClick={() => void takeOut()}>
          {out.text}
        </Button>
      )}
      <Button size="small" onClick={() => location.reload()}>
        Load it again
      </Button>
    </>
  );
  if (small)
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 text-[15px]">
        <span>{what} cannot be shown.</span>
        {buttons}
      </div>
    );
  return (
    <section role="alert" className="plate max-w-[46rem] px-6 py-5">
      <h1 className="text-[30px]">{what} cannot be shown.</h1>
      <p className="mt-2 text-[17px]">
        Nothing has been lost, and every other view works as before. Perhaps it was not loaded whole: load it
        again.{behind && ' If it stays so, save what lies behind it as a file before you take it out.'}
      </p>
      <div className="mt-4 flex flex-wrap gap-3">{buttons}</div>
    </section>
  );
}
