import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { speedLimit, BearingType, Closure } from '../bearing-types/index.ts'
import { Lubrication } from './modified-life.ts'

export const SpeedCheckInput = z.strictObject({
  bearingType: BearingType,
  pitchDiameterMm: z.number().min(2).max(3000).meta({ unit: 'mm', description: 'Pitch diameter' }),
  speedRpm: z.number().min(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  lubrication: Lubrication.default('grease'),
  closure: Closure.default('open').meta({ description: 'Closure; rubbing seals stand less speed' }),
  fullComplement: z.boolean().optional().meta({ description: 'Rollers without a cage, which stand half the speed' }),
})
export type SpeedCheckInput = z.input<typeof SpeedCheckInput>

export interface SpeedCheck {
  /** Pitch diameter times speed, mm/min. */
  ndm: number
  limit: number
  ratio: number
  verdict: 'ok' | 'near-limit' | 'over-limit'
}

/**
 * Whether a bearing turns near or over what its type stands, by pitch diameter times speed.
 *
 * @example speedCheck({ bearingType: 'deep-groove-ball', pitchDiameterMm: 100, speedRpm: 3000 }).ratio // 0.6
 * @see guidance, no standard
 */
export function speedCheck(input: SpeedCheckInput): SpeedCheck {
  const ndm = input.pitchDiameterMm * input.speedRpm
  const limit = speedLimit(input.bearingType, input.lubrication ?? 'grease', input)
  const ratio = ndm / limit
  const compared = Math.round(ratio * 1e6) / 1e6
  return { ndm, limit, ratio, verdict: compared > 1 ? 'over-limit' : compared > 0.8 ? 'near-limit' : 'ok' }
}

export const speedCheckCalculation = calculation(
  'speed.check',
  'Speed against what the type stands',
  'Guidance, no standard',
  SpeedCheckInput,
  speedCheck,
)
