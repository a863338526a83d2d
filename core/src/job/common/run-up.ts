import type { JobReading } from '../../model/job.ts'
import { giving, reading } from '../step.ts'
import type { JobPosition } from '../kinds/job-position.ts'

/** Housing that is hotter than this is looked at before it is left. */
const hottestHousingC = 85
/** Velocity in the plane of the bearing from which a rigidly mounted machine is watched where the site says nothing, mm/s. */
const roughMmPerS = 4.5

/** Housing of a position so many minutes after the start; after two hours only where somebody is still there. */
export const housingReadings = (id: string, at: string, highC: number, times: readonly number[]): JobReading[] =>
  times.map((minutes) =>
    reading(`after-${minutes}:${id}`, `Housing after ${minutes} min${at}`, {
      kind: 'number',
      quantity: 'temperature',
      high: highC,
      needed: minutes !== 120,
      ...giving({ what: 'run-up', position: id, minutes }),
    }),
  )

/** Temperatures after the start, and the vibration, of every position. */
export function runUpReadings(positions: readonly JobPosition[]): JobReading[] {
  const several = positions.length > 1
  return positions.flatMap(({ id, name, inputs, machine }) => {
    const at = several ? `, ${name.toLowerCase()}` : ''
    const limits = machine.site?.limits
    const usualC = inputs.grease.runningC === null ? hottestHousingC : Math.max(inputs.grease.runningC + 15, 60)
    const highC = Math.min(usualC, limits?.warmC ?? usualC)
    return [
      ...housingReadings(id, at, highC, [15, 60, 120]),
      reading(`vibration:${id}`, `Vibration, mm/s r.m.s.${at}`, {
        kind: 'number',
        decimals: 1,
        high: limits?.roughMmPerS ?? roughMmPerS,
        needed: false,
      }),
    ]
  })
}
