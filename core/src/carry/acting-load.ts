import { isPaired } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { InputError } from '../errors/input-error.ts'
import { standardGravity } from '../model/gravity.ts'
import type { DutyStep, RollingPosition } from '../kinds/rolling/position.ts'
import { inducedLoad, ownAxialLoad, type InducedLoadInput } from './induced-load.ts'

/** Load that reaches one bearing in one step of its duty. */
export interface ActingLoad {
  /** With the shock factor, N. */
  radialN: number
  /** With shock, the rotor of a tilted machine and what the other of a pair pushes, N. */
  axialN: number
  /** Null while nobody has given it. */
  speedRpm: number | null
  /** Share of time. */
  share: number
  /** Part of the axial load that comes from outside the pair, N. */
  externalN: number
  /** Part of the axial load that the weight of a tilted rotor makes, N. */
  tiltN: number
  /** Axial force the radial load itself makes in one of an opposed pair; null for a bearing that stands alone, N. */
  ownN: number | null
}

/**
 * Loads on the bearing of a position: the typed ones or the duty steps, times shock, with tilt and the other of the pair.
 *
 *     Fr = f Fr,typed      Fa = f Fa,typed + m g sin(tilt)      paired: Fa from the induced loads of both
 *
 * The rotor of a tilted machine hangs on the end that locates. In a pair this bearing is the left one, its partner the same
 * size on the right; a load that comes both ways is taken at its worse.
 *
 * Preloaded, a pair squeezes itself as well: each carries the preload and half of what comes from outside.
 *
 * @param preloadN - axial force the pair makes itself
 * @returns one entry a step, one alone for a steady load; radial and axial load must have been given
 * @throws InputError on `arrangement` for a type that is not set in pairs, on `partnerRadialN` when it is missing
 */
export function actingLoads({ load, float }: RollingPosition, bearing: ResolvedBearing, preloadN = 0): ActingLoad[] {
  const { shockFactor, tiltDeg, rotorKg, arrangement } = load
  const shock = shockFactor ?? 1
  const tiltN =
    float.role === 'floating' ? 0 : (rotorKg ?? 0) * standardGravity * Math.sin(((tiltDeg ?? 0) * Math.PI) / 180)
  const typed = { radialN: load.radialN ?? 0, axialN: load.axialN ?? 0, speedRpm: load.speedRpm, share: 1 }
  const steps: (Omit<DutyStep, 'speedRpm'> & { speedRpm: number | null })[] =
    load.steps.length > 0 ? load.steps : [typed]
  return steps.map((step): ActingLoad => {
    const radialN = shock * step.radialN
    const externalN = shock * step.axialN + tiltN
    const rest = { speedRpm: step.speedRpm, share: step.share, externalN, tiltN }
    if (arrangement === 'single') return { radialN, axialN: externalN, ownN: null, ...rest }
    // The other of the pair is loaded as this one is: more in the heavy steps, less in the light ones.
    const weight = load.steps.length > 0 && typed.radialN > 0 ? step.radialN / typed.radialN : 1
    const pair = pairOf(arrangement, bearing, radialN, shock * weight * partnerOf(load))
    const ways = { right: [1], left: [-1], both: [1, -1] }[load.axialWay]
    const induced = Math.max(...ways.map((way) => inducedLoad({ ...pair, externalAxialN: way * externalN }).aAxialN))
    // Two equal springs share what comes from outside until one of them is let go.
    const squeezed = preloadN === 0 ? 0 : preloadN + externalN / 2
    const axialN = Math.max(induced, squeezed)
    return { radialN, axialN, ownN: ownAxialLoad('a', pair.bearingType, pair.a), ...rest }
  })
}

function partnerOf({ partnerRadialN }: RollingPosition['load']): number {
  if (partnerRadialN !== null) return partnerRadialN
  throw new InputError({
    code: 'MISSING',
    field: 'partnerRadialN',
    value: undefined,
    allowed: 'the radial load on the other of the pair in N',
    fix: 'Give the radial load on the other bearing: it pushes this one.',
  })
}

function pairOf(
  arrangement: InducedLoadInput['arrangement'],
  { row, interior, decoded }: ResolvedBearing,
  radialN: number,
  partnerRadialN: number,
): Omit<InducedLoadInput, 'externalAxialN'> {
  const bearingType = row.type
  if (!isPaired(bearingType) || interior.rows > 1) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'arrangement',
      value: arrangement,
      allowed: `single for ${decoded.normal}: only single row angular contact and tapered roller bearings are set against each other`,
      fix: 'Choose single, or a bearing that is set in pairs.',
    })
  }
  const yOrAngleDeg = interior.contactAngleDeg
  return { bearingType, arrangement, a: { radialN, yOrAngleDeg }, b: { radialN: partnerRadialN, yOrAngleDeg } }
}
