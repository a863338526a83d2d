import { clamp, halfUp } from '../compare.ts'

/** A line of a spectrum as the comb sees it. */
export interface Line {
  hz: number
  /** Over the floor around it. */
  ratio: number
}

export interface Comb<L extends Line> {
  score: number
  hits: { h: number; line: L }[]
  sidebands: number
}

/** What a line counts: nothing at three times the floor, all at thirty times. */
const credit = ({ ratio }: Line): number => clamp(Math.log(ratio / 3) / Math.LN10)
/** Steps in which the frequency is looked for around where it should be, and how near a line has to lie, as shares of it. */
const [step, near] = [0.001, 0.0015]
const sidebandCredit = 0.08

/** The strongest line within a distance of a frequency; of equals the lower. */
export function strongest<L extends Line>(lines: readonly L[], hz: number, within: number): L | null {
  let best: L | null = null
  for (const line of lines)
    if (Math.abs(line.hz - hz) <= within && (!best || line.ratio > best.ratio || (line.ratio === best.ratio && line.hz < best.hz))) best = line // prettier-ignore
  return best
}

/**
 * A row of multiples laid over the lines of a spectrum, moved until it fits best.
 *
 * @param span - how far its frequency may be off, as a share of it
 * @param weights - of the multiples 1, 2, 3 …
 * @param spacingHz - of sidebands about the first two; null for none
 */
export function comb<L extends Line>(
  lines: readonly L[],
  { hz, span, weights, spacingHz, resolutionHz }: { hz: number; span: number; weights: readonly number[]; spacingHz: number | null; resolutionHz: number }, // prettier-ignore
): Comb<L> {
  const whole = weights.reduce((sum, one) => sum + one, 0)
  let best: Comb<L> = { score: -1, hits: [], sidebands: 0 }
  const most = halfUp(span / step)
  for (let shift = 0; shift <= most; shift++)
    // The smaller way first, and down before up: of equals it stands.
    for (const way of shift === 0 ? [0] : [-shift, shift]) {
      const f = hz * (1 + step * way)
      const hits = weights.flatMap((_, index) => {
        const h = index + 1
        const line = strongest(lines, h * f, resolutionHz + near * h * f)
        return line ? [{ h, line }] : []
      })
      const sides = spacingHz === null ? [] : sidesOf(lines, hits, spacingHz, resolutionHz)
      const score =
        hits.reduce((sum, { h, line }) => sum + (weights[h - 1] ?? 0) * credit(line), 0) / whole +
        sides.reduce((sum, side) => sum + sidebandCredit * credit(side), 0)
      if (score > best.score + 1e-9) best = { score, hits, sidebands: sides.length }
    }
  return best
}

function sidesOf<L extends Line>(
  lines: readonly L[],
  hits: Comb<L>['hits'],
  spacingHz: number,
  resolutionHz: number,
): L[] {
  return hits
    .filter(({ h }) => h <= 2)
    .flatMap(({ line }) =>
      [-1, 1].flatMap((side) => {
        const hz = line.hz + side * spacingHz
        const found = strongest(lines, hz, 1.5 * resolutionHz + near * hz)
        return found && found !== line ? [found] : []
      }),
    )
}

/** Frequency that a row of hits has in common, the strong ones counting most; null without any. */
export function fundamental(hits: Comb<Line>['hits']): number | null {
  if (hits.length === 0) return null
  const [above, below] = hits.reduce(
    ([up, down], { h, line }) => [up + line.ratio ** 2 * h * line.hz, down + line.ratio ** 2 * h ** 2],
    [0, 0],
  )
  return above / below
}
