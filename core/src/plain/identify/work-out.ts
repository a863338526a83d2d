import { bushMaterialOf, type BushMaterial } from '../bush-materials.ts'
import type { PlainForm, PlainMaterial } from '../../kinds/plain/choices.ts'
import type { PlainPosition } from '../../kinds/plain/position.ts'
import type { Missing } from '../../working/figure.ts'
import { materialByLook, type LookedAt } from './material-by-look.ts'

/** Sizes of the bearing, mm. */
export interface SleeveSizes {
  journalMm: number
  lengthMm: number
  wallMm: number
  /** The wall is that of practice, not measured. */
  usualWall: boolean
  odMm: number
  /** Length over journal. */
  ratio: number
}

export interface IdentifyOutcome {
  material: BushMaterial | null
  name: PlainMaterial | null
  /** Nobody says the material: the form has only this one. */
  implied: boolean
  /** Material that the form says, where another is entered. */
  formSays: PlainMaterial | null
  sizes: SleeveSizes | null
  /** By its looks, likeliest first. */
  looked: LookedAt[]
  missing: Missing[]
}

/** Forms that are made of one material only. */
const made: Partial<Record<PlainForm, PlainMaterial>> = { sintered: 'sintered-bronze', lined: 'ptfe-lined' }
/** Wall of a bush whose material nobody has said: that of bronze. */
const usual: PlainMaterial = 'tin-bronze'

/** What lies in the housing: its material and its sizes. */
export function workOutIdentify({ bearing }: PlainPosition): IdentifyOutcome {
  const byForm = made[bearing.form] ?? null
  const name = bearing.material ?? byForm
  const { journalMm, lengthMm } = bearing
  const usualMm = journalMm === null ? null : bushMaterialOf(name ?? usual).wallMm(journalMm)
  const wallMm = bearing.wallMm ?? usualMm
  const sizes =
    journalMm === null || lengthMm === null || wallMm === null
      ? null
      : {
          journalMm,
          lengthMm,
          wallMm,
          usualWall: bearing.wallMm === null,
          odMm: journalMm + 2 * wallMm,
          ratio: lengthMm / journalMm,
        }
  return {
    material: name && bushMaterialOf(name),
    name,
    implied: bearing.material === null && byForm !== null,
    formSays: bearing.material !== null && byForm !== null && byForm !== bearing.material ? byForm : null,
    sizes,
    looked: materialByLook(bearing.looks),
    missing: [
      ...(journalMm === null ? [{ field: 'bearing.journalMm', label: 'the journal diameter' }] : []),
      ...(lengthMm === null ? [{ field: 'bearing.lengthMm', label: 'the length' }] : []),
      ...(name === null ? [{ field: 'bearing.material', label: 'the material' }] : []),
    ],
  }
}
