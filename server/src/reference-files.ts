import {
  readCatalogue,
  readDamageKnowledge,
  type Catalogue,
  type DamageKnowledge,
  type References,
} from '@yardfrost/core'
import { parse } from 'csv-parse/sync'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'

const require = createRequire(import.meta.url)

function dataFile(name: string): string {
  return readFileSync(require.resolve(`@yardfrost/core/data/${name}`), 'utf8')
}

/** The catalogue of standard sizes as it ships with core. */
export const loadCatalogue = (): Catalogue =>
  readCatalogue({
    sizes: dataFile('dimensions.csv'),
    furtherSizes: dataFile('further-dimensions.csv'),
    inchBalls: dataFile('inch-balls.csv'),
    inchTapered: dataFile('inch-tapered.csv'),
  })

/** The knowledge base of damage as it ships with core. */
export function loadDamageKnowledge(): DamageKnowledge {
  const rows = (name: string): unknown[] => parse(dataFile(name), { columns: true, skip_empty_lines: true })
  return readDamageKnowledge({
    causes: rows('damage-causes.csv'),
    signs: rows('damage-signs.csv'),
    weights: rows('damage-weights.csv'),
  })
}

/** Everything that calculations look things up in. */
export const loadReferences = (): References => ({ catalogue: loadCatalogue(), damage: loadDamageKnowledge() })
