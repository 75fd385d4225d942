import { ToggleGroup } from 'radix-ui';
import { FINDINGS, type Finding, findableIn } from '../../../judge/findings';
import type { FindingId } from '../../../judge/ids';
import type { Method } from '../../../makes/method';
import { FindingMark } from './FindingMark';

/** What findings are found by, in the order one comes to them. */
const BY: readonly (readonly [Finding['by'], string])[] = [
  ['pot', 'At the pot'],
  ['scale', 'On the scale'],
  ['eye', 'To look at'],
  ['bite', 'To bite'],
  ['taste', 'To taste and smell'],
  ['heat', 'Heated'],
];

/** Plain words to tap: what was wrong with it. Only what can be with such a make. */
export function FindingPicks({
  method,
  found,
  onChange,
}: {
  method: Method;
  found: readonly FindingId[];
  onChange(found: FindingId[]): void;
}) {
  const all = findableIn(method);
  return (
    <div className="grid gap-3">
      {BY.map(([by, label]) => {
        const ids = all.filter((id) => FINDINGS[id].by === by);
        if (ids.length === 0) return null;
        return (
          <div key={by}>
            <p className="text-[15px] text-ink-soft">{label}</p>
            <ToggleGroup.Root
              type="multiple"
              aria-label={label}
              value={found.filter((id) => ids.includes(id))}
              onValueChange={(next) =>
                onChange([...found.filter((id) => !ids.includes(id)), ...(next as FindingId[])])
              }
              className="mt-1 flex flex-wrap gap-1.5"
            >
              {ids.map((id) => (
                <ToggleGroup.Item
                  key={id}
                  value={id}
                  className="inline-flex min-h-11 items-center gap-1.5 rounded-full border-2 border-rim-soft bg-plate py-1 pr-3.5 pl-2 text-[16px] leading-tight font-semibold hover:border-rim data-[state=on]:border-rim data-[state=on]:bg-enamel data-[state=on]:text-on-enamel data-[state=on]:underline data-[state=on]:decoration-now data-[state=on]:decoration-[3px] data-[state=on]:underline-offset-4"
                >
                  <FindingMark id={id} />
                  {FINDINGS[id].text}
                </ToggleGroup.Item>
              ))}
            </ToggleGroup.Root>
          </div>
        );
      })}
    </div>
  );
}
