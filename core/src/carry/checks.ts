import { factsOf, lifeExponent } from '../bearing-types/index.ts'
import { runsHighBy } from '../catalogue/estimate.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { InputError } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { now, unknown, type Check } from '../working/check.ts'
import { refusalOf } from '../working/figure.ts'
import { liftOffForce } from './preload.ts'
import { wantedStaticSafety } from './static-safety.ts'
import * as words from './words.ts'
import { endOf, staticSafetyOf, type Carrying, type CarryOutcome, type Ratings } from './work-out.ts'

/** The verdicts of Carry. */
export function carryChecks(position: RollingPosition, outcome: CarryOutcome): Check[] {
  const { bearing, ratings, carrying, refusal, modified } = outcome
  if (!bearing || !ratings) return []
  if (refusal) return [refusedCheck(refusal)]
  if (!carrying) return []
  return [
    ...lifeChecks(outcome),
    ...filmChecks(modified.refusal),
    ...wayChecks(position, bearing, carrying),
    ...misalignmentChecks(position, bearing),
    ...loadChecks(position, bearing, ratings, carrying, outcome),
    ...axialChecks(outcome, carrying),
    ...liftOffChecks(outcome, bearing, carrying),
    ...typeChecks(bearing, ratings, carrying),
    ...speedChecks(outcome, bearing),
  ]
}

const fieldOf: Record<string, string> = {
  axialN: 'load.axialN',
  arrangement: 'load.arrangement',
  partnerRadialN: 'load.partnerRadialN',
  steps: 'load.steps',
}

function refusedCheck(refusal: InputError): Check {
  const field = fieldOf[refusal.field] ?? 'load.radialN'
  return now('refused', 'stop', words.refused(refusalOf(refusal).message, refusal.fix), { field })
}

/** Below this share of the required life the answer is no. */
const tooShort = 0.5

function lifeChecks(outcome: CarryOutcome): Check[] {
  const { life, wantedH, modified, preload, ratings } = outcome
  if (!life) return []
  const rest = { field: 'load.radialN' }
  if (life.beyondRating) return [now('life', 'stop', words.beyondRating, rest)]
  if (life.hoursH === null) return []
  const modifiedH = modified.value?.hoursH ?? null
  const lives: words.Lives = {
    judgedH: modifiedH ?? life.hoursH,
    basicH: life.hoursH,
    requiredH: wantedH,
    modified: modifiedH !== null,
    estimated: ratings?.dynamicEstimated ?? true,
  }
  const values = { lifeH: lives.judgedH, requiredH: wantedH }
  if (lives.judgedH >= wantedH) {
    const ends = endOf(outcome)
    const said = ends?.end === 'grease' ? words.greaseEndsIt(ends.hoursH, lives) : words.livesLong(lives)
    return [now('life', 'go', said, { values }), ...highChecks(outcome, lives.judgedH)]
  }
  const far = lives.judgedH < tooShort * wantedH
  return [now('life', far ? 'stop' : 'watch', words.livesShort(lives, far, preload !== null), { ...rest, values })]
}

/** A life that stands only as long as an estimate of the rating does that may be too high for this size. */
function highChecks({ bearing, ratings, wantedH }: CarryOutcome, judgedH: number): Check[] {
  const share = bearing && ratings?.dynamicEstimated ? runsHighBy(bearing.row) : 0
  if (!bearing || share === 0) return []
  const leastH = judgedH / (1 + share) ** lifeExponent(bearing.row.type)
  if (leastH >= wantedH) return []
  return [unknown('ratingHigh', words.ratingHigh(share, leastH, wantedH), { field: 'bearing.makerDynamicN' })]
}

/** A film that the method does not know; Grease says the same where the ratio is to blame. */
function filmChecks(refusal: InputError | null): Check[] {
  if (!refusal || refusal.field === 'viscosityCst') return []
  const { message, fix } = refusalOf(refusal)
  return [now('film', 'stop', words.refused(message, fix), { field: 'grease.nu40Cst' })]
}

function misalignmentChecks({ load: { misalignDeg } }: RollingPosition, { row }: ResolvedBearing): Check[] {
  const permissibleDeg = factsOf(row.type).abilities.misalignDeg
  if (misalignDeg === null || misalignDeg <= permissibleDeg) return []
  return [
    now(
      'misaligned',
      misalignDeg > 2 * permissibleDeg ? 'stop' : 'watch',
      words.misaligned(row.type, misalignDeg, permissibleDeg),
      { values: { misalignDeg, permissibleDeg }, field: 'load.misalignDeg' },
    ),
  ]
}

/** Washers, and single rows with a contact angle or one rib, take axial load one way only. */
function takesOneWay({ row, interior, decoded }: ResolvedBearing): boolean {
  const { carries, pairs } = factsOf(row.type)
  return carries === 'axial' || (pairs && interior.rows === 1) || decoded.features.includes('axial-one-direction')
}

/** Whether the axial load has something that bears it whichever way it comes. */
function wayChecks({ load }: RollingPosition, bearing: ResolvedBearing, { acting }: Carrying): Check[] {
  const { row, decoded } = bearing
  if (!takesOneWay(bearing) || load.arrangement !== 'single') return []
  const paired = decoded.features.some((one) => one === 'pair-back-to-back' || one === 'pair-face-to-face')
  const loaded = acting.some(({ axialN }) => axialN > 0)
  if (load.axialWay === 'both' && loaded && !paired)
    return [now('bothWays', 'stop', words.bothWays(row.type), { field: 'load.arrangement' })]
  if (factsOf(row.type).pairs)
    return paired ? [] : [unknown('unpaired', words.unpaired(row.type), { field: 'load.arrangement' })]
  return decoded.features.includes('axial-one-direction') && loaded
    ? [unknown('oneWay', words.oneWay, { field: 'load.axialN' })]
    : []
}

