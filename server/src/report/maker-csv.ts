import type { MakerValues } from '@yardfrost/core'
import { stringify } from 'csv-stringify/sync'

/** What makers' lists say as CSV: N, r/min, kg; the same columns are taken in again. */
export const makerCsv = (values: readonly MakerValues[]): string =>
  stringify(
    values.map(({ dynamicN, staticN, limitingRpm, massKg, ...rest }) => ({ ...rest, c_n: dynamicN, c0_n: staticN, limiting_rpm: limitingRpm, mass_kg: massKg })),
    { header: true, escape_formulas: true, columns: ['number', 'c_n', 'c0_n', 'limiting_rpm', 'mass_kg', 'list'] },
  ) // prettier-ignore
