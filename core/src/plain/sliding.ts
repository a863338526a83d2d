import { surfaceSpeed } from '../running/cooling.ts'

/** Journal and what it carries. */
interface Sliding {
  journalDiameterMm: number
  lengthMm: number
  loadN: number
  speedRpm: number
}

/**
 * How hard and how fast a journal slides in its bearing.
 *
 *     p = W / (L D)      v = π D n / 60 000
 *
 * @returns MPa, m/s, and their product
 */
export function sliding({ journalDiameterMm, lengthMm, loadN, speedRpm }: Sliding) {
  const pressureMPa = loadN / (lengthMm * journalDiameterMm)
  const velocityMPerS = surfaceSpeed(journalDiameterMm, speedRpm)
  return { pressureMPa, velocityMPerS, pv: pressureMPa * velocityMPerS }
}

/** Share of a limit that is used, judged: to 0.8 sound, to 1 marginal. */
export function useVerdict(share: number): 'ok' | 'marginal' | 'over-limit' {
  const compared = Math.round(share * 1e4) / 1e4
  return compared <= 0.8 ? 'ok' : compared <= 1 ? 'marginal' : 'over-limit'
}
