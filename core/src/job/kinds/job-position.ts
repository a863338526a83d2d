import type { Position, PositionKind } from '../../kinds/position.ts'
import type { Machine } from '../../model/machine.ts'

/** A position that is worked on, of a kind; a rolling bearing where nobody says. */
export interface JobPosition<K extends PositionKind = 'rolling'> {
  id: string
  name: string
  inputs: Extract<Position, { kind: K }>
  machine: Machine
}
