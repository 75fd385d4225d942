import { memo } from 'react';
import type { Fault } from '../../core/faults/fault';
import { HEATED_BY, type HeatedBy, KEEP_WARM } from '../../core/heat/warming';
import type { Method } from '../../makes/method';
import { HEATED_WORDS, KEPT_WORDS } from '../../plan/milkWords';
import { draftChanged, FIRST_DRAFT } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { SayPick } from '../../ui/say/SayPick';
import { DraftSay } from './DraftNumber';

const USUAL = ['as this make does', 'A towel, or what its stage says.'] as const;

const choices = <T extends string>(
  names: readonly T[],
  words: Record<T, readonly [text: string, reason: string]>,
) => names.map((value) => ({ value, text: words[value][0], reason: words[value][1] }));

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
        options={choices(HEATED_BY, HEATED_WORDS)}
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
            options={choices(['usual', ...KEEP_WARM] as const, { ...KEPT_WORDS, usual: USUAL })}
            onChange={(next) => dispatch(draftChanged({ keepWarm: next === 'usual' ? null : next }))}
          />
        </>
      )}
    </>
  );
});
