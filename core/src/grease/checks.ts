import { leastKappa } from '../carry/work-out.ts'
import { attempt } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { oilLine } from '../lubrication/oil-line.ts'
import { usualViscosityIndex } from '../lubrication/running-film.ts'
import { now, type Check } from '../working/check.ts'
import * as words from './words.ts'
import { hottestIntervalC, type GreaseOutcome } from './work-out.ts'

/** The verdicts of Grease. */
export function greaseChecks(position: RollingPosition, outcome: GreaseOutcome): Check[] {
  return [
    ...filmChecks(position, outcome),
    ...serviceChecks(outcome),
    ...warmthChecks(position, outcome),
    ...coldStartChecks(position, outcome),
    ...intervalChecks(position, outcome),
    ...mixChecks(position, outcome),
  ]
}

/** From here up an oil is too stiff to start and to feed, mm²/s. */
const stiffCst = 1000

function filmChecks({ grease }: RollingPosition, { film, crawls }: GreaseOutcome): Check[] {
  if (!film.value) return []
  const { kappa, viscosityCst } = film.value
  const rest = { values: { kappa, viscosityCst }, field: 'grease.nu40Cst' }
  if (viscosityCst > stiffCst && grease.runningC !== null)
    return [now('cold', 'watch', words.tooStiffToStart(viscosityCst, grease.runningC), rest)]
  if (kappa < leastKappa)
    return crawls
      ? [now('film', 'watch', words.noFilmAtCrawl(kappa), rest)]
      : [now('film', 'stop', words.noFilm(kappa), rest)]
  return kappa < 1
    ? [now('film', 'watch', words.surfacesTouch(kappa), rest)]
    : [now('film', 'go', words.filmHolds(kappa), rest)]
}

/** So near a limit it is watched, K. */
const nearK = 10

function serviceChecks({ serviceC, service }: GreaseOutcome): Check[] {
  if (serviceC === null) return []
  return service.flatMap((limit) => {
    const rest = { values: { serviceC, limitC: limit.limitC, kind: limit.kind }, field: 'grease.runningC' }
    const key = `${limit.part}Temperature`
    if (serviceC > limit.limitC) return [now(key, 'stop', words.tooHotFor(serviceC, limit), rest)]
    return serviceC > limit.limitC - nearK ? [now(key, 'watch', words.nearlyTooHotFor(serviceC, limit), rest)] : []
  })
}

/** Whether the oil that is in it still starts when it is coldest. */
function coldStartChecks({ grease }: RollingPosition, { oil }: GreaseOutcome): Check[] {
  const found = oil?.grade?.value
  const { coldStartC, nu40Cst, viscosityIndex } = grease
  if (!found || coldStartC === null || nu40Cst === null) return []
  const line = attempt(() => oilLine({ nu40Cst, viscosityIndex: viscosityIndex ?? usualViscosityIndex })).value
  const coldCst = line?.at(coldStartC) ?? 0
  if (coldCst <= found.startLimitCst) return []
  const rest = { values: { coldCst, limitCst: found.startLimitCst }, field: 'grease.coldStartC' }
  return [now('coldStart', 'watch', words.tooThickToStart(coldStartC, Math.min(coldCst, 1e6), found), rest)]
}

/** Expected from here up it is watched, and from here on it cannot stay so with ordinary grease, °C. */
const [warmFromC, tooWarmFromC] = [80, 95]

/** What it runs at against what its own friction explains; what it should run at only where nobody has measured. */
function warmthChecks({ grease }: RollingPosition, { warmth }: GreaseOutcome): Check[] {
  const found = warmth?.value
  if (!found) return []
  const { housingC, expected, verdict, excessRiseC = 0 } = found.temperature
  if (grease.runningC !== null) {
    if (verdict === undefined || verdict === 'as-expected') return []
    const rest = { values: { runningC: grease.runningC, expectedC: expected.highC }, field: 'grease.runningC' }
    return [now('warmer', 'watch', words.warmerThanItShould(grease.runningC, expected.highC, excessRiseC), rest)]
  }
  if (grease.lubrication !== 'grease' || housingC <= warmFromC) return []
  const rest = { values: { housingC }, field: 'grease.standsIn' }
  return [now('willRunWarm', housingC > tooWarmFromC ? 'stop' : 'watch', words.willRunWarm(housingC), rest)]
}

/** More often than this nobody comes by, h. */
const seldomestH = 24
/** Practices that differ by more than this are told apart in the sentence. */
const farApart = 3

function intervalChecks(
  { grease: { runningC } }: RollingPosition,
  { intervals, intervalH, other, insertInDirt }: GreaseOutcome,
): Check[] {
  const [lead] = intervals ?? []
  if (!lead) return []
  const { refusal } = lead.outcome
  // A bearing too small or large for the tables has no figure; too hot or too fast for grease is a finding.
  if (intervalH === null) {
    if (refusal?.field === 'temperatureC' && runningC !== null)
      return [
        now('interval', 'stop', words.tooHotForInterval(runningC, hottestIntervalC), { field: 'grease.runningC' }),
      ]
    return refusal?.field === 'speedRpm'
      ? [now('interval', 'stop', words.tooFastForInterval(refusal.allowed, refusal.fix), { field: 'load.speedRpm' })]
      : []
  }
  const rest = { values: { intervalH, otherH: other?.hoursH ?? null }, field: 'grease.contamination' }
  if (intervalH < seldomestH) return [now('interval', 'watch', words.tooOften(intervalH), rest)]
  if (insertInDirt) return [now('interval', 'go', words.insertInDirt(intervalH), rest)]
  const apart = other && Math.max(intervalH / other.hoursH, other.hoursH / intervalH) > farApart
  return [
    now(
      'interval',
      'go',
      apart ? words.methodsFarApart(intervalH, other.hoursH, other.name) : words.greaseEvery(intervalH),
      rest,
    ),
  ]
}

function mixChecks({ grease: { thickener, thickenerBefore } }: RollingPosition, { mix }: GreaseOutcome): Check[] {
  if (mix === null || thickener === null || thickenerBefore === null) return []
  const rest = { values: { thickener, thickenerBefore }, field: 'grease.thickener' }
  switch (mix) {
    case 'compatible':
      return [now('mix', 'go', words.mixes(thickener, thickenerBefore), rest)]
    case 'borderline':
      return [now('mix', 'watch', words.mixesBadly(thickener, thickenerBefore), rest)]
    case 'incompatible':
      return [now('mix', 'stop', words.neverMix(thickener, thickenerBefore), rest)]
    default:
      return mix satisfies never
  }
}
