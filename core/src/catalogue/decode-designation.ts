import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { factsOf, hasNoInnerRing, type BearingType, type ClearanceClass, type Closure } from '../bearing-types/index.ts'
import { closedRow, type Catalogue, type CatalogueRow, type Series } from './catalogue.ts'
import { inchBallSeries } from './inch-balls.ts'
import { halfNamed, readConeAndCup } from './inch-tapered.ts'
import { spellSuffix, type Suffix, type SuffixGroup } from './designation-suffixes.ts'
import type { BoreShape } from './initial-clearance.ts'

export const DecodeInput = z.strictObject({
  designation: z.string().max(200).meta({ description: 'Number on the ring or on the box' }),
})

export type AssumedField = 'clearanceClass' | 'closure' | 'boreShape'

/** What a designation says, and what stands only because no suffix says otherwise. */
export interface Decoded {
  bearingType: BearingType
  series: string
  boreMm: number
  /** Sizes are null where the number is right by the rule but the size is not in the tables. */
  odMm: number | null
  widthMm: number | null
  assemblyWidthMm: number | null
  clearanceClass: ClearanceClass | null
  closure: Closure
  closedSides: 0 | 1 | 2
  boreShape: BoreShape
  features: string[]
  /** Parts that are not read; with any of these an assumed field is not confirmed. */
  unknown: string[]
  assumed: AssumedField[]
  /** The number in one spelling; two writings of one bearing give the same. */
  normal: string
  /** Base number in the catalogue's spelling, without suffixes and inch bore. */
  size: string
  /** Contact angle where a suffix states it. */
  contactAngleDeg: number | null
}

/** Whether a roller bearing has ribs that take axial load, one way or both. */
export const hasRibs = ({ features }: Pick<Decoded, 'features'>): boolean =>
  features.includes('axial-one-direction') || features.includes('axial-both-directions')

/** Rolling elements beside one another, without a cage. */
export const hasNoCage = ({ features }: Pick<Decoded, 'features'>): boolean => features.includes('full-complement')

/** What a tapered bore runs by, 1 in 12 or 1 in 30; null for a cylindrical one. */
export const taperOf = ({ boreShape, features }: Pick<Decoded, 'boreShape' | 'features'>): 12 | 30 | null =>
  boreShape !== 'tapered' ? null : features.includes('taper-1:30') ? 30 : 12

/**
 * Reads a bearing designation: base number, suffixes, and what is assumed.
 *
 * @throws InputError on `designation`: no base number found, characters that do not occur in one, or a 2 that may belong to
 *   the number as well as to the closure
 * @example decodeDesignation('22220 EK/C3', catalogue).normal // '22220EK-C3'
 * @see ISO 15, ISO 355, ISO 104 for the base; ANSI/ABMA 19.2 for inch cones and cups; common practice for the suffixes
 */
export function decodeDesignation(designation: string, catalogue: Catalogue): Decoded {
  const text = designation
    .trim()
    .toUpperCase()
    .replace(/\p{Pd}/gu, '-')
  if (text.length < 1 || text.length > 40 || !/^[A-Z0-9 \-./,_+]+$/.test(text)) {
    throw refuse(designation, '1 to 40 letters, digits, spaces and - . / , _ +')
  }
  const inch = readConeAndCup(text, catalogue)
  if (inch) return inch
  return readMetric(text.replace(inEighths, (_, eighths: string) => `${inchBallSeries}${2 * Number(eighths)}`), catalogue, designation) // prettier-ignore
}

function readMetric(text: string, catalogue: Catalogue, designation: string): Decoded {
  const base = findBase(text, catalogue, designation)
  const unknown = text.slice(0, base.from).split(separators).filter(Boolean)
  const found = readSuffixes(text.slice(base.to), base, unknown)
  return describe(base, found, unknown)
}

const separators = /[\s\-./,_+]+/

interface Base {
  series: Series
  boreMm: number
  row: CatalogueRow | null
  /** As the catalogue spells it. */
  size: string
  /** The same with an inch bore where there is one. */
  normal: string
  inchBore: boolean
  from: number
  to: number
}

const knownPrefixes = [
  'NU', 'NJ', 'NUP', 'N', 'NN', 'NNU', 'NCF', 'NNCF', 'NA', 'RNA', 'HK', 'C', 'QJ', 'UC', 'UK', inchBallSeries,
] // prettier-ignore
const aliases: Record<string, string> = { '68': '618', '69': '619', '79': '719' }
/** The older number of an inch ball: the bore in eighths of an inch. */
const inEighths = /^EE(\d{1,2})(?!\d)/

