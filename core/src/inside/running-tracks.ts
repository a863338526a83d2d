import { ballLoads, type BallField } from './balls.ts'
import type { Inside } from './bearing-inside.ts'
import { pointPressure } from './contacts.ts'
import { settle } from './load-distribution.ts'
import { rollerLoads, type RollerField } from './rollers.ts'
import type { Place } from './balance.ts'

/** Edges of a running track across its raceway, −0.5 to 0.5 of its width; null where nothing runs. */
export type TrackEdges = [low: number, high: number] | null

/** Where elements run on both rings, while the load stands: the same places round both, the first under the load. */
export interface RunningTracks {
  /** One array a row. */
  inner: TrackEdges[][]
  outer: TrackEdges[][]
}

/** Width of a groove 0.2 Dw deep over the ball diameter, for a groove radius of 0.52 Dw. */
export const grooveWidth = 0.82
const grooveRadius = 0.52
/** A lamina that carries less than this share of the hardest leaves no polish. */
const leastLoad = 0.02
/** Share of its raceway that the straight part of a roller covers. */
export const rollerOnRaceway = 0.95

const within = (u: number): number => Math.max(-0.5, Math.min(0.5, u))

/**
 * Where the rolling elements polish both rings, place by place round the shaft.
 *
 *     balls: u = 0.52 sin α / 0.82, width 2a / (0.82 Dw)      rollers: the laminae that carry
 *
 * @param inside - a bearing under its load; see `resolveInside`
 * @param places - how many places evenly round the ring
 * @throws InputError where the bearing does not come to rest under the load
 * @see Hertz; ISO/TS 16281 for who carries
 */
export function runningTracks(inside: Inside, places: number): RunningTracks {
  const settled = settle(inside)
  const cosines = Float64Array.from({ length: places }, (_, k) => Math.cos((2 * Math.PI * k) / places))
  // The elements pass every place: who would carry there if one stood there.
  return settled.kind === 'ball'
    ? ballTracks({ ...settled.field, cosines }, settled.place)
    : rollerTracks({ ...settled.field, cosines }, settled.place)
}

function ballTracks(field: BallField, place: Place): RunningTracks {
  const { contacts, inside } = field
  const edges = (side: 'inner' | 'outer', loadN: number, angleRad: number): TrackEdges => {
    if (loadN <= 0) return null
    const centre = ((side === 'outer' ? 1 : -1) * grooveRadius * Math.sin(angleRad)) / grooveWidth
    const half = pointPressure(contacts[side], loadN).semiMajorMm / (grooveWidth * inside.elementDiameterMm)
    return [within(centre - half), within(centre + half)]
  }
  const loads = ballLoads(field, place)
  const of = (side: 'inner' | 'outer') => loads.map((row) => row.map((one) => edges(side, one.loadN, one.angleRad)))
  return { inner: of('inner'), outer: of('outer') }
}

function rollerTracks(field: RollerField, place: Place): RunningTracks {
  const { placesMm, inside } = field
  const loads = rollerLoads(field, place)
  const limit = leastLoad * Math.max(...loads.flat().map((roller) => Math.max(...roller)))
  const perMm = rollerOnRaceway / inside.elementLengthMm
  const half = (placesMm[1] ?? 0) - (placesMm[0] ?? 0)
  const rows = loads.map((row) =>
    row.map((roller): TrackEdges => {
      const on = [...roller.keys()].filter((lamina) => (roller[lamina] ?? 0) > limit)
      const [first, last] = [on[0], on.at(-1)]
      if (first === undefined || last === undefined) return null
      return [within(((placesMm[first] ?? 0) - half / 2) * perMm), within(((placesMm[last] ?? 0) + half / 2) * perMm)]
    }),
  )
  return { inner: rows, outer: rows }
}
