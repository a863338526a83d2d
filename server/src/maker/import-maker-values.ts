import type { MakerFileQuery, MakerTaken } from '@yardfrost/contract'
import {
  attempt,
  decodeDesignation,
  findBearing,
  InputError,
  parseQuantity,
  type Decoded,
  type MakerValues,
  type References,
} from '@yardfrost/core'
import type pg from 'pg'
import { columnName, readTable } from '../file/read-table.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { storeMakerValues } from '../store/maker-values.ts'
import { askJudging } from '../store/sites.ts'

const mostLines = 50_000
/** A rating this many times off the estimate for its size is in another unit, or of another bearing. */
const mostTimesOff = 2.5

type Values = Omit<MakerValues, 'list'>

/**
 * Takes a maker's list in, or says what it would do. A line that cannot be read, that says one number twice, or whose rating cannot be
 * that of its size, is told with its reason and holds up no other. Saved, every position of the site is judged anew.
 *
 * @throws InputError on `csv` for a file that cannot be read at all, or lacks a column that was named
 */
export async function importMakerValues(
  db: pg.PoolClient,
  references: Pick<References, 'catalogue'>,
  who: Who,
  { csv, save, list, ...file }: MakerFileQuery & { csv: string },
): Promise<MakerTaken> {
  const { number: numbers, dynamic, static: fixed, speed, mass, clearanceMin, clearanceMax, force, weight, gap } = file
  const columns = { number: numbers, dynamic, static: fixed, speed, mass, clearanceMin, clearanceMax }
  const named = Object.values(columns).filter(Boolean).map(columnName)
  const rows = readTable(csv, { columns: null, needed: named, most: mostLines, pattern: 'list' })
  const units = { force, mass: weight, gap }
  const lines: MakerTaken['lines'] = []
  const values = new Map<string, Values>()
  for (const { cells, line } of rows) {
    const cell = (column: keyof typeof columns) => (columns[column] ? (cells[columnName(columns[column])] ?? '') : '')
    const number = cell('number')
    const { value: read, refusal } = attempt(() => {
      const found = valuesOf(number, cell, units, references)
      if (values.has(found.number)) throw disagrees('number', number, 'a number that stands in the file once')
      return found
    })
    lines.push({ line, number, outcome: read ? 'new' : 'refused', message: refusal ? `${refusal.message}. ${refusal.fix}` : null }) // prettier-ignore
    if (read) values.set(read.number, read)
  }
  if (save && values.size > 0) {
    await storeMakerValues(db, who.siteId, list, [...values.values()])
    await askJudging(db, who.siteId)
    await recordEvent(db, who, {
      kind: 'maker.imported',
      subjectId: who.siteId,
      detail: { list, numbers: values.size },
    })
  }
  return { saved: save, taken: values.size, lines }
}

const disagrees = (field: string, value: string, allowed: string, fix = 'Look at that line of the list.') =>
  new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix })

/** Both ends of a clearance, in their order, of a type that has one in its box. @throws InputError on `clearance` */
function checkClearance({ clearanceMinUm: from, clearanceMaxUm: to }: Values, { clearanceClass, size }: Decoded): void {
  if (from === null && to === null) return
  const said = `${from ?? 'nothing'} to ${to ?? 'nothing'} µm`
  if (clearanceClass === null) throw disagrees('clearance', said, `empty: a ${size} gets its clearance when it is mounted`) // prettier-ignore
  if (from === null || to === null || from >= to) throw disagrees('clearance', said, 'a least and a greater one')
}

/** One line. @throws InputError on the field that is wrong */
function valuesOf(
  number: string,
  cell: (column: 'dynamic' | 'static' | 'speed' | 'mass' | 'clearanceMin' | 'clearanceMax') => string,
  units: { force: string; mass: string; gap: string },
  references: Pick<References, 'catalogue'>,
): Values {
  const decoded = decodeDesignation(number, references.catalogue)
  if (decoded.unknown.length > 0)
    throw disagrees('number', number, `a number whose suffixes are read; ${decoded.unknown.join(' ')} is not`, 'Leave that part out where it does not change the values.') // prettier-ignore
  const amount = (field: string, text: string, quantity: 'force' | 'mass' | 'speed' | 'deviation', unit: string) => {
    if (text.trim() === '') return null
    const value = parseQuantity(`${text} ${unit}`.trim(), quantity, 'metric', field)
    if (value !== null && value > 0) return value
    throw new InputError({ code: 'OUT_OF_RANGE', field, value: text, allowed: 'a number above 0', fix: 'Look at that line of the list.' }) // prettier-ignore
  }
  // The least clearance may be nothing.
  const gap = (field: string, text: string) =>
    Number(text.replace(',', '.')) === 0 && text.trim() ? 0 : amount(field, text, 'deviation', units.gap)
  const read: Values = {
    number: decoded.normal,
    dynamicN: amount('C', cell('dynamic'), 'force', units.force),
    staticN: amount('C0', cell('static'), 'force', units.force),
    limitingRpm: amount('speed', cell('speed'), 'speed', ''),
    massKg: amount('mass', cell('mass'), 'mass', units.mass),
    clearanceMinUm: gap('clearance from', cell('clearanceMin')),
    clearanceMaxUm: gap('clearance to', cell('clearanceMax')),
  }
  checkClearance(read, decoded)
  if (Object.values(read).filter((one) => one !== null).length < 2)
    throw new InputError({ code: 'MISSING', field: 'C', value: undefined, allowed: 'at least one value of its number', fix: 'Leave the line out.' }) // prettier-ignore
  const bearing = findBearing(decoded.normal, references.catalogue)
  const estimated = bearing && { C: bearing.interior.dynamicRatingN, C0: bearing.interior.staticRatingN }
  for (const [field, value] of [['C', read.dynamicN], ['C0', read.staticN]] as const) {
    const times = value !== null && estimated ? value / estimated[field] : 1
    if (times > mostTimesOff || times < 1 / mostTimesOff)
      throw disagrees(field, cell(field === 'C' ? 'dynamic' : 'static'), `near ${Math.round((estimated?.[field] ?? 0) / 100) / 10} kN, as a ${decoded.size} can have`, 'Look whether the unit is right, and whether it is that bearing.') // prettier-ignore
  } // prettier-ignore
  return read
}
