import { factsOf } from '../../bearing-types/index.ts'
import type { Ribs } from '../../bearing-types/facts.ts'
import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { grooveWidth, rollerOnRaceway } from '../../inside/running-tracks.ts'
import type { LoadCase } from '../../kinds/rolling/position.ts'
import type { RingName } from '../../model/painted.ts'

/** One raceway of a bearing, as it is unrolled. */
export interface Raceway {
  ring: RingName
  row: number
  /** Whether this ring turns against the housing. */
  turns: boolean
  /** Where the rolling elements run, mm. */
  diameterMm: number
  /** Across, mm. */
  widthMm: number
  /** From one rolling element to the next while it stands, degrees. */
  pitchDeg: number
  ribs: Ribs
  /** A bearing without an inner ring runs on the shaft. */
  ofShaft: boolean
}

/** Rows that are drawn; beyond two they look alike. */
const mostRows = 2

/** The ring that turns against the housing; the inner one where nobody has said. */
export const turningRing = (loadCase: LoadCase | null): RingName => (loadCase === 'outer-turns' ? 'outer' : 'inner')

/** The ring whose track shows the load zone: the one that stands, or the one the load turns with. */
export function loadedRing(loadCase: LoadCase | null): RingName {
  const turning = turningRing(loadCase)
  return (loadCase === 'load-turns') === (turning === 'inner') ? 'inner' : 'outer'
}

/** Raceways of a bearing, outer ring first, row by row; sizes of the inside are estimates. */
export function racewaysOf(
  { row, interior }: ResolvedBearing,
  loadCase: LoadCase | null,
  withoutInnerRing = false,
): Raceway[] {
  const { rolls, ribs: ribsOf } = factsOf(row.type)
  const ribs = ribsOf(row.series)
  const turning = turningRing(loadCase)
  const widthMm =
    rolls === 'ball' ? grooveWidth * interior.elementDiameterMm : (interior.elementLengthMm ?? 0) / rollerOnRaceway
  return (['outer', 'inner'] as const).flatMap((ring) =>
    Array.from({ length: Math.min(interior.rows, mostRows) }, (_, index) => ({
      ring,
      row: index + 1,
      turns: ring === turning,
      diameterMm: ring === 'inner' ? interior.innerRacewayMm : interior.outerRacewayMm,
      widthMm,
      pitchDeg: 360 / interior.elements,
      ribs: ribs[ring],
      ofShaft: withoutInnerRing && ring === 'inner',
    })),
  )
}
