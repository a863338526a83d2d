import { createCalculations } from '../../src/calculations.ts'
import type { AssessedPosition } from '../../src/assess-position.ts'
import { lookUpBearing, type Duty, type MachineKind } from '../../src/index.ts'
import type { Changes } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

const ask = createCalculations(references).get('position.assess')

/** What the program says of a position, asked as a plant's own programs ask. */
export function askAbout(inputs: Changes, kind: MachineKind = 'other', duty: Duty = 'one-shift'): AssessedPosition {
  return ask?.run({ inputs, machine: { kind, duty } }) as AssessedPosition
}

/** Basic dynamic load rating of a bearing in the tables, N. */
export function dynamicRatingOf(designation: string): number {
  const found = lookUpBearing(designation, catalogue)
  if (found.kind !== 'found') throw new Error(`${designation} is not in the tables`)
  return found.bearing.interior.dynamicRatingN
}
