import type { LineAssessment } from '@yardfrost/core'
import { placeInRows } from './elevation.ts'
import type { PlacedPart } from './place-body.ts'
import type { ShaftFrame } from './shaft-frame.ts'
import type { ShaftWords } from './shaft-words.ts'

/** Seen from the side, a load from the side comes straight out of the sheet; one that turns has no way. */
export type LoadWay = 'up' | 'down' | 'sideways' | 'turns'

/** One arrow for the loads of one part: the largest that does not turn, with words that name them all. */
export interface LoadArrow {
  /** What loads it: id of a part, or the shaft itself. */
  from: string
  /** Place of that part in the line; −1 for the shaft. */
  partIndex: number
  text: string
  way: LoadWay
  /** Something beside the arrow turns with the shaft. */
  turns: boolean
  /** Tip, px. */
  x: number
  y: number
  length: number
  labelX: number
  labelY: number
  anchor: 'start' | 'end'
}

const letterPx = 8.2
const rowPx = 19
export const longestArrowPx = 64
const shortestArrowPx = 24
/** Less of a load than this, seen along the sheet, is drawn as coming out of it. */
const leastUpright = 0.35

const wayOf = (angleDeg: number): LoadWay => {
  const upright = Math.cos((angleDeg * Math.PI) / 180)
  return Math.abs(upright) < leastUpright ? 'sideways' : upright > 0 ? 'down' : 'up'
}

/** Arrows of the loads on a shaft, their words in rows above it that do not run into each other. */
export function placeLoadArrows(
  { line, width, at, px, diameterAt, elevation }: ShaftFrame,
  parts: readonly PlacedPart[],
  loads: LineAssessment['loads'],
  words: Pick<ShaftWords, 'force'>,
): LoadArrow[] {
  const shown = loads.filter(({ what, radialN }) => what !== 'tooth couple' && radialN > 0)
  const most = Math.max(...shown.map(({ radialN }) => radialN), 1)
  const sources = [...new Set(shown.map(({ from }) => from))].map((from) => {
    const own = shown.filter((load) => load.from === from)
    const standing = own.filter(({ turns }) => !turns).sort((a, b) => b.radialN - a.radialN)
    const [main] = standing.length > 0 ? standing : own
    const xMm = main?.xMm ?? 0
    const part = parts.find(({ id }) => id === from)
    const named = (what: string) => (what === 'force' || what === 'weight' ? from : what)
    return {
      from,
      partIndex: line.parts.findIndex(({ id }) => id === from),
      text: own.map(({ what, radialN }) => `${named(what)} ${words.force(radialN)}`).join(' + '),
      place: at(xMm),
      tipPx: Math.max(part?.reach ?? 0, px(diameterAt(xMm)) / 2),
      length: Math.max(shortestArrowPx, ((main?.radialN ?? 0) / most) * longestArrowPx),
      way: standing.length === 0 ? ('turns' as const) : wayOf(main?.angleDeg ?? 0),
      turns: standing.length > 0 && own.some(({ turns }) => turns),
    }
  })
  // A label that would run off the sheet stands to the left of its arrow.
  const labels = sources.map(({ text, place }) => {
    const widthPx = text.length * letterPx
    const left = place.x + 8 + widthPx > width - 8
    return { left, x: left ? place.x - 8 - widthPx : place.x + 8, width: widthPx }
  })
  const rows = placeInRows(labels)
  const tops = sources.map(({ place, tipPx, length }) => place.y - tipPx - length)
  // Where there is too little room above, the rows come down together.
  const lowestY = Math.max(Math.min(...tops, elevation.axisY) - 6, 18 + Math.max(0, ...rows) * rowPx)
  return sources.map(({ place, tipPx, ...source }, index): LoadArrow => {
    const left = labels[index]?.left ?? false
    return {
      ...source,
      x: place.x,
      y: place.y - tipPx,
      labelX: left ? place.x - 6 : place.x + 6,
      anchor: left ? 'end' : 'start',
      labelY: lowestY - (rows[index] ?? 0) * rowPx,
    }
  })
}

/** All of the thrust, at the end of the shaft that it pushes away from; null where there is none. */
export function placeThrust({ line, elevation, at }: ShaftFrame, thrustN: number, words: Pick<ShaftWords, 'force'>) {
  if (Math.abs(thrustN) < 1) return null
  const reach = Math.max(elevation.lengthMm, ...line.parts.map(({ xMm }) => xMm))
  const end = at(reach)
  return {
    x: end.x + 14,
    y: end.y - 16,
    toRight: thrustN > 0,
    text: `thrust ${words.force(Math.abs(thrustN))}`,
    length: 54,
  }
}