/** Below this share of the static safety that is recommended the answer is no. */
const tooUnsafe = 0.8

function loadChecks(
  { load: given }: RollingPosition,
  { row }: ResolvedBearing,
  ratings: Ratings,
  load: Carrying,
  outcome: CarryOutcome,
): Check[] {
  const checks: Check[] = []
  const safety = staticSafetyOf(outcome)
  const recommended = wantedStaticSafety(row.type, given.running)
  if (safety !== null && safety < recommended) {
    checks.push(
      now(
        'staticSafety',
        safety < tooUnsafe * recommended ? 'stop' : 'watch',
        words.staticSafetyLow(safety, recommended, given.running),
        { values: { safety, recommended }, field: 'load.running' },
      ),
    )
  }
  if (load.belowMinimum)
    checks.push(now('minimum', 'watch', words.belowMinimum(row.type, load.equivalentN > 0), { field: 'load.radialN' }))
  if (load.equivalentN > 0.5 * ratings.dynamicN && load.equivalentN <= ratings.dynamicN)
    checks.push(now('heavy', 'watch', words.heavy, { field: 'load.radialN' }))
  return checks
}

/** Ribs bear twice what they bear for long, for moments. */
const ribMoment = 2

/** Sleeve, ribs and set screws against the axial load. */
function axialChecks({ axialLimits }: CarryOutcome, { acting }: Carrying): Check[] {
  const axialN = Math.max(...acting.map((one) => one.axialN))
  const over = axialLimits.filter(({ mostN }) => axialN > mostN)
  // One word is enough: what gives way first.
  const worst = over.reduce<(typeof over)[number] | null>((most, one) => (!most || one.mostN < most.mostN ? one : most), null) // prettier-ignore
  if (!worst) return []
  const mild = worst.assumed || (worst.key === 'ribRun' && axialN <= ribMoment * worst.mostN)
  return [
    now(worst.key, mild ? 'watch' : 'stop', words.axialOverLimit(axialN, worst), {
      values: { axialN, mostN: worst.mostN },
      field: 'load.axialN',
    }),
  ]
}

/** Axial over radial load, in tangents of the contact angle, where the second row of barrels comes free. */
const secondRowFree = 1.91
/** Below this ratio of axial to radial load a four-point ball touches more than two lines. */
const leastFourPoint = 1.27

function typeChecks({ row, interior }: ResolvedBearing, ratings: Ratings, { acting }: Carrying): Check[] {
  const { radialN, axialN } = acting.reduce((most, one) => (one.axialN > most.axialN ? one : most))
  const ratio = radialN > 0 ? axialN / radialN : null
  const field = 'load.axialN'
  const { axialWatch } = factsOf(row.type)
  switch (axialWatch) {
    case 'second-row-free': {
      const limit = secondRowFree * Math.tan((interior.contactAngleDeg * Math.PI) / 180)
      if (ratio === null || ratio <= limit) return []
      return [now('unloadedRow', 'watch', words.secondRowUnloaded(ratio, limit), { values: { ratio, limit }, field })]
    }
    case 'four-point-contact':
      if (ratio === null || ratio >= leastFourPoint) return []
      return [now('fourPoint', 'watch', words.fourPointContact, { values: { ratio }, field })]
    case 'light-series': {
      const light = lightSeries.includes(row.series) || row.boreMm <= 12
      if (!light || axialN <= 0.25 * ratings.staticN) return []
      return [now('lightAxial', 'watch', words.lightSeriesAxial, { values: { axialN }, field })]
    }
    case null:
      return []
    default:
      return axialWatch satisfies never
  }
}

/** Shallow grooves: half of what the others take along the shaft. */
const lightSeries = ['618', '619', '160']

/** The preloaded pair of a spindle is there to hold it both ways, whatever pulls; elsewhere one may be let go. */
function liftOffChecks({ preload }: CarryOutcome, bearing: ResolvedBearing, { acting }: Carrying): Check[] {
  if (!preload?.guides) return []
  const axialN = Math.max(...acting.map(({ externalN }) => externalN))
  const liftOffN = liftOffForce(bearing, preload.forceN)
  if (axialN <= liftOffN) return []
  return [now('liftOff', 'watch', words.letsGo(axialN, liftOffN, preload.forceN), { values: { axialN, liftOffN }, field: 'float.endPlayMm' })] // prettier-ignore
}

/** Share of the speed limit from which it is near. */
const nearLimit = 0.8

function speedChecks({ speed }: CarryOutcome, { decoded }: ResolvedBearing): Check[] {
  if (!speed || speed.ratio <= nearLimit) return []
  const sealed = decoded.closure === 'contact-seal' && decoded.closedSides > 0
  const by = speed.makersRpm !== null ? 'maker' : sealed ? 'seals' : 'type'
  const rest = { values: { ratio: speed.ratio }, field: 'load.speedRpm' }
  return speed.ratio > 1
    ? [now('speed', 'stop', words.tooFast(speed.ratio, by), rest)]
    : [now('speed', 'watch', words.nearlyTooFast(speed.ratio, by), rest)]
}
