import type { BearingType } from '@yardfrost/core'
import { sphericalRoller, toroidalRoller } from './barrels.ts'
import { cylindricalRoller, needleRoller } from './cylindrical.ts'
import type { Drawer } from './frame.ts'
import { angularContact, deepGroove, fourPoint } from './grooved.ts'
import { insert } from './insert.ts'
import { selfAligning } from './self-aligning.ts'
import { tapered } from './tapered.ts'
import { thrustRoller } from './thrust-roller.ts'
import { thrust } from './thrust.ts'

/** How each type is drawn. */
export const drawers: Record<BearingType, Drawer> = {
  'deep-groove-ball': deepGroove,
  'angular-contact-ball': angularContact,
  'four-point-ball': fourPoint,
  'self-aligning-ball': selfAligning,
  'insert-ball': insert,
  'cylindrical-roller': cylindricalRoller,
  'needle-roller': needleRoller,
  'tapered-roller': tapered,
  'spherical-roller': sphericalRoller,
  'toroidal-roller': toroidalRoller,
  'thrust-ball': thrust,
  'thrust-roller': thrustRoller,
}
