/**
 * Root of a function that rises or falls between two ends, by halving.
 *
 * @param at - of one sign at `from`, of the other at `to`, in either order; where it is not, one of the ends comes back
 */
export function rootOf(at: (x: number) => number, from: number, to: number): number {
  const rises = at(to) >= at(from)
  for (let turn = 0; turn < 200 && Math.abs(to - from) > 1e-13 * Math.max(1, Math.abs(to)); turn++) {
    const middle = (from + to) / 2
    if (at(middle) > 0 === rises) to = middle
    else from = middle
  }
  return (from + to) / 2
}
