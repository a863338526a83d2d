import { parse } from 'csv-parse/sync'
import { readFileSync } from 'node:fs'
import { readCatalogue } from '../src/catalogue/catalogue.ts'
import { readDamageKnowledge } from '../src/diagnose/knowledge.ts'

const file = (name: string) => readFileSync(new URL(`../data/${name}`, import.meta.url), 'utf8')
const rows = (name: string): unknown[] => parse(file(name), { columns: true, skip_empty_lines: true })

export const catalogueTables = {
  sizes: file('dimensions.csv'),
  furtherSizes: file('further-dimensions.csv'),
  inchBalls: file('inch-balls.csv'),
  inchTapered: file('inch-tapered.csv'),
}
/** The catalogue that ships with the program, for tests here and of the pages. */
export const catalogue = readCatalogue(catalogueTables)

/** Catalogue and knowledge of damage, as the calculations take them. */
export const references = {
  catalogue,
  damage: readDamageKnowledge({
    causes: rows('damage-causes.csv'),
    signs: rows('damage-signs.csv'),
    weights: rows('damage-weights.csv'),
  }),
}
