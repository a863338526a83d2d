import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { runsHighBy } from '../catalogue/estimate.ts'
import { factsOf, isBall, isThrust } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { runningWords } from '../words/vocabulary.ts'
import { givenOf, number, type Figure } from '../working/figure.ts'
import { axialCapacity } from './axial-capacity.ts'
import type { AxialLimit } from './axial-limits.ts'
import { minimumLoad } from './equivalent-load.ts'
import { forceGiven, ratingGiven } from './givens.ts'
import { wantedStaticSafety } from './static-safety.ts'
import { axialLimitLabel } from './words.ts'
import type { Carrying, Ratings } from './work-out.ts'

export function ratingFigure({ row, interior }: ResolvedBearing, ratings: Ratings, kind: 'dynamic' | 'static'): Figure {
  const dynamic = kind === 'dynamic'
  const estimated = dynamic ? ratings.dynamicEstimated : ratings.staticEstimated
  const balls = isBall(row.type)
  const length = givenOf('length', { decimals: 2 }, 'estimate')
  const count = givenOf('ratio', { decimals: 0 }, 'estimate')
  const givens = [
    count('elements in a row', 'Z', interior.elements),
    count('rows', 'i', interior.rows),
    length('rolling element', 'D_w', interior.elementDiameterMm),
    ...(interior.elementLengthMm !== null ? [length('effective length', 'L_{we}', interior.elementLengthMm)] : []),
    length('pitch diameter', 'D_{pw}', interior.pitchDiameterMm),
  ]
  const thrust = isThrust(row.type)
  const formula = dynamic
    ? balls
      ? thrust
        ? 'C = b_m f_c Z^{2/3} D_w^{1.8}'
        : 'C = b_m f_c (i\\cos\\alpha)^{0.7} Z^{2/3} D_w^{1.8}'
      : thrust
        ? 'C = b_m f_c L_{we}^{7/9} Z^{3/4} D_{we}^{29/27}'
        : 'C = b_m f_c (i L_{we}\\cos\\alpha)^{7/9} Z^{3/4} D_{we}^{29/27}'
    : balls
      ? thrust
        ? 'C_0 = f_0 Z D_w^2 \\sin\\alpha'
        : 'C_0 = f_0\\, i Z D_w^2 \\cos\\alpha'
      : thrust
        ? 'C_0 = 220\\, Z L_{we} D_{we} \\sin\\alpha'
        : 'C_0 = 44(1-\\gamma)\\, i Z L_{we} D_{we} \\cos\\alpha'
  // The static rating of those sizes runs as high: the balls are the same.
  const high = estimated ? runsHighBy(row) : 0
  return {
    label: `Basic ${dynamic ? 'dynamic' : 'static'} load rating${high > 0 ? `, may be ${Math.round(100 * high)} % high` : ''}`,
    symbol: dynamic ? 'C' : 'C_0',
    quantity: 'force',
    value: number(dynamic ? ratings.dynamicN : ratings.staticN),
    formula: estimated ? formula : `${dynamic ? 'C' : 'C_0'} = \\text{maker’s value}`,
    givens: estimated ? givens : [],
    source: estimated
      ? dynamic
        ? 'ISO 281:2007 with estimated inside'
        : 'ISO 76:2006 with estimated inside'
      : 'Maker’s value',
    ...(estimated
      ? {
          validity:
            'An estimate until the maker’s value is entered; it must not be used to approve a lower rating than the machine’s maker chose.',
        }
      : {}),
    estimate: estimated,
  }
}

export function minimumFigure({ row }: ResolvedBearing, ratings: Ratings): Figure {
  return {
    label: 'Minimum load',
    symbol: 'P_{min}',
    quantity: 'force',
    value: number(minimumLoad(row.type, ratings.dynamicN)),
    formula: `P_{min} = ${factsOf(row.type).minimumLoadShare}\\,C`,
    givens: [ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated)],
    source: 'Practice; a maker’s formula with speed and viscosity is better',
    estimate: ratings.dynamicEstimated,
  }
}

export function ratioFigure(load: Carrying, ratings: Ratings): Figure {
  return {
    label: 'Load ratio',
    symbol: 'P/C',
    quantity: 'ratio',
    value: number(load.equivalentN / ratings.dynamicN),
    precision: { figures: 2 },
    formula: '\\frac{P}{C}',
    givens: [
      forceGiven('P', 'equivalent load', load.equivalentN, 'worked out in this lens'),
      ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated),
    ],
    source: 'Light up to 0.07, normal up to 0.15, heavy above: practice',
    estimate: ratings.dynamicEstimated,
  }
}

export function axialFigure(
  { load: given }: RollingPosition,
  bearing: ResolvedBearing,
  { acting }: Carrying,
  ratings: Ratings,
  limits: readonly AxialLimit[],
): Figure {
  const radialN = Math.max(...acting.map((one) => one.radialN))
  return {
    label: 'Permissible axial load',
    symbol: 'F_{a,max}',
    quantity: 'force',
    value: number(axialCapacity(radialN, bearing, ratings, given.running, limits)),
    precision: { figures: 2 },
    formula: '\\max F_a:\\ P \\le \\tfrac12 C,\\ P_0 \\le C_0 / s_0',
    givens: [
      forceGiven('F_r', 'beside the radial load', radialN, 'this lens'),
      ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated),
      ratingGiven('C_0', 'static rating', ratings.staticN, ratings.staticEstimated),
      ...limits.map((limit) => forceGiven('', axialLimitLabel(limit), limit.mostN, 'practice')),
    ],
    source: 'ISO 281, ISO 76, searched for the largest that holds; practice for sleeves, ribs and locks',
    validity:
      'What holds for a moment; the life says for how long. A spherical roller bearing unloads its second row well before.',
    estimate: ratings.dynamicEstimated || ratings.staticEstimated,
  }
}

export function safetyFigure(
  { load: given }: RollingPosition,
  { row }: ResolvedBearing,
  load: Carrying,
  ratings: Ratings,
  safety: number,
): Figure {
  return {
    label: 'Static safety factor',
    symbol: 's_0',
    quantity: 'ratio',
    value: number(safety),
    precision: { figures: 2 },
    formula: 's_0 = \\frac{C_0}{P_0}',
    givens: [
      ratingGiven('C_0', 'static rating', ratings.staticN, ratings.staticEstimated),
      forceGiven('P_0', 'static equivalent load', load.staticEquivalentN, 'ISO 76'),
      {
        label: `recommended, ${runningWords[given.running]} running`,
        symbol: 's_{0,min}',
        quantity: 'ratio',
        value: number(wantedStaticSafety(row.type, given.running)),
        from: 'ISO 76 recommendation',
      },
    ],
    source: 'ISO 76:2006',
    estimate: ratings.staticEstimated,
  }
}
