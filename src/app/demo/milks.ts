import type { KnownMilk } from '../../kitchen/milk';

/**
 * Tumbledrum Lock, an invented two-room dairy beside a canal, which makes for a Friday towpath market. Its two
 * neighbours, their herds and everything that went right or wrong are made up; the quirks behind the figures are
 * steady, so that they could be learned.
 */
export const MILKS: readonly KnownMilk[] = [
  {
    id: 'demo-milk-sallow',
    name: 'Sallow Reach cows',
    farm: 'Sallow Reach',
    litres: 40,
    species: 'cow',
    fatPct: 4.1,
    proteinPct: 3.35,
    treatment: 'pasteurised',
    homogenised: false,
    pH: null,
    startC: 6,
    pricePerLitre: 1.1,
  },
  {
    id: 'demo-milk-teasel',
    name: 'Teasel Bank goats',
    farm: 'Teasel Bank',
    litres: 15,
    species: 'goat',
    fatPct: 3.6,
    proteinPct: 3.05,
    treatment: 'pasteurised',
    homogenised: false,
    pH: 6.62,
    startC: 8,
    pricePerLitre: 1.9,
  },
];
