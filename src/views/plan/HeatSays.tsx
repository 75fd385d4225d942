import { memo } from 'react';
import type { Fault } from '../../core/faults/fault';
import { HEATED_BY, type HeatedBy, KEEP_WARM } from '../../core/heat/warming';
import type { Method } from '../../makes/method';
import { HEATED_WORDS, KEPT_WORDS, keptReasons } from '../../plan/milkWords';
import { useFormat } from '../../store/hooks';
import { draftChanged, FIRST_DRAFT } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { SayPick } from '../../ui/say/SayPick';
import { DraftSay } from './DraftNumber';

const WARMED = HEATED_BY.map((value) => {
  const [text, reason] = HEATED_WORDS[value];
  return { value, text, reason };
});
const USUAL = {
  value: 'usual',
  text: 'as this make does',
  reason: 'A towel, or what its stage says.',
} as const;

/** What warms the pot, and what keeps it warm: both change the times, the coasting and so the doses. */
export const HeatSays = memo(function HeatSays({
  method,
  faults,
}: {
  method: Method;
  faults: readonly Fault[];
}) {
  const dispatch = useAppDispatch();
  const heatBy = useAppSelector((state) => state.draft.heatBy);
  const keepWarm = useAppSelector((state) => state.draft.keepWarm);
  const reasons = keptReasons(useFormat());
  const about = { faults, placeholder: 'usual' };
  const bath = heatBy === 'sink' || heatBy === 'water-bath' || heatBy === 'thermostat';
  const sets = method.coagulant !== null || method.culture !== null;
  return (
    <>
      ,{' '}
      <SayPick
        label="Warmed"
        value={heatBy}
        said={heatBy !== FIRST_DRAFT.heatBy}
        options={WARMED}
        onChange={(next: HeatedBy) => dispatch(draftChanged({ heatBy: next }))}
      />
      {heatBy === 'sink' && (
        <>
          {' '}
          of <DraftSay {...about} name="bathLitres" label="Water" step={1} quantity="volume" /> water
        </>
      )}
      {bath && (
        <>
          {' '}
          at <DraftSay {...about} name="bathC" label="Water at" step={1} quantity="temperature" />
        </>
      )}
      {heatBy === 'roaster' && (
        <>
          {' '}
          of <DraftSay {...about} name="heatKw" label="Rated" step={0.1} unit="kW" />
        </>
      )}
      {sets && (
        <>
          , kept warm{' '}
          <SayPick
            label="Kept warm"
            value={keepWarm ?? 'usual'}
            said={keepWarm !== null}
            options={[
              USUAL,
              ...KEEP_WARM.map((value) => ({ value, text: KEPT_WORDS[value], reason: reasons[value] })),
            ]}
            onChange={(next) => dispatch(draftChanged({ keepWarm: next === 'usual' ? null : next }))}
          />
        </>
      )}
    </>
  );
});
