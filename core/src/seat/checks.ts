import { isPressedOn } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { atFitting, now, unknown, type Check } from '../working/check.ts'
import { refusalOf } from '../working/figure.ts'
import { fullHrc, racewayShare } from '../carry/raceway.ts'
import * as words from './words.ts'
import { fitOf, surelyCreeps, workOf, type SeatChoice, type SeatOutcome } from './work-out.ts'
import { wornSeatRemedies, type Remedy } from './worn-seat.ts'

/** The verdicts of Seat. */
export function seatChecks(position: RollingPosition, outcome: SeatOutcome): Check[] {
  const { bearing, shaft, housing } = outcome
  return [
    ...zoneChecks(shaft, position),
    ...zoneChecks(housing, position),
    ...classChecks(outcome),
    ...shaftFitChecks(outcome),
    ...warmChecks(outcome),
    ...racewayChecks(position, shaft),
    ...(bearing ? [shaft, housing].flatMap((choice) => gaugeChecks(choice, position, bearing)) : []),
  ]
}

function zoneChecks({ seat, chosen, bare, refusal, ringLoad }: SeatChoice, { seat: given }: RollingPosition): Check[] {
  if (bare) return [now(`${seat}Zone`, 'go', words.bareZone(bare.kind))]
  const field = seat === 'shaft' ? 'seat.slides' : 'seat.housing'
  if (refusal) {
    const sliding = refusal.field === 'mustSlide'
    return [
      now(
        `${seat}Refused`,
        'stop',
        sliding
          ? words.slidesUnderLoad(seat, ringLoad, refusal.fix)
          : words.refusedSeat(refusalOf(refusal).message, refusal.fix),
        { field: sliding ? 'seat.slides' : field },
      ),
    ]
  }
  if (!chosen) return []
  if (seat === 'housing' && given.housing === 'split' && ringLoad === 'rotating')
    return [now('splitRotating', 'stop', words.splitUnderTurningLoad, { field })]
  return [now(`${seat}Zone`, 'go', words.settledZone(chosen.recommendation.reason), { values: { zone: chosen.zone } })]
}

function classChecks({ toleranceClass }: SeatOutcome): Check[] {
  const { inNumber, entered } = toleranceClass
  if (inNumber === null || entered === null || inNumber === entered) return []
  return [
    now('class', 'watch', words.classDiffers(toleranceClass), {
      values: { inNumber, entered },
      field: 'seat.toleranceClass',
    }),
  ]
}

/** Tension in the ring above which a through-hardened one may crack, MPa. */
const mostHoopMPa = 150

/** A zone that is recommended here never warns of itself; a seat that was gauged is judged as it is. */
function shaftFitChecks({ shaft, remaining, hoopStressMPa }: SeatOutcome): Check[] {
  const checks: Check[] = []
  const gauged = shaft.gauged.actual !== null
  const fit = fitOf(shaft)
  if (gauged && remaining && fit && fit.interferenceMeanUm > 0 && surelyCreeps(remaining)) {
    const leftUm = remaining.work.remainingProbableMinUm
    checks.push(
      now('holds', 'watch', words.surelyCreeping(leftUm), { values: { leftUm }, field: 'seat.shaftReadingsMm' }),
    )
  }
  if (fit && hoopStressMPa !== null && hoopStressMPa > mostHoopMPa) {
    const check = gauged ? now : atFitting
    checks.push(
      check('hoop', 'watch', words.hoopTooHigh(hoopStressMPa, fit.probableMaxUm, gauged), {
        values: { hoopStressMPa },
        field: gauged ? 'seat.shaftReadingsMm' : 'seat.loadCase',
      }),
    )
  }
  return checks
}

function warmChecks({ warm }: SeatOutcome): Check[] {
  return warm.flatMap((fit) => {
    const { seat, ringLoad, coldMeanUm, warmMeanUm, celsius } = fit
    // What is loose cold is judged by the gauge; here it is the metal that lets go.
    if (warmMeanUm > 0 || warmMeanUm >= coldMeanUm) return []
    return [
      now(`${seat}ComesLoose`, ringLoad === 'rotating' ? 'stop' : 'watch', words.comesLoose(fit), {
        values: { warmMeanUm, celsius },
        field: seat === 'housing' ? 'float.housingMaterial' : 'float.shaftMaterial',
      }),
    ]
  })
}

/** What rollers need of the shaft they run on. */
const raceway = { softestHrc: fullHrc, hardestHrc: 64, roughestUm: 0.2 }
/** A shaft that takes more of the rating than this is no raceway. */
const leastShare = 0.8

