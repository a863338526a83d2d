import { readCatalogue, readDamageKnowledge } from '@yardfrost/core'
import causes from '@yardfrost/core/data/damage-causes.csv?raw'
import signs from '@yardfrost/core/data/damage-signs.csv?raw'
import weights from '@yardfrost/core/data/damage-weights.csv?raw'
import sizes from '@yardfrost/core/data/dimensions.csv?raw'
import { parse } from 'csv-parse/browser/esm/sync'

const rows = (csv: string): unknown[] => parse(csv, { columns: true, skip_empty_lines: true })

/** The catalogue of standard sizes; it comes with the bench, not with the first page. */
export const catalogue = readCatalogue(sizes)

/** The knowledge base of damage. */
export const damage = readDamageKnowledge({ causes: rows(causes), signs: rows(signs), weights: rows(weights) })
