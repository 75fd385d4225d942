import type { NewEvent } from '../../run/events';
import type { Moment } from '../../run/moments';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';

/** What each finding looks like, drawn from the side: the knife lifted under the curd, or a piece pulled. */
const DRAWN: Record<string, { path: string; says: string }> = {
  'not yet': { path: 'M4 26h40M12 26c4-2 8-2 12 0s8 2 12 0', says: 'runs off the knife' },
  nearly: { path: 'M4 26c10 0 12-8 20-8s10 8 20 8M16 20c5-2 11-2 16 0', says: 'soft edges, closes again' },
  clean: { path: 'M4 26h12l6-14 6 14h16M22 12v-4M20 30h8', says: 'sharp split, clear whey in it' },
  tears: { path: 'M6 18h12M30 18h12M18 12v12M30 12v12', says: 'comes apart as it is pulled' },
  stretches: {
    path: 'M4 10v16M44 10v16M4 18c14 5 26 5 40 0M4 22c14 6 26 6 40 0',
    says: 'long and shining: go',
  },
  short: { path: 'M6 18h14M28 18h14M20 13l-3 5 3 5M28 13l3 5-3 5', says: 'breaks off, dull' },
  oily: {
    path: 'M4 12c14 4 26 4 40 0M12 20c0 3-2 4-2 6a2 2 0 0 0 4 0c0-2-2-3-2-6M32 20c0 3-2 4-2 6a2 2 0 0 0 4 0c0-2-2-3-2-6',
    says: 'fat runs out of it',
  },
  'too soft': { path: 'M10 12c4-4 24-4 28 0M12 26h2M20 28h3M29 26h4M36 28h2', says: 'falls apart, wet' },
  springs: { path: 'M8 24c0-10 32-10 32 0M16 20l3-4M24 18v-5M32 20l-3-4', says: 'holds, and springs back' },
  'too firm': { path: 'M12 12h24v14H12zM18 12v14M30 12v14', says: 'hard and dry' },
  'sweet still': {
    path: 'M8 16c5-4 11-4 16 0s11 4 16 0M8 24c5-4 11-4 16 0s11 4 16 0',
    says: 'milk, no sourness',
  },
  'sour, not set': { path: 'M8 14c5-4 11-4 16 0s11 4 16 0M8 22h32', says: 'sour, but runny' },
  'sour and set': { path: 'M6 10h36v18H6zM6 15h36', says: 'clear whey on a firm set' },
  sharp: { path: 'M24 5l4 14h-8zM24 25v2M8 28h32', says: 'sharper than wanted' },
  'smells off': { path: 'M14 10l20 16M34 10L14 26', says: 'yeast, rot, anything unclean' },
  'some afloat': { path: 'M4 12h40M12 10h8v6h-8zM28 22h8v6h-8z', says: 'others lie below' },
  'all afloat': { path: 'M4 12h40M10 9h8v6h-8zM22 9h8v6h-8zM34 9h6v6h-6z', says: 'the poach counts' },
  'holds its shape': { path: 'M14 28h20V10H14zM6 28h36', says: 'stands by itself' },
  sags: { path: 'M8 28h32c-2-10-8-14-16-14S10 18 8 28z', says: 'slumps, wet inside' },
  sticks: { path: 'M12 6v22h24V6M16 12v12h16V10', says: 'will not come out' },
  melts: {
    path: 'M6 10h36M14 10c0 8-3 8-3 14M24 10c0 10 2 10 2 18M34 10c0 7-2 7-2 11',
    says: 'runs away in strings: go at once',
  },
};

const DONE = { turn: 'Turned', salt: 'Salted', stir: 'Stirred' } as const;

/** Hand tests, the bowl, and turns: one large button for each thing one may find or have done. */
export function HandTests({ moment, note }: { moment: Moment; note(event: NewEvent): Promise<boolean> }) {
  const format = useFormat();
  const { bowl, tests, turns } = moment;
  if (!bowl && tests.length === 0 && !turns) return null;
  return (
    <div className="mt-5 flex flex-wrap gap-4">
      {bowl && (
        <Button size="hand" tone="now" onClick={() => void note(bowl)}>
          The bowl has stopped
        </Button>
      )}
      {turns && (
        <Button size="hand" tone="now" onClick={() => void note(turns.event)}>
          {`${DONE[turns.what]}: ${format.number(turns.given)} of ${format.number(turns.wanted)}`}
        </Button>
      )}
      <div className="grid basis-full grid-cols-[repeat(auto-fit,minmax(8rem,1fr))] gap-4 empty:hidden">
        {tests.map(({ text, event }) => {
          const drawn = DRAWN[text];
          return (
            <button
              key={text}
              type="button"
              onClick={() => void note(event)}
              className="flex min-h-[84px] flex-col items-center justify-center gap-0.5 rounded-[20px] border-[3px] border-rim bg-plate px-2 py-2 hover:bg-plate-soft"
            >
              <svg
                width="48"
                height="34"
                viewBox="0 0 48 34"
                fill="none"
                stroke="currentColor"
                strokeWidth="2.6"
                strokeLinecap="round"
                strokeLinejoin="round"
                aria-hidden="true"
              >
                <path d={drawn?.path} />
              </svg>
              <span className="name text-[20px]">{text}</span>
              <span className="text-[14px] leading-tight text-ink-soft">{drawn?.says}</span>
            </button>
          );
        })}
      </div>
    </div>
  );
}
