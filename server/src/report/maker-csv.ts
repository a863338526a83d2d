import type { MakerValues } from '@yardfrost/core'
import { stringify } from 'csv-stringify/sync'

/** What makers' lists say as CSV: N, r/min, kg, µm; the same columns are taken in again. */
export const makerCsv = (values: readonly MakerValues[]): string =>
  stringify(
    values.map(({ number, list, dynamicN, staticN, limitingRpm, massKg, clearanceMinUm, clearanceMaxUm }) => ({ number, list, c_n: dynamicN, c0_n: staticN, limiting_rpm: limitingRpm, mass_kg: massKg, clearance_min_um: clearanceMinUm, clearance_max_um: clearanceMaxUm })),
    { header: true, escape_formulas: true, columns: ['number', 'c_n', 'c0_n', 'limiting_rpm', 'mass_kg', 'clearance_min_um', 'clearance_max_um', 'list'] },
  ) // prettier-ignore
