import type { Fault } from '../../core/faults/fault';
import { HEATED_BY, type HeatedBy, KEEP_WARM, type KeepWarm } from '../../core/heat/warming';
import type { Method } from '../../makes/method';
import { useFormat } from '../../store/hooks';
import { draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FaultText, NumberField } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { faultText } from '../common/faultText';

const BY: Record<HeatedBy, string> = {
  hob: 'on the hob',
  'water-bath': 'in a double boiler',
  sink: 'in a sink of hot water',
  thermostat: 'in a bath that holds its heat',
  roaster: 'in an electric roaster',
};
const KEPT: Record<KeepWarm | 'usual', string> = {
  usual: 'as this make does',
  lid: 'with a lid on',
  towel: 'in a towel',
  blanket: 'in a blanket',
  insulated: 'in an insulated box',
  bath: 'in its warm bath',
};

/** What warms the pot, and what keeps it warm: both change the times, the coasting and so the doses. */
export function Warmed({ method, faults }: { method: Method; faults: readonly Fault[] }) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const { heat, keepWarm } = useAppSelector((state) => state.draft);
  const fault = faults.find((one) => one.path.startsWith('heat'));
  const by = heat?.by ?? 'hob';
  const set = (next: typeof heat) => dispatch(draftChanged({ heat: next }));
  const bath = by === 'sink' || by === 'water-bath' || by === 'thermostat';
  const sets = method.coagulant !== null || method.culture !== null;
  return (
    <div className="stitch mt-2.5 pt-2">
      <Select
        label="Warmed"
        value={by}
        options={HEATED_BY.map((value) => ({ value, text: BY[value] }))}
        onChange={(next: HeatedBy) => set(next === 'hob' ? null : { by: next })}
      />
      {bath && (
        <NumberField
          label="Its water"
          value={heat?.bathC ?? null}
          text={null}
          placeholder="as usual"
          onChange={({ value }) => set({ ...heat, by, bathC: value ?? undefined })}
          quantity="temperature"
          unit=""
          units={format.units}
          min={20}
          max={100}
          step={1}
        />
      )}
      {by === 'sink' && (
        <NumberField
          label="Water in it"
          value={heat?.bathLitres ?? null}
          text={null}
          placeholder="as usual"
          onChange={({ value }) => set({ ...heat, by, bathLitres: value ?? undefined })}
          quantity="volume"
          unit=""
          units={format.units}
          min={0.5}
          max={1000}
          step={1}
        />
      )}
      {fault && <FaultText>{faultText(fault, format)}</FaultText>}
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
