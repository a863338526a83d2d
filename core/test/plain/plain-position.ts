import {
  assess,
  Position,
  type Machine,
  type PlainAssessment,
  type PlainGroups,
  type PlainPosition,
} from '../../src/index.ts'
import { references } from '../references.ts'

export type PlainChanges = { [G in keyof PlainGroups]?: Partial<PlainGroups[G]> }

/** A big motor on white metal shells with a loose ring, all of it in order. */
const motor: PlainChanges = {
  bearing: { form: 'split', material: 'white-metal', journalMm: 90, lengthMm: 80, groove: 'axial', feedDeg: 90 },
  load: { radialN: 7000, axialN: 0, speedRpm: 980 },
  oil: { lubrication: 'oil-fed', supply: 'ring', nu40Cst: 68, roomC: 25, ringTurns: 'turns' },
}
/** A greased bronze bush on a slow pin. */
const pivot: PlainChanges = {
  bearing: { form: 'solid', material: 'tin-bronze', journalMm: 60, lengthMm: 60 },
  load: { radialN: 6000, axialN: 0, speedRpm: 40 },
  oil: { lubrication: 'grease', roomC: 20 },
}

const made = (base: PlainChanges, changes: PlainChanges): PlainPosition => {
  const groups = [...new Set([...Object.keys(base), ...Object.keys(changes)])] as (keyof PlainChanges)[]
  return Position.parse({
    kind: 'plain',
    ...Object.fromEntries(groups.map((group) => [group, { ...base[group], ...changes[group] }])),
  }) as PlainPosition
}
export const motorWith = (changes: PlainChanges = {}): PlainPosition => made(motor, changes)
export const pivotWith = (changes: PlainChanges = {}): PlainPosition => made(pivot, changes)

export const running: Machine = { kind: 'motor', duty: 'round-the-clock' }
export const judge = (position: PlainPosition, machine: Machine = running): PlainAssessment =>
  assess(position, machine, references.catalogue)
