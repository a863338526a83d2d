import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import factorTable from '../../data/grease-factors.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { parseInput } from '../errors/parse-input.ts'
import { factsOf, BearingType } from '../bearing-types/index.ts'

export const contaminations = ['light', 'heavy', 'light-abrasive', 'heavy-abrasive'] as const
export const moistures = ['dry', 'humid', 'condensation', 'wet'] as const
export const vibrations = ['low', 'medium', 'high'] as const
export const orientations = ['horizontal', 'inclined', 'vertical'] as const

export const IntervalInput = z.strictObject({
  method: z
    .enum(['formula', 'speed-factor'])
    .meta({ description: 'Practice: interval formula, or speed-factor curve' }),
  bearingType: BearingType,
  boreMm: z.number().min(5).max(1000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z
    .number()
    .gt(0)
    .max(3000)
    .optional()
    .meta({ unit: 'mm', description: 'Outside diameter, needed for speed-factor' }),
  speedRpm: z.number().gt(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  temperatureC: z.number().min(-20).max(110).meta({ unit: '°C', description: 'Housing at the bearing seat' }),
  contamination: z.enum(contaminations).default('light').meta({ description: 'Dust and dirt' }),
  moisture: z.enum(moistures).default('dry').meta({ description: 'Moisture' }),
  vibration: z.enum(vibrations).default('low').meta({ description: 'Vibration: low to 5, medium to 10 mm/s peak' }),
  orientation: z.enum(orientations).default('horizontal').meta({ description: 'Shaft' }),
  loadRatio: z.number().min(0).max(0.35).default(0.1).meta({ description: 'P/C' }),
})
export type IntervalInput = z.input<typeof IntervalInput>
type Given = z.output<typeof IntervalInput>

export interface Interval {
  hoursH: number
  factors: Record<string, number>
  warnings: string[]
}

/** Grease ages: no interval is longer. */
export const longestIntervalH = 30_000
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
  const input: Given = parseInput(IntervalInput, given)
  if (input.odMm !== undefined && input.odMm <= input.boreMm) {
    throw refuse('odMm', input.odMm, `above boreMm (${input.boreMm} mm)`, 'Check the sizes and their unit.')
  }
  const { baseH, factors, product } = input.method === 'formula' ? byFormula(input) : bySpeedFactor(input)
  const hoursH = Math.min(baseH * product, longestIntervalH)
  const warnings: string[] = []
  if (hoursH < shortestByGunH)
    warnings.push('Under a day: use an automatic lubricator, oil, or a bearing that needs less.')
  if (input.method === 'formula' && input.loadRatio > 0.15)
    warnings.push('The formula does not know the load; over P/C 0.15 it is too generous.')
  return { hoursH, factors, warnings }
}

interface Worked {
  baseH: number
  product: number
  factors: Record<string, number>
}

function byFormula(input: Given): Worked {
  const { bearingType, boreMm, speedRpm, temperatureC } = input
  const bearing = factsOf(bearingType).greasing.formulaFactor
  if (bearing === null) {
    throw refuse('bearingType', bearingType, 'a radial type for the interval formula', 'Use the speed-factor method.')
  }
  const baseH = 14e6 / (speedRpm * Math.sqrt(boreMm)) - 4 * boreMm
  if (baseH <= 0) {
    const fastest = 14e6 / (4 * boreMm ** 1.5)
    throw refuse(
      'speedRpm',
      speedRpm,
      `below ${Math.floor(fastest)} r/min for this bore in the formula`,
      'Too fast for this bore: use the speed-factor method, or oil.',
    )
  }
  const factors = {
    bearing,
    temperature: temperatureC < 65 ? 1 : temperatureC < 80 ? 0.5 : temperatureC < 93 ? 0.2 : 0.1,
    ...conditions(input, 'formula'),
  }
  const k = Object.values(factors).reduce((product, factor) => product * factor, 1)
  return { baseH, product: k, factors: { ...factors, k, baseH } }
}

/** Curve ends here, mm/min times the type's factor. */
const fastestFactor = 800_000

function bySpeedFactor(input: Given): Worked {
  const { bearingType, boreMm, odMm, speedRpm, temperatureC, loadRatio } = input
  if (odMm === undefined) {
    throw refuse('odMm', undefined, 'the outside diameter in mm for the speed-factor method', 'Give odMm.')
  }
  const bearing = factsOf(bearingType).greasing.speedFactor
  const speedFactor = ((speedRpm * (boreMm + odMm)) / 2) * bearing
  if (speedFactor > fastestFactor) {
    const fastest = (2 * fastestFactor) / ((boreMm + odMm) * bearing)
    throw refuse(
      'speedRpm',
      speedRpm,
      `at most ${Math.floor(fastest)} r/min for this bearing on grease`,
      'Use oil, or a special grease on its maker’s word.',
    )
  }
  const { contamination, moisture, vibration, orientation } = conditions(input, 'speedFactor')
  const baseH = longestIntervalH * Math.exp(-speedFactor / 250_000)
  const temperature = temperatureC <= 70 ? 1 : 2 ** (-(temperatureC - 70) / 15)
  // Both tell of one dirty place, so the worse counts once.
  const environment = Math.min(contamination, moisture)
  const load = loadFactor(loadRatio)
  return {
    baseH,
    product: temperature * environment * vibration * orientation * load,
    factors: {
      bearing,
      speedFactor,
      baseH,
      temperature,
      contamination,
      moisture,
      environment,
      vibration,
      orientation,
      load,
    },
  }
}

/** Full to P/C 0.1, then straight to 0.7 at 0.15, 0.4 at 0.25 and 0.1 at 0.35. */
function loadFactor(loadRatio: number): number {
  if (loadRatio <= 0.1) return 1
  if (loadRatio <= 0.15) return 1 - ((loadRatio - 0.1) / 0.05) * 0.3
  return 0.7 - ((loadRatio - 0.15) / 0.1) * 0.3
}

function conditions(input: Given, practice: 'formula' | 'speedFactor') {
  const column = factorTable.columns.indexOf(practice)
  const factor = (name: 'contamination' | 'moisture' | 'vibration' | 'orientation') => {
    const row = factorTable.rows.find(([key, value]) => key === name && value === input[name])
    if (!row) throw new Error(`no grease factor for ${name} ${input[name]}`)
    return Number(row[column])
  }
  return {
    contamination: factor('contamination'),
    moisture: factor('moisture'),
    vibration: factor('vibration'),
    orientation: factor('orientation'),
  }
}

function refuse(field: string, value: unknown, allowed: string, fix: string): InputError {
  return new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
}

export const greaseIntervalCalculation = calculation(
  'grease.interval',
  'Hours between regreasings, two practices',
  'General published practice',
  IntervalInput,
  greaseInterval,
)
