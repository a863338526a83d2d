import type { PlainPosition } from '../kinds/plain/position.ts'
import type { Machine } from '../model/machine.ts'
import type { PlainClearancePractice } from '../model/site-practices.ts'
import { practise, type Practice, type Practised } from '../working/practice.ts'
import { bushMaterialOf, type BushLubrication, type BushMaterial } from './bush-materials.ts'
import { clearanceSchools, usualClearance } from './bush.ts'
import { plainClearanceWords } from './words.ts'

/** What a practice of clearance asks. */
interface ClearanceCase {
  journalMm: number
  material: BushMaterial
  lubrication: BushLubrication
}

/** Diametral clearance, cold. */
export interface ColdClearance {
  /** As it is, or as it would be made, mm. */
  coldMm: number
  from: 'measured' | 'strip' | 'maker' | 'practice'
  /** As it is made new, mm: the maker’s, or that of the practice that leads. */
  newMm: number
  practices: Practised<PlainClearancePractice, number>[]
}

const practice = (
  key: PlainClearancePractice,
  formula: string,
  validity: string,
  work: (given: ClearanceCase) => number,
): Practice<PlainClearancePractice, ClearanceCase, number> => ({
  key,
  name: plainClearanceWords[key],
  source: 'Trade practice',
  formula,
  validity,
  work,
})

/** Every way of saying how much clearance a journal gets, mm on the diameter. */
const plainClearances: readonly Practice<PlainClearancePractice, ClearanceCase, number>[] = [
  practice('by-material', 'C = \\max(0.02,\\ a D + b)', 'Each material has its own share; greased bronze not below 0.0015 D.', (given) =>
    usualClearance(given.material, given.journalMm, given.lubrication),
  ),
  practice('per-thousand', 'C = \\max(0.02,\\ 0.001 D)', 'Oiled bronze and white metal at ordinary speed.', ({ journalMm }) =>
    clearanceSchools(journalMm).perThousandMm,
  ),
  practice('per-thousand-plus', 'C = 0.001 D + 0.025', 'Ordinary machines, replaced in maintenance.', ({ journalMm }) =>
    clearanceSchools(journalMm).perThousandPlusMm,
  ),
  practice('fast', 'C = 0.00135 D', 'Fast machines, whose film warms the journal more than the shell.', ({ journalMm }) =>
    clearanceSchools(journalMm).fastMm,
  ),
  practice('greased', 'C = 0.0015 D', 'Grease, which fills more gap than oil.', ({ journalMm }) => clearanceSchools(journalMm).greaseMm),
] // prettier-ignore

/** Clearance of a journal: as measured, else as the strip told at mounting, else the maker’s, else by practice. */
export function clearanceOf(
  { float, mount, oil }: PlainPosition,
  { practices: site }: Machine,
  material: BushMaterial | null,
  journalMm: number,
): ColdClearance {
  const given = {
    journalMm,
    material: material ?? bushMaterialOf('tin-bronze'),
    lubrication: oil.lubrication ?? ('oil-fed' as const),
  }
  const practices = practise(plainClearances, given, site?.plainClearance ?? 'by-material')
  const newMm = float.newMm ?? practices[0]?.outcome.value ?? 0
  const strip = mount.stripMm.length > 0 ? mount.stripMm.reduce((sum, one) => sum + one, 0) / mount.stripMm.length : null
  const measured = float.measuredMm ?? strip
  return {
    coldMm: measured ?? newMm,
    from: float.measuredMm !== null ? 'measured' : strip !== null ? 'strip' : float.newMm !== null ? 'maker' : 'practice',
    newMm,
    practices,
  }
} // prettier-ignore
