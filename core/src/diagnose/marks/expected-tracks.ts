import { factsOf, isThrust } from '../../bearing-types/index.ts'
import { heaviestOf, type CarryOutcome } from '../../carry/work-out.ts'
import { attempt } from '../../errors/input-error.ts'
import type { FloatOutcome } from '../../float/work-out.ts'
import { resolveInside } from '../../inside/bearing-inside.ts'
import { insideOf } from '../../inside/of-bearing.ts'
import { runningTracks, type TrackEdges } from '../../inside/running-tracks.ts'
import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../../kinds/rolling/position.ts'
import { trackPlaces, type Band, type Edges, type RingName } from '../../model/painted.ts'
import { loadedRing, racewaysOf } from './raceways.ts'

/** Track that washers leave all round under thrust. */
const thrustTrack: [number, number] = [-0.15, 0.15]
const arcminPerDeg = 60

/** Tracks that a position should show, and what they were worked out from. */
export interface ExpectedTracks {
  bands: Band[]
  radialN: number
  axialN: number
  /** Null where no clearance is known, and none is taken. */
  clearanceUm: number | null
  tiltDeg: number
  /** Part of the standing ring that is loaded, degrees. */
  loadedDeg: number
}

/**
 * The running tracks that a position should show by its load, clearance, tilt and thrust.
 *
 * The ring that stands shows the load zone; the one that turns is polished all round, over everything the elements reach. A
 * load that turns with the shaft does the reverse.
 *
 * @returns null where the load is not known, or the bearing does not carry it
 * @see Hertz; ISO/TS 16281 for who carries
 */
export function expectedTracks(
  position: RollingPosition,
  carry: CarryOutcome,
  float: FloatOutcome,
): ExpectedTracks | null {
  const { bearing, carrying } = carry
  const load = carrying && heaviestOf(carrying)
  if (!bearing || !load || load.radialN + load.axialN === 0) return null
  const clearanceUm = float.steps?.operating?.probable ?? float.steps?.mounted.probable ?? null
  const tiltDeg = position.load.misalignDeg ?? 0
  const tracks = isThrust(bearing.row.type)
    ? allRound(bearing.interior.rows)
    : attempt(() => {
        const input = insideOf(bearing, load)
        const tilt = { operatingClearanceUm: clearanceUm ?? 0, tiltArcmin: tiltDeg * arcminPerDeg }
        return runningTracks(resolveInside({ ...input, ...tilt }), trackPlaces)
      }).value
  if (!tracks) return null
  const zoneOn = loadedRing(position.seat.loadCase)
  const shift = factsOf(bearing.row.type).swivels ? swivelShift(bearing, tiltDeg) : 0
  const bands = (['outer', 'inner'] as const).flatMap((ring) =>
    tracks[ring].slice(0, 2).map((row, index): Band => ({
      ring,
      row: index + 1,
      edges: ring === zoneOn ? loadAtMiddle(ring === 'outer' ? swivelled(row, shift) : row) : swept(row),
    })),
  )
  const zone = tracks[zoneOn].reduce((most, row) => Math.max(most, row.filter((one) => one !== null).length), 0)
  const { radialN, axialN } = load
  return { bands, radialN, axialN, clearanceUm, tiltDeg, loadedDeg: (zone * 360) / trackPlaces }
}

const allRound = (rows: number): Record<RingName, TrackEdges[][]> => {
  const row = Array.from({ length: trackPlaces }, () => thrustTrack)
  const all = Array.from({ length: rows }, () => row)
  return { inner: all, outer: all }
}

/** How far a tilt carries the track of a bearing that swivels across its spherical raceway, of the raceway’s width. */
function swivelShift(bearing: ResolvedBearing, tiltDeg: number): number {
  const [outer] = racewaysOf(bearing, null)
  return outer ? ((outer.diameterMm / 2) * Math.tan((tiltDeg * Math.PI) / 180)) / outer.widthMm : 0
}

const swivelled = (row: readonly TrackEdges[], shift: number): TrackEdges[] =>
  row.map((edges, place) => {
    if (!edges || shift === 0) return edges
    const by = shift * Math.cos((2 * Math.PI * place) / row.length)
    return [Math.max(-0.5, edges[0] + by), Math.min(0.5, edges[1] + by)]
  })

/** The loaded part in the middle of the strip. */
const loadAtMiddle = (row: readonly TrackEdges[]): Edges =>
  Array.from({ length: trackPlaces }, (_, place) => row[(place + trackPlaces / 2) % trackPlaces] ?? null)

/** What a ring shows that comes round through the load zone: everything that was ever reached. */
function swept(row: readonly TrackEdges[]): Edges {
  const on = row.filter((one) => one !== null)
  if (on.length === 0) return row.map(() => null)
  const edges: [number, number] = [Math.min(...on.map(([low]) => low)), Math.max(...on.map(([, high]) => high))]
  return row.map(() => edges)
}
