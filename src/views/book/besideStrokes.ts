/** How the first, second and third make are drawn: told apart by their dashes as well as by hue. */
export const STROKES = [
  { colour: 'var(--rim)', dash: undefined },
  { colour: 'var(--now-edge)', dash: '10 6' },
  { colour: 'var(--ink-soft)', dash: '2 6' },
] as const;
