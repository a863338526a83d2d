import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { mostOnPitchCircle, checkedAngleDeg, RatingInput } from '../catalogue/interior.ts'
import { factsOf, isThrust, BearingType } from '../bearing-types/index.ts'
import { withoutUnused, conformities, refuse } from './bearing-inside.ts'
import {
  ballContacts,
  laminae,
  lineApproach,
  linePressure,
  lineStiffness,
  pointPressure,
  rollerCurvatures,
  rollerProfile,
} from './contacts.ts'

export const ContactPressureInput = z.strictObject({
  bearingType: BearingType,
  elementDiameterMm: RatingInput.shape.elementDiameterMm,
  elementLengthMm: RatingInput.shape.elementLengthMm,
  pitchDiameterMm: RatingInput.shape.pitchDiameterMm,
  contactAngleDeg: RatingInput.shape.contactAngleDeg,
  ...conformities,
  loadN: z.number().gt(0).max(1e8).meta({ unit: 'N', description: 'Load on one rolling element' }),
})
export type ContactPressureInput = z.input<typeof ContactPressureInput>

interface PointSide {
  pressureMPa: number
  semiMajorMm: number
  semiMinorMm: number
}
interface LineSide {
  pressureMPa: number
  halfWidthMm: number
  profiledPressureMPa: number
}
export type ContactPressure =
  | { kind: 'point'; inner: PointSide; outer: PointSide; deflectionUm: number }
  | { kind: 'line'; inner: LineSide; outer: LineSide; deflectionUm: number; loadedLengthMm: number }

/**
 * How hard one loaded element presses on both raceways, and how large its footprint is.
 *
 * @param input - diameters and length in mm, angle in degrees, load in N
 * @returns pressures in MPa, footprints in mm, and the approach of both rings in µm
 * @throws InputError on `contactAngleDeg`, `elementLengthMm`, `elementDiameterMm` (larger than the pitch circle allows)
 * @example contactPressure({ bearingType: 'deep-groove-ball', elementDiameterMm: 9.525, pitchDiameterMm: 46,
 *   loadN: 1000 }).inner.pressureMPa // 2280
 * @see Hertz, exact elliptic integrals; ISO/TS 16281 for the roller's profile
 */
export function contactPressure(input: ContactPressureInput): ContactPressure {
  const { bearingType, elementDiameterMm: dw, pitchDiameterMm: dpw, loadN } = input
  const angleDeg = checkedAngleDeg(bearingType, input.contactAngleDeg)
  const alphaRad = (angleDeg * Math.PI) / 180
  const gamma = checkedGamma(input, angleDeg)
  const { grooves, inside } = factsOf(bearingType)
  if (grooves) {
    const selfAligning = grooves.outer === 'sphere'
    const contacts = ballContacts({
      elementDiameterMm: dw,
      gamma,
      conformityInner: input.conformityInner ?? grooves.inner,
      conformityOuter: input.conformityOuter ?? (isThrust(bearingType) ? grooves.inner : 0.53),
      selfAligning,
    })
    const inner = pointPressure(contacts.inner, loadN)
    const outer = pointPressure(contacts.outer, loadN)
    const side = ({ pressureMPa, semiMajorMm, semiMinorMm }: PointSide) => ({ pressureMPa, semiMajorMm, semiMinorMm })
    return {
      kind: 'point',
      inner: side(inner),
      outer: side(outer),
      deflectionUm: 1000 * (inner.approachMm + outer.approachMm),
    }
  }
  const elementLengthMm = input.elementLengthMm
  if (elementLengthMm === undefined) throw refuse('elementLengthMm', undefined, 'from 0.5 to 1000 mm for rollers')
  const profile = rollerProfile({
    elementDiameterMm: dw,
    elementLengthMm,
    pitchDiameterMm: dpw,
    alphaRad,
    barrel: inside.barrel,
  })
  const { peakN, loaded } = profiledLoad(profile, elementLengthMm, loadN)
  const curvatures = rollerCurvatures(dw, gamma)
  const side = (sumPerMm: number): LineSide => ({
    ...linePressure(sumPerMm, loadN / elementLengthMm),
    profiledPressureMPa: linePressure(sumPerMm, (peakN * laminae) / elementLengthMm).pressureMPa,
  })
  return {
    kind: 'line',
    inner: side(curvatures.inner),
    outer: side(curvatures.outer),
    deflectionUm: 1000 * lineApproach(loadN, elementLengthMm),
    loadedLengthMm: (loaded * elementLengthMm) / laminae,
  }
}

/** Largest lamina of a profiled roller between parallel raceways, N, and how many laminae carry. */
function profiledLoad(profile: Float64Array, lengthMm: number, loadN: number): { peakN: number; loaded: number } {
  const cs = (lineStiffness * lengthMm ** (8 / 9)) / laminae
  const carried = (e: number) => profile.reduce((sum, p) => sum + cs * Math.max(0, e - 2 * p) ** (10 / 9), 0)
  let [low, high] = [0, lineApproach(loadN, lengthMm) + 2 * Math.max(...profile)]
  for (let step = 0; step < 100; step++) {
    const middle = (low + high) / 2
    if (carried(middle) < loadN) low = middle
    else high = middle
  }
  const approach = (low + high) / 2
  const loads = profile.map((p) => cs * Math.max(0, approach - 2 * p) ** (10 / 9))
  return { peakN: Math.max(...loads), loaded: loads.filter((q) => q > 0).length }
}

function checkedGamma(input: ContactPressureInput, angleDeg: number): number {
  const { bearingType, elementDiameterMm: dw, pitchDiameterMm: dpw } = input
  const thrust = isThrust(bearingType)
  const gamma = angleDeg === 90 ? 0 : (dw * Math.cos((angleDeg * Math.PI) / 180)) / dpw
  const most = thrust ? 0.3 : mostOnPitchCircle(bearingType)
  const fits =
    dw < dpw &&
    gamma <= most &&
    (thrust ? dw / dpw >= 0.01 && dw / dpw <= mostOnPitchCircle(bearingType) : gamma >= 0.01)
  if (!fits) throw refuse('elementDiameterMm', dw, `0.01 to ${mostOnPitchCircle(bearingType)} of the pitch diameter`)
  return gamma
}

export const contactPressureCalculation = calculation(
  'contact.pressure',
  'Pressure and footprint of one rolling element',
  'Hertz; ISO/TS 16281 for the roller’s profile',
  ContactPressureInput,
  contactPressure,
  { prepare: withoutUnused },
)
