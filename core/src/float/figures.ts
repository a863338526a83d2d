import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, type Figure, type Missing } from '../working/figure.ts'
import type { PairPlay } from '../carry/pair-play.ts'
import type { FloatOutcome } from './work-out.ts'
import { classFigure, initialFigure, mountedFigure, onShaftFigure, operatingFigure } from './clearance-figures.ts'
import { endsFigures } from './ends/figures.ts'
import { growthFigure, roomFigures } from './growth-figures.ts'

/** The figures of Float, with their working. */
export function floatFigures(position: RollingPosition, outcome: FloatOutcome): Record<string, Figure> {
  const { bearing, steps, pair, growth, ends } = outcome
  const figures: Record<string, Figure> = {
    operating: operatingFigure(position, outcome),
    growth: growthFigure(position, growth),
  }
  if (bearing && steps) {
    figures['initial'] = initialFigure(position, bearing, steps)
    figures['onShaft'] = onShaftFigure(steps)
    figures['mounted'] = mountedFigure(steps)
    figures['rightClass'] = classFigure(bearing, steps, outcome.clearance)
  }
  if (bearing && position.load.arrangement !== 'single' && isSetInPairs(bearing))
    figures['endPlay'] = endPlayFigure(position, pair)
  if (growth?.room) Object.assign(figures, roomFigures(position, growth))
  if (ends) Object.assign(figures, endsFigures(position, bearing, growth, ends))
  return figures
}

export const isSetInPairs = ({ row, interior }: ResolvedBearing): boolean =>
  factsOf(row.type).pairs && interior.rows === 1

function endPlayFigure({ float: given, load }: RollingPosition, pair: PairPlay | null): Figure {
  const missing: Missing[] = []
  if (given.endPlayMm === null) missing.push({ field: 'float.endPlayMm', label: 'the end play set cold' })
  if (given.innerC === null) missing.push({ field: 'float.innerC', label: 'the inner ring’s temperature' })
  if (given.outerC === null) missing.push({ field: 'float.outerC', label: 'the outer ring’s temperature' })
  if (given.spanMm === null) missing.push({ field: 'float.spanMm', label: 'the distance between the pair' })
  const mm = givenOf('length', { decimals: 3 })
  const apart = load.arrangement === 'back-to-back'
  return {
    label: pair && pair.hotMm < 0 ? 'Preload, running' : 'End play, running',
    symbol: 's_{hot}',
    quantity: 'length',
    value: pair ? number(pair.hotMm) : null,
    precision: { decimals: 3 },
    formula: apart
      ? 's_{hot} = s_{cold} + \\alpha\\,\\Delta T\\,(L - 2R),\\quad R = \\frac{D_{pw}}{2\\tan\\alpha_0}'
      : 's_{hot} = s_{cold} - \\alpha\\,\\Delta T\\,(L + 2R),\\quad R = \\frac{D_{pw}}{2\\tan\\alpha_0}',
    givens: pair
      ? [
          mm('set cold', 's_{cold}', pair.coldMm, 'typed'),
          mm(apart ? 'longer shaft slackens' : 'longer shaft tightens', '', pair.alongMm, 'linear expansion'),
          mm('wider inner rings tighten', '', pair.acrossMm, 'linear expansion'),
          mm('to the point of the cone', 'R', pair.apexMm, 'estimated pitch and angle'),
        ]
      : [],
    source: 'Geometry of the raceway cones, linear expansion',
    validity: 'Shaft and inner rings at one temperature, housing and outer rings at the other; both of one steel.',
    estimate: true,
    ...(missing.length > 0 ? { missing } : {}),
  }
}
