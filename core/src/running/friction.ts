import { refused } from '../records/running-hours.ts'
import { calculation } from '../working/calculation.ts'
import { frictionFacts, frictionFactors, type FrictionFactors } from './friction-factors.ts'
import { FrictionInput } from './friction.schema.ts'

export interface FrictionTorque {
  /** With what the lubrication makes of it. */
  f0: number
  f1: number
  frictionLoadN: number
  /** Ribs included. */
  loadTorqueNmm: number
  ribTorqueNmm: number
  viscousTorqueNmm: number
  sealTorqueNmm: number
  totalTorqueNmm: number
  totalMinNmm: number
  totalMaxNmm: number
  powerW: number
  startingTorqueNmm: number
}

/** What of the viscous part is left, by how the lubricant comes; of grease that has run in. */
export const viscousShare = { grease: 2 / 3, 'oil-bath': 1, 'oil-circulation': 1, 'oil-air': 0.5 } as const
/** Force of a lip times its friction, N/mm of its edge. */
const lip = { none: 0, 'low-friction': 0.001, contact: 0.012, 'shaft-lip': 0.05 } as const
const ribFriction = { grease: 0.003, 'oil-bath': 0.002, 'oil-circulation': 0.002, 'oil-air': 0.002 } as const

/** Y0 by contact angle, straight between. */
const staticAxial = [
  [15, 0.46],
  [20, 0.42],
  [25, 0.38],
  [30, 0.33],
  [35, 0.29],
  [40, 0.26],
  [45, 0.22],
] as const

function axialFactor(angleDeg: number): number {
  const above = staticAxial.findIndex(([at]) => at >= angleDeg)
  const [to, from] = [staticAxial[Math.max(0, above)], staticAxial[Math.max(0, above - 1)]]
  if (!to || !from || to === from) return (to ?? staticAxial[0])[1]
  return from[1] + ((to[1] - from[1]) * (angleDeg - from[0])) / (to[0] - from[0])
}

/** Loads that friction goes by, and the static load its share grows with. */
interface FrictionLoads {
  p0: number
  p1: number
}

type Loaded = Pick<FrictionInput, 'bearingType' | 'contactAngleDeg' | 'ribs' | 'radialN' | 'axialN'>

/** @throws InputError on `bearingType`, `radialN`, `axialN`, `contactAngleDeg` */
function frictionLoads({ bearingType, contactAngleDeg, ribs, radialN, axialN }: Loaded): FrictionLoads {
  const { angle: angles, takes, loads } = frictionFacts(bearingType)
  if (takes === 'axial' && axialN === undefined) throw refused('axialN', undefined, 'given for a thrust bearing', 'MISSING') // prettier-ignore
  if (takes !== 'axial' && radialN === undefined) throw refused('radialN', undefined, 'given', 'MISSING')
  const [fr, fa] = [radialN ?? 0, axialN ?? 0]
  const angle = contactAngleDeg ?? angles?.usual ?? 0
  if (contactAngleDeg !== undefined && angles && (angle < angles.from || angle > angles.to))
    throw refused('contactAngleDeg', angle, `${angles.from} to ${angles.to}° for this type`, 'OUT_OF_RANGE')
  if (takes === 'radial' && fa > 0) throw refused('axialN', fa, '0: this type takes none', 'FIELDS_DISAGREE')
  if (takes === 'by-ribs' && fa > (ribs === 'both-rings' ? 0.5 * fr : 0))
    throw refused('axialN', fa, ribs === 'both-rings' ? `at most half the radial load, ${0.5 * fr} N` : '0 without ribs on both rings', 'FIELDS_DISAGREE') // prettier-ignore
  if (takes === 'axial' && angle === 90 && fr > 0)
    throw refused('radialN', fr, '0 on a thrust bearing of 90°', 'FIELDS_DISAGREE')
  const cot = angle === 90 || angle === 0 ? 0 : 1 / Math.tan((angle * Math.PI) / 180)
  return loads({ radialN: fr, axialN: fa, cot, staticAxial: axialFactor(angle) })
}

/** Share of the load that is friction, at a static load. @throws InputError on `staticRatingN` */
function loadShare({ f1r, exponent }: FrictionFactors, p0: number, staticRatingN: number | undefined): number {
  if (exponent === 0) return f1r
  if (staticRatingN === undefined) throw refused('staticRatingN', undefined, 'given for this type', 'MISSING')
  if (p0 > staticRatingN)
    throw refused('staticRatingN', staticRatingN, `at least the static load, ${p0} N`, 'FIELDS_DISAGREE')
  return p0 === 0 ? 0 : f1r * (p0 / staticRatingN / 0.05) ** exponent
}

