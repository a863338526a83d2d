import { z } from 'zod'

export const bearingTypes = [
  'deep-groove-ball',
  'angular-contact-ball',
  'four-point-ball',
  'self-aligning-ball',
  'insert-ball',
  'cylindrical-roller',
  'needle-roller',
  'tapered-roller',
  'spherical-roller',
  'toroidal-roller',
  'thrust-ball',
] as const
export const BearingType = z.enum(bearingTypes).meta({ description: 'Bearing type' })
export type BearingType = z.infer<typeof BearingType>

export const clearanceClasses = ['C1', 'C2', 'CN', 'C3', 'C4', 'C5'] as const
export const ClearanceClass = z.enum(clearanceClasses).meta({ description: 'Class of radial internal clearance' })
export type ClearanceClass = z.infer<typeof ClearanceClass>

export const closures = ['open', 'shield', 'contact-seal', 'low-friction-seal'] as const
export const Closure = z.enum(closures).meta({ description: 'Closure of the bearing' })
export type Closure = z.infer<typeof Closure>

/** Ball types have point contact and life exponent 3; all others roll on lines. */
export const isBall = (type: BearingType): boolean => type.endsWith('-ball')

/** Exponent p of the basic rating life, ISO 281. */
export const lifeExponent = (type: BearingType): number => (isBall(type) ? 3 : 10 / 3)

/** Types whose clearance is made when they are mounted, not in the factory. */
export const isAdjustedAtMounting = (type: BearingType): boolean =>
  type === 'tapered-roller' || type === 'angular-contact-ball' || type === 'four-point-ball'

/** What a fitter calls the type. */
export const bearingTypeNames: Record<BearingType, string> = {
  'deep-groove-ball': 'deep groove ball',
  'angular-contact-ball': 'angular contact ball',
  'four-point-ball': 'four-point contact ball',
  'self-aligning-ball': 'self-aligning ball',
  'insert-ball': 'insert ball',
  'cylindrical-roller': 'cylindrical roller',
  'needle-roller': 'needle roller',
  'tapered-roller': 'tapered roller',
  'spherical-roller': 'spherical roller',
  'toroidal-roller': 'toroidal roller',
  'thrust-ball': 'thrust ball',
}
