import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { Position } from '../model/position.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import type { Limits } from './iso286-limits.ts'
import { runnersUp } from './runners-up.ts'
import { remainingOn, type Chosen, type SeatChoice } from './work-out.ts'

/** The figures of Seat, with their working. */
export function seatFigures(
  position: Position,
  bearing: ResolvedBearing | null,
  shaft: SeatChoice,
  housing: SeatChoice,
): Record<string, Figure> {
  const figures: Record<string, Figure> = { zones: zonesFigure(shaft, housing) }
  for (const choice of [shaft, housing]) {
    figures[`${choice.seat}Zone`] = zoneFigure(choice, position)
    if (!choice.chosen || !bearing) continue
    Object.assign(figures, fitFigures(choice, choice.chosen), gaugeFigures(choice, choice.chosen, position))
    const others = othersFigure(choice, choice.chosen, position, bearing)
    if (others) figures[`${choice.seat}Others`] = others
  }
  const remaining = remainingOn(position, bearing, shaft)
  if (remaining) figures['shaftRemaining'] = remainingFigure(position, shaft, remaining)
  return figures
}

/** What a seat is called on the track and the drawing. */
export const seatName = ({ zone }: Chosen): string => zone || 'inch seat'

function zonesFigure(shaft: SeatChoice, housing: SeatChoice): Figure {
  const known = shaft.chosen && housing.chosen
  return {
    label: 'Shaft and housing',
    symbol: '\\text{shaft / housing}',
    quantity: 'ratio',
    value:
      shaft.chosen || housing.chosen
        ? text(`${shaft.chosen ? seatName(shaft.chosen) : '?'} / ${housing.chosen ? seatName(housing.chosen) : '?'}`)
        : null,
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
    value: chosen ? text(seatName(chosen)) : null,
    formula: '\\text{zone} = \\text{table}(\\text{ring load},\\ P/C,\\ d)',
    givens,
    source: 'Handbook practice for the choice',
    ...(chosen ? { validity: chosen.recommendation.reason } : {}),
    ...(missing.length > 0 ? { missing } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

function fitFigures({ seat }: SeatChoice, chosen: Chosen): Record<string, Figure> {
  const { nominalMm, seat: limits, ring, fit } = chosen
  const zone = seatName(chosen)
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

/** What the gauge found, and the fit this seat makes with this ring. */
function gaugeFigures(
  { seat, gauged }: SeatChoice,
  { nominalMm }: Chosen,
  { seat: given }: Position,
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
    school: 'accepted by the strict school (difference of diameters), rejected by the drawing’s (radial form)',
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
function othersFigure(choice: SeatChoice, chosen: Chosen, position: Position, bearing: ResolvedBearing): Figure | null {
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

function remainingFigure(
  position: Position,
  shaft: SeatChoice,
  { fit, work }: NonNullable<ReturnType<typeof remainingOn>>,
): Figure {
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
      um('left at the very least', '', work.remainingMinUm, 'guaranteed minimum, the stricter school'),
    ],
    source: 'Handbook rules for loss of interference',
    validity:
      'Steel on steel; good to about half, so it is a warning only where half of the losses already take all. Above a quarter of C0 the load takes 0.02 F/B.',
    school: 'judged on the probable minimum',
  }
}