/**
 * Torque of the load, its ribs included.
 *
 * @throws InputError as `frictionLoads` and `loadShare` do
 */
export function loadTorque(
  input: Loaded & Pick<FrictionInput, 'lubrication' | 'staticRatingN'>,
  factors: FrictionFactors,
  pitchDiameterMm: number,
): Pick<FrictionTorque, 'f1' | 'frictionLoadN' | 'ribTorqueNmm' | 'loadTorqueNmm'> {
  const { p0, p1 } = frictionLoads(input)
  const f1 = loadShare(factors, p0, input.staticRatingN)
  const ribs = frictionFacts(input.bearingType).takes === 'by-ribs' && input.ribs === 'both-rings'
  const ribTorqueNmm = ribs ? ribFriction[input.lubrication] * (input.axialN ?? 0) * pitchDiameterMm : 0
  return { f1, frictionLoadN: p1, ribTorqueNmm, loadTorqueNmm: f1 * p1 * pitchDiameterMm + ribTorqueNmm }
}

/** Torque of the lubricant, N·mm; without the step of 0.8 % the textbook has at ν·n = 2000. */
export const viscousTorque = (f0: number, viscosityCst: number, speedRpm: number, pitchDiameterMm: number): number =>
  1e-7 * f0 * Math.max(160, (viscosityCst * speedRpm) ** (2 / 3)) * pitchDiameterMm ** 3

/** Heat of a torque at a speed, W. */
export const wattsOf = (torqueNmm: number, speedRpm: number): number => (torqueNmm * speedRpm * Math.PI) / 30_000

/**
 * Friction of a bearing: of its load, its lubricant, its ribs and its seals.
 *
 *     M = f1·P1·dm + 10⁻⁷·f0·max(160, (ν·n)^⅔)·dm³ + ribs + seals
 *
 * @returns N·mm and W; ±30 % for load and lubricant, ±60 % for seals
 * @throws InputError on the field that is refused, see `frictionLoads`, `loadShare`, `frictionFactors`
 * @see Palmgren; ISO 15312 for the factors
 */
export function frictionTorque(input: FrictionInput): FrictionTorque {
  const { bearingType, series, lubrication, churnFactor, pitchDiameterMm: dm, speedRpm, viscosityCst } = input
  const factors = frictionFactors(bearingType, series)
  const { f1, frictionLoadN, ribTorqueNmm, loadTorqueNmm } = loadTorque(input, factors, dm)
  const f0 = factors.f0 * viscousShare[lubrication] * churnFactor
  const viscousTorqueNmm = viscousTorque(f0, viscosityCst, speedRpm, dm)
  const sealTorqueNmm = sealTorque(input)
  const own = loadTorqueNmm + viscousTorqueNmm
  const totalTorqueNmm = own + sealTorqueNmm
  return {
    f0,
    f1,
    frictionLoadN,
    loadTorqueNmm,
    ribTorqueNmm,
    viscousTorqueNmm,
    sealTorqueNmm,
    totalTorqueNmm,
    totalMinNmm: 0.7 * own + 0.4 * sealTorqueNmm,
    totalMaxNmm: 1.3 * own + 1.6 * sealTorqueNmm,
    powerW: wattsOf(totalTorqueNmm, speedRpm),
    startingTorqueNmm:
      frictionFacts(bearingType).startsHarder * loadTorqueNmm + 1e-7 * f0 * 160 * dm ** 3 + 1.5 * sealTorqueNmm,
  }
}

function sealTorque({ seals, sealCount, sealDiameterMm, pitchDiameterMm }: FrictionInput): number {
  if (seals === 'shaft-lip' && sealDiameterMm === undefined)
    throw refused('sealDiameterMm', undefined, 'given for a seal beside the bearing', 'MISSING')
  return sealCount * (Math.PI / 2) * lip[seals] * (sealDiameterMm ?? 0.85 * pitchDiameterMm) ** 2
}

export const frictionTorqueCalculation = calculation(
  'friction.torque',
  'Friction of a bearing, and what makes it',
  'Palmgren; ISO 15312',
  FrictionInput,
  frictionTorque,
)
