import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { byCodeUnit, floorSlack } from './compare.ts'
import { addDays, Day, daysBetween } from './days.ts'
import { DuePoint, eachOnce } from './round-plan.ts'

export const RoundLevelInput = z.strictObject({
  asOf: Day.meta({ description: 'First day of the first week' }),
  weeks: z.int().min(1).max(104).meta({ description: 'Weeks to even out' }),
  points: z
    .array(
      DuePoint.extend({
        machine: z.string().trim().min(1).max(200).optional(),
        minutes: z.number().min(0).max(600).default(1),
      }),
    )
    .min(1)
    .max(20_000)
    .meta({ description: 'Points of the plant' }),
  earlyPercent: z.number().min(0).max(50).default(10).meta({ unit: '%', description: 'So much sooner is no harm' }),
  latePercent: z.number().min(0).max(50).default(10).meta({ unit: '%', description: 'So much later is no harm' }),
})
type Input = z.output<typeof RoundLevelInput>

export interface LevelledWeeks {
  plan: { week: number; startDate: string; count: number; minutes: number; ids: string[] }[]
  loads: number[]
  loadsBefore: number[]
  peak: number
  peakBefore: number
  /** Sum of squares over the horizon, which evening out lowers. */
  squares: number
  squaresBefore: number
  horizonWeeks: number
  moves: { id: string; fromWeek: number; toWeek: number }[]
  /** Points that are due after the weeks. */
  beyond: string[]
}

/** Points of one machine that come together and move as one. */
interface Block {
  ids: string[]
  minutes: number
  step: number
  nominal: number
  allowed: number[]
  week: number
}

/** An end of evening out where rounding would go round in circles. */
const mostPasses = 50

/**
 * Even weeks: each point, or the points of a machine together, moved within its tolerance to where least is done.
 *
 * Every move lowers the sum of the squares of the weeks, so that it ends, and does not depend on the order of the points.
 *
 * @returns minutes by week; `moves` by id
 * @throws InputError on `points` (one twice), `weeks`
 * @see general practice
 */
export function roundLevel(input: Input): LevelledWeeks {
  const { asOf, weeks, points } = input
  eachOnce(
    'points',
    points.map(({ id }) => id),
  )
  const nominalOf = ({ dueDate }: { dueDate: string }) => Math.max(0, Math.floor(daysBetween(asOf, dueDate) / 7))
  const placed = points.filter((point) => nominalOf(point) < weeks)
  const blocks = blocksOf(placed, nominalOf, input)
  const horizonWeeks = weeks + Math.max(0, ...blocks.map(({ step }) => step))
  const load = new Float64Array(horizonWeeks)
  for (const block of blocks) add(load, block, block.minutes)
  const loadsBefore = [...load]
  levelOut(blocks, load)
  const shown = [...load.slice(0, weeks)]
  return {
    plan: weeksOf(blocks, asOf, weeks, shown),
    loads: shown,
    loadsBefore: loadsBefore.slice(0, weeks),
    peak: Math.max(...shown),
    peakBefore: Math.max(...loadsBefore.slice(0, weeks)),
    squares: squaresOf(load),
    squaresBefore: squaresOf(loadsBefore),
    horizonWeeks,
    moves: blocks
      .filter(({ week, nominal }) => week !== nominal)
      .flatMap(({ ids, week, nominal }) => ids.map((id) => ({ id, fromWeek: nominal, toWeek: week })))
      .sort((a, b) => byCodeUnit(a.id, b.id)),
    beyond: points
      .filter((point) => nominalOf(point) >= weeks)
      .map(({ id }) => id)
      .sort(byCodeUnit),
  }
}

function blocksOf(
  points: Input['points'],
  nominalOf: (point: { dueDate: string }) => number,
  { asOf, weeks, earlyPercent, latePercent }: Input,
): Block[] {
  const blocks = new Map<string, Block>()
  for (const { id, dueDate, intervalDays, machine, minutes } of points) {
    const step = Math.max(1, Math.floor(intervalDays / 7))
    const nominal = nominalOf({ dueDate })
    const [early, late] = [earlyPercent, latePercent].map((percent) => floorSlack((percent / 100) * intervalDays))
    const away = daysBetween(asOf, dueDate)
    const allowed = Array.from({ length: weeks }, (_, week) => week).filter(
      (week) => week === nominal || (away >= 0 && 7 * week >= away - (early ?? 0) && 7 * week <= away + (late ?? 0)),
    )
    const key = JSON.stringify(machine === undefined ? [id] : [machine, step, nominal])
    const block = blocks.get(key)
    if (block) {
      block.ids.push(id)
      block.minutes += minutes
      block.allowed = block.allowed.filter((week) => allowed.includes(week))
    } else blocks.set(key, { ids: [id], minutes, step, nominal, allowed, week: nominal })
  }
  for (const block of blocks.values()) block.ids.sort(byCodeUnit)
  return [...blocks.values()].sort(
    (a, b) => a.allowed.length - b.allowed.length || byCodeUnit(a.ids[0] ?? '', b.ids[0] ?? ''),
  )
}

function levelOut(blocks: readonly Block[], load: Float64Array): void {
  for (let pass = 0, moved = true; moved && pass < mostPasses; pass++) {
    moved = false
    for (const block of blocks) {
      if (block.allowed.length < 2) continue
      add(load, block, -block.minutes)
      const best = bestWeek(block, load)
      if (best !== block.week) {
        block.week = best
        moved = true
      }
      add(load, block, block.minutes)
    }
  }
}

/** The week of least cost; the one it is in unless another is cheaper by more than rounding. */
function bestWeek(block: Block, load: Float64Array): number {
  const costs = block.allowed.map((week) => ({ week, cost: Math.round(1e6 * costOf(block, week, load)) / 1e6 }))
  const [best] = costs.sort(
    (a, b) => a.cost - b.cost || Math.abs(a.week - block.nominal) - Math.abs(b.week - block.nominal) || a.week - b.week,
  )
  return best && best.cost < costOf(block, block.week, load) - 1e-6 ? best.week : block.week
}

/** How much the sum of squares grows with the block in that week. */
function costOf({ minutes, step }: Block, week: number, load: Float64Array): number {
  let cost = 0
  for (let at = week; at < load.length; at += step) cost += 2 * minutes * (load[at] ?? 0) + minutes ** 2
  return cost
}

function add(load: Float64Array, { week, step }: Block, minutes: number): void {
  for (let at = week; at < load.length; at += step) load[at] = (load[at] ?? 0) + minutes
}

const squaresOf = (load: Iterable<number>): number => [...load].reduce((sum, one) => sum + one ** 2, 0)

function weeksOf(
  blocks: readonly Block[],
  asOf: string,
  weeks: number,
  loads: readonly number[],
): LevelledWeeks['plan'] {
  const ids = Array.from({ length: weeks }, (): string[] => [])
  for (const { ids: mine, week, step } of blocks) for (let at = week; at < weeks; at += step) ids[at]?.push(...mine)
  return ids.map((all, week) => ({
    week,
    startDate: addDays(asOf, 7 * week),
    count: all.length,
    minutes: loads[week] ?? 0,
    ids: all.sort(byCodeUnit),
  }))
}

export const roundLevelCalculation = calculation(
  'round.level',
  'Even weeks of greasing and looking',
  'General practice',
  RoundLevelInput,
  roundLevel,
)
