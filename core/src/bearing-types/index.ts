import { bearingTypes, pairedTypes, type BearingType, type Closure, type PairedType } from './bearing-type.ts'
import type { BearingTypeFacts } from './facts.ts'
import { angularContactBall } from './angular-contact-ball.ts'
import { cylindricalRoller } from './cylindrical-roller.ts'
import { deepGrooveBall } from './deep-groove-ball.ts'
import { fourPointBall } from './four-point-ball.ts'
import { insertBall } from './insert-ball.ts'
import { needleRoller } from './needle-roller.ts'
import { selfAligningBall } from './self-aligning-ball.ts'
import { sphericalRoller } from './spherical-roller.ts'
import { taperedRoller } from './tapered-roller.ts'
import { thrustBall } from './thrust-ball.ts'
import { thrustRoller } from './thrust-roller.ts'
import { toroidalRoller } from './toroidal-roller.ts'

export {
  BearingType,
  bearingTypes,
  ClearanceClass,
  clearanceClasses,
  Closure,
  closures,
  pairedTypes,
  type PairedType,
} from './bearing-type.ts'
export type { BearingTypeFacts, SuffixFamily, TypeAbilities } from './facts.ts'
export type { Factors } from './load-factors.ts'

const facts: Record<BearingType, BearingTypeFacts> = {
  'deep-groove-ball': deepGrooveBall,
  'angular-contact-ball': angularContactBall,
  'four-point-ball': fourPointBall,
  'self-aligning-ball': selfAligningBall,
  'insert-ball': insertBall,
  'cylindrical-roller': cylindricalRoller,
  'needle-roller': needleRoller,
  'tapered-roller': taperedRoller,
  'spherical-roller': sphericalRoller,
  'toroidal-roller': toroidalRoller,
  'thrust-ball': thrustBall,
  'thrust-roller': thrustRoller,
}

/** All that is special about a type. */
export const factsOf = (type: BearingType): BearingTypeFacts => facts[type]

/** Ball types have point contact; all others roll on lines. */
export const isBall = (type: BearingType): boolean => facts[type].rolls === 'ball'

/** Washers: ratings are axial, and a radial load has nothing to rest on. */
export const isThrust = (type: BearingType): boolean => facts[type].carries === 'axial'

/** Rings that live by their fit: washers are only centred, inserts slide and are locked. */
export const isPressedOn = (type: BearingType): boolean => facts[type].seating === 'fitted'

/** Exponent p of the basic rating life, ISO 281. */
export const lifeExponent = (type: BearingType): number => (isBall(type) ? 3 : 10 / 3)

/** Types whose single rows are set against each other. */
export const isPaired = (type: BearingType): type is PairedType => pairedTypes.some((one) => one === type)

/** Made without an inner ring: the shaft is the raceway. */
export const hasNoInnerRing = ({ type, series }: { type: BearingType; series: string }): boolean =>
  facts[type].innerRing(series) === 'none'

/** What a fitter calls the types. */
export const bearingTypeNames = Object.fromEntries(bearingTypes.map((type) => [type, facts[type].name])) as Record<
  BearingType,
  string
>

/** Limit of pitch diameter times speed, mm/min, by lubrication, closure and cage. Guidance; a maker’s limit overrides it. */
export function speedLimit(
  type: BearingType,
  lubrication: 'grease' | 'oil-bath',
  {
    closure = 'open',
    fullComplement = false,
  }: { closure?: Closure | undefined; fullComplement?: boolean | undefined } = {},
): number {
  const ofType = facts[type].speedLimit[lubrication] * (fullComplement ? withoutCage.speed : 1)
  return closure === 'contact-seal' ? Math.min(ofType, rubbingLimit) : ofType
}

/** Rollers that rub on one another: the share of speed they stand, and how much sooner they use up their grease. Guidance. */
export const withoutCage = { speed: 0.5, grease: 2.5 } as const
/** Rubbing seals stand no more, mm/min; those of needle and insert bearings are slower already. */
const rubbingLimit = 300_000
