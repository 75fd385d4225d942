import { useState } from 'react';
import { makeCalendar } from '../../files/calendar';
import type { MakeState } from '../../run/state';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { toast } from '../../ui/parts/toast';
import { fileName, saveText } from '../common/saveFile';

const allowed = () => globalThis.Notification?.permission === 'granted';

/** Said once, before the first stage is done: where alarms cannot reach, and what can. */
export function WhereItRings({ id, state }: { id: string; state: MakeState }) {
  const { ring } = usePorts();
  const [notifies, setNotifies] = useState(allowed);
  if (state.index > 0) return null;
  return (
    <section
      aria-label="Where it rings"
      className="mt-5 rounded-[16px] border-2 border-rim-soft px-4 py-3 text-[17px]"
    >
      <p>
        Alarms ring on this page{notifies ? ' and as notifications' : ''} while it is open. A locked phone and
        a tab put away may keep quiet: the calendar rings by itself.
      </p>
      <p className="mt-2 flex flex-wrap gap-3">
        <Button
          onClick={() => saveText(`${fileName(state.name)}.ics`, makeCalendar(state, id), 'text/calendar')}
        >
          Alarms into the calendar
        </Button>
        {!notifies && 'Notification' in globalThis && (
          <Button
            onClick={() =>
              void ring.askToNotify().then((yes) => {
                setNotifies(yes);
                if (!yes) toast('This browser will not show notifications: take the calendar.');
              })
            }
          >
            Allow notifications
          </Button>
        )}
      </p>
    </section>
  );
}
