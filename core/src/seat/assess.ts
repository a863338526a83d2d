import type { BoreShape } from '../catalogue/initial-clearance.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { Machine } from '../model/machine.ts'
import type { LoadCase, Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { fitRecommend, type Application, type FitRecommendation, type RingLoad } from './fit-recommend.ts'
import { fitAtWork, interference, loadLoss, type FitResult, type Seat } from './fit-result.ts'
import { iso286Limits, parseZone, type Limits } from './iso286-limits.ts'
import { ringLimits } from './ring-limits.ts'

/** How the load stands to each ring, from how load and rings turn. */
export const ringLoads: Record<LoadCase, Record<Seat, RingLoad>> = {
  'inner-turns': { shaft: 'rotating', housing: 'stationary' },
  'outer-turns': { shaft: 'stationary', housing: 'rotating' },
  // Unbalance turns with the shaft: it always presses the same point of the inner ring and travels round the outer.
  'load-turns': { shaft: 'stationary', housing: 'rotating' },
  both: { shaft: 'indeterminate', housing: 'indeterminate' },
}

/** What Seat hands on: the tightest shaft fit the ring has to be heated over; null while it is not known. */
export interface Seated {
  assessment: LensAssessment
  shaftInterferenceMaxUm: number | null
  fits: { shaft: FitResult | null; housing: FitResult | null }
}

/** What to machine shaft and housing to, and how tight that gets. */
export function assessSeat(
  position: Position,
  machine: Machine,
  lookup: BearingLookup,
  loadRatio: number | null,
): Seated {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const application = applicationOf(machine)
  const shaft = chooseSeat('shaft', position, bearing, application, loadRatio)
  const housing = chooseSeat('housing', position, bearing, application, loadRatio)
  const figures: Record<string, Figure> = { zones: zonesFigure(shaft, housing) }
  for (const choice of [shaft, housing]) {
    figures[`${choice.seat}Zone`] = zoneFigure(choice, position)
    if (choice.chosen) Object.assign(figures, fitFigures(choice, choice.chosen))
  }
  const tapered = bearing?.decoded.boreShape === 'tapered'
  // An insert bearing slides on its shaft by design; its locking device holds it.
  const pressed = bearing && !tapered && bearing.row.type !== 'insert-ball'
  if (shaft.chosen && bearing && pressed && position.load.radialN !== null && shaft.ringLoad === 'rotating')
    figures['shaftRemaining'] = remainingFigure(position, bearing, shaft.chosen)
  return {
    assessment: assessLens({
      lens: 'seat',
      headline: 'zones',
      figures,
      checks: [
        ...seatChecks(shaft, position),
        ...seatChecks(housing, position),
        ...fitChecks(shaft, figures, tapered ? 'tapered' : 'cylindrical', holdingOf(position, bearing, shaft.chosen)),
      ],
    }),
    shaftInterferenceMaxUm: shaft.chosen && !tapered ? shaft.chosen.fit.interferenceMaxUm : null,
    fits: { shaft: shaft.chosen?.fit ?? null, housing: housing.chosen?.fit ?? null },
  }
}

const applicationOf = ({ kind }: Machine): Application =>
  kind === 'motor' ? 'electric-motor' : kind === 'spindle' ? 'machine-tool' : 'general'

/** A seat as far as it can be settled. */
interface SeatChoice {
  seat: Seat
  ringLoad: RingLoad | null
  nominalMm: number | null
  loadRatio: number | null
  chosen: Chosen | null
  missing: Missing[]
  refusal: InputError | null
}

interface Chosen {
  recommendation: FitRecommendation
  zone: string
  nominalMm: number
  seat: Limits
  ring: Limits
  fit: FitResult
}

function chooseSeat(
  seat: Seat,
  position: Position,
  bearing: ResolvedBearing | null,
  application: Application,
  loadRatio: number | null,
): SeatChoice {
  const { loadCase } = position.seat
  const ringLoad = loadCase ? ringLoads[loadCase][seat] : null
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!ringLoad) missing.push({ field: 'seat.loadCase', label: 'how the load turns' })
  if (bearing && ringLoad && ringLoad !== 'stationary' && loadRatio === null && bearing.row.type !== 'thrust-ball')
    missing.push({ field: 'load.radialN', label: 'the load, for P/C' })
  const nominalMm = bearing ? (seat === 'shaft' ? bearing.row.boreMm : bearing.row.odMm) : null
  const choice: SeatChoice = { seat, ringLoad, nominalMm, loadRatio, chosen: null, missing, refusal: null }
  if (!bearing || !ringLoad || nominalMm === null || missing.length > 0) return choice
  const { value, refusal } = attempt(() => settle(seat, position, bearing, application, ringLoad, nominalMm, loadRatio))
  return { ...choice, chosen: value, refusal }
}

