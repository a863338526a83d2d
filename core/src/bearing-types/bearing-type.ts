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
  'thrust-roller',
] as const
export const BearingType = z.enum(bearingTypes).meta({ description: 'Bearing type' })
export type BearingType = z.infer<typeof BearingType>

/** Types whose single rows are set against each other; their facts say `pairs`. */
export const pairedTypes = ['angular-contact-ball', 'tapered-roller'] as const satisfies readonly BearingType[]
export type PairedType = (typeof pairedTypes)[number]

export const clearanceClasses = ['C1', 'C2', 'CN', 'C3', 'C4', 'C5'] as const
export const ClearanceClass = z.enum(clearanceClasses).meta({ description: 'Class of radial internal clearance' })
export type ClearanceClass = z.infer<typeof ClearanceClass>

export const closures = ['open', 'shield', 'contact-seal', 'low-friction-seal'] as const
export const Closure = z.enum(closures).meta({ description: 'Closure of the bearing' })
export type Closure = z.infer<typeof Closure>
