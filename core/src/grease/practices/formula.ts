import { factsOf, withoutCage } from '../../bearing-types/index.ts'
import type { Practice } from '../../working/practice.ts'
import type { IntervalGiven } from '../interval.schema.ts'
import { conditions, refuse, type Worked } from './conditions.ts'

/** For dirty, slow plant: simple, and it does not know the load. */
export const formula: Practice<'formula', IntervalGiven, Worked> = {
  key: 'formula',
  name: 'interval formula',
  source: 'General published practice',
  formula: 't_f = K\\left(\\frac{14\\cdot 10^6}{n\\sqrt{d}} - 4d\\right)',
  validity:
    'Up to 110 °C, ordinary lithium-class grease. Grease ages: never longer than 30 000 h. The steps of its temperature factor at 65, 80 and 93 °C are the formula’s own.',
  work: byFormula,
}

function byFormula(input: IntervalGiven): Worked {
  const { bearingType, boreMm, speedRpm, temperatureC, fullComplement } = input
  const ofType = factsOf(bearingType).greasing.formulaFactor
  if (ofType === null) {
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
    bearing: ofType / (fullComplement ? withoutCage.grease : 1),
    temperature: temperatureC < 65 ? 1 : temperatureC < 80 ? 0.5 : temperatureC < 93 ? 0.2 : 0.1,
    ...conditions(input, 'formula'),
  }
  const k = Object.values(factors).reduce((product, factor) => product * factor, 1)
  return { baseH, product: k, factors: { ...factors, k, baseH } }
}
