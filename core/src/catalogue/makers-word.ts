import type { Machine } from '../model/machine.ts'
import type { MakerValues } from '../model/maker-values.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Decoded } from './decode-designation.ts'
import type { BearingLookup } from './resolve-bearing.ts'

/** What a maker's list says of the very bearing that lies here; null where no list has it. */
export const makersWord = ({ bearing }: RollingPosition, { maker }: Pick<Machine, 'maker'>): MakerValues | null =>
  maker?.designation === bearing.designation ? maker.values : null

/**
 * Radial clearance that a list gives this very bearing, unmounted, µm.
 *
 * A list that has the number without its class, or with another bore, speaks of another clearance.
 *
 * @returns null where it says none
 */
export function makersClearance(word: MakerValues | null, decoded: Decoded): { minUm: number; maxUm: number } | null {
  if (word?.clearanceMinUm == null || word.clearanceMaxUm == null) return null
  const [base, ...suffixes] = word.number.split('-')
  const listed = suffixes.find((one) => /^C[1-5]$/.test(one)) ?? 'CN'
  const same = base === decoded.normal.split('-')[0] && listed === decoded.clearanceClass
  return same ? { minUm: word.clearanceMinUm, maxUm: word.clearanceMaxUm } : null
}

/** A bearing with the mass that its maker gives it, in place of the estimate. */
export function weighed(lookup: BearingLookup, word: MakerValues | null): BearingLookup {
  if (lookup.kind !== 'found' || word?.massKg == null) return lookup
  const { bearing } = lookup
  return { kind: 'found', bearing: { ...bearing, interior: { ...bearing.interior, massKg: word.massKg } } }
}
