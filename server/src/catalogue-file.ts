import { readCatalogue, type Catalogue } from '@yardfrost/core'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

/** The catalogue of standard sizes as it ships with core. */
export function loadCatalogue(): Catalogue {
  const file = fileURLToPath(import.meta.resolve('@yardfrost/core/data/dimensions.csv'))
  return readCatalogue(readFileSync(file, 'utf8'))
}
