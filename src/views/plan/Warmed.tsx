import type { Fault } from '../../core/faults/fault';
import { HEATED_BY, type HeatedBy, KEEP_WARM, type KeepWarm } from '../../core/heat/warming';
import type { Method } from '../../makes/method';
import { draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Select } from '../../ui/parts/Select';
import { DraftNumber } from './DraftNumber';

const BY: Record<HeatedBy, string> = {
  hob: 'on the hob',
  'water-bath': 'in a double boiler',
  sink: 'in a hot sink',
  thermostat: 'in a steady bath',
  roaster: 'in a roaster',
};
const KEPT: Record<KeepWarm | 'usual', string> = {
  usual: 'as this make does',
  lid: 'with a lid on',
  towel: 'in a towel',
  blanket: 'in a blanket',
  insulated: 'in an insulated pot',
  bath: 'in its warm bath',
};

/** What warms the pot, and what keeps it warm: both change the times, the coasting and so the doses. */
export function Warmed({ method, faults }: { method: Method; faults: readonly Fault[] }) {
  const dispatch = useAppDispatch();
  const { heatBy, keepWarm } = useAppSelector((state) => state.draft);
  const about = { faults, placeholder: 'usual', bare: true };
  const bath = heatBy === 'sink' || heatBy === 'water-bath' || heatBy === 'thermostat';
  const sets = method.coagulant !== null || method.culture !== null;
  return (
    <div className="stitch mt-2.5 pt-2">
      <Select
        label="Warmed"
        value={heatBy}
        options={HEATED_BY.map((value) => ({ value, text: BY[value] }))}
        onChange={(next: HeatedBy) => dispatch(draftChanged({ heatBy: next }))}
      />
      {bath && <DraftNumber {...about} name="bathC" label="Water at" step={1} quantity="temperature" />}
      {heatBy === 'sink' && (
        <DraftNumber {...about} name="bathLitres" label="Water" step={1} quantity="volume" />
      )}
      {heatBy === 'roaster' && <DraftNumber {...about} name="heatKw" label="Rated" step={0.1} unit="kW" />}
      {sets && (
        <Select
          label="Kept warm"
          value={keepWarm ?? 'usual'}
          options={(['usual', ...KEEP_WARM] as const).map((value) => ({ value, text: KEPT[value] }))}
          onChange={(next) => dispatch(draftChanged({ keepWarm: next === 'usual' ? null : next }))}
        />
      )}
    </div>
  );
}
