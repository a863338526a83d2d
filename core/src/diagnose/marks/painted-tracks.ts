import type { Tracks, TrackSample } from '../tracks.ts'
import { rings, type Band, type RingName } from '../../model/painted.ts'

const sampleOf = (edges: Band['edges'][number]): TrackSample =>
  edges ? { centre: (edges[0] + edges[1]) / 2, width: Math.max(edges[1] - edges[0], 0) } : { centre: 0, width: 0 }

const marked = ({ edges }: Band): number => edges.reduce((sum, one) => sum + (one ? one[1] - one[0] : 0), 0)

/**
 * Painted tracks as they are matched with known patterns: of two rows the more worn one speaks.
 *
 * @returns null until both rings are painted
 */
export function tracksOfBands(bands: readonly Band[], rotatingRing: RingName): Tracks | null {
  const of = (ring: RingName) =>
    bands.filter((band) => band.ring === ring && marked(band) > 0).sort((a, b) => marked(b) - marked(a))[0]
  const [inner, outer] = rings.map(of)
  if (!inner || !outer) return null
  return { rotatingRing, inner: inner.edges.map(sampleOf), outer: outer.edges.map(sampleOf) }
}
