import { factsOf } from '../bearing-types/index.ts'
import { InputError } from '../errors/input-error.ts'
import type { FitRecommendInput } from './fit-recommend.schema.ts'
import type { LoadClass } from './load-class.ts'
import { capGrade, smallestHousingGrade } from './grade-cap.ts'
import { fitFamily } from './shaft-zone.ts'

/** One letter tighter, for a thin wall under a rotating load or a light alloy that grows away from the ring. */
const tighterHousing: Record<string, string> = { G: 'H', H: 'J', J: 'K', JS: 'K', K: 'M', M: 'N', N: 'P', P: 'P' }

/** Largest housing bore, mm, for which motor seats are made in grade 6. */
const quietMotorUpToMm = 160

/**
 * Zone of the housing seat, metric, and the reason.
 *
 * Steps: thrust bearings; machine tool; stationary, indeterminate or rotating load; light alloy one letter tighter; a split
 * housing never tighter than K; J becomes JS over 500 mm; grade held to the bearing's class.
 *
 * @throws InputError on `mustSlide`
 */
export function housingZone(input: FitRecommendInput, load: LoadClass): { zone: string; reason: string } {
  const { bearingType, diameterMm, ringLoad, mustSlide, application, housing } = input
  if (factsOf(bearingType).seating === 'centred')
    return { zone: 'H8', reason: 'A housing washer under axial load only may lie loose; the shaft washer centres it.' }
  if (input.drawnCup) return drawnCupZone(input)
  if (mustSlide && ringLoad === 'rotating') {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'mustSlide',
      value: true,
      allowed: 'false for an outer ring under a rotating load: a loose ring creeps and wears its seat',
      fix: 'Let the inner ring slide, or take a bearing that floats inside itself (NU, N, needle, toroidal).',
    })
  }
  const chosen = chooseHousing(input, load)
  const reasons = [chosen.reason]
  let letters = chosen.letters
  if (housing === 'light-alloy') {
    letters = letters === 'H' && application === 'machine-tool' ? 'JS' : (tighterHousing[letters] ?? letters)
    reasons.push('Light alloy grows away from the ring when warm, so one letter tighter; check the coldest start.')
  }
  if (housing === 'split' && (letters === 'M' || letters === 'N' || letters === 'P')) {
    letters = 'K'
    reasons.push('A split housing gets nothing tighter than K: it would pinch the ring at the joint.')
    if (ringLoad === 'rotating')
      reasons.push('With the load turning on the outer ring a split housing is wrong here; a solid one is needed.')
  }
  if (letters === 'J' && (diameterMm > 500 || input.toleranceClass === 'P4')) letters = 'JS'
  const grade = capGrade(chosen.grade, letters, input.toleranceClass, { P5: 6, P4: 5 }, smallestHousingGrade)
  if (grade !== chosen.grade) reasons.push(`A ${input.toleranceClass ?? 'normal'} bearing deserves grade ${grade}.`)
  return { zone: `${letters}${grade}`, reason: reasons.join(' ') }
}

/** A drawn cup takes size and roundness from its housing, however the load turns. @throws InputError on `mustSlide` */
function drawnCupZone({ housing, mustSlide }: FitRecommendInput): { zone: string; reason: string } {
  if (mustSlide)
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'mustSlide',
      value: true,
      allowed: 'false for a drawn cup: it is round only where it is pressed in tight',
      fix: 'Let the shaft slide through the rollers; they float on it.',
    })
  const soft = housing === 'light-alloy' || housing === 'thin-wall'
  return {
    zone: soft ? 'R6' : 'N6',
    reason: `A drawn cup is thin and takes its roundness from the bore it is pressed into${soft ? '; this housing gives way, so tighter' : ''}.`,
  }
}

function chooseHousing(
  { bearingType, diameterMm, ringLoad, mustSlide, application, housing, toleranceClass }: FitRecommendInput,
  load: LoadClass,
): { letters: string; grade: number; reason: string } {
  if (application === 'machine-tool') {
    const grade = toleranceClass === 'P4' ? 5 : 6
    if (ringLoad === 'stationary')
      return {
        letters: mustSlide ? 'H' : 'JS',
        grade,
        reason: `Machine tool: the load stands still on the outer ring${mustSlide ? ', which has to slide' : ''}.`,
      }
    if (ringLoad === 'indeterminate')
      return {
        letters: mustSlide ? 'JS' : 'K',
        grade,
        reason: 'Machine tool: the load on the outer ring may turn or stand.',
      }
    return {
      letters: load === 'heavy' ? 'N' : 'M',
      grade,
      reason: `Machine tool: the load travels round the outer ring, ${load} load.`,
    }
  }
  if (ringLoad === 'stationary') {
    const easy = mustSlide || housing === 'split'
    const quiet = application === 'electric-motor' && diameterMm <= quietMotorUpToMm
    const why = [
      'The load stands still on the outer ring',
      mustSlide ? 'which has to slide for growth' : '',
      housing === 'split' ? 'and a split housing must not pinch it' : '',
    ].filter(Boolean)
    return {
      letters: easy ? 'H' : 'J',
      grade: quiet ? 6 : 7,
      reason: `${why.join(', ')}.${quiet ? ' A motor runs quieter in grade 6.' : ''}`,
    }
  }
  if (ringLoad === 'indeterminate') {
    if (load === 'heavy')
      return {
        letters: mustSlide ? 'K' : 'M',
        grade: 7,
        reason: `The load on the outer ring may turn or stand, and it is heavy.${mustSlide ? ' Sliding is then not assured.' : ''}`,
      }
    return {
      letters: mustSlide ? 'J' : 'K',
      grade: 7,
      reason: `The load on the outer ring may turn or stand, ${load} load.`,
    }
  }
  const byLoad = load === 'light' ? 'M' : load === 'normal' ? 'N' : fitFamily(bearingType) === 'ball' ? 'N' : 'P'
  const thin = housing === 'thin-wall'
  return {
    letters: thin ? (tighterHousing[byLoad] ?? byLoad) : byLoad,
    grade: 7,
    reason: `The load travels round the outer ring, ${load} load.${thin ? ' A thin wall gives, so one letter tighter.' : ''}`,
  }
}
