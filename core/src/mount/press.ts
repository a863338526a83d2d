import { calculation } from '../working/calculation.ts'
import { InputError } from '../errors/input-error.ts'
import { shrinkFit, smoothed } from '../seat/shrink-fit.ts'
import { PressInput } from './press.schema.ts'

/** Above this bore, or this force, nobody presses: mm, N. */
export const largestPressedMm = 80
export const mostPressN = 50_000

export interface Press {
  effectiveUm: number
  pressureMPa: number
  forceN: number
  /** Tension in the ring at its bore; over 130 MPa a through-hardened ring may crack. */
  hoopStressMPa: number
}

/**
 * Force that presses an inner ring home, at the end of its travel.
 *
 *     I_eff = I d/(d + s)      p = E I_eff (F² − d²)(d² − di²) / (2 d³ (F² − di²))      force = μ p π d B
 *
 * s is 2 mm for a ground seat, 3 for a turned one: smoothing of the surfaces. Steel on steel.
 *
 * @throws InputError on `innerRacewayMm`, `shaftBoreMm` or `interferenceUm` (beyond 3 µm per mm)
 * @example press({ boreMm: 40, widthMm: 18, innerRacewayMm: 48.5, interferenceUm: 18 }).forceN // 4790
 * @see Lamé, thick cylinders
 */
export function press(input: PressInput): Press {
  const {
    boreMm: d,
    widthMm,
    innerRacewayMm: F,
    shaftBoreMm: di = 0,
    interferenceUm,
    friction = 0.15,
    finish = 'ground',
  } = input
  const check = (fits: boolean, field: string, value: number, allowed: string) => {
    if (fits) return
    throw new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix: 'Check the sizes and their unit.' })
  }
  check(F > d, 'innerRacewayMm', F, `above boreMm (${d} mm)`)
  check(di >= 0 && di < d, 'shaftBoreMm', di, `from 0 to below boreMm (${d} mm)`)
  check(interferenceUm <= 3 * d, 'interferenceUm', interferenceUm, `at most 3 µm per mm of bore (${3 * d} µm)`)
  if (interferenceUm <= 0) return { effectiveUm: 0, pressureMPa: 0, forceN: 0, hoopStressMPa: 0 }
  const effectiveUm = smoothed(interferenceUm, d, finish)
  const { pressureMPa, hoopStressMPa } = shrinkFit({ boreMm: d, innerRacewayMm: F, shaftBoreMm: di, effectiveUm })
  return {
    effectiveUm,
    pressureMPa,
    forceN: friction * pressureMPa * Math.PI * d * widthMm,
    hoopStressMPa,
  }
}

export const pressCalculation = calculation(
  'mount.press',
  'Force that presses a ring home',
  'Lamé, thick cylinders',
  PressInput,
  press,
)