function settle(
  seat: Seat,
  position: Position,
  { row }: ResolvedBearing,
  application: Application,
  ringLoad: RingLoad,
  nominalMm: number,
  loadRatio: number | null,
): Chosen {
  const { seat: given } = position
  const recommendation = fitRecommend({
    seat,
    bearingType: row.type,
    diameterMm: nominalMm,
    ringLoad,
    // Above C there is no fit to choose by; Carry has already said stop.
    ...(loadRatio === null ? {} : { loadRatio: Math.min(loadRatio, 1) }),
    housing: given.housing,
    mustSlide: given.slides === (seat === 'shaft' ? 'inner' : 'outer'),
    application,
    system: 'metric',
    duty: 'industrial',
    toleranceClass: given.toleranceClass,
    ...(seat === 'shaft' ? { shaftBoreMm: given.shaftBoreMm ?? 0 } : {}),
  })
  const limits = { lowerUm: recommendation.seatLowerUm, upperUm: recommendation.seatUpperUm }
  const ring = ringLimits({
    ring: seat === 'shaft' ? 'inner' : 'outer',
    diameterMm: nominalMm,
    toleranceClass: given.toleranceClass,
    bearingType: row.type,
  })
  return {
    recommendation,
    zone: recommendation.zone ?? '',
    nominalMm,
    seat: limits,
    ring,
    fit: interference(seat, limits, ring),
  }
}

function zonesFigure(shaft: SeatChoice, housing: SeatChoice): Figure {
  const known = shaft.chosen && housing.chosen
  return {
    label: 'Shaft and housing',
    symbol: '\\text{shaft / housing}',
    quantity: 'ratio',
    value:
      shaft.chosen || housing.chosen ? text(`${shaft.chosen?.zone ?? '?'} / ${housing.chosen?.zone ?? '?'}`) : null,
    formula: '\\text{zone} = \\text{table}(\\text{ring load},\\ P/C,\\ d)',
    givens: [shaft, housing].map(({ seat, chosen }): Given => ({
      label: seat,
      symbol: '',
      quantity: 'ratio',
      value: text(chosen?.recommendation.reason ?? 'not settled'),
      from: 'fit table',
    })),
    source: 'Handbook practice; ISO 286 for the limits',
    validity: 'Choice of fit is practice, not a standard: another handbook may differ by a letter or a grade.',
    ...(known ? {} : { missing: [...shaft.missing, ...housing.missing] }),
  }
}

