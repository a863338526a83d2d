import type { Practice } from '../../working/practice.ts'
import type { GrowthInput } from '../growth.schema.ts'
import { expansionOf } from './expansion.ts'

/** As if the shaft had been fitted at 0 °F: the running temperature whole, and not its rise. */
export const wholeTemperature: Practice<'whole-temperature', GrowthInput, number> = {
  key: 'whole-temperature',
  name: 'whole temperature',
  source: 'Trade practice',
  formula: 's = \\alpha_F\\,L\\,t_F',
  validity: 'Leaves more room than the shaft takes; it asks for no temperature at assembly.',
  work: ({ spanMm, material, runningC }) => expansionOf(material).perF * spanMm * Math.max(1.8 * runningC + 32, 0),
}
