/**
 * The functions that an engine works out in its own way, worked out in one: with sums, products, quotients and square roots alone,
 * which are the same to the last bit everywhere (IEEE 754). No figure of a plan hangs on which engine reckoned it.
 * Reductions and polynomials: fdlibm, the Freely Distributable Math Library (Sun Microsystems, 1993), from memory and held against
 * the engine's own.
 */

const LN2_HIGH = 0.6931471803691238;
const LN2_LOW = 1.9082149292705877e-10;
const PER_LN2 = Math.LOG2E;

/** The whole powers of two a number can be, from the least on. */
const LEAST = -1074;
const TWOS = new Float64Array(2098);
for (let i = 0, two = 5e-324; i < TWOS.length; i++, two *= 2) TWOS[i] = two;
const twoTo = (power: number): number => TWOS[power - LEAST] as number;

const EXP = [
  0.16666666666666602, -0.0027777777777015593, 6.613756321437934e-5, -1.6533902205465252e-6,
  4.1381367970572385e-8,
] as const;

/** e to a power; within a unit in the last place. Example: `expOf(0)` → `1`. */
export function expOf(x: number): number {
  if (!(x > -745.2)) return Number.isNaN(x) ? x : 0;
  if (x > 709.782712893384) return Number.POSITIVE_INFINITY;
  const k = Math.round(PER_LN2 * x);
  const high = x - k * LN2_HIGH;
  const low = k * LN2_LOW;
  const r = high - low;
  const t = r * r;
  const c = r - t * (EXP[0] + t * (EXP[1] + t * (EXP[2] + t * (EXP[3] + t * EXP[4]))));
  const y = 1 - (low - (r * c) / (2 - c) - high);
  // In two steps, where one would leave what there is.
  if (k > 1023) return y * twoTo(k - 1) * 2;
  return k < -1000 ? y * twoTo(k + 100) * twoTo(-100) : y * twoTo(k);
}

const LOG = [
  0.6666666666666735, 0.3999999999940942, 0.2857142874366239, 0.22222198432149784, 0.1818357216161805,
  0.15313837699209373, 0.14798198605116586,
] as const;

const words = new DataView(new ArrayBuffer(8));

/** The natural logarithm; within a unit in the last place. Example: `lnOf(10)` → `2.302585092994046`. */
export function lnOf(x: number): number {
  if (Number.isNaN(x) || x < 0) return Number.NaN;
  if (x === 0) return Number.NEGATIVE_INFINITY;
  if (x === Number.POSITIVE_INFINITY) return x;
  // Numbers too small for a whole mantissa are made larger first.
  if (x < 2.2250738585072014e-308) return lnOf(x * 18014398509481984) - 54 * (LN2_HIGH + LN2_LOW);
  words.setFloat64(0, x);
  const top = words.getUint32(0);
  let k = (top >>> 20) - 1023;
  words.setUint32(0, (top & 0xfffff) | 0x3ff00000);
  let m = words.getFloat64(0);
  if (m > Math.SQRT2) {
    m /= 2;
    k += 1;
  }
  const f = m - 1;
  const s = f / (2 + f);
  const z = s * s;
  const w = z * z;
  const r =
    z * (LOG[0] + w * (LOG[2] + w * (LOG[4] + w * LOG[6]))) + w * (LOG[1] + w * (LOG[3] + w * LOG[5]));
  const half = 0.5 * f * f;
  return k * LN2_HIGH - (half - (s * (half + r) + k * LN2_LOW) - f);
}

/** A number times itself. */
export const squareOf = (x: number): number => x * x;

/** Whole powers up to this are multiplied out. */
const WHOLE_MOST = 64;

/** A number to a power: a whole one multiplied out, any other by its logarithm. Example: `powOf(10, -2)` → `0.01`. */
export function powOf(x: number, y: number): number {
  if (Number.isInteger(y) && Math.abs(y) <= WHOLE_MOST) {
    let all = 1;
    let base = x;
    for (let left = Math.abs(y); left > 0; left = Math.floor(left / 2)) {
      if (left % 2 === 1) all *= base;
      base *= base;
    }
    return y < 0 ? 1 / all : all;
  }
  if (x === 0) return y > 0 ? 0 : Number.POSITIVE_INFINITY;
  return expOf(y * lnOf(x));
}

/** The cube root. Example: `cbrtOf(27)` → `3`. */
export function cbrtOf(x: number): number {
  if (x === 0 || !Number.isFinite(x)) return x;
  const y = expOf(lnOf(Math.abs(x)) / 3);
  // A step of Newton's takes away what the logarithm left.
  return Math.sign(x) * (y - (y * y * y - Math.abs(x)) / (3 * y * y));
}

/** The logarithm to the base of two. */
export const log2Of = (x: number): number => lnOf(x) / Math.LN2;

/** The root of a sum of squares. Example: `hypotOf(3, 4)` → `5`. */
export const hypotOf = (...all: readonly number[]): number =>
  Math.sqrt(all.reduce((sum, one) => sum + one * one, 0));

/** Which power of ten a number other than nought stands in. Example: `tensOf(0.02)` → `-2`. */
export const tensOf = (x: number): number => Number(Math.abs(x).toExponential().split('e')[1]);

const COS = [
  0.0416666666666666, -0.001388888888887411, 2.480158728947673e-5, -2.7557314351390663e-7,
  2.087572321298175e-9, -1.1359647557788195e-11,
] as const;
const SIN = [
  -0.16666666666666632, 0.00833333333332249, -0.0001984126982985795, 2.7557313707070068e-6,
  -2.5050760253406863e-8, 1.58969099521155e-10,
] as const;
const series = (all: readonly number[], z: number): number => all.reduceRight((sum, one) => one + z * sum, 0);

/** The cosine of a share of a full turn. Example: `cosOfTurn(0.5)` → `-1`. */
export function cosOfTurn(turn: number): number {
  const inOne = turn - Math.floor(turn);
  const eighth = Math.round(inOne * 4);
  const x = (inOne - eighth / 4) * 2 * Math.PI;
  const z = x * x;
  const cos = 1 - z / 2 + z * z * series(COS, z);
  const sin = x + x * z * series(SIN, z);
  return [cos, -sin, -cos, sin, cos][eighth] as number;
}