function findBase(text: string, catalogue: Catalogue, original: string): Base {
  for (const run of text.matchAll(/\d+/g)) {
    const before = /([A-Z]+)[\s\-./,_+]*$/.exec(text.slice(0, run.index))
    const prefixes = before?.[1] && knownPrefixes.includes(before[1]) ? [before[1], ''] : ['']
    for (const prefix of prefixes) {
      const from = prefix && before ? before.index : run.index
      const base = readRun(text, { prefix, digits: run[0], from, digitsFrom: run.index }, catalogue, original)
      if (base) return base
    }
  }
  throw (
    cageAlone(text) ??
    halfNamed(text, catalogue) ??
    refuse(original, 'a number of a standard series, such as 6214, NU210 or 22220')
  )
}

/** Needles in a cage have no ring at all: their number is bore, outside diameter and width. */
function cageAlone(text: string): InputError | null {
  const [whole, shaft = '', bore = ''] = /^K[\s-]*(\d+)[\sX-]+(\d+)[\sX-]+(\d+)\b/.exec(text) ?? []
  if (!whole) return null
  return refuse(
    text,
    'a bearing with at least one ring; a needle cage alone runs between shaft and housing',
    `Shaft ${shaft} mm and bore ${bore} mm are its raceways: hardened and ground by the machine’s drawing, the cage by its number.`,
  )
}

interface Run {
  prefix: string
  digits: string
  from: number
  digitsFrom: number
}

function readRun(text: string, run: Run, catalogue: Catalogue, original: string): Base | null {
  const end = run.digitsFrom + run.digits.length
  const glued = run.digits.endsWith('2') && /^(RS|RZ|Z)/.test(text.slice(end))
  const whole = readBase(text, run, run.digits, catalogue)
  if (!glued) return whole
  const split = readBase(text, run, run.digits.slice(0, -1), catalogue)
  if (whole?.row && split?.row) {
    throw refuse(
      original,
      `written with a separator: ${whole.normal}-${text.slice(end)} or ${split.normal}-2${text.slice(end)}`,
    )
  }
  return [whole, split].find((base) => base?.row) ?? whole ?? split
}

function readBase(text: string, run: Run, digits: string, catalogue: Catalogue): Base | null {
  const end = run.digitsFrom + digits.length
  const [slash = '', bore = ''] = (digits === run.digits && /^\/(\d+)/.exec(text.slice(end))) || []
  for (const series of catalogue.series) {
    const [prefix, seriesDigits] = splitSeries(series.name)
    if (prefix !== run.prefix) continue
    for (const spelling of spellingsOf(seriesDigits, prefix)) {
      if (slash && digits === spelling) {
        return finishBase(series, `${series.name}/${bore}`, Number(bore), run, end + slash.length, catalogue)
      }
      if (!digits.startsWith(spelling)) continue
      const code = digits.slice(spelling.length)
      const boreMm = boreOfCode(code, series, catalogue)
      if (boreMm === null) continue
      const letter = wideSection(text, end, `${series.name}${code}`, catalogue)
      const base = finishBase(series, `${series.name}${code}${letter}`, boreMm, run, end + letter.length, catalogue)
      return factsOf(series.type).insertUnit ? withInchBore(base, text) : base
    }
  }
  return null
}

/** An inch ball of a wider section has an A behind its number, and is another size. */
const wideSection = (text: string, end: number, size: string, catalogue: Catalogue): string =>
  /^A(?![A-Z])/.test(text.slice(end)) && catalogue.byDesignation.has(`${size}A`) ? 'A' : ''

/** An insert bearing's bore in sixteenths of an inch stands behind a dash. */
function withInchBore(base: Base, text: string): Base {
  const [written, sixteenths] = /^-(\d{1,2})(?!\d)/.exec(text.slice(base.to)) ?? []
  const count = Number(sixteenths)
  if (!written || !sixteenths || count < 8 || count > 64) return base
  return {
    ...base,
    inchBore: true,
    boreMm: (count * 25.4) / 16,
    normal: `${base.normal}-${sixteenths}`,
    to: base.to + written.length,
  }
}

function finishBase(series: Series, size: string, boreMm: number, run: Run, to: number, catalogue: Catalogue): Base {
  const row = catalogue.byDesignation.get(size) ?? null
  return { series, boreMm, row, size, normal: size, inchBore: false, from: run.from, to }
}

function splitSeries(name: string): [prefix: string, digits: string] {
  const prefix = /^[A-Z]*/.exec(name)?.[0] ?? ''
  return [prefix, name.slice(prefix.length)]
}

function spellingsOf(seriesDigits: string, prefix: string): string[] {
  if (prefix) return [seriesDigits]
  return [seriesDigits, ...Object.keys(aliases).filter((alias) => aliases[alias] === seriesDigits)]
}

