import { readCatalogue } from '@yardfrost/core'
import csv from '@yardfrost/core/data/dimensions.csv?raw'

/** The catalogue of standard sizes; it comes with the bench, not with the first page. */
export const catalogue = readCatalogue(csv)
