import pitches from '../../../data/lock-nut-pitch.json' with { type: 'json' }
import { InputError } from '../../errors/input-error.ts'
import { calculation } from '../../working/calculation.ts'
import { NutTorqueInput } from './nut-torque.schema.ts'

export interface NutTorque {
  pitchMm: number
  torqueNm: number
}

/** Mean diameter of the face of a lock nut over its thread. */
const faceOverThread = 1.15
/** Depth of a metric thread's pitch diameter, times the pitch. */
const pitchDepth = 0.6495

/**
 * Torque of a lock nut for a force along the shaft.
 *
 *     M = F (p/2π + μ d₂/(2 cos β) + μ D_m/2)        d₂ = d − 0.65 p,  D_m = 1.15 d
 *
 * @throws InputError on `boreMm` beyond the threads of the standard
 * @example nutTorque({ boreMm: 65, forceN: 20000 }).torqueNm // 184
 * @see mechanics of threads; pitches of ISO 2982-2
 */
export function nutTorque({ boreMm, forceN, friction = 0.12 }: NutTorqueInput): NutTorque {
  const row = pitches.rows.find(([over = 0, to = 0]) => boreMm > over && boreMm <= to)
  if (!row) throw new InputError({ code: 'OUT_OF_RANGE', field: 'boreMm', value: boreMm, allowed: '3 to 300 mm', fix: 'Take the maker’s table.' }) // prettier-ignore
  const [, , pitchMm = 0, flankCosine = 1] = row
  const d2 = boreMm - pitchDepth * pitchMm
  const perN = pitchMm / (2 * Math.PI) + (friction * d2) / (2 * flankCosine) + (friction * faceOverThread * boreMm) / 2 // prettier-ignore
  return { pitchMm, torqueNm: (forceN * perN) / 1000 }
}

export const nutTorqueCalculation = calculation(
  'mount.nutTorque',
  'Torque of a lock nut',
  'Mechanics of threads; ISO 2982-2',
  NutTorqueInput,
  nutTorque,
)
