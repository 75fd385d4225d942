import type { Computation } from '../../plan/reckon/computation';
import { reckon } from '../../plan/reckon/index';
import { type Filled, type Line, requestOf } from './form';

type NumberLine = Extract<Line, { kind: 'number' }>;

export interface Curve {
  x: NumberLine;
  /** Name of the output drawn. */
  output: string;
  points: [x: number, y: number][];
  here: [x: number, y: number] | null;
}

const POINTS = 60;

/** The first output that is a number. */
const firstNumber = (answer: Record<string, unknown>): string | undefined =>
  Object.keys(answer).find((key) => typeof answer[key] === 'number');

/** The range drawn: what the input may be, but no wider than about the value itself. */
function rangeOf({ min, max }: NumberLine, value: number): [number, number] {
  const wide = Math.max(Math.abs(value), (max - min) * 0.02);
  return [Math.max(min, value - wide), Math.min(max, value + wide)];
}

/** The curve an answer lies on, along one of its number inputs; gaps where nothing can be reckoned are left out. */
export function curveOf(
  computation: Computation,
  lines: readonly Line[],
  filled: Filled,
  path: string,
): Curve | null {
  const x = lines.find((line): line is NumberLine => line.kind === 'number' && line.path === path);
  const held = filled[path];
  if (!x || held === null || typeof held !== 'object' || held.value === null) return null;
  const at = (value: number) => {
    const answer = reckon(computation, requestOf(lines, { ...filled, [path]: { value, text: null } }));
    return answer.ok ? answer.value : null;
  };
  const now = at(held.value);
  const output = now && firstNumber(now);
  if (!now || !output) return null;
  const [low, high] = rangeOf(x, held.value);
  const points = Array.from({ length: POINTS + 1 }, (_, i) => {
    const value = low + ((high - low) * i) / POINTS;
    return [value, at(value)?.[output]] as const;
  }).filter((point): point is [number, number] => typeof point[1] === 'number' && Number.isFinite(point[1]));
  return { x, output, points, here: [held.value, now[output] as number] };
}

/** The input that moves the answer most for its own hundredth: where a curve says something. */
export function tellingInput(computation: Computation, lines: readonly Line[], filled: Filled): string {
  let best = { path: '', moved: -1 };
  for (const { path } of curveInputs(lines)) {
    const held = filled[path];
    if (held === null || typeof held !== 'object' || held.value === null) continue;
    const at = (value: number) => {
      const answer = reckon(computation, requestOf(lines, { ...filled, [path]: { value, text: null } }));
      const output = answer.ok ? firstNumber(answer.value) : undefined;
      return answer.ok && output ? (answer.value[output] as number) : Number.NaN;
    };
    const moved = Math.abs(at(held.value * 1.01) - at(held.value * 0.99));
    if (moved > best.moved * 1.0001) best = { path, moved };
  }
  return best.path;
}

/** The inputs a curve can run along. */
export const curveInputs = (lines: readonly Line[]): NumberLine[] =>
  lines.filter((line): line is NumberLine => line.kind === 'number');
