import type { ShaftPart } from '@yardfrost/core'
import { pathData, polygon, type Scale } from '../outline.ts'
import { partOutlines } from './elevation.ts'
import type { ShaftFrame } from './shaft-frame.ts'

const unmoved = (pxPerMm: number): Scale => ({ pxPerMm, x0: 0, y0: 0 })

/** Steps of the shaft, px. */
export function placeSteps({ line, elevation, px }: ShaftFrame) {
  let from = 0
  return line.sections.map(({ lengthMm, diameterMm, boreMm }) => {
    const x = elevation.x0 + px(from)
    from += lengthMm
    return { x, width: px(lengthMm), height: px(diameterMm), bore: px(boreMm) }
  })
}

/** Where the steps of a shaft begin and end, mm. */
export function edgesOf({ line }: Pick<ShaftFrame, 'line'>): number[] {
  let from = 0
  return [0, ...line.sections.map(({ lengthMm }) => (from += lengthMm))]
}

/** Bearings with their housings, px about the axis of the shaft. */
export function placeSupports({ line, elevation, px, sections, odOf, diameterAt }: ShaftFrame) {
  return line.supports.map((support) => {
    const section = sections.get(support.position)
    const scale = unmoved(elevation.pxPerMm)
    const od = px(odOf(support.position))
    const ringPx = section ? px(section.outer.to - section.outer.from) : od * 0.22
    return {
      ...support,
      x: elevation.x0 + px(support.xMm),
      shapes: section?.shapes.map(({ part, outline }) => ({ part, d: pathData(outline, scale) })) ?? [],
      od,
      bore: px(section?.boreMm ?? diameterAt(support.xMm)),
      half: ringPx / 2,
      wall: od * 0.13,
    }
  })
}
export type PlacedSupport = ReturnType<typeof placeSupports>[number]

/** What is on the shaft, px about its axis; what hangs over the left end faces that way. */
export function placeParts({ line, elevation, px, diameterAt }: ShaftFrame) {
  const leftmost = Math.min(...line.supports.map(({ xMm }) => xMm))
  const facesLeft = ({ xMm, kind }: ShaftPart) => xMm < leftmost && (kind === 'chuck' || kind === 'impeller')
  return line.parts.map((part) => {
    const x = elevation.x0 + px(part.xMm)
    const outlines = partOutlines(part)
    const facing = facesLeft(part) ? -1 : 1
    const along = outlines.flatMap(({ points }) => points.map(([mm]) => facing * mm))
    const scale = unmoved(elevation.pxPerMm)
    return {
      id: part.id,
      kind: part.kind,
      x,
      facing,
      shapes: outlines.map(({ points, solid }) => ({ d: pathData(polygon(points), scale), solid })),
      from: x + px(Math.min(...along)),
      to: x + px(Math.max(...along)),
      reach: px('diameterMm' in part ? part.diameterMm / 2 : diameterAt(part.xMm) / 2),
    }
  })
}
export type PlacedPart = ReturnType<typeof placeParts>[number]
