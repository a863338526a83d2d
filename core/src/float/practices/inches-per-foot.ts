import type { Practice } from '../../working/practice.ts'
import type { GrowthInput } from '../growth.schema.ts'
import { expansionOf } from './expansion.ts'

/** A share of the length, whatever the temperature: L/1200 of carbon steel, L/800 of stainless. */
export const inchesPerFoot: Practice<'inches-per-foot', GrowthInput, number> = {
  key: 'inches-per-foot',
  name: 'inches per foot',
  source: 'Trade practice',
  formula: 's = L / 1200 \\;\\text{or}\\; L / 800',
  validity: 'No temperature in it: too little for hot shafts, too much for cold ones.',
  work: ({ spanMm, material }) => spanMm * expansionOf(material).perLength,
}
