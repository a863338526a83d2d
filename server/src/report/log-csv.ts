import { stringify } from 'csv-stringify/sync'

/** Bearings as CSV, a line each; the same columns are taken in again. */
export const logCsv = (rows: readonly Record<string, string | number | null>[]): string =>
  stringify(
    rows.map(({ hours, ...row }) => ({ ...row, hours: typeof hours === 'number' ? Math.round(hours * 10) / 10 : '' })),
    { header: true, escape_formulas: true, columns: ['area', 'machine', 'position', 'bearing', 'batch', 'fitted_on', 'out_on', 'hours', 'ended', 'cause', 'note', 'source'] },
  ) // prettier-ignore
