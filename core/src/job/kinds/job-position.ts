import type { RollingPosition } from '../../kinds/rolling/position.ts'
import type { Machine } from '../../model/machine.ts'

/** A position whose bearing is changed. */
export interface JobPosition {
  id: string
  name: string
  inputs: RollingPosition
  machine: Machine
}
