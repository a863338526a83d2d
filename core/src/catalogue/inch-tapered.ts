import { bearingTypes, factsOf } from '../bearing-types/index.ts'
import { InputError } from '../errors/input-error.ts'
import { linesUnder } from '../tables/csv-lines.ts'
import type { Catalogue } from './catalogue.ts'
import { catalogueRow, type CatalogueRow } from './catalogue-row.ts'
import type { Decoded } from './decode-designation.ts'

/** Cone and cup of an inch tapered roller bearing, each with a number of its own. */
export interface ConeAndCup {
  cone: string
  cup: string
  /** Typical of the cup, estimated; no number says it. */
  contactAngleDeg: number
}

/** Series name that all inch tapered sizes share in the tables of estimates. */
const inchSeries = 'inch'

const columns = ['cone', 'cup', 'boreMm', 'odMm', 'coneWidthMm', 'cupWidthMm', 'assemblyWidthMm', 'contactAngleDeg'] as const // prettier-ignore

/**
 * Reads inch tapered sets from their CSV text: one cone in one cup a line, all five dimensions known.
 *
 * @throws Error when a line does not fit: the file ships with the program, so that is a bug, not an input
 * @see ANSI/ABMA 19.2
 */
export function readInchTapered(csv: string): CatalogueRow[] {
  const type = bearingTypes.find((one) => factsOf(one).inchSystem)
  if (!type) throw new Error('no type of bearing is made to inch sizes')
  return linesUnder(columns, csv, 'inch tapered').map((line, index) => {
    const [cone = '', cup = '', ...numbers] = line.split(',')
    const [boreMm, odMm, widthMm, outerWidthMm, assemblyWidthMm, contactAngleDeg] = numbers.map(Number)
    if (!cone || !cup || !boreMm || !odMm || !widthMm || !outerWidthMm || !assemblyWidthMm || !contactAngleDeg)
      throw new Error(`inch tapered line ${index + 2} does not fit: ${line}`)
    return catalogueRow({
      designation: `${cone}/${cup}`,
      type,
      series: inchSeries,
      boreMm,
      odMm,
      widthMm,
      assemblyWidthMm,
      outerWidthMm,
      inch: { cone, cup, contactAngleDeg },
    })
  })
}

const separators = /[\s\-./,_+]+/
/** What people write beside the two numbers. */
const besides = ['CONE', 'CUP', 'SET']

/**
 * An inch tapered bearing by the numbers of its cone and cup, cone first; the cup may be shortened to the digits that differ.
 *
 * @param text - upper case
 * @returns null where the text is no such pair
 * @example readConeAndCup('LM11949/10', catalogue)?.normal // 'LM11949/LM11910'
 */
export function readConeAndCup(text: string, catalogue: Catalogue): Decoded | null {
  const [first = '', second = '', ...unknown] = text
    .split(separators)
    .filter((part) => part !== '' && !besides.includes(part))
  const sets = catalogue.inchSets.get(first) ?? catalogue.inchSets.get(second) ?? []
  const row = sets.find(({ inch }) => inch && isPair(inch, first, second))
  return row ? described(row, unknown) : null
}

function isPair({ cone, cup }: ConeAndCup, first: string, second: string): boolean {
  if (second === '') return false
  const whole = /^\d+$/.test(second) ? first.slice(0, first.length - second.length) + second : second
  return (first === cone && (second === cup || whole === cup)) || (first === cup && second === cone)
}

/**
 * Says which sets there are where only a cone or only a cup was named.
 *
 * @returns null where it is neither
 */
export function halfNamed(text: string, catalogue: Catalogue): InputError | null {
  const part = text.replace(/[\s-]/g, '')
  const sets = catalogue.inchSets.get(part) ?? []
  if (sets.length === 0) return null
  const isCone = sets.some(({ inch }) => inch?.cone === part)
  return new InputError({
    code: 'UNREADABLE',
    field: 'designation',
    value: text,
    allowed: `${isCone ? 'a cone with its cup' : 'a cup with its cone'}: ${sets.map(({ designation }) => designation).join(', ')}`,
    fix: `Read the number on the ${isCone ? 'outer' : 'inner'} ring too; each ring of an inch tapered bearing has its own.`,
  })
}

const described = (row: CatalogueRow, unknown: string[]): Decoded => ({
  bearingType: row.type,
  series: row.series,
  boreMm: row.boreMm,
  odMm: row.odMm,
  widthMm: row.widthMm,
  assemblyWidthMm: row.assemblyWidthMm,
  clearanceClass: null,
  closure: 'open',
  closedSides: 0,
  boreShape: 'cylindrical',
  features: ['inch-size'],
  unknown,
  assumed: [],
  normal: row.designation,
  size: row.designation,
  contactAngleDeg: null,
})
