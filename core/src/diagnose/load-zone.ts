import { InputError } from '../errors/input-error.ts'
import { zoneShare, type TrackSample } from './tracks.ts'

/** How a radial load spreads over the rolling elements. */
export interface LoadZone {
  /** Load zone parameter: 0.5 without clearance, below with it, above with preload; Infinity loaded evenly all round. */
  epsilon: number
  /** Loaded arc of the ring that stands still, degrees. */
  extentDeg: number
  /** Load on the most loaded element, N. */
  largestN: number
}

export interface LoadZoneInput {
  ball: boolean
  elements: number
  elementDiameterMm: number
  /** Effective length of a roller. */
  elementLengthMm: number | null
  radialN: number
  /** Diametral operating clearance, mm; negative when tight. */
  clearanceMm: number
}

/** Beyond this the ring is loaded evenly all round. */
const largestEpsilon = 50

/**
 * Load zone of a bearing from its operating clearance and radial load.
 *
 *     F = Z K δ^n J(ε)        G/2 = δ (1 − 2ε)/(2ε)        n = 3/2 balls, 10/9 rollers
 *     K = 109 465 √D (balls), 8.06·10⁴ L^(8/9) / 2^(10/9) (rollers), N and mm
 *
 * For a stiff housing and shaft, no misalignment, low speed.
 *
 * @throws InputError on `radialN` (not above 0) or `elements` (fewer than 3)
 * @example loadZone({ ball: true, elements: 8, elementDiameterMm: 12.7, elementLengthMm: null, radialN: 3000, clearanceMm: 0.02 }).largestN // 1827
 * @see textbook load distribution; Hertz contact
 */
export function loadZone(input: LoadZoneInput): LoadZone {
  const { ball, elements, elementDiameterMm, elementLengthMm, radialN, clearanceMm } = input
  const refuse = (field: string, value: number, allowed: string) =>
    new InputError({ code: 'OUT_OF_RANGE', field, value, allowed, fix: 'Correct it.' })
  if (!(radialN > 0)) throw refuse('radialN', radialN, 'above 0 N')
  if (elements < 3) throw refuse('elements', elements, 'at least 3')
  const n = ball ? 3 / 2 : 10 / 9
  const stiffness = ball
    ? 109_465 * Math.sqrt(elementDiameterMm)
    : (8.06e4 * (elementLengthMm ?? elementDiameterMm) ** (8 / 9)) / 2 ** (10 / 9)
  const squeeze = (epsilon: number) =>
    clearanceMm === 0
      ? (radialN / (elements * stiffness * zoneIntegral(0.5, n))) ** (1 / n)
      : (clearanceMm * epsilon) / (1 - 2 * epsilon)
  const carried = (epsilon: number) => elements * stiffness * squeeze(epsilon) ** n * zoneIntegral(epsilon, n)
  const epsilon = clearanceMm === 0 ? 0.5 : solve(carried, radialN, clearanceMm > 0)
  const halfDeg = epsilon < 1 ? (Math.acos(1 - 2 * epsilon) * 180) / Math.PI : 180
  const delta = epsilon === Infinity ? -clearanceMm / 2 : squeeze(epsilon)
  return { epsilon, extentDeg: 2 * halfDeg, largestN: stiffness * delta ** n }
}

/** Bisection: the load carried grows with ε under clearance and falls with it under preload. */
function solve(carried: (epsilon: number) => number, radialN: number, clearance: boolean): number {
  let [low, high] = clearance ? [0.0001, 0.5 - 1e-12] : [0.5 + 1e-12, largestEpsilon]
  if (!clearance && carried(high) > radialN) return Infinity
  for (let step = 0; step < 200; step++) {
    const middle = (low + high) / 2
    if (carried(middle) < radialN === clearance) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** J(ε) = (1/2π) ∫ q^n cos θ dθ over the loaded arc. */
export function zoneIntegral(epsilon: number, exponent: number): number {
  const half = epsilon < 1 ? Math.acos(1 - 2 * epsilon) : Math.PI
  const steps = 400
  const width = half / steps
  let sum = 0
  for (let index = 0; index <= steps; index++) {
    const angle = index * width
    const weight = index === 0 || index === steps ? 1 : index % 2 === 1 ? 4 : 2
    sum += weight * zoneShare(angle, epsilon) ** exponent * Math.cos(angle)
  }
  // Simpson over half the arc; the other half is its mirror.
  return ((2 * width) / 3) * (sum / (2 * Math.PI))
}

/**
 * Track that a computed load zone leaves on the ring that stands still, 0 at the load.
 *
 * @param widest - width at the load as a share of the raceway
 * @param offset - shift of the track under thrust, −0.5 to 0.5
 * @param count - samples round the ring
 */
export function expectedTrack(zone: LoadZone, ball: boolean, widest: number, offset = 0, count = 72): TrackSample[] {
  const power = ball ? 1 / 2 : 10 / 27
  return Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * index) / count
    const width = Math.min(widest * zoneShare(angle, zone.epsilon) ** power, 1)
    return { centre: offset, width: width < 1e-6 ? 0 : width }
  })
}
