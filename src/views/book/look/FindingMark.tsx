import type { FindingId } from '../../../judge/ids';

/** Strokes on a square of 28: what stands for a thing that was found. */
const STROKES = {
  bounce: 'M6 20c0-7 16-7 16 0zM9 9l-2-4M14 8V3M19 9l2-4',
  grains: 'M5 21c0-12 18-12 18 0zM10 18h.1M14 15h.1M18 18h.1M12 20h.1M16 19h.1M14 18h.1',
  puddle: 'M4 21c2-3 5-2 7-4s6-1 7 1 4 0 6 3z',
  crumbs: 'M5 21l4-9 6-2-2 6 3 5zM19 21l1-4 3 1v3zM19 12l2-2 1 3z',
  sag: 'M7 9c-1 5-4 8-4 12h22c0-4-3-7-4-12zM9 13c2 2 8 2 10 0',
  dry: 'M5 21V11h18v10zM9 11v5l2 2M15 21v-4l-2-2M19 11v4',
  drops: 'M6 14V7h16v7zM9 18v3M14 17v5M19 18v3',
  torn: 'M3 10c5-3 7 2 9 1M3 18c5 3 7-2 9-1M25 10c-5-3-7 2-9 1M25 18c-5 3-7-2-9-1',
  pan: 'M4 12h16c0 6-2 8-8 8s-8-2-8-8zM20 13l6-2M8 12V9h6v3',
  hush: 'M5 11v6h4l5 4V7l-5 4zM18 11l6 6M24 11l-6 6',
  tongue: 'M5 8c5 3 13 3 18 0M9 10c0 9 2 13 5 13s5-4 5-13M14 13v5',
  salt: 'M10 4h8l2 8v10H8V12zM12 7h.1M16 7h.1M14 9h.1',
  lemon: 'M4 14c3-8 17-8 20 0-3 8-17 8-20 0zM14 9v10M9 11l10 6M19 11L9 17',
  skin: 'M5 20c0-12 18-12 18 0zM5 20c2 3 4 0 6 2s4 0 6 1 4-1 6-3',
  glass: 'M8 4h12l-2 19h-8zM9 11c3 2 7-2 10 0',
  clock: 'M14 4a10 10 0 1 0 .1 0zM14 9v6l4 2',
  cut: 'M4 22h20M6 22v-6h16v6M12 16L22 5l2 2-9 9',
  scale: 'M4 21h20l-3-9H7zM14 12V8M9 8h10M14 17l3-2',
  crack: 'M6 20c0-14 16-14 16 0zM14 8l-2 5 4 2-3 5',
  holes: 'M5 21V9h18v12zM10 14h1.5M17 13h1.5M13 18h1.5M18 18h1.5',
  nose: 'M11 5c0 6-4 8-4 12 0 4 5 4 6 2 1 2 5 1 5-1M20 6c2 1 0 3 2 4M23 12c2 1 0 3 2 4',
  float: 'M3 12c3-2 5 2 8 0s5 2 8 0 4 1 6 0M10 21v-4h8v4zM14 7v-3M12 6l2-2 2 2',
  flame: 'M14 4c1 5 6 6 6 12 0 5-12 6-12 0 0-3 2-4 2-7 2 1 3 2 3 4 1-2 1-6 1-9z',
  mould: 'M6 21c0-12 16-12 16 0zM11 15l-1-2M11 15l2-1M17 17l2-1M17 17l-1-2M13 19h.1',
} as const;
type Stroke = keyof typeof STROKES;

const MARKS: Readonly<Record<FindingId, Stroke>> = {
  tough: 'bounce',
  grainy: 'grains',
  mushy: 'puddle',
  crumbly: 'crumbs',
  'falls-apart': 'crumbs',
  'too-soft': 'sag',
  'too-dry': 'dry',
  weeps: 'drops',
  'will-not-stretch': 'torn',
  'tears-stretching': 'torn',
  'will-not-melt': 'pan',
  'no-squeak': 'hush',
  bland: 'tongue',
  'too-salty': 'salt',
  'too-sour': 'lemon',
  'not-sour': 'lemon',
  'vinegar-taste': 'glass',
  bitter: 'tongue',
  'slimy-surface': 'skin',
  'cloudy-whey': 'glass',
  'creamy-whey': 'glass',
  'late-set': 'clock',
  'no-set': 'clock',
  'weak-curd': 'cut',
  'low-yield': 'scale',
  'high-yield': 'scale',
  cracked: 'crack',
  gassy: 'holes',
  'off-smell': 'nose',
  'did-not-float': 'float',
  'fell-in-pieces-poaching': 'float',
  'curdled-early': 'clock',
  'melts-away': 'pan',
  clumped: 'grains',
  'open-texture': 'holes',
  'melts-in-pan': 'pan',
  'burnt-taste': 'flame',
  mouldy: 'mould',
};

/** A small drawing beside a finding; the word beside it says what it is. */
export const FindingMark = ({ id }: { id: FindingId }) => (
  <svg width={26} height={26} viewBox="0 0 28 28" aria-hidden="true" className="shrink-0">
    <path
      d={STROKES[MARKS[id]]}
      fill="none"
      stroke="currentColor"
      strokeWidth={2.2}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  </svg>
);
