import { z } from 'zod'
import { closedRow, overallWidth, type Catalogue, type CatalogueRow } from '../catalogue/catalogue.ts'
import { attempt, InputError } from '../errors/input-error.ts'
import { ringLimits } from '../catalogue/ring-limits.ts'
import { median } from '../records/compare.ts'
import { factsOf, type BearingType, Closure } from '../bearing-types/index.ts'

const readings = (description: string) =>
  z
    .array(z.number().min(1).max(2000))
    .max(50)
    .meta({ unit: 'mm', description: `${description}: up to 50 readings of 1 to 2000 mm` })

export const MatchInput = z.strictObject({
  boreMm: readings('Bore'),
  odMm: readings('Outside diameter'),
  widthMm: readings('Overall width'),
  rollingElement: z
    .enum(['ball', 'roller', 'taper', 'barrel', 'hidden'])
    .default('hidden')
    .meta({ description: 'What rolls' }),
  ringShape: z.enum(['flat', 'sphered-od', 'cone-and-cup']).default('flat').meta({ description: 'Shape of the rings' }),
  closure: Closure.default('open'),
  closedSides: z
    .union([z.literal(0), z.literal(1), z.literal(2)])
    .default(0)
    .meta({ description: 'Sides with a closure' }),
})
export type MatchInput = z.output<typeof MatchInput>

export interface Candidate {
  designation: string
  /** What the order goes by, µm: the misfit, and a thousand more for a closure the series is not usually made with. */
  scoreUm: number
  /** How far the readings are off, µm; those on the wrong side of wear count threefold. */
  misfitUm: number
  reason: string
  /** What the eye tells it by from others of the size. */
  tell: string
  /** Whether it is an inch cone and cup. */
  inch: boolean
}

export interface Match {
  candidates: Candidate[]
  /** A reading lies on a sixteenth of an inch rather than on a metric size. */
  inchSuspected: boolean
  /** Largest difference of the readings of one diameter, mm; above 0.1 measure again in other planes. */
  spreadMm: number
}

type Dimension = 'boreMm' | 'odMm' | 'widthMm'
const dimensions: readonly Dimension[] = ['boreMm', 'odMm', 'widthMm']

/**
 * Bearings that a measured one can be, best first.
 *
 * The median of each dimension is held against nominal in the direction wear moves it: bores wear larger, outside diameters and
 * widths smaller. What lies against wear counts threefold, for a ring does not grow. Only what was seen goes into the number.
 *
 * @param catalogue - sizes it may be; metric ones alone where inch sizes are only to be suspected
 * @throws InputError on the first empty dimension when fewer than two are measured, on `odMm` when not above the bore, on
 *   `closedSides` when it and the closure disagree, on `closure` of a tapered roller bearing
 * @see measuring practice; sizes of ISO 15, 355, 104
 */
export function match(input: MatchInput, catalogue: Pick<Catalogue, 'rows' | 'series'>): Match {
  const measured = measuredSizes(input)
  const scored = catalogue.rows
    .filter((row) => couldBe(row.type, input))
    .map((row) => (input.closedSides > 0 ? closedRow(row) : row))
    .map((row) => ({ row, misfit: misfitOf(row, measured) }))
    .map(({ row, misfit }) => ({ row, misfit, score: misfit + closurePenalty(row, input) }))
    .filter(({ score }) => score <= worstScoreUm)
  const order = new Map(catalogue.series.map(({ name }, index) => [name, index]))
  const rank = (row: CatalogueRow) => order.get(row.series) ?? order.size
  scored.sort(
    (a, b) =>
      a.score - b.score ||
      rank(a.row) - rank(b.row) ||
      a.row.boreMm - b.row.boreMm ||
      a.row.designation.localeCompare(b.row.designation),
  )
  const best = scored.slice(0, mostCandidates)
  return {
    candidates: best.map(({ row, score, misfit }) => ({
      designation: row.designation + seenSuffix(row, input),
      scoreUm: score,
      misfitUm: misfit,
      reason: reasonFor(row, measured),
      tell: tellBy(row),
      inch: row.inch !== null,
    })),
    inchSuspected: suspectsInch(measured, best[0]?.row),
    spreadMm: Math.max(...(['boreMm', 'odMm'] as const).map((name) => spread(input[name]))),
  }
}

const worstScoreUm = 2500
const mostCandidates = 12
/** Added when a closure is seen on a series that is not usually made with it: it only reorders. */
const unusualClosureUm = 1000

type Measured = Partial<Record<Dimension, number>>

function measuredSizes(input: MatchInput): Measured {
  const empty = dimensions.filter((name) => input[name].length === 0)
  const [firstEmpty] = empty
  if (firstEmpty && empty.length > 1) {
    throw new InputError({
      code: 'MISSING',
      field: firstEmpty,
      value: undefined,
      allowed: 'readings of at least two of bore, outside diameter and width',
      fix: 'Measure one more dimension.',
    })
  }
  if ((input.closedSides === 0) !== (input.closure === 'open')) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'closedSides',
      value: input.closedSides,
      allowed: input.closure === 'open' ? '0 for an open bearing' : '1 or 2 for a closed bearing',
      fix: 'Look at both sides.',
    })
  }
  if (input.ringShape === 'cone-and-cup' && input.closure !== 'open') {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'closure',
      value: input.closure,
      allowed: 'open for a cone and cup: single tapered roller bearings are not made closed',
      fix: 'Look again: what seals it may belong to the housing, or the bearing is another type.',
    })
  }
  const sizes: Measured = {}
  for (const name of dimensions) if (input[name].length > 0) sizes[name] = median(input[name])
  if (sizes.boreMm !== undefined && sizes.odMm !== undefined && sizes.odMm <= sizes.boreMm) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'odMm',
      value: sizes.odMm,
      allowed: `above the bore (${sizes.boreMm} mm)`,
      fix: 'The two may be swapped.',
    })
  }
  return sizes
}

