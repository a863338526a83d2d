import shaftZones from '../../data/shaft-zones.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { factsOf, type BearingType } from '../bearing-types/index.ts'
import { stepRow } from '../tables/step-table.ts'
import type { FitRecommendInput } from './fit-recommend.schema.ts'
import type { LoadClass } from './load-class.ts'
import { capGrade, smallestShaftGrade } from './grade-cap.ts'

/** Rows of the shaft table: balls, rollers, and the self-aligning rollers whose rings need more. */
export type FitFamily = ReturnType<typeof factsOf>['fitFamily']
export const fitFamily = (type: BearingType): FitFamily => factsOf(type).fitFamily

/** Largest shaft, mm, of the motor and machine-tool rows. */
const largestRowMm = 500

/** One letter tighter, for a hollow shaft. */
const tighterShaft: Record<string, string> = { js: 'k', j: 'k', k: 'm', m: 'n', n: 'p', p: 'r', r: 'r' }

/**
 * Zone of the shaft seat, metric, and the reason.
 *
 * Steps: thrust and insert bearings; machine tool; stationary load; electric motor; the general table; one letter tighter on
 * a hollow shaft; grade held to the bearing's class; j becomes js over 500 mm.
 *
 * @throws InputError on `mustSlide`, `diameterMm` or `shaftBoreMm`
 */
export function shaftZone(input: FitRecommendInput, load: LoadClass): { zone: string; reason: string } {
  const { bearingType, diameterMm, ringLoad, mustSlide, shaftBoreMm = 0 } = input
  if (shaftBoreMm >= diameterMm) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'shaftBoreMm',
      value: shaftBoreMm,
      allowed: `smaller than the seat (${diameterMm} mm)`,
      fix: 'Give the bore of the hollow shaft, or 0 for a solid one.',
    })
  }
  const { seating } = factsOf(bearingType)
  if (seating === 'centred')
    return {
      zone: diameterMm > 500 ? 'js6' : 'j6',
      reason: 'A shaft washer under axial load only needs to be centred.',
    }
  if (seating === 'sliding') {
    const tight = ringLoad !== 'stationary' && load !== 'light'
    return {
      zone: tight ? 'h6' : 'h7',
      reason: 'An insert bearing slides on its shaft; the locking device carries the load, so keep P/C low.',
    }
  }
  if (mustSlide && ringLoad !== 'stationary') {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'mustSlide',
      value: true,
      allowed: 'false for an inner ring under a rotating or indeterminate load: a loose ring creeps and wears its seat',
      fix: 'Let the outer ring slide, or take a bearing that floats inside itself (NU, N, needle, toroidal).',
    })
  }
  const chosen = chooseShaftZone(input, load)
  const hollow = shaftBoreMm / diameterMm > 0.5 && ringLoad !== 'stationary'
  const letters = hollow ? (tighterShaft[chosen.letters] ?? chosen.letters) : chosen.letters
  const straightened = letters === 'j' && diameterMm > 500 ? 'js' : letters
  const grade = capGrade(chosen.grade, straightened, input.toleranceClass, { P5: 5, P4: 4 }, smallestShaftGrade)
  const reasons = [chosen.reason]
  if (hollow) reasons.push('The shaft is hollow by more than half, so one letter tighter.')
  if (grade !== chosen.grade) reasons.push(`A ${input.toleranceClass ?? 'normal'} bearing deserves grade ${grade}.`)
  return { zone: `${straightened}${grade}`, reason: reasons.join(' ') }
}

function chooseShaftZone(
  { bearingType, diameterMm, ringLoad, mustSlide, application, toleranceClass }: FitRecommendInput,
  load: LoadClass,
): { letters: string; grade: number; reason: string } {
  const family = fitFamily(bearingType)
  if (application === 'machine-tool') {
    const grade = toleranceClass === 'P4' ? 4 : 5
    if (ringLoad === 'stationary')
      return {
        letters: mustSlide ? 'h' : 'js',
        grade,
        reason: 'The load always stands on the same point of the inner ring; a machine tool wants it well centred.',
      }
    const letters = machineToolLetters(family, diameterMm)
    return {
      letters: load === 'heavy' ? (tighterShaft[letters] ?? letters) : letters,
      grade,
      reason: `Machine tool: running accuracy comes first, ${load} load on a ${familyName[family]} bearing.`,
    }
  }
  if (ringLoad === 'stationary') {
    return {
      letters: mustSlide ? 'g' : 'h',
      grade: 6,
      reason: mustSlide
        ? 'The load always stands on the same point of the inner ring and the ring has to slide.'
        : 'The load always stands on the same point of the inner ring; it may be an easy fit.',
    }
  }
  const how =
    ringLoad === 'rotating' ? 'The load travels round the inner ring' : 'The load on the inner ring may turn or stand'
  if (application === 'electric-motor' && load !== 'heavy') {
    const zone = motorZone(family, diameterMm)
    return { ...zone, reason: `${how}; an electric motor, whose rotor shakes a lightly loaded bearing.` }
  }
  const rows = shaftZones.rows.filter(([rowFamily, rowLoad]) => rowFamily === family && rowLoad === load)
  const row = stepRow<string | number>(rows, diameterMm, { overColumn: 2 })
  if (!row) throw diameterRefused(diameterMm, Number(rows.at(-1)?.[3]))
  const [letters, grade] = splitZone(String(row[4]))
  return {
    letters,
    grade,
    reason: `${how}; ${load} load on a ${familyName[family]} bearing over ${Number(row[2])} up to ${Number(row[3])} mm.`,
  }
}

const familyName: Record<FitFamily, string> = { ball: 'ball', roller: 'roller', spherical: 'self-aligning roller' }

function machineToolLetters(family: FitFamily, diameterMm: number): string {
  const steps: [number, string][] =
    family === 'ball' ? [[100, 'js'], [200, 'k']] : [[40, 'js'], [140, 'k'], [200, 'm'], [500, 'n']] // prettier-ignore
  const step = steps.find(([upToMm]) => diameterMm <= upToMm)
  if (!step) throw diameterRefused(diameterMm, steps.at(-1)?.[0] ?? largestRowMm)
  return step[1]
}

function motorZone(family: FitFamily, diameterMm: number): { letters: string; grade: number } {
  const steps: [number, string][] =
    family === 'ball'
      ? [[17, 'j5'], [100, 'k5'], [160, 'm5'], [200, 'm6'], [500, 'n6']] // prettier-ignore
      : [[40, 'k5'], [160, 'm5'], [200, 'n6'], [500, 'p6']] // prettier-ignore
  const step = steps.find(([upToMm]) => diameterMm <= upToMm)
  if (!step) throw diameterRefused(diameterMm, largestRowMm)
  const [letters, grade] = splitZone(step[1])
  return { letters, grade }
}

function splitZone(zone: string): [string, number] {
  const letters = zone.replace(/\d+$/, '')
  return [letters, Number(zone.slice(letters.length))]
}

function diameterRefused(diameterMm: number, largestMm: number): InputError {
  return new InputError({
    code: 'OUT_OF_RANGE',
    field: 'diameterMm',
    value: diameterMm,
    allowed: `at most ${largestMm} mm in this row of the fit table`,
    fix: 'Check the size and its unit, or ask the maker for the fit.',
  })
}
