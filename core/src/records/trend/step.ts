import { atLeast, atMost, median } from '../compare.ts'
import { levelAt, medianSlope, type Point } from './slope.ts'

/** A row that jumped: the place of the first day after, and the medians before and after. */
export interface Jump {
  index: number
  before: number
  after: number
}

const [fewestDays, mostDays] = [10, 40]
const [leastBefore, leastAfter] = [7, 3]
/** A jump is this many scales at the least, and explains the row so much better than a line does. */
const [jumpScales, shareOfLine] = [4, 0.8]

const distance = (points: readonly Point[], centre: number): number =>
  points.reduce((sum, { z }) => sum + Math.abs(z - centre), 0)
const middle = (points: readonly Point[]): number => median(points.map(({ z }) => z))

/** The jump in the last forty days of a row, unless a drift explains it as well; null where there is none. */
export function findJump(row: readonly Point[], leastScale: number): Jump | null {
  if (row.length < fewestDays) return null
  const points = row.slice(-mostDays)
  let best = { cost: Infinity, at: 0 }
  for (let at = leastBefore; at <= points.length - leastAfter; at++) {
    const [before, after] = [points.slice(0, at), points.slice(at)]
    const cost = distance(before, middle(before)) + distance(after, middle(after))
    if (cost < best.cost - 1e-9) best = { cost, at }
  }
  const sides = [points.slice(0, best.at), points.slice(best.at)] as const
  const [before, after] = [middle(sides[0]), middle(sides[1])]
  const apart = [...sides[0].map(({ z }) => Math.abs(z - before)), ...sides[1].map(({ z }) => Math.abs(z - after))]
  const scale = Math.max(1.4826 * median(apart), leastScale)
  const { slope } = medianSlope(points)
  const foot = levelAt(points, slope, 0)
  const line = points.reduce((sum, { t, z }) => sum + Math.abs(z - foot - slope * t), 0)
  const jumped = atLeast(Math.abs(after - before), jumpScales * scale) && atMost(best.cost, shareOfLine * line)
  return jumped ? { index: row.length - points.length + best.at, before, after } : null
}
