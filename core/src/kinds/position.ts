import { z } from 'zod'
import { versioned } from '../model/upgrade/document.ts'
import { positionSteps } from '../model/upgrade/position.ts'
import { plainElsewhere, PlainPosition } from './plain/position.ts'
import { rollingElsewhere, RollingPosition } from './rolling/position.ts'

/** Inputs of one bearing position, of whichever kind and age. */
export const Position = versioned(positionSteps, z.discriminatedUnion('kind', [RollingPosition, PlainPosition]))
export type Position = z.output<typeof Position>

export type PositionKind = Position['kind']

/** What holds a position, where that position is a rolling bearing. */
export const holdsRolling = <T extends { inputs: Position }>(one: T): one is T & { inputs: RollingPosition } =>
  one.inputs.kind === 'rolling'

/** What holds of a like position on another machine too: not what was measured and seen on this one. */
export const forAnotherMachine = (position: Position): Position =>
  position.kind === 'plain' ? plainElsewhere(position) : rollingElsewhere(position)

/** What holds a position, where that position is a plain bearing. */
export const holdsPlain = <T extends { inputs: Position }>(one: T): one is T & { inputs: PlainPosition } =>
  one.inputs.kind === 'plain'

/** A plain position of whichever age, where no other kind can be. */
export const PlainDocument = versioned(positionSteps, PlainPosition)

/** A rolling position of whichever age, where no other kind can be. */
export const RollingDocument = versioned(positionSteps, RollingPosition)
