/** Two numbers this near are the same root, relative where they are large. */
const near = 1e-13
const mostTurns = 200

/**
 * Root of a function that rises or falls between two ends: by the parabola through the last three points where that is safe, by
 * halving where it is not. Some ten calls of the function in place of fifty.
 *
 * @param at - of one sign at `from`, of the other at `to`, in either order; where it is not, one of the ends comes back
 * @see T. R. Chandrupatla, "A new hybrid quadratic/bisection algorithm", Advances in Engineering Software 28 (1997)
 */
export function rootOf(at: (x: number) => number, from: number, to: number): number {
  let [a, b] = [to, from]
  let [fa, fb] = [at(a), at(b)]
  const rises = fa >= fb
  if (fa === 0) return a
  if (fb === 0) return b
  if (fa > 0 === fb > 0) return fb > 0 === rises ? from : to
  let [c, fc] = [a, fa]
  let share = 0.5
  for (let turn = 0; turn < mostTurns; turn++) {
    const next = a + share * (b - a)
    const value = at(next)
    if (value > 0 === fa > 0) [c, fc] = [a, fa]
    else [c, fc, b, fb] = [b, fb, a, fa]
    ;[a, fa] = [next, value]
    const [best, least] = Math.abs(fa) < Math.abs(fb) ? [a, fa] : [b, fb]
    const limit = (near * Math.max(1, Math.abs(best))) / Math.abs(b - a)
    if (least === 0 || limit > 0.5) return best
    const along = (a - b) / (c - b)
    const up = (fa - fb) / (fc - fb)
    // Where the three points do not lie on a curve that may be turned round, halve.
    share =
      up ** 2 < along && (1 - up) ** 2 < 1 - along
        ? (fa / (fb - fa)) * (fc / (fb - fc)) + (((c - a) / (b - a)) * (fa / (fc - fa)) * fb) / (fc - fb)
        : 0.5
    share = Math.max(limit, Math.min(1 - limit, share))
  }
  return (a + b) / 2
}