function racewayChecks({ seat: { racewayHrc, racewayRaUm } }: RollingPosition, { bare }: SeatChoice): Check[] {
  if (bare?.kind !== 'raceway') return []
  const checks: Check[] = []
  const field = 'seat.racewayHrc'
  if (racewayHrc === null) checks.push(unknown('racewayHardness', words.racewayNotMeasured, { field }))
  else if (racewayHrc < raceway.softestHrc) {
    const share = racewayShare(racewayHrc)
    checks.push(
      now('racewayHardness', share < leastShare ? 'stop' : 'watch', words.racewaySoft(racewayHrc, share), {
        values: { racewayHrc, share },
        field,
      }),
    )
  } else if (racewayHrc > raceway.hardestHrc)
    checks.push(now('racewayHardness', 'watch', words.racewayTooHard(racewayHrc), { values: { racewayHrc }, field }))
  if (racewayRaUm !== null && racewayRaUm > raceway.roughestUm)
    checks.push(
      now('racewayRoughness', 'watch', words.racewayRough(racewayRaUm), {
        values: { racewayRaUm },
        field: 'seat.racewayRaUm',
      }),
    )
  return checks
}

/** What may be done with a gauged seat; none while it is not gauged. */
export function remediesOf(choice: SeatChoice, position: RollingPosition, bearing: ResolvedBearing): Remedy[] {
  const { seat, ringLoad, gauged, chosen, nominalMm } = choice
  if (!gauged.gauging || !gauged.actual || !ringLoad) return []
  const holds =
    seat === 'shaft'
      ? workOf(position, bearing, gauged.actual).remainingProbableMinUm > 0
      : gauged.actual.interferenceMeanUm > 0
  const offUm = nominalMm === null ? 0 : 1000 * (gauged.gauging.meanMm - nominalMm)
  const metalToSpare = chosen ? (seat === 'shaft' ? offUm > chosen.seat.upperUm : offUm < chosen.seat.lowerUm) : false
  const temperatures = [position.float.hottestC, position.float.innerC, position.grease.runningC]
  const known = temperatures.filter((one): one is number => one !== null)
  return wornSeatRemedies({
    seat,
    ringLoad,
    gauging: gauged.gauging,
    metalToSpare,
    mustSlide: position.seat.slides === (seat === 'shaft' ? 'inner' : 'outer'),
    holds,
    hottestC: known.length > 0 ? Math.max(...known) : null,
  })
}

/** What the gauge says: the seat itself, and whether this ring creeps on it. */
function gaugeChecks(choice: SeatChoice, position: RollingPosition, bearing: ResolvedBearing): Check[] {
  const { seat, chosen, bare, gauged, ringLoad, nominalMm } = choice
  const { gauging, refusal, actual } = gauged
  const rest = { field: `seat.${seat}ReadingsMm` }
  if (refusal) return [now(`${seat}Gauge`, 'stop', words.rejectedReading(seat, refusal.allowed, refusal.fix), rest)]
  if (!gauging || nominalMm === null) return []
  const { ovalityUm, taperUm, formLimitUm, verdict } = gauging
  const gauge: words.Gauge = {
    seat,
    zone: chosen?.zone ?? bare?.zone ?? '',
    ovalityUm,
    taperUm,
    formLimitUm,
    meanOffUm: 1000 * (gauging.meanMm - nominalMm),
  }
  const remedy = remediesOf(choice, position, bearing).find(({ barred }) => barred === null)?.title ?? null
  const formBad = Math.max(ovalityUm, taperUm) > formLimitUm + 0.01
  const judged = verdict === 'accept' ? 'go' : verdict === 'reject' ? 'stop' : 'watch'
  const saying =
    verdict === 'accept'
      ? words.gaugedWell(gauge)
      : formBad
        ? words.formPoor(gauge, verdict === 'reject', remedy)
        : words.sizePoor(gauge, remedy)
  const checks = [now(`${seat}Gauge`, judged, saying, { ...rest, values: { ovalityUm, taperUm } })]
  const pressed = isPressedOn(bearing.row.type)
  if (ringLoad !== 'stationary' && actual && actual.interferenceMeanUm <= 0 && pressed) {
    const looseUm = Math.abs(actual.interferenceMeanUm)
    checks.push(now(`${seat}Creep`, 'stop', words.looseOnSeat(seat, looseUm), { ...rest, values: { looseUm } }))
  }
  return checks
}
