import type { PaintedSign } from './mark-signs.ts'
import { placeDeg, rings, trackPlaces, type Band, type Edges, type RingName } from '../../model/painted.ts'

/** A band that comes so near the edge of a groove runs on its shoulder; one wider than this covers the groove. */
const [shoulderFrom, allAcross] = [0.47, 0.7]
/** One row wider than the other by so much is worn to one side. */
const oneSided = 2
/** Swing of the middle of a track, of the raceway’s width, from which it runs askew. */
const askewFrom = 0.08
/** An arc so short and so narrow has much clearance; one so long and so wide has none. */
const short = { extentDeg: 100, width: 0.25 }
const full = { extentDeg: 345, width: 0.35 }
/** A gap longer than this parts two tracks. */
const gapDeg = 30

/** What a track is like, by itself. */
interface Shape {
  extentDeg: number
  width: number
  /** How far its middle swings from one side to the other along it: half of it. */
  askew: number
  /** Arcs that hang together. */
  arcs: { middleDeg: number; extentDeg: number }[]
}

const widthOf = (edges: Edges[number]): number => (edges ? edges[1] - edges[0] : 0)
const meanWidth = ({ edges }: Band): number => edges.reduce((sum, one) => sum + widthOf(one), 0) / edges.length

/** Arcs of a track, round the end of the strip as well. */
function arcsOf(edges: Edges): Shape['arcs'] {
  const start = edges.findIndex((one) => one === null)
  if (start < 0) return [{ middleDeg: 180, extentDeg: 360 }]
  const arcs: [first: number, last: number][] = []
  for (let step = 1; step <= trackPlaces; step++) {
    if (!edges[(start + step) % trackPlaces]) continue
    const last = arcs.at(-1)
    if (last && (start + step - last[1]) * placeDeg <= gapDeg) last[1] = start + step
    else arcs.push([start + step, start + step])
  }
  return arcs.map(([first, last]) => ({
    middleDeg: (((first + last) / 2) * placeDeg) % 360,
    extentDeg: (last - first + 1) * placeDeg,
  }))
}

function shapeOf(edges: Edges): Shape {
  const on = edges.flatMap((one, place) => (one ? [{ deg: place * placeDeg, centre: (one[0] + one[1]) / 2, one }] : []))
  const arcs = arcsOf(edges)
  const extentDeg = arcs.reduce((sum, arc) => sum + arc.extentDeg, 0)
  const [arc] = arcs
  const mean = on.reduce((sum, { centre }) => sum + centre, 0) / on.length
  // Thrust bends the middle of a track the same way on both sides of the load; only a tilt swings it across.
  const swing = (fromDeg: number) => {
    const sines = on.map(({ deg }) => Math.sin(((deg - fromDeg) * Math.PI) / 180))
    const square = sines.reduce((sum, sine) => sum + sine ** 2, 0)
    const along = sines.reduce((sum, sine, index) => sum + sine * ((on[index]?.centre ?? 0) - mean), 0)
    return square > 0 ? (along / square) * Math.max(...sines.map(Math.abs)) : 0
  }
  const middle = arc?.middleDeg ?? 0
  const askew =
    arcs.length > 1 ? 0 : extentDeg >= full.extentDeg ? Math.hypot(swing(0), swing(90)) : Math.abs(swing(middle))
  return { extentDeg, width: on.reduce((sum, { one }) => sum + widthOf(one), 0) / on.length, askew, arcs }
}

/** What one ring says by itself, where both together are like no known pattern or only one was painted. */
function ofRing({ ring, edges }: Band, turns: boolean): string | null {
  const { extentDeg, width, askew, arcs } = shapeOf(edges)
  if (askew >= askewFrom && extentDeg >= 2 * gapDeg) return turns ? 'track-tilted-rotating' : 'track-tilted-stationary'
  const [first, second] = arcs
  if (ring === 'outer' && first && second && arcs.length === 2) {
    const apart = Math.abs(((first.middleDeg - second.middleDeg + 540) % 360) - 180)
    return apart >= 150 ? 'track-two-opposite' : null
  }
  if (turns) return extentDeg <= 180 ? 'track-spot-rotating' : null
  if (extentDeg >= full.extentDeg && width >= full.width) return 'track-all-round-stationary'
  return extentDeg <= short.extentDeg && width <= short.width ? 'track-short-narrow' : null
}

/**
 * What painted tracks say ring by ring.
 *
 * @param rotatingRing - the one that turns against the housing
 */
export function signsOfRings(bands: readonly Band[], rotatingRing: RingName): PaintedSign[] {
  const signs: PaintedSign[] = []
  for (const ring of rings) {
    const [widest] = bands.filter((band) => band.ring === ring).sort((a, b) => meanWidth(b) - meanWidth(a))
    const sign = widest ? ofRing(widest, ring === rotatingRing) : null
    if (sign) signs.push({ sign, where: `on the ${ring} ring` })
  }
  return signs
}

/** What painted tracks say besides their pattern: on the shoulder of a groove, or one row worn and the other not. */
export function signsOfBands(bands: readonly Band[], grooved: boolean): PaintedSign[] {
  const signs: PaintedSign[] = []
  const onShoulder = bands.find(({ edges }) =>
    edges.some((one) => one && Math.max(-one[0], one[1]) >= shoulderFrom && widthOf(one) < allAcross),
  )
  if (grooved && onShoulder) signs.push({ sign: 'track-on-shoulder', where: `on the ${onShoulder.ring} ring` })
  for (const ring of rings) {
    const widths = bands.filter((band) => band.ring === ring).map(meanWidth)
    const [least, most] = [Math.min(...widths), Math.max(...widths)]
    if (widths.length > 1 && most > oneSided * least)
      signs.push({ sign: 'worn-to-one-side', where: `one row of the ${ring} ring more than the other` })
  }
  return signs
}
