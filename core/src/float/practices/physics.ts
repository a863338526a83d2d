import type { Practice } from '../../working/practice.ts'
import type { GrowthInput } from '../growth.schema.ts'
import { expansionOf } from './expansion.ts'

/** Room beyond the computed growth, mm: ten thou. */
export const growthMarginMm = 0.25

/** Room on the side a floating ring does not move toward, mm: enough for a gasket and a cold morning. */
export const otherSideMm = 0.5

/** Growth over the rise of temperature; negative when it runs colder than it was assembled, mm. */
export const growthOverRise = ({ spanMm, material, assemblyC, runningC }: GrowthInput): number =>
  expansionOf(material).perF * 1.8 * spanMm * (runningC - assemblyC)

/** Linear expansion and a margin: the default. */
export const physics: Practice<'physics', GrowthInput, number> = {
  key: 'physics',
  name: 'physics and a margin',
  source: 'Linear expansion',
  formula: 's = |\\alpha\\,L\\,(t_{hot} - t_{assembly})| + 0.25',
  validity: 'The hottest the shaft will ever be in service, not on the test stand.',
  work: (input) => Math.abs(growthOverRise(input)) + growthMarginMm,
}
