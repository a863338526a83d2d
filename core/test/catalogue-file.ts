import { readFileSync } from 'node:fs'
import { readCatalogue } from '../src/catalogue/catalogue.ts'

/** The catalogue that ships with the program, for the tests. */
export const catalogue = readCatalogue(readFileSync(new URL('../data/dimensions.csv', import.meta.url), 'utf8'))
