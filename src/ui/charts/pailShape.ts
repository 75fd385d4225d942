import { squareOf } from '../../core/numeric/elementary';
/**
 * A pail's section, a trapezoid standing on its narrow end: areas stand for masses, so a layer's height follows from
 * the area below it.
 */
export interface PailShape {
  bottom: number;
  top: number;
  height: number;
}

/** Area of the section below `y`. */
export const areaBelow = ({ bottom, top, height }: PailShape, y: number): number =>
  bottom * y + ((top - bottom) / (2 * height)) * y * y;

/** The height below which the section holds `area`: the positive root of the quadratic. */
export function heightOf(shape: PailShape, area: number): number {
  const a = (shape.top - shape.bottom) / (2 * shape.height);
  return a === 0
    ? area / shape.bottom
    : (-shape.bottom + Math.sqrt(squareOf(shape.bottom) + 4 * a * area)) / (2 * a);
}

/** Half the width of the section at `y`. */
export const halfWidth = ({ bottom, top, height }: PailShape, y: number): number =>
  (bottom + ((top - bottom) * y) / height) / 2;

/**
 * Heights of the tops of stacked layers of the given masses, when all of them together fill the pail up to `fill` of
 * its height.
 */
export function layerTops(shape: PailShape, masses: readonly number[], fill: number): number[] {
  const total = masses.reduce((sum, mass) => sum + mass, 0);
  const full = areaBelow(shape, shape.height * fill);
  let sum = 0;
  return masses.map((mass) => {
    sum += mass;
    return heightOf(shape, (full * sum) / total);
  });
}

/** Moves labels apart, in order, so that neighbours stand at least `gap` from each other, within 0 and `room`. */
export function spreadLabels(wanted: readonly number[], gap: number, room: number): number[] {
  const placed: number[] = [];
  for (const y of wanted) placed.push(Math.max(y, (placed.at(-1) ?? -Infinity) + gap));
  let limit = room;
  for (let i = placed.length - 1; i >= 0; i--) {
    placed[i] = Math.min(placed[i] as number, limit);
    limit = (placed[i] as number) - gap;
  }
  return placed;
}
