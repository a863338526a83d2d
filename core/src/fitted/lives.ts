import type { Ending, LifeInput } from '../records/log/life.ts'
import type { z } from 'zod'

type Records = z.output<typeof LifeInput>['records']

/** More bearings than this are counted by bins of their hours. */
const mostApart = 200
/** A bin is so much longer than the one before. */
const bin = 1.03

/**
 * Bearings as the life statistics take them: apart while they are few, by bins of 3 % of their hours where they are many.
 *
 * @param lives - hours and how each ended, or how many of them
 */
export function lifeRecords(lives: readonly { hoursH: number; ended: Ending; count?: number }[]): Records {
  const least = 0.1
  const all = lives.map(({ hoursH, ended, count = 1 }) => ({ hoursH: Math.max(hoursH, least), ended, count }))
  if (all.length <= mostApart) return all
  const bins = new Map<string, Records[number]>()
  for (const { hoursH, ended, count } of all) {
    const place = Math.round(Math.log(hoursH) / Math.log(bin))
    const key = `${ended} ${place}`
    const there = bins.get(key)
    if (there) there.count += count
    else bins.set(key, { hoursH: bin ** place, ended, count })
  }
  return [...bins.values()]
}
