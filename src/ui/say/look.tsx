import type { ReactNode } from 'react';

/** A value in a sentence: figure type over a fine rim line, dotted where nobody has said it yet. */
export const sayClass = (said: boolean, faulty = false): string =>
  `say ${said ? 'say-said' : ''} ${faulty ? 'say-faulty' : ''}`;

/** The small plate a value opens on. */
export const PLATE =
  'plate z-40 max-h-[min(70vh,34rem,var(--radix-popper-available-height,100vh))] w-[min(24rem,calc(100vw-24px))] overflow-y-auto px-4 py-3 text-left text-[16px] leading-snug font-plain font-normal';

/** What is wrong with a value, on a line of its own after it. */
export function SayFault({ id, children }: { id?: string; children: ReactNode }) {
  return (
    <span
      id={id}
      role="alert"
      className="my-1 block rounded-r-lg whitespace-normal border-l-4 border-danger bg-danger-wash px-2.5 py-1.5 text-[15px] leading-snug font-medium text-danger"
    >
      {children}
    </span>
  );
}

/** A value with the stop that follows it: no line begins with a stop. */
export function Held({ children }: { children: ReactNode }) {
  return <span className="whitespace-nowrap">{children}</span>;
}
