/**
 * Lines under the header of a table that ships with the program: plain commas, no quoting.
 *
 * @throws Error when the header is another: that is a bug, not an input
 */
export function linesUnder(columns: readonly string[], csv: string, table: string): string[] {
  const [header, ...lines] = csv.trim().split(/\r?\n/)
  if (header !== columns.join(',')) throw new Error(`${table} header is "${header ?? ''}"`)
  return lines
}
