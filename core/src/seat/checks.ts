import type { BoreShape } from '../catalogue/initial-clearance.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import type { Check } from '../working/assessment.ts'
import { refusalOf } from '../working/figure.ts'
import { wornSeatRemedies, type Remedy } from './worn-seat.ts'
import { holdingOf, remainingOn, workOf, type Holding, type SeatChoice } from './work-out.ts'

/** The verdicts of Seat. */
export function checksOfSeats(
  position: Position,
  bearing: ResolvedBearing | null,
  shaft: SeatChoice,
  housing: SeatChoice,
): Check[] {
  const boreShape = bearing?.decoded.boreShape ?? 'cylindrical'
  return [
    ...seatChecks(shaft, position),
    ...seatChecks(housing, position),
    ...fitChecks(
      shaft,
      remainingOn(position, bearing, shaft)?.work.remainingProbableMinUm ?? null,
      boreShape,
      holdingOf(position, bearing, shaft),
    ),
    ...(bearing ? [shaft, housing].flatMap((choice) => gaugeChecks(choice, position, bearing)) : []),
  ]
}

function seatChecks({ seat, chosen, refusal, ringLoad }: SeatChoice, { seat: given }: Position): Check[] {
  const field = seat === 'shaft' ? 'seat.slides' : 'seat.housing'
  if (refusal) {
    const sliding = refusal.field === 'mustSlide'
    return [
      {
        key: `${seat}Refused`,
        verdict: 'stop',
        reason: sliding
          ? `The ${seat === 'shaft' ? 'inner' : 'outer'} ring is to slide, but the load ${ringLoad === 'rotating' ? 'travels round it' : 'may travel round it'}: a loose ring creeps and wears its seat.`
          : `${refusalOf(refusal).message}.`,
        wayOut: refusal.fix,
        field: sliding ? 'seat.slides' : field,
      },
    ]
  }
  if (!chosen) return []
  if (seat === 'housing' && given.housing === 'split' && ringLoad === 'rotating') {
    return [
      {
        key: 'splitRotating',
        verdict: 'stop',
        reason: 'The load travels round the outer ring, and a split housing cannot hold it tight without pinching it.',
        wayOut: 'Use a solid housing here.',
        field,
      },
    ]
  }
  return [
    {
      key: `${seat}Zone`,
      verdict: 'go',
      reason: chosen.recommendation.reason,
      wayOut: 'Gauge the seat in two planes and four directions before fitting.',
    },
  ]
}

function fitChecks(
  { chosen, ringLoad, gauged }: SeatChoice,
  remainingUm: number | null,
  boreShape: BoreShape,
  holding: Holding,
): Check[] {
  if (!chosen) return []
  if (boreShape === 'tapered') {
    return [
      {
        key: 'tapered',
        verdict: 'go',
        reason: 'A tapered bore takes its grip from the drive-up, not from the zone.',
        wayOut: 'Seat for a sleeve: h9, round to half of IT5. Drive up by loss of clearance, see Mount.',
      },
    ]
  }
  const checks: Check[] = []
  if (ringLoad === 'rotating' && remainingUm !== null && remainingUm <= 0 && !holding.surely) {
    checks.push({
      key: 'holds',
      verdict: 'watch',
      reason: `Load and heat may take all of the shaft fit: ${inSentence(remainingUm, 'deviation')} left at the least probable.`,
      wayOut: gauged.actual
        ? 'Choose a ring whose bore measures smaller, or have the seat built up.'
        : holding.zone
          ? `Work the shaft to the upper half of its zone; ${holding.zone} holds by itself, if the clearance class allows it.`
          : 'Work the shaft to the upper half of its zone, and ask the maker: no zone in the tables holds by itself.',
      field: 'seat.ringRiseC',
    })
  }
  const hoopLimitUm = chosen.nominalMm
  if (chosen.fit.interferenceMaxUm > hoopLimitUm) {
    checks.push({
      key: 'hoop',
      verdict: 'watch',
      reason: `The tightest fit, ${inSentence(chosen.fit.interferenceMaxUm, 'deviation')}, is over a thousandth of the bore: the ring may crack.`,
      wayOut: 'Work to a finer grade, or ask the maker for a case-hardened ring.',
      field: 'seat.loadCase',
    })
  }
  return checks
}

