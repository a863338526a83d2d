import type { Machine } from '../model/machine.ts'
import type { MakerValues } from '../model/maker-values.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { BearingLookup } from './resolve-bearing.ts'

/** What a maker's list says of the very bearing that lies here; null where no list has it. */
export const makersWord = ({ bearing }: RollingPosition, { maker }: Pick<Machine, 'maker'>): MakerValues | null =>
  maker?.designation === bearing.designation ? maker.values : null

/** A bearing with the mass that its maker gives it, in place of the estimate. */
export function weighed(lookup: BearingLookup, word: MakerValues | null): BearingLookup {
  if (lookup.kind !== 'found' || word?.massKg == null) return lookup
  const { bearing } = lookup
  return { kind: 'found', bearing: { ...bearing, interior: { ...bearing.interior, massKg: word.massKg } } }
}
