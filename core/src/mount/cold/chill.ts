import { calculation } from '../../working/calculation.ts'
import { z } from 'zod'

export const coolantC = { freezer: -20, 'dry-ice': -78.5, 'liquid-nitrogen': -196 } as const

export const ChillInput = z.strictObject({
  odMm: z.number().min(3).max(2000).meta({ unit: 'mm', description: 'Outside diameter' }),
  interferenceMaxUm: z.number().min(-2000).max(2000).meta({ unit: 'µm', description: 'Tightest fit' }),
  slipClearanceUm: z
    .number()
    .min(0)
    .max(1000)
    .optional()
    .meta({ unit: 'µm', description: 'Room to slide; 0.0003 of the diameter, at least 5 µm, when absent' }),
  roomC: z.number().min(-10).max(50).meta({ unit: '°C', description: 'Room' }),
  coolant: z.enum(['freezer', 'dry-ice', 'liquid-nitrogen']).meta({ description: 'Coolant' }),
  part: z.enum(['bearing', 'bush', 'shaft']).default('bearing').meta({ description: 'What is chilled' }),
})
export type ChillInput = z.input<typeof ChillInput>

export interface Chill {
  ringC: number
  shrinkUm: number
  gapUm: number
  verdict: 'no-chill' | 'ok' | 'insufficient' | 'not-permitted'
}

/** A complete standard bearing is not taken below this without its maker's word. */
export const coldestBearingC = -50

/** Strain of steel from 20 °C: the colder, the less it shrinks a degree. */
const strain = (celsius: number) => 11.8e-6 * (celsius - 20) + 0.012e-6 * (celsius - 20) ** 2

/** How far a diameter shrinks from one temperature to another, µm. */
export const shrinkage = (diameterMm: number, fromC: number, toC: number): number =>
  1000 * diameterMm * (strain(fromC) - strain(toC))

/**
 * How far a part shrinks in a coolant, and whether it then slides in.
 *
 *     shrink = 1000 D (s(room) − s(cold)),   s(T) = 11.8e-6 (T − 20) + 0.012e-6 (T − 20)²
 *
 * For bearing and carbon steel.
 *
 * @example chill({ odMm: 90, interferenceMaxUm: 80, slipClearanceUm: 40, roomC: 22, coolant: 'liquid-nitrogen', part: 'bush' }).gapUm // 101.1
 * @see contraction of iron and plain steels to 77 K
 */
export function chill(input: ChillInput): Chill {
  const { odMm, interferenceMaxUm, roomC, coolant, part = 'bearing' } = input
  if (interferenceMaxUm <= 0) return { ringC: roomC, shrinkUm: 0, gapUm: -interferenceMaxUm, verdict: 'no-chill' }
  const slipUm = input.slipClearanceUm ?? Math.max(5, 0.3 * odMm)
  const ringC = part === 'bearing' ? Math.max(coolantC[coolant], coldestBearingC) : coolantC[coolant]
  const shrinkUm = shrinkage(odMm, roomC, ringC)
  const gapUm = shrinkUm - interferenceMaxUm
  const fits = Math.round(gapUm * 100) / 100 >= slipUm
  const forbidden = part === 'bearing' && coolant === 'liquid-nitrogen'
  return { ringC, shrinkUm, gapUm, verdict: forbidden ? 'not-permitted' : fits ? 'ok' : 'insufficient' }
}

export const chillCalculation = calculation(
  'mount.chill',
  'Shrinking of a chilled part',
  'Contraction of steel to 77 K',
  ChillInput,
  chill,
)
