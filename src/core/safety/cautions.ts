/**
 * Cautions shown at the step where they matter. Source: common practice and the guidance of food authorities, from
 * memory; local codes and licensed practice come first.
 */
export const CAUTIONS = {
  clean:
    'Boil or sanitise everything that touches the milk or the curd, cloth included. Never mix bleach with vinegar or citric acid: it gives off chlorine.',
  'no-aluminium':
    'Stainless steel, glass or sound enamel only: acid takes up metal from aluminium and bare copper.',
  'raw-milk':
    'Raw milk can carry Listeria, Brucella, Campylobacter and shiga-toxin E. coli. Soft fresh cheese from raw milk is not for pregnant, very young, old or ill people.',
  'raw-unheated':
    'This set stays too cool to pasteurise. With raw milk, hold it at 63 °C for 30 minutes first and cool it to the set, or choose a hotter make.',
  'ultra-heat':
    'Ultra-heated milk sets with acid, but softer and finer: drain it longer, and do not expect it to press firm.',
  'boiled-milk':
    'Milk that has been boiled sets with acid; its whey protein is already caught, so a hot set gains less.',
  'boil-over':
    'Milk climbs out of the pot without warning near the boil. Stay with it, and leave a quarter of the pot empty.',
  'hot-milk':
    'Milk this hot scalds at once. Pour the acid close to the surface, and keep children and sleeves away.',
  'hot-whey':
    'The whey is scalding and the pot heavy: a colander fixed in the sink, dry gloves, a second pair of hands for big pots.',
  'stacked-weight':
    'Weights slip as the cheese settles. Stack them low and steady, away from edges and feet, and use no glass.',
  'warm-time':
    'Out of the fridge the curd is between 5 and 60 °C, where germs grow. Two hours of that in all is plenty.',
  vulnerable:
    'Fresh soft cheese spoils fast. For pregnant, very young, old or ill people only from pasteurised milk, cold and within a day or two.',
  'cool-fast': 'Cool from 57 to 21 °C within 2 hours and to 5 °C within 4 more.',
  'keep-cold':
    'At 4 °C or below, labelled with what it is and the date. Contains milk. Selling it: ask your local food authority first.',
} as const;

export type CautionId = keyof typeof CAUTIONS;
