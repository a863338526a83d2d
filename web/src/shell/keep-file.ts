import { stringify } from 'csv-stringify/browser/esm/sync'

/** Hands a file to the browser to keep. */
export function keepFile(name: string, type: string, content: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([content], { type }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Rows as a CSV file, the names of their fields on its first line. */
export const keepTable = (name: string, rows: readonly object[]): void =>
  keepFile(`${name}.csv`, 'text/csv', stringify([...rows], { header: true }))
