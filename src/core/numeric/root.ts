/**
 * The root of a continuous `f` between `low` and `high`, where f changes sign, to within `tolerance` in x.
 * Bracketing false position, Illinois variant (Dowell and Jarratt 1971, BIT 11): the bracket always holds the root.
 * Throws RangeError when the ends have the same sign.
 */
export function findRoot(f: (x: number) => number, low: number, high: number, tolerance: number): number {
  let a = low;
  let b = high;
  let fa = f(a);
  let fb = f(b);
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0) throw new RangeError(`no root between ${low} and ${high}`);
  for (let i = 0; i < 200 && Math.abs(b - a) > tolerance; i++) {
    let x = (a * fb - b * fa) / (fb - fa);
    // Where one end sticks, a halving now and then keeps the bracket shrinking.
    if (i % 4 === 3 || !(x > Math.min(a, b) && x < Math.max(a, b))) x = (a + b) / 2;
    const fx = f(x);
    if (fx === 0) return x;
    if (fx > 0 !== fb > 0) {
      a = b;
      fa = fb;
    } else {
      fa /= 2;
    }
    b = x;
    fb = fx;
  }
  return b;
}
