import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { requiredViscosity, viscosityAt } from './viscosity.ts'

/** Viscosity index taken for a mineral oil when nobody knows it. */
export const usualViscosityIndex = 95

export interface RunningFilm {
  /** Viscosity at running temperature, mm²/s. */
  viscosityCst: number
  /** Viscosity the bearing needs, mm²/s. */
  neededCst: number
  kappa: number
}

/**
 * Film of a position's lubricant at its running temperature and speed.
 *
 * @returns null while an input is missing
 * @throws InputError where the oil is beyond the method
 */
export function runningFilm(position: RollingPosition, { interior }: ResolvedBearing): RunningFilm | null {
  const { grease } = position
  const speed = runningSpeed(position)
  if (grease.nu40Cst === null || grease.runningC === null || speed === null) return null
  const { viscosityCst } = viscosityAt({
    nu40Cst: grease.nu40Cst,
    viscosityIndex: grease.viscosityIndex ?? usualViscosityIndex,
    temperatureC: grease.runningC,
  })
  const speedRpm = Math.max(speed.meanRpm, 1)
  const neededCst = requiredViscosity({ pitchDiameterMm: interior.pitchDiameterMm, speedRpm })
  return { viscosityCst, neededCst, kappa: viscosityCst / neededCst }
}
