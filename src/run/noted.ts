/** What can be noted of a make, in the words it is noted in. */
export const WHEY_LOOKS = ['milky', 'cloudy', 'clear', 'creamy'] as const;
export type WheyLook = (typeof WHEY_LOOKS)[number];

/** What a hand test may find: of the clean break, a piece pulled, a handful squeezed, the taste, what floats, and the mould. */
export const HAND_TESTS = [
  'not yet',
  'nearly',
  'clean',
  'tears',
  'short',
  'stretches',
  'oily',
  'melts',
  'too soft',
  'springs',
  'too firm',
  'sweet still',
  'sour, not set',
  'sour and set',
  'sharp',
  'smells off',
  'some afloat',
  'all afloat',
  'holds its shape',
  'sags',
  'sticks',
] as const;
export type HandTest = (typeof HAND_TESTS)[number];

/** What may still be done to a cheese that is finished. */
export const LATER = ['salted', 'brined', 'hung on', 'parted', 'weighed again'] as const;
export type Later = (typeof LATER)[number];

/** What is to be done after a make. */
export const TICKS = ['cooled', 'cleaned'] as const;
export type Tick = (typeof TICKS)[number];

/** What whey is good for, and what becomes of the rest. */
export const WHEY_USES = [
  'ricotta',
  'brine or stretching',
  'bread and soup',
  'drinks',
  'animals',
  'the garden',
  'poured away',
] as const;
export type WheyUse = (typeof WHEY_USES)[number];

/** What a maker may find. */
export const FINDING_IDS = [
  'tough',
  'grainy',
  'mushy',
  'crumbly',
  'falls-apart',
  'too-soft',
  'too-dry',
  'weeps',
  'will-not-stretch',
  'tears-stretching',
  'will-not-melt',
  'no-squeak',
  'bland',
  'too-salty',
  'too-sour',
  'not-sour',
  'vinegar-taste',
  'bitter',
  'slimy-surface',
  'cloudy-whey',
  'creamy-whey',
  'late-set',
  'no-set',
  'weak-curd',
  'low-yield',
  'high-yield',
  'cracked',
  'gassy',
  'off-smell',
  'did-not-float',
  'fell-in-pieces-poaching',
  'curdled-early',
  'melts-away',
  'clumped',
  'open-texture',
  'melts-in-pan',
  'burnt-taste',
  'mouldy',
] as const;
export type FindingId = (typeof FINDING_IDS)[number];
