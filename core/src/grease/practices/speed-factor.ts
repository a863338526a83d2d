import { factsOf, withoutCage } from '../../bearing-types/index.ts'
import type { Practice } from '../../working/practice.ts'
import { longestIntervalH, type IntervalGiven } from '../interval.schema.ts'
import { conditions, refuse, type Worked } from './conditions.ts'

/** For clean, fast machines: it knows speed, load and temperature. */
export const speedFactor: Practice<'speed-factor', IntervalGiven, Worked> = {
  key: 'speed-factor',
  name: 'speed-factor curve',
  source: 'General published practice',
  formula: 't_f = 30\\,000\\,e^{-n d_m k_f / 250\\,000}\\cdot f_T f_e f_v f_o f_P',
  validity: 'Up to 110 °C, ordinary lithium-class grease. Grease ages: never longer than 30 000 h.',
  work: bySpeedFactor,
}

/** Curve ends here, mm/min times the type's factor. */
const fastestFactor = 800_000

function bySpeedFactor(input: IntervalGiven): Worked {
  const { bearingType, boreMm, odMm, speedRpm, temperatureC, loadRatio, fullComplement } = input
  if (odMm === undefined) {
    throw refuse('odMm', undefined, 'the outside diameter in mm for the speed-factor method', 'Give odMm.')
  }
  const bearing = factsOf(bearingType).greasing.speedFactor * (fullComplement ? withoutCage.grease : 1)
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
export function loadFactor(loadRatio: number): number {
  if (loadRatio <= 0.1) return 1
  if (loadRatio <= 0.15) return 1 - ((loadRatio - 0.1) / 0.05) * 0.3
  return 0.7 - ((loadRatio - 0.15) / 0.1) * 0.3
}
