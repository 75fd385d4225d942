import type { ReactNode } from 'react';

/** Something one may do, said in a line, with what does it beside it. */
export function Choice({ text, children }: { text: string; children: ReactNode }) {
  return (
    <div className="stitch mt-3 flex flex-wrap items-center justify-end gap-x-4 gap-y-2 pt-3">
      <p className="min-w-[13rem] flex-1 text-[17px]">{text}</p>
      {children}
    </div>
  );
}
