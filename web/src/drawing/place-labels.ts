/**
 * Heights for labels that want to stand at given places but must not touch.
 *
 * @param wanted - heights in px, in any order
 * @param gapPx - least distance between two neighbours
 * @param fromPx - highest place allowed
 * @param toPx - lowest place allowed
 * @returns a height for each label, in the order given; neighbours keep their order
 */
export function placeLabels(wanted: readonly number[], gapPx: number, fromPx: number, toPx: number): number[] {
  const order = wanted.map((_, index) => index).sort((a, b) => (wanted[a] ?? 0) - (wanted[b] ?? 0))
  const placed = [...wanted]
  let least = fromPx
  for (const index of order) {
    placed[index] = Math.max(wanted[index] ?? 0, least)
    least = (placed[index] ?? 0) + gapPx
  }
  let most = toPx
  for (const index of [...order].reverse()) {
    placed[index] = Math.min(placed[index] ?? 0, most)
    most = (placed[index] ?? 0) - gapPx
  }
  return placed
}
