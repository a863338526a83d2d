import { parseInput } from '../errors/parse-input.ts'
import { calculation } from '../working/calculation.ts'
import { IntervalInput, longestIntervalH, type Interval } from './interval.schema.ts'
import { refuse } from './practices/conditions.ts'
import { intervalPractice } from './practices/index.ts'

/** Below this a gun is the wrong tool. */
const shortestByGunH = 24

/**
 * Hours between regreasings, by one of two practices.
 *
 *     formula:       K (14·10⁶ / (n √d) − 4 d)
 *     speed-factor:  30 000 exp(−n dm k_f / 250 000), times temperature, environment, vibration, orientation and load
 *
 * @throws InputError on `bearingType` (thrust ball has no formula), `speedRpm` (too fast for the practice), `odMm`
 * @example greaseInterval({ method: 'formula', bearingType: 'deep-groove-ball', boreMm: 60, speedRpm: 1480, temperatureC: 60 }).hoursH // 9812
 * @see general published practice
 */
export function greaseInterval(given: IntervalInput): Interval {
  const input = parseInput(IntervalInput, given)
  if (input.odMm !== undefined && input.odMm <= input.boreMm) {
    throw refuse('odMm', input.odMm, `above boreMm (${input.boreMm} mm)`, 'Check the sizes and their unit.')
  }
  const { baseH, factors, product } = intervalPractice(input.method).work(input)
  const hoursH = Math.min(baseH * product, longestIntervalH)
  const warnings: string[] = []
  if (hoursH < shortestByGunH)
    warnings.push('Under a day: use an automatic lubricator, oil, or a bearing that needs less.')
  if (input.method === 'formula' && input.loadRatio > 0.15)
    warnings.push('The formula does not know the load; over P/C 0.15 it is too generous.')
  return { hoursH, factors, warnings }
}

export const greaseIntervalCalculation = calculation(
  'grease.interval',
  'Hours between regreasings, two practices',
  'General published practice',
  IntervalInput,
  greaseInterval,
)
