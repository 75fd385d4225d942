import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { AcidKind } from '../../core/acid/acids';
import type { CoagulantForm } from '../../core/coagulant/strength';
import type { HeatedBy, KeepWarm } from '../../core/heat/warming';
import type { Species, Treatment } from '../../core/milk/species';
import type { SaltKind } from '../../core/salt/spoons';
import type { GivenUnit } from '../../core/units/given';
import type { GoodKind } from '../../kitchen/goods';
import { FIRST_METHOD_ID } from '../../makes/first';
import type { Brief } from '../../plan/brief/schema';
import type { GivenDose } from '../../plan/givenDoses';

/**
 * A number as it stands in a field: what was read from it (inner units, null where it cannot be read) and, where that
 * is not what a clean redraw would show, the text exactly as typed.
 */
export interface FieldValue {
  value: number | null;
  text: string | null;
}

const DRAFT_FIELDS = [
  'litres',
  'wantKg',
  'fatPct',
  'proteinPct',
  'pH',
  'startC',
  'strengthPct',
  'creamLitres',
  'creamFatPct',
  'pricePerLitre',
  'wheyFatPct',
  'wheyProteinPct',
  'wheyPH',
  'strengthImcu',
  'soxhlet',
  'ageMonths',
  'setsLitres',
  'inMin',
  'atC',
  'culturePercent',
  'ageDays',
  'generation',
  'labelLitres',
  'heatKw',
  'bathLitres',
  'bathC',
] as const;
export type DraftField = (typeof DRAFT_FIELDS)[number];

/** What is being planned, as typed; survives a reload. */
export interface Draft {
  method: string;
  /** Whether anybody has chosen it yet: until then the plan opens with what the milk could become. */
  chosen: boolean;
  milkId: string | null;
  /** Lots of milk poured together for it, as shares of its litres; empty where it is of one. */
  poured: { id: string; share: number }[];
  /** The kitchen's pot it is to be made in; null where the one that fits is taken. */
  potId: string | null;
  /** The wish of the week it fulfils, where it came from there. */
  wishId: string | null;
  species: Species;
  treatment: Treatment;
  homogenised: boolean;
  acid: AcidKind;
  /** Goods of the shelf it takes, by what they are. */
  goods: { [kind in GoodKind]?: string | undefined };
  /** What those cost, each for what a brief prices it by. */
  prices: { [kind in GoodKind]?: number | undefined };
  /** A plan set aside, to hold the next ones against. */
  against: Brief | null;
  /** Litres in hand, or kilograms wanted. */
  by: 'litres' | 'wantKg';
  cream: boolean;
  calcium: boolean;
  coagulantForm: CoagulantForm;
  /** Known by its strength in units, as its label's 1 : so much, or by what its label says it sets; or nothing is known of it. */
  coagulantBy: 'strength' | 'soxhlet' | 'label' | 'nothing';
  cultureForm: 'freeze-dried' | 'liquid' | 'saved';
  /** What a freeze-dried culture's label speaks of: nothing, a gram, or a sachet. */
  cultureLabel: 'usual' | 'gram' | 'sachet';
  saltKind: SaltKind;
  /** Doses the maker has in hand, the amount as typed. */
  given: { [dose in GivenDose]?: { text: string; unit: GivenUnit } | undefined };
  /** What warms the pot, and what keeps it warm; null for the make's own wrap. */
  heatBy: HeatedBy;
  keepWarm: KeepWarm | null;
  /** Laid round the kitchen's nights, and spells away. */
  byClock: boolean;
  away: { from: string; to: string }[];
  when: 'now' | 'start' | 'readyBy';
  /** Local wall time as the field gives it. */
  moment: string;
  fields: Record<DraftField, FieldValue>;
  /** Options the maker has changed, by make. */
  options: Record<string, Record<string, FieldValue>>;
  /** Schools and switches likewise. */
  choices: Record<string, Record<string, string | boolean>>;
}

const at = (value: number | null): FieldValue => ({ value, text: null });

export const FIRST_DRAFT: Draft = {
  method: FIRST_METHOD_ID,
  chosen: false,
  milkId: null,
  poured: [],
  potId: null,
  wishId: null,
  species: 'cow',
  treatment: 'pasteurised',
  homogenised: false,
  acid: 'citric',
  against: null,
  goods: {},
  prices: {},
  by: 'litres',
  cream: false,
  calcium: false,
  coagulantForm: 'liquid',
  coagulantBy: 'strength',
  cultureForm: 'freeze-dried',
  cultureLabel: 'usual',
  saltKind: 'fine',
  given: {},
  heatBy: 'hob',
  keepWarm: null,
  byClock: false,
  away: [],
  when: 'now',
  moment: '',
  fields: {
    litres: at(4),
    wantKg: at(1),
    fatPct: at(3.7),
    proteinPct: at(3.2),
    pH: at(null),
    startC: at(4),
    strengthPct: at(5),
    creamLitres: at(0.25),
    creamFatPct: at(36),
    pricePerLitre: at(null),
    wheyFatPct: at(0.3),
    wheyProteinPct: at(0.75),
    wheyPH: at(6.4),
    strengthImcu: at(200),
    soxhlet: at(15_000),
    ageMonths: at(0),
    setsLitres: at(50),
    inMin: at(40),
    atC: at(35),
    culturePercent: at(1.5),
    ageDays: at(3),
    generation: at(1),
    labelLitres: at(30),
    heatKw: at(null),
    bathLitres: at(null),
    bathC: at(null),
  },
  options: {},
  choices: {},
};

type Plain = Omit<Draft, 'fields' | 'options' | 'choices'>;

const slice = createSlice({
  name: 'draft',
  initialState: FIRST_DRAFT,
  reducers: {
    // A draft kept by an earlier version lacks what came later.
    draftSet: (_state, action: PayloadAction<Draft>) => ({
      ...FIRST_DRAFT,
      ...action.payload,
      chosen: action.payload.chosen ?? true,
      fields: { ...FIRST_DRAFT.fields, ...action.payload.fields },
    }),
    draftChanged: (state, { payload }: PayloadAction<Partial<Plain>>) => ({
      ...state,
      // Another milk is no longer what was poured together.
      ...('milkId' in payload && { poured: [] }),
      ...('method' in payload && { chosen: true }),
      ...payload,
    }),
    fieldsSet: (state, action: PayloadAction<Partial<Record<DraftField, FieldValue>>>) => {
      Object.assign(state.fields, action.payload);
    },
    optionSet: (state, action: PayloadAction<{ method: string; key: string; field: FieldValue }>) => {
      const { method, key, field } = action.payload;
      state.options[method] = { ...state.options[method], [key]: field };
    },
    choiceSet: (state, action: PayloadAction<{ method: string; key: string; value: string | boolean }>) => {
      const { method, key, value } = action.payload;
      state.choices[method] = { ...state.choices[method], [key]: value };
    },
    /** After a change of units what was typed no longer means the same: show the values anew. */
    textsDropped: (state) => {
      for (const field of [
        ...Object.values(state.fields),
        ...Object.values(state.options).flatMap((o) => Object.values(o)),
      ]) {
        if (field.value !== null) field.text = null;
      }
    },
  },
});

export const { draftSet, draftChanged, fieldsSet, optionSet, choiceSet, textsDropped } = slice.actions;
export const draftReducer = slice.reducer;
