import type { ShaftLine } from '@yardfrost/core'
import type { HalfSection } from '../half-section.ts'
import { layOutElevation, onSheet, tallest, type Elevation } from './elevation.ts'

/** A shaft laid on its sheet: what every mark on it is placed by. */
export interface ShaftFrame {
  line: ShaftLine
  elevation: Elevation
  /** Of the sheet, px. */
  width: number
  height: number
  px: (mm: number) => number
  /** A place along the shaft, and so far above its axis, px. */
  at: (xMm: number, upPx?: number) => { x: number; y: number }
  diameterAt: (xMm: number) => number
  /** Outside diameter of the bearing at a position, mm. */
  odOf: (position: string) => number
  /** Half-section of the bearing at each position, by its name. */
  sections: ReadonlyMap<string, HalfSection>
}

/** Outside diameter taken for a bearing nobody has put there, over the shaft under it: a middling one. */
const guessedOdShare = 1.9

/** Diameter of a shaft at a place, mm; beyond its end that of the last step. */
export function diameterAt({ sections }: Pick<ShaftLine, 'sections'>, xMm: number): number {
  let from = 0
  for (const { lengthMm, diameterMm } of sections) {
    if (xMm <= from + lengthMm) return diameterMm
    from += lengthMm
  }
  return sections.at(-1)?.diameterMm ?? 50
}

/** Lays a shaft on a sheet of so many px. */
export function shaftFrame(
  line: ShaftLine,
  sections: ReadonlyMap<string, HalfSection>,
  width: number,
  height: number,
): ShaftFrame {
  const odOf = (position: string): number => {
    const support = line.supports.find((one) => one.position === position)
    return sections.get(position)?.odMm ?? guessedOdShare * diameterAt(line, support?.xMm ?? 0)
  }
  const elevation = layOutElevation(line, tallest(line, odOf), width, height)
  return {
    line,
    elevation,
    width,
    height,
    sections,
    px: (mm) => mm * elevation.pxPerMm,
    at: (xMm, upPx = 0) => onSheet(elevation, xMm, upPx),
    diameterAt: (xMm) => diameterAt(line, xMm),
    odOf,
  }
}
