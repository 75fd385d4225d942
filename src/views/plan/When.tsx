import { addHours, format as formatDate, parseISO, startOfHour } from 'date-fns';
import type { Fault } from '../../core/faults/fault';
import { useFormat, useNow } from '../../store/hooks';
import { draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Segments } from '../../ui/parts/Segments';
import { Switch } from '../../ui/parts/Switch';
import { SayFault } from '../../ui/say/look';
import { SayMore } from '../../ui/say/SayMore';
import { faultText } from '../common/faultText';
import { momentText } from '../common/times';

/** Spells in which nobody is there, that the plan is laid round. */
function Away() {
  const dispatch = useAppDispatch();
  const { away, moment } = useAppSelector((state) => state.draft);
  const [spell, ...more] = away;
  const set = (next: typeof away) => dispatch(draftChanged({ away: next }));
  const day = moment.slice(0, 10);
  if (!spell)
    return (
      <Button
        tone="quiet"
        size="small"
        className="-ml-2"
        onClick={() => set([{ from: `${day}T08:00`, to: `${day}T17:00` }])}
      >
        I am away for a while
      </Button>
    );
  return (
    <div className="mt-1">
      {(['from', 'to'] as const).map((end) => (
        <div key={end} className="flex items-center gap-x-2">
          <span className="w-20 text-[15px] text-ink-soft">{end === 'from' ? 'Away from' : 'until'}</span>
          <input
            type="datetime-local"
            aria-label={`Away ${end}`}
            value={spell[end]}
            onChange={(event) => set([{ ...spell, [end]: event.target.value }, ...more])}
            className="field-line min-h-11 min-w-0 flex-1 bg-transparent text-[15px] font-semibold outline-none"
          />
        </div>
      ))}
      <Button tone="quiet" size="small" className="-ml-2" onClick={() => set(more)}>
        not away{more.length > 0 ? `; ${more.length} more` : ''}
      </Button>
    </div>
  );
}

/** When it begins or is ready, in a sentence that opens on its times. */
export function WhenSays({ faults }: { faults: readonly Fault[] }) {
  const when = useAppSelector((state) => state.draft.when);
  const moment = useAppSelector((state) => state.draft.moment);
  const byClock = useAppSelector((state) => state.draft.byClock);
  const away = useAppSelector((state) => state.draft.away);
  const format = useFormat();
  const now = useNow(60_000);
  const fault = faults.find((one) => one.path === 'start' || one.path === 'readyBy');
  const at = moment === '' ? 'a time to be said' : momentText(parseISO(moment).getTime(), now);
  const text = when === 'now' ? 'now' : at;
  const round = [
    ...(byClock && when !== 'now' ? ['nobody up at night'] : []),
    ...(away.length > 0 && when !== 'now' ? ['away for a while'] : []),
  ];
  return (
    <>
      {when === 'readyBy' ? 'Ready by' : 'Begin'}{' '}
      <SayMore
        label={`When: ${text}`}
        text={[text, ...round].join(', ')}
        said={when !== 'now'}
        faulty={fault !== undefined}
      >
        <When />
      </SayMore>
      {fault && (
        <SayFault>
          {moment === '' ? 'No time is given yet: choose one, or choose “now”.' : faultText(fault, format)}
        </SayFault>
      )}
    </>
  );
}

/** Now, from a time, or ready by one. */
function When() {
  const dispatch = useAppDispatch();
  const { when, moment, byClock } = useAppSelector((state) => state.draft);
  const now = useNow(60_000);
  const nextHour = formatDate(addHours(startOfHour(now), 1), "yyyy-MM-dd'T'HH:mm");
  return (
    <div>
      <Segments
        label="When"
        value={when}
        options={[
          { value: 'now', text: 'now' },
          { value: 'start', text: 'start at' },
          { value: 'readyBy', text: 'ready by' },
        ]}
        onChange={(next) =>
          dispatch(draftChanged({ when: next, moment: next !== 'now' && moment === '' ? nextHour : moment }))
        }
      />
      {when !== 'now' && (
        <input
          type="datetime-local"
          aria-label={when === 'start' ? 'Start at' : 'Ready by'}
          value={moment}
          onChange={(event) => dispatch(draftChanged({ moment: event.target.value }))}
          className="field-line mt-2 min-h-11 w-full bg-transparent text-[17px] font-semibold outline-none"
        />
      )}
      {when !== 'now' && (
        <Switch
          label="Nobody up at night"
          on={byClock}
          onChange={(next) => dispatch(draftChanged({ byClock: next }))}
        />
      )}
      {when !== 'now' && <Away />}
    </div>
  );
}