function zoneFigure(
  { seat, chosen, missing, refusal, nominalMm, ringLoad, loadRatio }: SeatChoice,
  { seat: given }: Position,
): Figure {
  const givens: Given[] = []
  if (nominalMm !== null)
    givens.push({
      label: seat === 'shaft' ? 'bore' : 'outside diameter',
      symbol: seat === 'shaft' ? 'd' : 'D',
      quantity: 'length',
      value: number(nominalMm),
      precision: { decimals: Number.isInteger(nominalMm) ? 0 : 2 },
      from: 'catalogue',
    })
  if (ringLoad)
    givens.push({
      label: 'load on this ring',
      symbol: '',
      quantity: 'ratio',
      value: text(ringLoad),
      from: 'how the load turns',
    })
  if (loadRatio !== null)
    givens.push({
      label: 'load ratio',
      symbol: 'P/C',
      quantity: 'ratio',
      value: number(loadRatio),
      precision: { figures: 2 },
      from: 'Carry',
    })
  if (seat === 'housing')
    givens.push({ label: 'housing', symbol: '', quantity: 'ratio', value: text(given.housing), from: 'typed' })
  return {
    label: seat === 'shaft' ? 'Shaft seat' : 'Housing seat',
    symbol: '\\text{zone}',
    quantity: 'ratio',
    value: chosen ? text(chosen.zone) : null,
    formula: '\\text{zone} = \\text{table}(\\text{ring load},\\ P/C,\\ d)',
    givens,
    source: 'Handbook practice for the choice',
    ...(chosen ? { validity: chosen.recommendation.reason } : {}),
    ...(missing.length > 0 ? { missing } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

function fitFigures(
  { seat }: SeatChoice,
  { zone, nominalMm, seat: limits, ring, fit }: Chosen,
): Record<string, Figure> {
  const onShaft = seat === 'shaft'
  const deviation = (label: string, symbol: string, { lowerUm, upperUm }: Limits, from: string): Given => ({
    label,
    symbol,
    quantity: 'deviation',
    value: range(lowerUm, upperUm),
    from,
  })
  const nominal: Given = {
    label: 'nominal size',
    symbol: onShaft ? 'd' : 'D',
    quantity: 'length',
    value: number(nominalMm),
    precision: { decimals: Number.isInteger(nominalMm) ? 0 : 2 },
    from: 'catalogue',
  }
  const givens = [
    nominal,
    deviation(`seat ${zone}`, 'L \\dots U', limits, 'ISO 286'),
    deviation(onShaft ? 'ring bore' : 'ring outside', 'l \\dots u', ring, 'ISO 492'),
  ]
  return {
    [`${seat}Limits`]: {
      label: onShaft ? 'Turn the shaft to' : 'Bore the housing to',
      symbol: onShaft ? 'd_{seat}' : 'D_{seat}',
      quantity: 'length',
      value: range(nominalMm + limits.lowerUm / 1000, nominalMm + limits.upperUm / 1000),
      formula: onShaft ? 'd + L \\;\\dots\\; d + U' : 'D + L \\;\\dots\\; D + U',
      givens: [nominal, deviation(`seat ${zone}`, 'L \\dots U', limits, 'ISO 286')],
      source: 'ISO 286-1:2010',
      validity: 'At 20 °C, gauge and part alike.',
    },
    [`${seat}Fit`]: {
      label: onShaft ? 'Fit on the shaft' : 'Fit in the housing',
      symbol: 'I',
      quantity: 'deviation',
      value: range(fit.interferenceMinUm, fit.interferenceMaxUm),
      formula: onShaft ? 'I_{min} = L - u,\\quad I_{max} = U - l' : 'I_{min} = l - U,\\quad I_{max} = u - L',
      givens,
      source: 'ISO 286-1, ISO 492',
      validity: 'Tight is positive, loose negative.',
    },
    [`${seat}Probable`]: {
      label: onShaft ? 'Probable on the shaft' : 'Probable in the housing',
      symbol: 'I_{prob}',
      quantity: 'deviation',
      value: range(fit.probableMinUm, fit.probableMaxUm),
      formula: 'I_{mean} \\pm \\sqrt{\\left(\\tfrac{U-L}{2}\\right)^2 + \\left(\\tfrac{u-l}{2}\\right)^2}',
      givens: [
        ...givens,
        {
          label: 'mean fit',
          symbol: 'I_{mean}',
          quantity: 'deviation',
          value: number(fit.interferenceMeanUm),
          precision: { decimals: 1 },
          from: 'this lens',
        },
      ],
      source: 'Root sum square of the two tolerances',
      validity: 'Both sizes centred and independent; a shop that works to one side shifts it.',
    },
  }
}

/** What load and heat leave of a shaft fit. */
function workOf({ load, seat: given }: Position, { row, interior }: ResolvedBearing, fit: FitResult) {
  return fitAtWork(fit, {
    boreMm: row.boreMm,
    loadLossUm: loadLoss(row.boreMm, row.widthMm, load.radialN ?? 0, interior.staticRatingN),
    ringRiseC: given.ringRiseC ?? 0,
    seatFinish: 'ground',
  })
}

/**
 * The losses are rules of thumb, good to about half. A fit that survives half of them is let pass; one that does not even
 * survive that is watched.
 */
const sureShare = 0.5

interface Holding {
  /** The fit survives the low end of the losses. */
  surely: boolean
  /** Next zone that survives all of them. */
  zone: string | null
}

function holdingOf(position: Position, bearing: ResolvedBearing | null, chosen: Chosen | null): Holding {
  if (!bearing || !chosen) return { surely: true, zone: null }
  const { remainingProbableMinUm, loadLossUm, thermalLossUm } = workOf(position, bearing, chosen.fit)
  const surely = remainingProbableMinUm + (1 - sureShare) * (loadLossUm + thermalLossUm) > 0
  return { surely, zone: surely ? null : zoneThatHolds(position, bearing, chosen) }
}

const letterSteps = ['j', 'k', 'm', 'n', 'p', 'r']

/** The first zone, a letter tighter at a time, whose probable minimum survives load and heat; null when none does. */
function zoneThatHolds(position: Position, bearing: ResolvedBearing, chosen: Chosen): string | null {
  const { letters, grade } = parseZone(chosen.zone)
  const from = letterSteps.indexOf(letters === 'js' ? 'j' : letters)
  for (const letter of from < 0 ? [] : letterSteps.slice(from + 1)) {
    const zone = `${letter}${Math.max(grade, letter === 'r' ? 6 : 5)}`
    const seat = iso286Limits({ nominalMm: chosen.nominalMm, zone })
    if (workOf(position, bearing, interference('shaft', seat, chosen.ring)).holds) return zone
  }
  return null
}

function remainingFigure(position: Position, bearing: ResolvedBearing, { fit }: Chosen): Figure {
  const work = workOf(position, bearing, fit)
  const um = givenOf('deviation', { decimals: 1 })
  return {
    label: 'Left at work, probably at least',
    symbol: 'I_{work}',
    quantity: 'deviation',
    value: number(work.remainingProbableMinUm),
    formula: 'I_{work} = I\\,\\frac{d}{d+2} - 0.08\\sqrt{\\frac{d\\,F_r}{B}} - 0.0015\\,d\\,\\Delta T',
    givens: [
      um('least probable fit', 'I', fit.probableMinUm, 'this lens'),
      um('taken by the load', '', work.loadLossUm, 'rule of thumb'),
      um(
        'taken by heat',
        '',
        work.thermalLossUm,
        position.seat.ringRiseC === null ? 'temperature not given' : 'rule of thumb',
      ),
      um('left at the very least', '', work.remainingMinUm, 'guaranteed minimum, the stricter school'),
    ],
    source: 'Handbook rules for loss of interference',
    validity:
      'Ground seat, steel on steel; good to about half, so it is a warning only where half of the losses already take all. Above a quarter of C0 the load takes 0.02 F/B.',
    school: 'judged on the probable minimum',
  }
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
  { chosen, ringLoad }: SeatChoice,
  figures: Record<string, Figure>,
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
  const remaining = figures['shaftRemaining']?.value
  if (ringLoad === 'rotating' && remaining?.kind === 'number' && remaining.number <= 0 && !holding.surely) {
    checks.push({
      key: 'holds',
      verdict: 'watch',
      reason: `Load and heat may take all of the shaft fit: ${inSentence(remaining.number, 'deviation')} left at the least probable.`,
      wayOut: holding.zone
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
