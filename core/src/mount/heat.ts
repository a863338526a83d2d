import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import heatingLimits from '../../data/heating-limits.json' with { type: 'json' }
import { Closure } from '../bearing-types/index.ts'

export const HeatInput = z.strictObject({
  boreMm: z.number().min(3).max(2000).meta({ unit: 'mm', description: 'Bore' }),
  interferenceMaxUm: z
    .number()
    .min(-2000)
    .max(2000)
    .meta({ unit: 'µm', description: 'Tightest fit, or the measured one' }),
  slipClearanceUm: z
    .number()
    .min(0)
    .max(1000)
    .optional()
    .meta({ unit: 'µm', description: 'Room to slide; half a thousandth of the bore, at least 5 µm, when absent' }),
  roomC: z.number().min(-20).max(60).meta({ unit: '°C', description: 'Temperature of the shaft' }),
  closure: Closure.default('open'),
  toleranceForCoolingC: z
    .number()
    .min(0)
    .max(60)
    .default(10)
    .meta({ unit: 'K', description: 'Loss between heater and seat' }),
})
export type HeatInput = z.input<typeof HeatInput>

export type HeatVerdict = 'no-heat' | 'ok' | 'near-limit' | 'over-limit'

export interface Heat {
  ringC: number
  riseC: number
  limitC: number
  verdict: HeatVerdict
}

/** Growth of bearing steel, µm per mm and degree. */
export const ringExpansion = 0.012

/** Room a ring needs to slide on, µm: half a thousandth of the bore, at least 5. */
export const defaultSlipClearance = (boreMm: number): number => Math.max(5, 0.5 * boreMm)

/** Highest ring temperature for a hot mount, °C, and why, by closure. */
export function heatingLimit(closure: Closure): { limitC: number; why: string } {
  const row = heatingLimits.rows.find(([name]) => name === closure)
  if (!row) throw new Error(`no heating limit for ${closure}`)
  return { limitC: Number(row[1]), why: String(row[2]) }
}

/** Margin below the limit, °C, from which a thermometer error already matters. */
const nearLimitC = 10

/**
 * Temperature a ring must be heated to so that it slides on its seat.
 *
 *     ΔT = (Imax + slip) / (0.012 d) + cooling          ring = shaft + ΔT
 *
 * @param input - bore in mm, interference and slip in µm, temperatures in °C
 * @returns ring temperature and rise, the limit for this closure, and the verdict
 * @example heat({ boreMm: 60, interferenceMaxUm: 27, slipClearanceUm: 30, roomC: 20 }).ringC // 109.2
 * @see linear expansion of steel; the limits are mounting practice
 */
export function heat(input: HeatInput): Heat {
  const { boreMm, interferenceMaxUm, roomC, closure = 'open', toleranceForCoolingC = 10 } = input
  const slipUm = input.slipClearanceUm ?? defaultSlipClearance(boreMm)
  const { limitC } = heatingLimit(closure)
  if (interferenceMaxUm <= 0) return { ringC: roomC, riseC: 0, limitC, verdict: 'no-heat' }
  const riseC = (interferenceMaxUm + slipUm) / (ringExpansion * boreMm) + toleranceForCoolingC
  const ringC = roomC + riseC
  // Compared to a hundredth of a degree, so that a sum that should be 120 is not over it by rounding.
  const compared = Math.round(ringC * 100) / 100
  const verdict = compared > limitC ? 'over-limit' : compared > limitC - nearLimitC ? 'near-limit' : 'ok'
  return { ringC, riseC, limitC, verdict }
}

export const heatCalculation = calculation(
  'mount.heat',
  'Ring temperature for a hot mount',
  'Linear expansion; mounting practice',
  HeatInput,
  heat,
)
