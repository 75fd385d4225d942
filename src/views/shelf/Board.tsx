import type { ReactNode } from 'react';
import { Button } from '../../ui/parts/Button';
import { toast } from '../../ui/parts/toast';
import { written } from '../common/written';
import { MadeWith } from './MadeWith';

/** One thing on its board: name, what is left, what is known of it, what was made with it; taken off, it can come back. */
export function Board({
  id,
  name,
  left,
  children,
  buttons,
  takeOff,
  putBack,
}: {
  id: string;
  name: string;
  left: string | null;
  children: ReactNode;
  buttons: ReactNode;
  takeOff(): Promise<unknown>;
  putBack(): Promise<unknown>;
}) {
  const remove = async () => {
    if (!(await written(`That ${name} is off the shelf`, takeOff))) return;
    toast(`${name} is off the shelf.`, {
      action: { label: 'Put it back', onClick: () => void written(`“${name}”`, putBack) },
    });
  };
  return (
    <article className="mt-2 border-b-[5px] border-rim pb-2" aria-label={name}>
      <div className="flex items-baseline justify-between gap-3">
        <span className="name text-[18px]">{name}</span>
        {left !== null && <span className="figure text-[18px] whitespace-nowrap">{left}</span>}
      </div>
      {children}
      <MadeWith id={id} />
      <div className="-ml-3 mt-1 flex flex-wrap gap-2">
        {buttons}
        <Button size="small" tone="quiet" aria-label={`take off ${name}`} onClick={() => void remove()}>
          take off
        </Button>
      </div>
    </article>
  );
}
