/**
 * Where a function that rises or falls crosses nought, by halving.
 *
 * @param at - signs differ at `low` and `high`, else one of the ends comes back
 */
export function crossing(at: (x: number) => number, low: number, high: number, halvings: number): number {
  const rises = at(high) > at(low)
  let [from, to] = [low, high]
  for (let turn = 0; turn < halvings; turn++) {
    const middle = (from + to) / 2
    if (at(middle) > 0 === rises) to = middle
    else from = middle
  }
  return (from + to) / 2
}
