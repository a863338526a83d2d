import coneSeats from '../../data/inch-cone-seats.json' with { type: 'json' }
import cupSeats from '../../data/inch-cup-seats.json' with { type: 'json' }
import precisionSeats from '../../data/inch-precision-seats.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { stepRow, type TableData } from '../tables/step-table.ts'
import type { FitRecommendInput } from './fit-recommend.schema.ts'
import { loadCutsOf } from './load-class.ts'
import type { Limits } from './iso286-limits.ts'

/** Steps are exact inch conversions; this slack keeps 76.2 mm read from 3 in inside its step. */
const slackMm = 1e-9

/**
 * Seat of an inch tapered cone or cup as deviations from nominal, µm, and the reason.
 *
 * @throws InputError on `adjust` (missing; a rotating ring that floats), `loadRatio` (industrial rotating cone),
 *   `toleranceClass` (precision class in automotive duty) or `diameterMm` (past the last step)
 * @see inch tapered practice, classes 4 and 2; 3, 0 and 00
 */
export function inchSeat(input: FitRecommendInput): Limits & { reason: string } {
  const { seat, housing, duty, diameterMm, toleranceClass = '4' } = input
  const rotating = input.ringLoad !== 'stationary'
  const adjust = checkedAdjust(input, rotating)
  // A split housing pinches a tight cup at the joint, so it takes the easy seat whatever turns.
  const eased = seat === 'housing' && housing === 'split' && adjust !== 'floating'
  const ringLoad = rotating && !eased ? 'rotating' : 'stationary'
  const setting = eased ? 'adjustable' : adjust
  const part = seat === 'shaft' ? 'cone' : 'cup'
  const reason = [
    `Inch ${part}, ${rotating ? 'load turning on it' : 'load standing still'}, ${adjust}, ${duty} duty, class ${toleranceClass}.`,
    eased ? 'A split housing must not pinch the cup, so it takes the easy seat.' : '',
    seat === 'housing' && (housing === 'thin-wall' || housing === 'light-alloy')
      ? 'The table is for steel and iron: check the fit at running temperature.'
      : '',
  ].filter(Boolean).join(' ') // prettier-ignore
  if (toleranceClass !== '4' && toleranceClass !== '2') {
    if (duty === 'automotive') {
      throw new InputError({
        code: 'FIELDS_DISAGREE',
        field: 'toleranceClass',
        value: toleranceClass,
        allowed: '4 or 2 in automotive duty',
        fix: 'Precision classes are for industrial spindles.',
      })
    }
    return { ...rowLimits(precisionSeats, { part, toleranceClass, ringLoad, adjust: setting }, diameterMm), reason }
  }
  if (seat === 'shaft' && duty === 'industrial' && rotating) return { ...rotatingCone(input), reason }
  const table = seat === 'shaft' ? coneSeats : cupSeats
  return { ...rowLimits(table, { duty, ringLoad, adjust: setting }, diameterMm), reason }
}

function checkedAdjust(input: FitRecommendInput, rotating: boolean): NonNullable<FitRecommendInput['adjust']> {
  if (input.adjust === undefined) {
    throw new InputError({
      code: 'MISSING',
      field: 'adjust',
      value: undefined,
      allowed: 'one of adjustable, non-adjustable, floating for an inch tapered seat',
      fix: 'Say whether this ring is moved to set the end play, stays put, or floats.',
    })
  }
  if (rotating && input.adjust === 'floating') {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'adjust',
      value: 'floating',
      allowed: 'adjustable or non-adjustable for a ring under a rotating load',
      fix: 'Let the other ring float.',
    })
  }
  return input.adjust
}

/** Industrial cone under a rotating load: the row by size up to where heavy load begins, above it half a thousandth tight per inch of bore. */
function rotatingCone({ diameterMm, loadRatio, cuts }: FitRecommendInput): Limits {
  if (loadRatio === undefined) {
    throw new InputError({
      code: 'MISSING',
      field: 'loadRatio',
      value: undefined,
      allowed: 'P/C from 0 to 1 for an industrial rotating cone',
      fix: 'Give the load and the bearing, so that P/C is known.',
    })
  }
  const row = rowLimits(coneSeats, { duty: 'industrial', ringLoad: 'rotating', adjust: 'moderate' }, diameterMm)
  if (loadRatio <= loadCutsOf(cuts).normal) return row
  if (diameterMm <= 76.2 + slackMm) return { lowerUm: 38.1, upperUm: 63.5 }
  const lowerUm = 0.5 * diameterMm
  const widthUm = diameterMm <= 304.8 + slackMm ? 25.4 : diameterMm <= 609.6 + slackMm ? 50.8 : 76.2
  return { lowerUm, upperUm: lowerUm + widthUm }
}

function rowLimits(table: TableData, where: Record<string, string>, diameterMm: number): Limits {
  const column = (name: string) => table.columns.indexOf(name)
  const rows = table.rows.filter((row) => Object.entries(where).every(([name, value]) => row[column(name)] === value))
  const row = stepRow(rows, diameterMm, { slackMm, overColumn: column('overMm') })
  if (!row) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'diameterMm',
      value: diameterMm,
      allowed: `at most ${rows.at(-1)?.[column('upToMm')] ?? 0} mm in this row of the inch table`,
      fix: 'Check the size and its unit; the tables end there.',
    })
  }
  return { lowerUm: Number(row[column('lowerUm')]), upperUm: Number(row[column('upperUm')]) }
}
