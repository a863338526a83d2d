import { z } from 'zod'
import { calculation } from '../../working/calculation.ts'
import { below, byCodeUnit, settled } from '../compare.ts'
import { refused } from '../running-hours.ts'
import { lnGamma } from './gamma.ts'

const text = z.string().trim().min(1).max(200).optional()
export const paretoGroups = ['machine', 'position', 'cause', 'type'] as const

export const ParetoInput = z.strictObject({
  events: z
    .array(
      z.strictObject({
        machine: text,
        position: text,
        cause: text,
        type: text,
        downtimeH: z.number().min(0).max(1e6).default(0),
        cost: z.number().min(0).max(1e9).default(0),
        count: z.int().min(1).max(1e6).default(1),
      }),
    )
    .min(1)
    .max(20_000)
    .meta({
      description: 'One for each bearing that failed, or for several alike; downtime and cost are those of all of them',
    }),
  groupBy: z.enum(paretoGroups).meta({ description: 'What is counted together' }),
  by: z.enum(['count', 'downtime', 'cost']).default('count').meta({ description: 'What makes one worse than another' }),
  hours: z
    .array(z.strictObject({ group: z.string().trim().min(1).max(200), hoursH: z.number().gt(0) }))
    .max(20_000)
    .optional()
    .meta({ unit: 'h', description: 'Running hours of each group, also of those without a failure' }),
})

export interface ParetoRow {
  group: string
  count: number
  downtimeH: number
  cost: number
  share: number
  cumulativeShare: number
  /** Of the few that make four fifths of it. */
  vital: boolean
  hoursH: number | null
  ratePer1000H: number | null
  /** Chance of so many or more if all were alike. */
  chance: number | null
  standsOut: boolean
}
export interface Pareto {
  rows: ParetoRow[]
  total: number
  vital: string[]
  standsOut: string[]
}

const unknown = '(unknown)'
const vitalShare = 0.8
/** Three of a kind are needed before one is named, and the chance of bad luck over all groups stays under this. */
const [fewestNamed, luck] = [3, 0.05]

/**
 * Which machines, positions, causes or types eat bearings, and whether that is more than bad luck.
 *
 * @returns rows by weight downward; rates in failures per 1000 h
 * @throws InputError on `by` where nothing of it was given, on `hours` where a group stands twice
 * @see binomial chance of so many or more, held against as many groups as there are
 */
export function logPareto({ events, groupBy, by, hours = [] }: z.output<typeof ParetoInput>): Pareto {
  const hoursOf = new Map(hours.map(({ group, hoursH }) => [group, hoursH]))
  if (hoursOf.size < hours.length) throw refused('hours', hours.length, 'each group once', 'FIELDS_DISAGREE')
  const groups = new Map<string, Pick<ParetoRow, 'count' | 'downtimeH' | 'cost'>>()
  const none = { count: 0, downtimeH: 0, cost: 0 }
  for (const { downtimeH, cost, count, ...named } of events) {
    const group = named[groupBy] ?? unknown
    const before = groups.get(group) ?? none
    groups.set(group, {
      count: before.count + count,
      downtimeH: before.downtimeH + downtimeH,
      cost: before.cost + cost,
    })
  }
  const weightOf = (one: typeof none): number =>
    by === 'count' ? one.count : by === 'downtime' ? one.downtimeH : one.cost
  const weighted = [...groups].map(([group, counted]) => ({ group, ...counted, weight: settled(weightOf(counted)) }))
  const total = weighted.reduce((sum, { weight }) => sum + weight, 0)
  if (total === 0) throw refused('by', by, 'count, or what the events have', 'FIELDS_DISAGREE')
  const idle = [...hoursOf.keys()].filter((group) => !groups.has(group)).map((group) => ({ group, ...none, weight: 0 }))
  const inOrder = [
    ...weighted.sort((a, b) => b.weight - a.weight || byCodeUnit(a.group, b.group)),
    ...idle.sort((a, b) => byCodeUnit(a.group, b.group)),
  ]
  const chanceOf = chances(groups, hoursOf)
  let before = 0
  const rows = inOrder.map(({ group, weight, ...counted }): ParetoRow => {
    const share = weight / total
    const vital = weight > 0 && below(before, vitalShare)
    before += share
    const hoursH = hoursOf.get(group) ?? null
    const chance = chanceOf(group, counted.count)
    return {
      group,
      ...counted,
      share,
      cumulativeShare: before,
      vital,
      hoursH,
      ratePer1000H: hoursH === null ? null : (1000 * counted.count) / hoursH,
      chance,
      standsOut: counted.count >= fewestNamed && chance !== null && chance < luck / hoursOf.size,
    }
  })
  const named = (which: 'vital' | 'standsOut') => rows.filter((row) => row[which]).map(({ group }) => group)
  return { rows, total, vital: named('vital'), standsOut: named('standsOut') }
}

/** Chance of so many failures or more in a group, if all groups were alike; null where hours are not told of two. */
function chances(
  groups: ReadonlyMap<string, { count: number }>,
  hoursOf: ReadonlyMap<string, number>,
): (group: string, count: number) => number | null {
  const failures = [...hoursOf.keys()].reduce((sum, group) => sum + (groups.get(group)?.count ?? 0), 0)
  const all = [...hoursOf.values()].reduce((sum, hoursH) => sum + hoursH, 0)
  return (group, count) => {
    const hoursH = hoursOf.get(group)
    return hoursH === undefined || hoursOf.size < 2 || failures === 0
      ? null
      : atLeastSoMany(count, failures, hoursH / all)
  }
}

/** P(X ≥ k) of a binomial with n trials of chance q. */
function atLeastSoMany(k: number, n: number, q: number): number {
  if (k <= 0) return 1
  if (q >= 1) return 1
  // Term by term upward from k; past the middle they fall, and those that no longer count end it.
  let term = Math.exp(lnGamma(n + 1) - lnGamma(k + 1) - lnGamma(n - k + 1) + k * Math.log(q) + (n - k) * Math.log1p(-q))
  // So far below the middle that its chance is too small a number: nearly all lies above.
  if (term === 0 && k < n * q) return 1
  let sum = 0
  for (let i = k; i <= n; i++) {
    sum += term
    if (i > n * q && term < 1e-17 * sum) break
    term *= ((n - i) / (i + 1)) * (q / (1 - q))
  }
  return Math.min(1, sum)
}

export const logParetoCalculation = calculation(
  'log.pareto',
  'Which machines, positions or causes eat bearings',
  'Pareto; binomial chance',
  ParetoInput,
  logPareto,
)
