import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import type { Limits } from './iso286-limits.ts'
import { housingWords, ringLoadWords } from '../words/vocabulary.ts'
import { runnersUp } from './runners-up.ts'
import type { BareSeat } from './bare-seat.ts'
import { standardTolerance } from './iso286-limits.ts'
import { bareZone } from './words.ts'
import type { Chosen, Remaining, SeatChoice, SeatOutcome } from './work-out.ts'

/** The figures of Seat, with their working. */
export function seatFigures(position: RollingPosition, outcome: SeatOutcome): Record<string, Figure> {
  const { bearing, shaft, housing, remaining } = outcome
  const figures: Record<string, Figure> = { zones: zonesFigure(shaft, housing) }
  for (const choice of [shaft, housing]) {
    figures[`${choice.seat}Zone`] = zoneFigure(choice, position)
    if (choice.bare) Object.assign(figures, bareFigures(choice, choice.bare, position))
    if (!choice.chosen || !bearing) continue
    Object.assign(figures, fitFigures(choice, choice.chosen), gaugeFigures(choice, choice.chosen.nominalMm, position))
    const others = othersFigure(choice, choice.chosen, position, bearing)
    if (others) figures[`${choice.seat}Others`] = others
  }
  if (remaining) figures['shaftRemaining'] = remainingFigure(position, shaft, remaining)
  return figures
}

/** What a seat is called on the track and the drawing; null while it is not settled. */
export function seatName({ chosen, bare }: SeatChoice): string | null {
  if (bare) return bare.kind === 'taper' ? 'taper' : bare.nominalMm === null ? null : bare.zone
  return chosen ? chosen.zone || 'inch seat' : null
}

const bareWords: Record<BareSeat['kind'], string> = {
  'adapter-sleeve': 'under the adapter sleeve',
  'withdrawal-sleeve': 'under the withdrawal sleeve',
  raceway: 'raceway on the shaft',
  taper: 'taper ground on the shaft',
}

function zonesFigure(shaft: SeatChoice, housing: SeatChoice): Figure {
  const names = [seatName(shaft), seatName(housing)] as const
  return {
    label: 'Shaft and housing',
    symbol: '\\text{shaft / housing}',
    quantity: 'ratio',
    value: names[0] || names[1] ? text(`${names[0] ?? '?'} / ${names[1] ?? '?'}`) : null,
    formula: '\\text{zone} = \\text{table}(\\text{ring load},\\ P/C,\\ d)',
    givens: [shaft, housing].map(({ seat, chosen, bare }): Given => ({
      label: seat,
      symbol: '',
      quantity: 'ratio',
      value: text(bare ? bareWords[bare.kind] : (chosen?.recommendation.reason ?? 'not settled')),
      from: bare ? 'locking method' : 'fit table',
    })),
    source: 'Handbook practice; ISO 286 for the limits',
    validity: 'Choice of fit is practice, not a standard: another handbook may differ by a letter or a grade.',
    ...(names[0] && names[1] ? {} : { missing: [...shaft.missing, ...housing.missing] }),
  }
}

/** The shaft that no ring sits on: what to turn it to, and how round. */
function bareFigures(choice: SeatChoice, bare: BareSeat, position: RollingPosition): Record<string, Figure> {
  const { nominalMm, zone, limits, formGrade } = bare
  if (nominalMm === null || zone === null || !limits) return {}
  const formUm = standardTolerance(nominalMm, formGrade) / 2
  return {
    shaftLimits: {
      label: bare.kind === 'raceway' ? 'Grind the raceway to' : 'Turn the shaft under the sleeve to',
      symbol: 'd_{seat}',
      quantity: 'length',
      value: range(nominalMm + limits.lowerUm / 1000, nominalMm + limits.upperUm / 1000),
      formula: 'd + L \\;\\dots\\; d + U',
      givens: [
        sizeGiven(
          bareWords[bare.kind],
          'd',
          nominalMm,
          bare.kind === 'adapter-sleeve' && position.seat.sleeveShaftMm === null
            ? 'ISO 2982-1'
            : bare.kind === 'raceway'
              ? 'estimate'
              : 'typed',
        ),
        {
          label: `seat ${zone}`,
          symbol: 'L \\dots U',
          quantity: 'deviation',
          value: range(limits.lowerUm, limits.upperUm),
          from: 'ISO 286',
        },
        givenOf('deviation', { decimals: 1 }, `half of IT${formGrade}`)('round and parallel to', 't', formUm),
      ],
      source: 'ISO 286-1:2010; ISO 2982-1 for sleeves',
      validity: 'At 20 °C, gauge and part alike.',
    },
    ...gaugeFigures(choice, nominalMm, position),
  }
}

