import { ACID_KINDS, ACIDS, type AcidKind } from '../../core/acid/acids';
import { BOUNDS } from '../../core/faults/bounds';
import type { Fault } from '../../core/faults/fault';
import { SALT_KINDS, type SaltKind } from '../../core/salt/spoons';
import { type Method, setsForTheKnife } from '../../makes/method';
import type { Dose, Plan } from '../../plan/schema';
import { useFormat } from '../../store/hooks';
import { draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Switch } from '../../ui/parts/Switch';
import { faultText } from '../common/faultText';
import { goodChosen, goodKindOf } from '../draft/goods';
import { CoagulantPart } from './CoagulantPart';
import { DraftNumber } from './DraftNumber';
import { FromShelf, OtherStrains } from './FromShelf';
import type { PartProps } from './parts';
import { CULTURE_FORMS, choicesOf } from './partWords';

function AcidPart({ draft, faults, change }: PartProps) {
  const format = useFormat();
  const fault = faults.find((one) => one.path === 'acid');
  return (
    <>
      <Select
        label="Acid"
        value={draft.acid}
        options={ACID_KINDS.map((value) => ({ value, text: ACIDS[value].name }))}
        onChange={(acid: AcidKind) => change({ acid, ...goodChosen(draft, 'acid', undefined) })}
      />
      {ACIDS[draft.acid].defaultStrengthPct !== null && (
        <div className="mt-2">
          <DraftNumber
            name="strengthPct"
            label="Strength"
            bounds={draft.acid === 'vinegar' ? BOUNDS.vinegarPct : BOUNDS.lacticPct}
            step={0.5}
            unit="%"
            hint="grams of acid in 100 mL, as the label says"
            faults={faults}
          />
        </div>
      )}
      <p className="mt-1 text-sm text-ink-soft">Tastes {ACIDS[draft.acid].taste}.</p>
      {fault && <FaultText>{faultText(fault, format)}</FaultText>}
    </>
  );
}

function CulturePart({ draft, faults, change }: PartProps) {
  const format = useFormat();
  const fault = faults.find((one) => one.path === 'culture');
  return (
    <>
      <Select
        label="Culture is"
        value={draft.cultureForm}
        options={choicesOf(CULTURE_FORMS)}
        onChange={(cultureForm) => change({ cultureForm, ...goodChosen(draft, 'culture', undefined) })}
      />
      {draft.cultureForm === 'freeze-dried' ? (
        <>
          <Select
            label="Label says"
            value={draft.cultureLabel}
            options={[
              { value: 'usual', text: 'nothing of use' },
              { value: 'gram', text: 'milk for a gram' },
              { value: 'sachet', text: 'milk for a sachet' },
            ]}
            onChange={(cultureLabel) => change({ cultureLabel })}
          />
          {draft.cultureLabel !== 'usual' && (
            <DraftNumber
              name="labelLitres"
              label={draft.cultureLabel === 'gram' ? '1 g is for' : 'One is for'}
              path={
                draft.cultureLabel === 'gram' ? 'culture.labelLitresPerGram' : 'culture.labelLitresPerSachet'
              }
              step={1}
              quantity="volume"
              bare
              faults={faults}
            />
          )}
        </>
      ) : (
        <>
          <DraftNumber
            name="culturePercent"
            label="Of the milk"
            step={0.1}
            unit="%"
            bare
            hint="a cup of live buttermilk in 15 L is about 1.6 %"
            faults={faults}
          />
          <DraftNumber name="ageDays" label="Kept for" step={1} unit="days" bare faults={faults} />
          {draft.cultureForm === 'saved' && (
            <DraftNumber
              name="generation"
              label="Generation"
              step={1}
              bare
              hint="how often it has been passed on"
              faults={faults}
            />
          )}
        </>
      )}
      {fault && <FaultText>{faultText(fault, format)}</FaultText>}
    </>
  );
}

function CreamPart({ draft, faults, change, method }: PartProps & { method: Method }) {
  const format = useFormat();
  const usual = method.usual.creamPerLitre;
  const text = method.cream === 'milk' ? 'Cream stirred into the milk' : 'Dressed with cream at the end';
  return (
    <>
      <Switch
        label={usual === undefined ? text : 'Another amount of cream'}
        on={draft.cream}
        onChange={(cream) => change({ cream })}
      />
      {usual !== undefined && !draft.cream && (
        <p className="text-sm text-ink-soft">As usual: {format.litres(usual)} of cream to each litre.</p>
      )}
      {draft.cream && (
        <div className="mt-1 space-y-2">
          <DraftNumber name="creamLitres" label="Cream" step={0.05} quantity="volume" faults={faults} />
          <DraftNumber name="creamFatPct" label="Its fat" step={1} unit="%" faults={faults} />
        </div>
      )}
    </>
  );
}

export interface ProductProps {
  id: Dose['id'];
  method: Method;
  faults: readonly Fault[];
  plan: Plan | null;
}

/** What a dose is taken from: the product, its strength, what is on the shelf. */
export function Product({ id, method, faults, plan }: ProductProps) {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const part: PartProps = { draft, faults, change: (next) => dispatch(draftChanged(next)) };
  const kind = goodKindOf(id);
  const weak = !draft.calcium && (draft.homogenised || draft.treatment === 'high-pasteurised');
  const setting = setsForTheKnife(method);
  return (
    <div className="space-y-2">
      {kind && <FromShelf kind={kind} />}
      {id === 'acid' && <AcidPart {...part} />}
      {id === 'culture' && (
        <>
          <CulturePart {...part} />
          <OtherStrains plan={plan} />
        </>
      )}
      {id === 'coagulant' && <CoagulantPart {...part} />}
      {(id === 'calcium' || id === 'coagulant') && (
        <Switch
          label="Calcium, for a firmer set"
          on={draft.calcium}
          onChange={(calcium) => part.change({ calcium })}
        />
      )}
      {id === 'coagulant' && setting && weak && (
        <p className="text-sm text-ink-soft">This milk sets weak: calcium helps.</p>
      )}
      {(id === 'salt' || id === 'brine-salt') && (
        <Select
          label="Salt is"
          value={draft.saltKind}
          options={SALT_KINDS.map((value) => ({ value, text: value }))}
          onChange={(saltKind: SaltKind) => part.change({ saltKind })}
        />
      )}
      {id === 'cream' && <CreamPart {...part} method={method} />}
    </div>
  );
}

/** What the make could take and does not, each put in with one tap. */
export function Addable({ method, plan }: { method: Method; plan: Plan }) {
  const dispatch = useAppDispatch();
  const withCalcium = useAppSelector((state) => state.draft.calcium);
  const withCream = useAppSelector((state) => state.draft.cream);
  const has = (id: Dose['id']) => plan.doses.some((dose) => dose.id === id);
  const calcium = method.coagulant !== null && !withCalcium && !has('calcium');
  const cream = method.cream !== null && !withCream && !has('cream');
  if (!calcium && !cream) return null;
  return (
    <p className="stitch mt-1.5 flex flex-wrap gap-x-2 pt-0.5">
      {calcium && (
        <Button
          tone="quiet"
          size="small"
          className="-ml-3"
          onClick={() => dispatch(draftChanged({ calcium: true }))}
        >
          Add calcium
        </Button>
      )}
      {cream && (
        <Button
          tone="quiet"
          size="small"
          className="-ml-3"
          onClick={() => dispatch(draftChanged({ cream: true }))}
        >
          {method.cream === 'milk' ? 'Stir in cream' : 'Dress with cream'}
        </Button>
      )}
    </p>
  );
}
