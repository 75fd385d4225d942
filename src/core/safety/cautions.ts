import type { Format } from '../units/format';
import { inUnits } from '../units/inUnits';

/**
 * Cautions shown at the step where they matter. Source: common practice and the guidance of food authorities, from
 * memory; local codes and licensed practice come first. `{57°C}`, `{57}` before another, and `{2kg}` are read in the maker's units.
 */
export const CAUTIONS = {
  clean:
    'Boil or sanitise everything that touches the milk or the curd, cloth included. Never mix bleach with vinegar or citric acid: it gives off chlorine.',
  'no-aluminium':
    'Stainless steel, glass or sound enamel only: acid takes up metal from aluminium and bare copper.',
  'raw-milk':
    'Raw milk can carry Listeria, Brucella, Campylobacter and shiga-toxin E. coli. Soft fresh cheese from raw milk is not for pregnant, very young, old or ill people.',
  'raw-unheated':
    'This set stays too cool to pasteurise. With raw milk, hold it at {63°C} for 30 minutes first and cool it to the set, or choose a hotter make.',
  'ultra-heat':
    'Ultra-heated milk sets with acid, but softer and finer: drain it longer, and do not expect it to press firm.',
  'boiled-milk':
    'Milk that has been boiled sets with acid; its whey protein is already caught, so a hot set gains less.',
  'boil-over':
    'Milk climbs out of the pot without warning near the boil. Stay with it, and leave a quarter of the pot empty.',
  'whey-climbs':
    'Whey climbs out of the pot without warning near the boil. Stay with it, and leave a quarter of the pot empty.',
  'hot-milk':
    'Milk this hot scalds at once. Pour the acid close to the surface, and keep children and sleeves away.',
  'whey-scalds':
    'Whey this hot scalds at once. Pour the acid close to the surface, and keep children and sleeves away.',
  'hot-whey':
    'The whey is scalding and the pot heavy: a colander fixed in the sink, dry gloves, a second pair of hands for big pots.',
  'stacked-weight':
    'Weights slip as the cheese settles. Stack them low and steady, away from edges and feet, and use no glass.',
  'warm-time':
    'Out of the fridge the curd is between {5} and {60°C}, where germs grow. Two hours of that in all is plenty; a day for curd soured to pH 4.6.',
  vulnerable:
    'Fresh cheese spoils fast. For pregnant, very young, old or ill people only from pasteurised milk, cold and within a day or two.',
  'cool-fast': 'Cool from {57} to {21°C} within 2 hours and to {5°C} within 4 more.',
  'keep-cold':
    'At {4°C} or below, labelled with what it is and the date. Contains milk. Selling it: ask your local food authority first.',
  'dead-culture':
    'A packet whose powder clings or clumps is dead. Use one that runs freely and is in date: a milk that does not sour is not safe to keep warm.',
  'gas-off': 'Turn the gas off before you wrap a pot in cloth or blanket.',
  'warm-sour':
    'The milk stands warm for hours: clean tools, a live culture, a lid. It has to be at pH 5.6 or below within 8 hours at {30°C}, 15 at {20°C}, 5 at {37°C}, or staphylococci may have made a toxin that no heat removes. Throw it out then.',
  'heavy-pot':
    'A full pot is heavy and slops. Lower it with two pairs of hands, or ladle half of it out first.',
  'hot-water': 'Water at {71°C} scalds at once: a spoon, not fingers.',
  'scald-stretch':
    'Water and curd at {60°C} and more scald at once: two pairs of gloves, cotton under rubber. Stretching does not pasteurise.',
  'whey-boils':
    'Whey boils over without warning. Stay with it, and keep a third of the pot empty. Poaching makes raw milk’s cheese safe only if its core reaches {75°C}.',
  'spice-allergens':
    'Mahleb is a cherry stone, mastic comes of the pistachio family: name both on the label, and tell those who eat it.',
  'brine-care':
    'Brine in glass, steel or food plastic, cold, covered. Cloudy, ropy or smelling brine is thrown out, not topped up.',
  'hang-cold':
    'Days of hanging, salting or standing in baskets: at {4°C} or below is the advice. Many do it at {10} to {14°C}; that is the habit, and it carries more risk.',
  'slow-set':
    'So little coagulant that the set takes over two hours. The milk stays warm all that while: a live culture in it, or a larger dose.',
  'no-oil':
    'Herbs dried and clean, in or on the cheese. Never keep garlic, herbs or cheese with herbs in oil: botulism grows there unseen.',
  'split-hot':
    'Hot curd in one heap stays warm for hours: split it into baskets of at most {2kg} each, well apart.',
  'label-coagulant': 'Say on the label whether the coagulant is of animal, microbial or plant origin.',
} as const;

export type CautionId = keyof typeof CAUTIONS;

/** Those that tell of illness nobody sees coming: they are never folded up. */
const GRAVE: ReadonlySet<string> = new Set<CautionId>(['raw-milk', 'raw-unheated', 'no-oil', 'warm-sour']);
export const isGrave = (id: string): boolean => GRAVE.has(id);

/** A caution in the maker's units. */
export const cautionWords = (id: CautionId, format: Format): string => inUnits(CAUTIONS[id], format);
