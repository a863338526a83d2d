import { z } from 'zod'
import { versioned } from '../model/upgrade/document.ts'
import { positionSteps } from '../model/upgrade/position.ts'
import { PlainPosition } from './plain/position.ts'
import { RollingPosition } from './rolling/position.ts'

/** Inputs of one bearing position, of whichever kind and age. */
export const Position = versioned(positionSteps, z.discriminatedUnion('kind', [RollingPosition, PlainPosition]))
export type Position = z.output<typeof Position>

export type PositionKind = Position['kind']

/** What holds a position, where that position is a rolling bearing. */
export const holdsRolling = <T extends { inputs: Position }>(one: T): one is T & { inputs: RollingPosition } =>
  one.inputs.kind === 'rolling'

/** A rolling position of whichever age, where no other kind can be. */
export const RollingDocument = versioned(positionSteps, RollingPosition)
