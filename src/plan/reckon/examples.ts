/** A milk that says no pH of its own: what is reckoned at a pH asks for that one alone. */
const setting = { species: 'cow', litres: 8, fatPct: 3.7, proteinPct: 3.2, treatment: 'pasteurised' };
const milk = { ...setting, pH: 6.65 };
const warming = [
  [0, 4],
  [30, 90],
  [35, 90],
  [60, 70],
];

/** A request of each computation that is worth looking at first: where the reckoner starts. */
export const EXAMPLES: Record<string, Record<string, unknown>> = {
  'acid-ph': { milk, acid: { kind: 'citric' }, grams: 12 },
  'acid-dose': { milk, acid: { kind: 'vinegar', strengthPct: 5 }, pH: 5.8 },
  'coagulation-ph': { tempC: 90 },
  'clotting-time': {
    milk: setting,
    imcuPerLitre: 50,
    tempC: 32,
    pH: 6.55,
    calciumMmolPerLitre: 0.8,
    multiplier: 3,
  },
  'coagulant-dose': {
    milk: setting,
    coagulant: { form: 'liquid', imcuPerMl: 200, ageMonths: 0 },
    tempC: 32,
    pH: 6.55,
    calciumMmolPerLitre: 0,
    wantedCutMin: 40,
    multiplier: 3,
  },
  strength: { fromImcu: 280, amount: 2, toImcu: 200 },
  acidification: {
    milk,
    culture: [{ group: 'mesophilic', cfuPerMl: 4e6, lagHours: 1.5 }],
    temps: [
      [0, 25],
      [6, 20],
    ],
    hours: 24,
  },
  yield: { milk, method: 'whole-milk-ricotta', moisturePct: 72 },
  blend: {
    parts: [
      { litres: 10, fatPct: 3.5, proteinPct: 3.2 },
      { litres: 1, fatPct: 36, proteinPct: 2.1 },
    ],
  },
  standardise: { milk, with: { fatPct: 36, proteinPct: 2.1 }, targetFatPct: 5 },
  'heat-mix': {
    parts: [
      { what: 'milk', kg: 8, tempC: 4 },
      { what: 'water', kg: 2, tempC: 90 },
    ],
  },
  'hot-water': { curdKg: 1, curdC: 36, waterC: 80, targetC: 60 },
  'sink-bath': { milkLitres: 7.6, fromC: 30, toC: 41, bathLitres: 40, bathC: 50 },
  microwave: { kg: 0.5, fromC: 36, toC: 60, watts: 800 },
  'cool-down': { litres: 8, startC: 32, roomC: 20, minutes: 60, wrapped: 'towel' },
  drain: { milk: { ...milk, species: 'goat' }, method: 'goat-lactic', hours: 8, tempC: 20, weighed: [] },
  brine: { waterLitres: 3, saltGrams: 660 },
  'brine-time': {
    shape: 'sphere',
    grams: 500,
    diameterCm: 8,
    thicknessCm: 4,
    brinePctWw: 18,
    targetSaltPct: 1.5,
    moisturePct: 50,
    startSaltPct: 0,
    tempC: 12,
  },
  salt: { kg: 1.4, percent: 1 },
  press: { kg: 5, diameterCm: 15 },
  pasteurise: { series: warming, fatPct: 3.7, totalSolidsPct: 12.5, sweetened: false },
  denaturation: { series: warming },
  boil: { altitudeM: 800 },
  spoons: { ingredient: 'citric acid', grams: 12 },
  cost: { litres: 8, pricePerLitre: 1.1, kg: 1.3 },
  'stretch-window': { soured: 'citric', pH: 5.6, coreC: 60, moisturePct: 54, fatPct: 22, workMin: 4 },
  'slow-souring': {
    series: [
      [0, 30],
      [4, 26],
      [10, 21],
    ],
  },
  'fridge-days': { method: 'grilling', treatment: 'pasteurised', brinePctWw: 12, fridgeC: 4 },
  'cool-through': {
    shape: 'ball',
    kg: 2,
    fromC: 80,
    toC: 21,
    aroundC: 4,
    surroundings: 'fridge',
  },
  'salt-loss': { saltGrams: 30, kg: 1.5, moisturePct: 55, pressed: true },
  'cheese-in-brine': { brinePctWw: 12, moisturePct: 46, startSaltPct: 0 },
};
