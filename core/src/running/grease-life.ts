import { z } from 'zod'
import { factsOf, BearingType } from '../bearing-types/index.ts'
import { contaminations, moistures, orientations, vibrations } from '../grease/interval.schema.ts'
import { conditions } from '../grease/practices/conditions.ts'
import { loadFactor } from '../grease/practices/speed-factor.ts'
import { refused } from '../records/running-hours.ts'
import { calculation } from '../working/calculation.ts'

export const GreaseLifeInput = z.strictObject({
  bearingType: BearingType,
  boreMm: z.number().min(3).max(1000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z.number().gt(0).max(2500).meta({ unit: 'mm', description: 'Outside diameter' }),
  speedRpm: z.number().gt(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  temperatureC: z.number().min(-20).max(140).meta({ unit: '°C', description: 'Outer ring, or housing at the seat' }),
  grease: z.enum(['standard', 'long-life']).default('standard').meta({ description: 'Grease of the first fill' }),
  closure: z
    .enum(['contact-seal', 'low-friction-seal', 'shield'])
    .default('contact-seal')
    .meta({ description: 'Closure' }),
  loadRatio: z.number().min(0).max(0.35).default(0.1).meta({ description: 'P/C' }),
  orientation: z.enum(orientations).default('horizontal').meta({ description: 'Shaft' }),
  vibration: z.enum(vibrations).default('low').meta({ description: 'Vibration' }),
  contamination: z.enum(contaminations).default('light').meta({ description: 'Dust and dirt' }),
  moisture: z.enum(moistures).default('dry').meta({ description: 'Moisture' }),
  outerRingRotates: z.boolean().default(false).meta({ description: 'Whether the outer ring turns' }),
})

export interface GreaseLife {
  /** One bearing in ten is done by then. */
  hoursH: number
  medianH: number
  lowH: number
  highH: number
  limitedBy: 'grease' | 'age'
  /** The same bearing open and regreased; null above 110 °C. */
  intervalH: number | null
  factors: Record<'bearing' | 'speedFactor' | 'base' | 'temperature' | 'environment' | 'vibration' | 'orientation' | 'outerRing' | 'load', number> // prettier-ignore
}

/** Hottest each grease may run, °C, and by how much a long-lived one bears more. */
const hottestC = { standard: 110, 'long-life': 140 } as const
const bearsMoreK = { standard: 0, 'long-life': 25 } as const
const fastest = 600_000
/** Grease ages: nothing lasts longer, L10 and median, h. */
const [oldestH, oldestMedianH, longestIntervalH] = [50_000, 75_000, 30_000]
/** No credit for cooler than this, °C. */
const coolestC = 40
const halvedAbove = (temperatureC: number): number => 2 ** (-(temperatureC - 70) / 15)

/**
 * How long the grease of a closed bearing lasts: L10, one in ten; half of them live twice as long.
 *
 *     raw = 60 000·exp(−n·dm·k_f / 250 000) · temperature · environment · vibration · orientation · outer ring · load
 *
 * @throws InputError on `odMm`, `speedRpm` (too fast for grease), `temperatureC` (too hot for it)
 * @see general practice; published curves lie between 0.4 and 1.35 of it
 */
export function greaseLife(input: z.output<typeof GreaseLifeInput>): GreaseLife {
  const { bearingType, boreMm, odMm, speedRpm, temperatureC, grease, closure, loadRatio, outerRingRotates } = input
  if (odMm <= boreMm) throw refused('odMm', odMm, `above the bore, ${boreMm} mm`, 'FIELDS_DISAGREE')
  if (temperatureC > hottestC[grease]) throw refused('temperatureC', temperatureC, `at most ${hottestC[grease]} °C for this grease`, 'OUT_OF_RANGE') // prettier-ignore
  const bearing = factsOf(bearingType).greasing.speedFactor
  const speedFactor = ((speedRpm * (boreMm + odMm)) / 2) * bearing
  if (speedFactor > fastest) throw refused('speedRpm', speedRpm, `at most ${Math.floor((speedRpm * fastest) / speedFactor)} r/min for grease`, 'OUT_OF_RANGE') // prettier-ignore
  const place = conditions({ ...input, method: 'speed-factor' }, 'speedFactor')
  const dirt = Math.min(place.contamination, place.moisture)
  const environment =
    closure === 'shield' ? dirt : closure === 'low-friction-seal' ? (1 + 3 * dirt) / 4 : (1 + dirt) / 2
  const [outerRing, load] = [outerRingRotates ? 0.5 : 1, loadFactor(loadRatio)]
  const fade = Math.exp(-speedFactor / 250_000)
  const temperature = halvedAbove(Math.max(coolestC, temperatureC - bearsMoreK[grease]))
  const common = place.vibration * place.orientation * outerRing * load
  const base = 60_000 * fade
  const raw = base * temperature * environment * common
  const hoursH = Math.min(oldestH, raw)
  return {
    hoursH,
    medianH: Math.min(oldestMedianH, 2 * hoursH),
    lowH: 0.4 * hoursH,
    highH: Math.min(oldestH, 1.35 * raw),
    limitedBy: raw > oldestH ? 'age' : 'grease',
    intervalH:
      temperatureC > hottestC.standard
        ? null
        : Math.min(longestIntervalH, longestIntervalH * fade * Math.min(1, halvedAbove(temperatureC)) * dirt * common),
    factors: { bearing, speedFactor, base, temperature, environment, vibration: place.vibration, orientation: place.orientation, outerRing, load }, // prettier-ignore
  }
}

export const greaseLifeCalculation = calculation(
  'grease.life',
  'How long the grease of a closed bearing lasts',
  'General practice',
  GreaseLifeInput,
  greaseLife,
)
