import { readCatalogue, type Catalogue } from '@yardfrost/core'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'

/** The catalogue of standard sizes as it ships with core. */
export function loadCatalogue(): Catalogue {
  const file = createRequire(import.meta.url).resolve('@yardfrost/core/data/dimensions.csv')
  return readCatalogue(readFileSync(file, 'utf8'))
}
