import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Fault } from '../../core/faults/fault';
import { readNumber } from '../../core/units/numbers';
import { methodIn } from '../../plan/planOf';
import { freeOptions } from '../../plan/ways';
import { MOST_NAME } from '../../run/events';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { partCurd } from '../../store/part';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { TextLine } from '../../ui/parts/TextLine';
import { toast } from '../../ui/parts/toast';
import { AskField } from '../common/AskField';
import { say, sayUnwritten } from '../common/written';
import { Choice } from './Choice';
import { wayFields, wayOf, wayWords } from './wayForm';

/** A share the curd can be parted by, in per cent. */
const SHARE = { min: 5, max: 95 } as const;

const OTHER_HALF = ', the other half';
/** What the rest is called where nobody says, within what a name may be. */
const otherHalf = (name: string) => `${name.slice(0, MOST_NAME - OTHER_HALF.length)}${OTHER_HALF}`;

/** Parts the curd: the rest goes on as a make of its own, the same way or another that is still open to it. */
export function PartCurd({ id, state, onParted }: { id: string; state: MakeState; onParted(): void }) {
  const { clock, db } = usePorts();
  const navigate = useNavigate();
  const format = useFormat();
  const { plan, index } = state;
  const options = useMemo(() => {
    const method = methodIn(state);
    return freeOptions(state, index).flatMap((key) => {
      const option = method?.options[key];
      return option ? [[key, option] as const] : [];
    });
  }, [state, index]);
  const now = plan.brief.options ?? {};
  const [percent, setPercent] = useState('50');
  const [name, setName] = useState('');
  const [words, setWords] = useState(() => wayWords(options, now, format));
  const [faults, setFaults] = useState<Fault[]>([]);
  const share = readNumber(percent);
  const right = share !== null && share >= SHARE.min && share <= SHARE.max;
  const part = async () => {
    if (share === null) return;
    const way = wayOf(options, words, now, format);
    setFaults(way.faults);
    if (way.faults.length > 0) return;
    const otherId = crypto.randomUUID();
    const other = {
      id: otherId,
      name: name.trim() || otherHalf(state.name),
      options: way.changed,
    };
    try {
      const reason = await partCurd(db, id, share / 100, other, clock.wall());
      if (reason) return say(reason);
    } catch (error) {
      return sayUnwritten('The parting', error);
    }
    onParted();
    toast(`${other.name} is a make of its own now.`, {
      action: { label: 'To that pot', onClick: () => navigate(`/pot/${otherId}`) },
    });
  };
  return (
    <Choice text="Part the curd: both halves go on from here, each with its own doses, time and label.">
      <div className="w-full">
        <TextLine label="Stays here" unit="%" value={percent} onChange={setPercent} />
        <TextLine label="The rest is" value={name} most={MOST_NAME} onChange={setName} />
        {!right && (
          <FaultText>
            Give {SHARE.min} to {SHARE.max} per cent.
          </FaultText>
        )}
        {options.length > 0 && (
          <fieldset className="mt-2 min-w-0">
            <legend className="w-full text-[16px] whitespace-normal">
              The rest goes on like this one, or otherwise:
            </legend>
            {wayFields(options).map((asked) => (
              <AskField
                key={asked.key}
                asked={asked}
                value={words[asked.key] ?? ''}
                fault={faults.find((one) => one.path === asked.key)}
                onChange={(value) => {
                  setWords((was) => ({ ...was, [asked.key]: value }));
                  setFaults((were) => were.filter(({ path }) => path !== asked.key));
                }}
              />
            ))}
          </fieldset>
        )}
        <p className="mt-2 text-right">
          <Button disabled={!right} onClick={() => void part()}>
            Part it
          </Button>
        </p>
      </div>
    </Choice>
  );
}
