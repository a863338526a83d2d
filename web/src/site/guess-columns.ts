/** Columns of a maker's list. */
export const makerColumns = ['number', 'dynamic', 'static', 'speed', 'mass', 'clearanceMin', 'clearanceMax'] as const
export type MakerColumn = (typeof makerColumns)[number]

/** By what each column is known, the more telling first. */
const known: Record<MakerColumn, RegExp[]> = {
  number: [/designation/i, /^number|bearing|type|part/i],
  static: [/^c\s*_?0/i, /stat/i],
  dynamic: [/^c(?!\s*_?0)\b|^c_n$/i, /dyn/i],
  speed: [/limit/i, /speed|r\/?min|rpm/i],
  mass: [/mass|weight|kg|lb\b/i],
  clearanceMin: [/clearance.*(min|from|least)/i, /(min|from|least).*clearance/i],
  clearanceMax: [/clearance.*(max|to\b|most|greatest)/i, /(max|to|most|greatest).*clearance/i],
}

/** Headings of a table of comma, semicolon or tab separated values, as its first line has them. */
export function headingsOf(csv: string): string[] {
  const [head = ''] = csv.replace(/^\uFEFF/, '').split(/\r?\n/, 1)
  const mark = [';', '\t'].find((one) => head.includes(one)) ?? ','
  return head
    .split(mark)
    .map((heading) => heading.trim().replace(/^"|"$/g, '').trim())
    .filter(Boolean)
}

/** Which heading is likely which column; each heading is taken once, and what none is like stays empty. */
export function guessColumns(headings: readonly string[]): Record<MakerColumn, string> {
  const guessed = Object.fromEntries(makerColumns.map((column) => [column, ''])) as Record<MakerColumn, string>
  const free = new Set(headings)
  for (const column of ['number', 'clearanceMin', 'clearanceMax', 'static', 'dynamic', 'speed', 'mass'] as const)
    for (const pattern of known[column]) {
      const found = [...free].find((heading) => pattern.test(heading))
      if (found === undefined || guessed[column]) continue
      guessed[column] = found
      free.delete(found)
    }
  return guessed
}