/** What may be done with a gauged seat; none while it is not gauged. */
export function remediesOf(choice: SeatChoice, position: Position, bearing: ResolvedBearing): Remedy[] {
  const { seat, ringLoad, gauged } = choice
  if (!gauged.gauging || !gauged.actual || !ringLoad) return []
  const holds =
    seat === 'shaft'
      ? workOf(position, bearing, gauged.actual).remainingProbableMinUm > 0
      : gauged.actual.interferenceMeanUm > 0
  const temperatures = [position.float.hottestC, position.float.innerC, position.grease.runningC]
  const known = temperatures.filter((one): one is number => one !== null)
  return wornSeatRemedies({
    seat,
    ringLoad,
    gauging: gauged.gauging,
    mustSlide: position.seat.slides === (seat === 'shaft' ? 'inner' : 'outer'),
    holds,
    hottestC: known.length > 0 ? Math.max(...known) : null,
  })
}

/** What the gauge says: the seat itself, and whether this ring creeps on it. */
function gaugeChecks(choice: SeatChoice, position: Position, bearing: ResolvedBearing): Check[] {
  const { seat, chosen, gauged, ringLoad } = choice
  const { gauging, refusal, actual } = gauged
  const field = `seat.${seat}ReadingsMm`
  if (refusal) {
    return [
      {
        key: `${seat}Gauge`,
        verdict: 'stop',
        reason: `A reading of the ${seat} must be ${refusal.allowed}.`,
        wayOut: refusal.fix,
        field,
      },
    ]
  }
  if (!gauging || !chosen || !actual) return []
  const remedy = remediesOf(choice, position, bearing).find(({ barred }) => barred === null)
  const um = (value: number) => inSentence(value, 'deviation')
  const form = Math.max(gauging.ovalityUm, gauging.taperUm)
  const formWord = gauging.taperUm >= gauging.ovalityUm ? 'tapers' : 'is oval by'
  const checks: Check[] = []
  if (gauging.verdict === 'accept') {
    checks.push({
      key: `${seat}Gauge`,
      verdict: 'go',
      reason: `The ${seat} is within ${chosen.zone || 'its limits'}, oval by ${um(gauging.ovalityUm)}, taper ${um(gauging.taperUm)}.`,
      wayOut: 'Record these as the readings it was left with.',
    })
  } else {
    const formBad = form > gauging.formLimitUm + 0.01
    checks.push({
      key: `${seat}Gauge`,
      verdict: gauging.verdict === 'reject' ? 'stop' : 'watch',
      reason: formBad
        ? `The ${seat} ${formWord} ${um(form)}, allowed ${um(gauging.formLimitUm)}${gauging.verdict === 'reject' ? `, and never over ${um(2 * gauging.formLimitUm)}` : ''}.`
        : `The ${seat} lies outside ${chosen.zone || 'its limits'}: ${um(1000 * (gauging.meanMm - chosen.nominalMm))} off nominal in the mean.`,
      wayOut: remedy ? `${remedy.title}.` : 'Have the seat worked on before a bearing goes in.',
      field,
    })
  }
  if (
    ringLoad !== 'stationary' &&
    actual.interferenceMeanUm <= 0 &&
    bearing.row.type !== 'insert-ball' &&
    !taperedSeat(choice, bearing)
  ) {
    checks.push({
      key: `${seat}Creep`,
      verdict: 'stop',
      reason: `The ring is ${um(Math.abs(actual.interferenceMeanUm))} loose on the ${seat}, and the load travels round it: it creeps.`,
      wayOut: 'Take a ring that measures tighter, or have the seat worked on; never punch, knurl or shim it.',
      field,
    })
  }
  return checks
}

const taperedSeat = ({ seat }: SeatChoice, { decoded }: ResolvedBearing) =>
  seat === 'shaft' && decoded.boreShape === 'tapered'
