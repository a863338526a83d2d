/**
 * Root of a function that rises or falls between two ends, by halving.
 *
 * @param at - of one sign at `low`, of the other at `high`; where it is not, the nearer end comes back
 */
export function rootOf(at: (x: number) => number, low: number, high: number): number {
  const rises = at(high) >= at(low)
  let [from, to] = [low, high]
  for (let turn = 0; turn < 200 && to - from > 1e-13 * Math.max(1, Math.abs(to)); turn++) {
    const middle = (from + to) / 2
    if (at(middle) > 0 === rises) to = middle
    else from = middle
  }
  return (from + to) / 2
}
