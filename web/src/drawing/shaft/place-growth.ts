import type { LineAssessment } from '@yardfrost/core'
import { polyline } from '../kit/polyline.ts'
import { roundTimes } from './elevation.ts'
import type { PlacedSupport } from './place-body.ts'
import type { ShaftFrame } from './shaft-frame.ts'
import type { ShaftWords } from './shaft-words.ts'

/** A growth shorter than this is not drawn, mm. */
const leastGrowthMm = 0.005
/** About as long is the growth drawn, and so deep the bent shaft, px. */
const drawnGrowthPx = 60
const drawnBendPx = 34

/** The growth of the shaft from the end that is held to the far one, drawn many times; null where there is none to see. */
export function placeGrowth(
  { line, at, px }: ShaftFrame,
  supports: readonly PlacedSupport[],
  { growth, growsTo }: Pick<LineAssessment, 'growth' | 'growsTo'>,
  words: Pick<ShaftWords, 'length'>,
) {
  const mm = Math.abs(growth?.growthMm ?? 0)
  const along = [...line.supports].sort((a, b) => a.xMm - b.xMm)
  const [first, last] = [along[0], along.at(-1)]
  if (!first || !last || first === last || mm < leastGrowthMm) return null
  const toRight = growsTo !== 'left'
  const held = line.supports.find(({ holds }) => holds === 'both')
  const [from, to] = toRight ? [first, last] : [last, first]
  const times = roundTimes(px(mm), drawnGrowthPx)
  const up = Math.max(...supports.map(({ od, wall }) => od / 2 + wall)) + 12
  return {
    from: at((held ?? from).xMm, up),
    to: at(to.xMm, up),
    tip: at(to.xMm + (toRight ? 1 : -1) * mm * times, up),
    text: `grows ${words.length(mm, 2)}, drawn ${times} times`,
  }
}

/** The bent shaft, drawn many times; null where it does not bend. */
export function placeBent(
  { at, px }: ShaftFrame,
  bending: LineAssessment['bending'],
  words: Pick<ShaftWords, 'length'>,
) {
  if (!bending || bending.largestMm <= 0) return null
  const largest = Math.max(...bending.deflectionMm.map(Math.abs))
  const times = roundTimes(px(largest), drawnBendPx)
  const points = bending.xMm.map((xMm, node) => at(xMm, -px(bending.deflectionMm[node] ?? 0) * times))
  return { d: polyline(points), text: `bends ${words.length(bending.largestMm, 3)}, drawn ${times} times` }
}

/** Distances from bearing to bearing, px. */
export function placeSpans({ line, at }: ShaftFrame, words: Pick<ShaftWords, 'length'>) {
  const places = line.supports.map(({ xMm }) => xMm).sort((a, b) => a - b)
  return places.slice(1).map((to, index) => {
    const from = places[index] ?? 0
    return { x1: at(from).x, x2: at(to).x, text: words.length(to - from, 0) }
  })
}
