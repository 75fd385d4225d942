/**
 * Where a small change of an input may move an output by more than five per cent for each per cent: the corners a plan
 * has by its nature. The property test of plans leaves out these and nothing else.
 */
export const THRESHOLDS = {
  'slow-set':
    'A lactic set that takes more than 36 hours is near the edge of never coming: its time runs away as the culture falls asleep. Beyond 48 hours it is refused.',
  'drained-at-once':
    'Curd that is nearly as dry as wanted before it hangs drains in less than an hour and a half, and in none a little later: rich milk in skyr, for one.',
  'little-whey':
    'Where nearly all of the pail becomes cheese (less than a quarter of it whey), what is left over moves by more than what causes it.',
  'turned-already':
    'Whey close to the pH at which it turns needs next to no acid, and none a little below it: less than a tenth of a gram per litre.',
  'full-bag':
    'A bag takes no more milk than it is given; past that weight more bags are hung, not bigger ones.',
} as const;