const sizeGiven = (label: string, symbol: string, nominalMm: number, from = 'catalogue'): Given => ({
  label,
  symbol,
  quantity: 'length',
  value: number(nominalMm),
  precision: { decimals: Number.isInteger(nominalMm) ? 0 : 2 },
  from,
})

function zoneFigure(choice: SeatChoice, { seat: given }: RollingPosition): Figure {
  const { seat, chosen, bare, missing, refusal, nominalMm, ringLoad, loadRatio, loadSaid } = choice
  const givens: Given[] = []
  if (nominalMm !== null)
    givens.push(
      bare
        ? sizeGiven(bareWords[bare.kind], 'd', nominalMm, 'locking method')
        : sizeGiven(seat === 'shaft' ? 'bore' : 'outside diameter', seat === 'shaft' ? 'd' : 'D', nominalMm),
    )
  if (ringLoad)
    givens.push({
      label: 'load on this ring',
      symbol: '',
      quantity: 'ratio',
      value: text(ringLoadWords[ringLoad]),
      from: 'how the load turns',
    })
  if (loadRatio !== null)
    givens.push({
      label: 'load ratio',
      symbol: 'P/C',
      quantity: 'ratio',
      value: number(loadRatio),
      precision: { figures: 2 },
      from: loadSaid ? `said to be ${given.loadClass ?? ''}` : 'Carry',
    })
  if (seat === 'housing')
    givens.push({
      label: 'housing',
      symbol: '',
      quantity: 'ratio',
      value: text(housingWords[given.housing]),
      from: 'typed',
    })
  return {
    label: seat === 'shaft' ? 'Shaft seat' : 'Housing seat',
    symbol: '\\text{zone}',
    quantity: 'ratio',
    value: ((name) => (name === null ? null : text(name)))(seatName(choice)),
    formula: '\\text{zone} = \\text{table}(\\text{ring load},\\ P/C,\\ d)',
    givens,
    source: 'Handbook practice for the choice',
    ...(chosen ? { validity: chosen.recommendation.reason } : {}),
    ...(bare ? { validity: bareZone(bare.kind).reason } : {}),
    ...(missing.length > 0 ? { missing } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

function fitFigures(choice: SeatChoice, chosen: Chosen): Record<string, Figure> {
  const { seat } = choice
  const { nominalMm, seat: limits, ring, fit } = chosen
  const zone = chosen.zone || 'inch seat'
  const onShaft = seat === 'shaft'
  const deviation = (label: string, symbol: string, { lowerUm, upperUm }: Limits, from: string): Given => ({
    label,
    symbol,
    quantity: 'deviation',
    value: range(lowerUm, upperUm),
    from,
  })
  const nominal = sizeGiven('nominal size', onShaft ? 'd' : 'D', nominalMm)
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

/** What the gauge found, and the fit this seat makes with this ring. */
function gaugeFigures(
  { seat, gauged }: SeatChoice,
  nominalMm: number,
  { seat: given }: RollingPosition,
): Record<string, Figure> {
  const { gauging, planesMm, refusal, actual } = gauged
  if (!gauging && !refusal) return {}
  const onShaft = seat === 'shaft'
  const measured = (onShaft ? given.boreDeviationUm : given.outsideDeviationUm) !== null
  const um = givenOf('deviation', { decimals: 1 }, 'gauge sheet')
  const mean: Figure = {
    label: onShaft ? 'Shaft, gauged' : 'Housing, gauged',
    symbol: onShaft ? '\\bar d' : '\\bar D',
    quantity: 'length',
    value: gauging ? number(gauging.meanMm) : null,
    precision: { decimals: 3 },
    formula:
      '\\bar d = \\tfrac1k\\sum_i \\bar d_i,\\quad \\text{oval} = \\max_i(\\max - \\min),\\quad \\text{taper} = \\max \\bar d_i - \\min \\bar d_i',
    givens: gauging
      ? [
          {
            label: `mean of ${planesMm.length} plane${planesMm.length > 1 ? 's' : ''}, off nominal`,
            symbol: '',
            quantity: 'deviation',
            value: number(1000 * (gauging.meanMm - nominalMm)),
            precision: { decimals: 1 },
            from: 'gauge sheet',
          },
          um('ovality', '', gauging.ovalityUm),
          um('taper', '', gauging.taperUm),
          um('form allowed, strict', 't', gauging.formLimitUm, 'half of the standard tolerance'),
        ]
      : [],
    source: 'ISO 14405-1 (two-point size), ISO 1101 (form)',
    validity: 'Gauge and part at one temperature: a seat 10 °C warm reads 0.12 µm a millimetre too large.',
    practice: 'accepted by the strict practice (difference of diameters), rejected by the drawing’s (radial form)',
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
  if (!gauging || !actual) return { [`${seat}Gauged`]: mean }
  return {
    [`${seat}Gauged`]: mean,
    [`${seat}Actual`]: {
      label: onShaft ? 'This shaft with this ring' : 'This housing with this ring',
      symbol: 'I_{act}',
      quantity: 'deviation',
      value: measured ? number(actual.interferenceMeanUm) : range(actual.interferenceMinUm, actual.interferenceMaxUm),
      formula: onShaft ? 'I_{act} = (\\bar d - d) - \\Delta_{ring}' : 'I_{act} = \\Delta_{ring} - (\\bar D - D)',
      givens: [
        um('seat, off nominal', '', 1000 * (gauging.meanMm - nominalMm)),
        measured
          ? um(
              'ring, off nominal',
              '\\Delta_{ring}',
              (onShaft ? given.boreDeviationUm : given.outsideDeviationUm) ?? 0,
              'measured',
            )
          : {
              label: 'ring',
              symbol: '\\Delta_{ring}',
              quantity: 'deviation',
              value: text('not measured'),
              from: 'ISO 492 limits',
            },
      ],
      source: 'The readings, and the ring as measured or by its class',
      validity: 'Tight is positive, loose negative.',
    },
  }
}

/** The next zones on either side, and why they came second. */
function othersFigure(
  choice: SeatChoice,
  chosen: Chosen,
  position: RollingPosition,
  bearing: ResolvedBearing,
): Figure | null {
  const others = runnersUp(choice, chosen, position, bearing)
  if (others.length === 0) return null
  return {
    label: choice.seat === 'shaft' ? 'Next to it, shaft' : 'Next to it, housing',
    symbol: '',
    quantity: 'deviation',
    value: text(others.map(({ zone }) => zone).join(', ')),
    formula: 'I_{min} \\dots I_{max}\\ \\text{one letter either way}',
    givens: others.map(({ zone, fit, why }) => ({
      label: zone,
      symbol: '',
      quantity: 'deviation',
      value: range(fit.interferenceMinUm, fit.interferenceMaxUm),
      from: why,
    })),
    source: 'ISO 286 limits of the neighbouring letters',
  }
}

function remainingFigure(position: RollingPosition, shaft: SeatChoice, { fit, work }: Remaining): Figure {
  const turned = position.seat.finish === 'turned'
  const um = givenOf('deviation', { decimals: 1 })
  return {
    label: 'Left at work, probably at least',
    symbol: 'I_{work}',
    quantity: 'deviation',
    value: number(work.remainingProbableMinUm),
    formula: `I_{work} = I\\,\\frac{d}{d+${turned ? 3 : 2}} - 0.08\\sqrt{\\frac{d\\,F_r}{B}} - 0.0015\\,d\\,\\Delta T`,
    givens: [
      um('least probable fit', 'I', fit.probableMinUm, shaft.gauged.actual ? 'gauged seat' : 'this lens'),
      um('taken by the load', '', work.loadLossUm, 'rule of thumb'),
      um(
        'taken by heat',
        '',
        work.thermalLossUm,
        position.seat.ringRiseC === null ? 'temperature not given' : 'rule of thumb',
      ),
      um('left at the very least', '', work.remainingMinUm, 'guaranteed minimum, the stricter practice'),
    ],
    source: 'Handbook rules for loss of interference',
    validity:
      'Steel on steel; good to about half, so only a gauged seat is warned of, and only where half of the losses take all. Above a quarter of C0 the load takes 0.02 F/B where that is more.',
    practice: 'judged on the probable minimum',
  }
}
