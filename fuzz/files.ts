import { USUAL_KITCHEN } from '../src/kitchen/usual';
import { METHODS } from '../src/makes';
import { basic, planned } from '../src/plan/fixtures/briefs';
import type { MakeEvent, NewEvent } from '../src/run/events';
import { frozen } from '../src/run/frozen';

const BEGIN = 1_795_680_000_000;
const MIN = 60_000;

/** A make of that method in which everything that can be noted has been, up to its weighing. */
export function fullMake(methodId: string) {
  const whole = planned(basic(methodId, { litres: 6 }));
  const { plan } = whole;
  const first: NewEvent = {
    type: 'started',
    name: `${methodId}, Thu`,
    milkName: 'Sallow Reach cows',
    ...frozen(whole),
    pot: { id: 'blue', name: 'the big blue pot', carryOverC: 1.5 },
    milks: [{ id: 'milk-1', name: 'Sallow Reach cows', day: '2026-11-25', litres: 6 }],
    taken: [{ goodId: 'jar', dose: 'acid', name: 'citric acid', lot: 'A 12', grams: 10 }],
  };
  const inStage: NewEvent[] = [
    { type: 'temperature', tempC: 31.5 },
    { type: 'pH', pH: 6.2 },
    { type: 'whey', look: 'cloudy' },
    { type: 'weighed', kg: 2.5 },
    { type: 'mishap', what: 'boiled-over', text: 'Wipe it up.' },
    { type: 'note', text: '=cmd()|x *and* a draught' },
  ];
  const events = plan.stages.flatMap((stage, i): NewEvent[] => [
    inStage[i % inStage.length] as NewEvent,
    ...(i < plan.stages.length - 1 ? [{ type: 'done' as const, stage: stage.id }] : []),
  ]);
  const all: NewEvent[] = [
    first,
    ...events,
    { type: 'corrected', target: 1, value: 30 },
    { type: 'imported', name: 'log.csv', readings: [{ at: BEGIN + 5 * MIN, tempC: 30, pH: 6.4 }] },
    { type: 'finished', weighedKg: 0.9 },
    { type: 'tasted', score: 4, text: 'clean' },
    { type: 'whey-used', use: 'ricotta' },
  ];
  return {
    format: 'plump-pail/make' as const,
    version: 1 as const,
    id: `make-of-${methodId}`,
    events: all.map((event, seq) => ({ ...event, seq, at: BEGIN + seq * 10 * MIN }) as MakeEvent),
  };
}

/** One sound file of every format, for mutation, by what it is. */
export function soundFiles(): { what: string; value: unknown }[] {
  const makes = METHODS.map((method) => fullMake(method.id));
  const backup = {
    format: 'plump-pail/backup',
    version: 1,
    kitchen: { ...USUAL_KITCHEN, pots: [{ id: 'blue', name: 'blue', litres: 18, kind: 'enamel' }] },
    milks: [
      {
        id: 'milk-1',
        name: 'Sallow Reach cows',
        species: 'cow',
        fatPct: 4.1,
        proteinPct: 3.4,
        treatment: 'raw',
        homogenised: false,
        pH: 6.65,
        startC: 6,
        pricePerLitre: 1.1,
        litres: 40,
        day: '2026-11-25',
      },
    ],
    goods: [
      {
        id: 'jar',
        name: 'citric acid',
        kind: 'acid',
        lot: 'A 12',
        opened: '2026-10-01',
        amount: 500,
        measure: 'g',
        condition: 'good',
        allergens: '',
        price: 12,
        acid: { kind: 'citric', strengthPct: null },
      },
    ],
    methods: [{ ...METHODS[0], id: 'mine' }],
    unfinished: [{ ...METHODS[1], id: 'half', stages: [] }],
    photos: [{ id: 'photo-1', makeId: makes[0]?.id, at: BEGIN, jpeg: 'data:image/jpeg;base64,/9j/4AAQ' }],
    makes: makes.slice(0, 2),
  };
  return [
    ...METHODS.map((method) => ({ what: 'method', value: method })),
    ...METHODS.map((method) => ({ what: 'brief', value: basic(method.id, { litres: 6 }) })),
    ...METHODS.map((method) => ({
      what: 'plan',
      value: planned(basic(method.id, {}, { start: '2026-11-27T09:00' })).plan,
    })),
    ...makes.map((value) => ({ what: 'make', value })),
    { what: 'backup', value: backup },
  ];
}
