import { WHEY_KEEPS, type WheyKind } from '../../core/curd/whey';
import { WHEY_USES, type WheyUse } from '../../run/events';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Select } from '../../ui/parts/Select';
import { useNote } from '../common/useNote';

const RICOTTA: Readonly<Record<WheyKind, string>> = {
  sweet: `It is sweet enough for ricotta for about ${WHEY_KEEPS.sweetHours} hours. `,
  middling: `A second cooking gives little, and nothing after about ${WHEY_KEEPS.sweetHours} hours. `,
  acid: '',
};

/** What became of the whey; it is the larger part of the milk. */
export function WheyWent({
  id,
  state,
  kind,
  hours,
}: {
  id: string;
  state: MakeState;
  /** How sweet it is, and so how much a second cooking finds in it; null where there was one already. */
  kind: WheyKind | null;
  /** How old it is. */
  hours: number;
}) {
  const { note: noteDown } = useNote(id);
  const format = useFormat();
  const note = async (use: WheyUse | '') => {
    if (use === '') return;
    await noteDown({ type: 'whey-used', use });
  };
  return (
    <div className="mt-2 max-w-[26rem]">
      <Select<WheyUse | ''>
        label={`${format.litres(state.plan.predictions.wheyLitres)} of whey to`}
        value={state.wheyUse ?? ''}
        options={[
          ...(state.wheyUse === null ? [{ value: '' as const, text: 'nobody has said' }] : []),
          ...WHEY_USES.map((use) => ({ value: use, text: use })),
        ]}
        onChange={(use) => void note(use)}
      />
      {state.wheyUse === null && hours < 24 * WHEY_KEEPS.coldDays && (
        <p className="text-[15px] text-ink-soft">
          {kind && hours < WHEY_KEEPS.sweetHours && RICOTTA[kind]}
          In the cold it keeps {WHEY_KEEPS.coldDays} days, frozen {WHEY_KEEPS.frozenMonths} months.
        </p>
      )}
      {state.wheyUse === 'poured away' && (
        // Its sugar and protein feed bacteria that use the oxygen up: common knowledge of dairies.
        <p className="text-[15px] text-ink-soft">
          Never into a stream, pond or canal: whey takes the breath from the water. Ask what your drain may
          have.
        </p>
      )}
    </div>
  );
}