const spread = (values: readonly number[]): number =>
  values.length > 1 ? Math.max(...values) - Math.min(...values) : 0

const couldBe = (type: BearingType, { ringShape, rollingElement }: MatchInput): boolean => {
  const { rings, rolls } = factsOf(type)
  return rings === ringShape && (rollingElement === 'hidden' || rolls === rollingElement)
}

const isMade = ({ type, series }: CatalogueRow, closure: Closure): boolean =>
  factsOf(type).closuresMade(series).includes(closure)

const nominal = (row: CatalogueRow, name: Dimension): number => (name === 'widthMm' ? overallWidth(row) : row[name])

/** Deviation in the direction wear moves a dimension, µm. */
const worn = (row: CatalogueRow, name: Dimension, reading: number): number =>
  1000 * (name === 'boreMm' ? reading - nominal(row, name) : nominal(row, name) - reading)

/** Deviation that a new bearing may show, µm: in the direction of wear, and against it. */
function freeBand(row: CatalogueRow, name: Dimension): [wear: number, against: number] {
  if (name === 'widthMm') return [120, 50]
  const band = nominal(row, name) <= 120 ? 20 : 40
  return [band, band]
}

function misfitOf(row: CatalogueRow, measured: Measured): number {
  let sum = 0
  for (const name of dimensions) {
    const reading = measured[name]
    if (reading === undefined) continue
    const w = worn(row, name, reading)
    const [wear, against] = freeBand(row, name)
    if (w > wear) sum += w - wear
    else if (-w > against) sum += 3 * (-w - against)
  }
  // The readings are decimals; without this a half would round by chance.
  return Math.floor(sum + 0.5 + 1e-7)
}

const closurePenalty = (row: CatalogueRow, { closure, closedSides }: MatchInput): number =>
  closedSides > 0 && !isMade(row, closure) ? unusualClosureUm : 0

const suffixOf: Record<Closure, string> = { open: '', 'contact-seal': 'RS', 'low-friction-seal': 'RZ', shield: 'Z' }

function seenSuffix(row: CatalogueRow, { closure, closedSides }: MatchInput): string {
  // Insert bearings are sealed anyway, so their number does not say it.
  if (closedSides === 0 || factsOf(row.type).insertUnit || !isMade(row, closure)) return ''
  return `-${closedSides === 2 ? '2' : ''}${suffixOf[closure]}`
}

const dimensionWords: Record<Dimension, string> = { boreMm: 'bore', odMm: 'outside', widthMm: 'width' }

function reasonFor(row: CatalogueRow, measured: Measured): string {
  const parts = dimensions.flatMap((name) => {
    const reading = measured[name]
    if (reading === undefined) return []
    const w = worn(row, name, reading)
    const [wear, against] = freeBand(row, name)
    const words =
      w > wear
        ? `worn by ${Math.round(w)} µm`
        : -w > against
          ? `${Math.round(-w)} µm on the wrong side of wear: measure again`
          : isNew(row, name, reading)
            ? 'within new tolerance'
            : `${Math.round(Math.abs(w))} µm off, within wear and measuring error`
    return [`${dimensionWords[name]} ${words}`]
  })
  return `${parts.join(', ')}. ${tellBy(row)}`
}

/** Whether a new ring of the normal class may measure so; widths have a wide tolerance of their own. */
function isNew(row: CatalogueRow, name: Dimension, reading: number): boolean {
  if (name === 'widthMm') return true
  const ring = name === 'boreMm' ? 'inner' : 'outer'
  const { value } = attempt(() => ringLimits({ ring, diameterMm: row[name], bearingType: row.type }))
  const off = 1000 * (reading - row[name])
  return value === null || (off >= value.lowerUm - gaugeUm && off <= value.upperUm + gaugeUm)
}
/** What a micrometer does not tell apart, µm. */
const gaugeUm = 2

/** What tells a candidate from look-alikes of the same size. */
const tellBy = ({ type, series }: CatalogueRow): string => factsOf(type).tell(series)

const sixteenthMm = 25.4 / 16

/** A diameter on a sixteenth of an inch, with no metric size as near, is an inch bearing. */
function suspectsInch(measured: Measured, best: CatalogueRow | undefined): boolean {
  return (['boreMm', 'odMm'] as const).some((name) => {
    const reading = measured[name]
    if (reading === undefined) return false
    const off = Math.abs(reading - Math.round(reading / sixteenthMm) * sixteenthMm)
    if (off > 0.05) return false
    return !best || Math.abs(reading - best[name]) - off > 0.06
  })
}