/** Bore in mm of the last digits of a number, or null when they are no bore code. */
function boreOfCode(code: string, { name, type }: Series, catalogue: Catalogue): number | null {
  // Inch balls count sixteenths of an inch; what runs on the shaft itself is as wide as its tables say.
  if (name === inchBallSeries || hasNoInnerRing({ type, series: name })) return catalogue.byDesignation.get(`${name}${code}`)?.boreMm ?? null // prettier-ignore
  if (/^[3-9]$/.test(code)) return ['60', '62', '63'].includes(name) ? Number(code) : null
  if (!/^\d\d$/.test(code)) return null
  const small = [10, 12, 15, 17][Number(code)]
  if (small) return small
  return Number(code) <= 96 ? 5 * Number(code) : null
}

function readSuffixes(text: string, base: Base, unknown: string[]): Suffix[] {
  const parts = text.split(separators).filter(Boolean)
  const joined: string[] = []
  for (let index = 0; index < parts.length; index++) {
    const part = parts[index] ?? ''
    const next = parts[index + 1]
    if (part === '2' && next && /^(RS|RZ|Z)/.test(next)) {
      joined.push(`2${next}`)
      index++
    } else joined.push(part)
  }
  const taken = new Set<SuffixGroup>()
  const found: Suffix[] = []
  for (const part of joined) {
    const spelt = spellSuffix(part, base.series.type)
    if (!spelt) {
      unknown.push(part)
      continue
    }
    for (const suffix of spelt) {
      if (suffix.groups.some((group) => taken.has(group))) unknown.push(suffix.token)
      else {
        suffix.groups.forEach((group) => taken.add(group))
        found.push(suffix)
      }
    }
  }
  return found
}

const featureOrder: readonly SuffixGroup[] = [
  'taper', 'angle', 'reinforced', 'inside', 'full', 'iso', 'pair', 'snap', 'lube', 'cage', 'precision', 'heat', 'fill',
  'running',
] // prettier-ignore
const gluedOrder: readonly SuffixGroup[] = ['angle', 'reinforced', 'inside', 'full', 'iso', 'taper']
const dashedOrder: readonly SuffixGroup[] = [
  'closure', 'snap', 'cage', 'precision', 'running', 'clearance', 'heat', 'fill', 'lube', 'pair',
] // prettier-ignore

function describe(base: Base, found: Suffix[], unknown: string[]): Decoded {
  const { series, row } = base
  const { insertUnit: insert, withoutBoxClearance, alwaysTapered } = factsOf(series.type)
  const of = (group: SuffixGroup) => found.find((suffix) => suffix.groups.includes(group))
  const closure = of('closure')?.closure
  const clearance = of('clearance')?.clearanceClass
  const tapered = Boolean(of('taper')) || alwaysTapered(series.name)
  const setOnMounting = withoutBoxClearance(series.name)
  const own = typeFeatures(series, base.inchBore)
  // What a series always has is not said once more by a suffix.
  const said = (suffix: Suffix | undefined) =>
    suffix?.features?.every((one) => own.includes(one)) ? undefined : suffix
  const assumed: AssumedField[] = []
  if (!clearance && !setOnMounting) assumed.push('clearanceClass')
  if (!closure) assumed.push('closure')
  if (!tapered) assumed.push('boreShape')
  const written = (groups: readonly SuffixGroup[]) =>
    groups.map((group) => said(of(group))?.normal[group]).filter((text): text is string => Boolean(text))
  return {
    bearingType: series.type,
    series: series.name,
    boreMm: base.boreMm,
    odMm: row?.odMm ?? null,
    widthMm: row && (closure ? closedRow(row) : row).widthMm,
    assemblyWidthMm: row?.assemblyWidthMm ?? null,
    clearanceClass: clearance ?? (setOnMounting ? null : 'CN'),
    closure: closure?.closure ?? (insert ? 'contact-seal' : 'open'),
    closedSides: closure?.closedSides ?? (insert ? 2 : 0),
    boreShape: tapered ? 'tapered' : 'cylindrical',
    features: [...new Set([...own, ...featureOrder.flatMap((group) => of(group)?.features ?? [])])],
    unknown,
    assumed,
    normal: [base.normal + written(gluedOrder).join(''), ...written(dashedOrder)].join('-'),
    size: base.size,
    contactAngleDeg: of('angle')?.contactAngleDeg ?? null,
  }
}

function typeFeatures({ type, name }: Series, inchBore: boolean): string[] {
  return [...factsOf(type).features(name), ...(inchBore ? ['inch-bore'] : [])]
}

const readAgain = 'Read the number on the ring again, or look the bearing up by bore, outside diameter and width.'

function refuse(value: string, allowed: string, fix = readAgain): InputError {
  return new InputError({
    code: 'UNREADABLE',
    field: 'designation',
    value,
    allowed,
    fix,
  })
}
