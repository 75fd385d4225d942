import { USUAL_TABLET_IMCU } from '../../core/coagulant/product';
import { imcuOfSoxhlet, soxhletOf } from '../../core/coagulant/strength';
import { BOUNDS } from '../../core/faults/bounds';
import type { Format } from '../../core/units/format';
import { useFormat } from '../../store/hooks';
import type { Draft } from '../../store/slices/draft';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { faultText } from '../common/faultText';
import { STRENGTH_FIELD } from '../draft/briefOf';
import { goodChosen } from '../draft/goods';
import { DraftNumber } from './DraftNumber';
import type { PartProps } from './parts';
import { COAGULANT_FORMS, choicesOf } from './partWords';

const STRENGTH = {
  liquid: {
    label: 'IMCU in a mL',
    bounds: BOUNDS.imcuPerMl,
    step: 10,
    hint: 'single strength is about 200 in a mL',
  },
  tablet: {
    label: 'IMCU a tablet',
    bounds: BOUNDS.imcuEach,
    step: 100,
    hint: `the usual tablet has about ${USUAL_TABLET_IMCU}`,
  },
  powder: { label: 'IMCU in a gram', bounds: BOUNDS.imcuPerG, step: 100, hint: undefined },
} as const;

/** What a label's 1 : so much comes to. */
function soxhletHint({ coagulantForm: form, fields }: Draft, format: Format): string | undefined {
  if (fields.soxhlet.value === null) return undefined;
  const soxhlet = soxhletOf(fields.soxhlet.value);
  return `1 : ${format.number(soxhlet)} is about ${format.number(Math.round(imcuOfSoxhlet(soxhlet)))} ${STRENGTH[form].label}`;
}

export function CoagulantPart({ draft, faults, change }: PartProps) {
  const format = useFormat();
  const fault = faults.find((one) => one.path === 'coagulant');
  const form = draft.coagulantForm;
  return (
    <>
      <Select
        label="Coagulant"
        value={form}
        options={choicesOf(COAGULANT_FORMS)}
        onChange={(coagulantForm) =>
          change({
            coagulantForm,
            // A strength is one of this measure, and says nothing of another.
            ...(draft.coagulantBy !== 'label' && {
              coagulantBy:
                coagulantForm === 'tablet'
                  ? 'nothing'
                  : draft.coagulantBy === 'nothing'
                    ? 'strength'
                    : draft.coagulantBy,
            }),
            ...goodChosen(draft, 'coagulant', undefined),
          })
        }
      />
      <Select
        label="Known by"
        value={draft.coagulantBy}
        options={[
          { value: 'strength', text: 'its strength in IMCU' },
          ...(form === 'tablet' ? [] : [{ value: 'soxhlet', text: 'a strength of 1 to …' } as const]),
          { value: 'label', text: 'what it sets' },
          ...(form === 'tablet' ? [{ value: 'nothing', text: 'nothing: the usual one' } as const] : []),
        ]}
        onChange={(coagulantBy) => change({ coagulantBy })}
      />
      {draft.coagulantBy === 'soxhlet' && (
        <DraftNumber
          name="soxhlet"
          label="1 to"
          step={1000}
          path={`coagulant.${STRENGTH_FIELD[form]}`}
          bare
          hint={soxhletHint(draft, format)}
          faults={faults}
        />
      )}
      {draft.coagulantBy === 'strength' && (
        <DraftNumber
          name="strengthImcu"
          {...STRENGTH[form]}
          path={`coagulant.${STRENGTH_FIELD[form]}`}
          bare
          faults={faults}
        />
      )}
      {draft.coagulantBy === 'label' && (
        <>
          <DraftNumber
            name="setsLitres"
            label={`1 ${{ liquid: 'mL', tablet: 'tablet', powder: 'g' }[form]} sets`}
            step={1}
            quantity="volume"
            bare
            faults={faults}
          />
          <DraftNumber name="inMin" label="in" step={5} unit="min" bare faults={faults} />
          <DraftNumber name="atC" label="at" step={1} quantity="temperature" bare faults={faults} />
        </>
      )}
      <DraftNumber name="ageMonths" label="Kept for" step={1} unit="months" bare faults={faults} />
      {fault && <FaultText>{faultText(fault, format)}</FaultText>}
    </>
  );
}
