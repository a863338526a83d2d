import type { ShaftLine, ShaftPart } from '@yardfrost/core'
import type { Point } from '../outline.ts'

/** How a shaft line lies on the sheet: to scale, turned by its tilt about the middle of the shaft. */
export interface Elevation {
  pxPerMm: number
  /** Where the left end of the shaft would be, were it level, px. */
  x0: number
  /** Height of the centre line, level, px. */
  axisY: number
  /** Point about which it is turned, px. */
  middle: { x: number; y: number }
  tiltDeg: number
  lengthMm: number
}

/** Room for the words above and below, px. */
const margin = { left: 70, right: 90, top: 84, bottom: 104 }

/** Half the height of what stands on the shaft at its tallest, mm. */
export function tallest(line: ShaftLine, bearingOdMm: (position: string) => number): number {
  return Math.max(
    ...line.sections.map(({ diameterMm }) => diameterMm / 2),
    ...line.supports.map(({ position }) => bearingOdMm(position) * 0.7),
    ...line.parts.map((part) => ('diameterMm' in part ? part.diameterMm / 2 : 0)),
  )
}

/** Lays a shaft line out as large as the sheet allows. */
export function layOutElevation(line: ShaftLine, halfHeightMm: number, width: number, height: number): Elevation {
  const lengthMm = line.sections.reduce((sum, one) => sum + one.lengthMm, 0)
  const places = [...line.supports, ...line.parts].map(({ xMm }) => xMm)
  const from = Math.min(0, ...places)
  const to = Math.max(lengthMm, ...places)
  const tilt = (line.tiltDeg * Math.PI) / 180
  const long = (to - from) * Math.cos(tilt) + 2 * halfHeightMm * Math.sin(tilt)
  const high = (to - from) * Math.sin(tilt) + 2 * halfHeightMm * Math.cos(tilt)
  const pxPerMm = Math.min((width - margin.left - margin.right) / long, (height - margin.top - margin.bottom) / high)
  const axisY = margin.top + (height - margin.top - margin.bottom) / 2
  const x0 = width / 2 - ((from + to) / 2) * pxPerMm
  return { pxPerMm, x0, axisY, middle: { x: width / 2, y: axisY }, tiltDeg: line.tiltDeg, lengthMm }
}

/** Where a place along the shaft, and off its centre line (up positive), is on the sheet, px. */
export function onSheet({ pxPerMm, x0, middle, tiltDeg }: Elevation, xMm: number, upPx = 0): { x: number; y: number } {
  const tilt = (tiltDeg * Math.PI) / 180
  const along = x0 + xMm * pxPerMm - middle.x
  return {
    x: middle.x + along * Math.cos(tilt) - upPx * Math.sin(tilt),
    y: middle.y - along * Math.sin(tilt) - upPx * Math.cos(tilt),
  }
}

/** Place along the shaft that a movement of the pointer comes to, mm. */
export function alongShaft({ pxPerMm, tiltDeg }: Elevation, dxPx: number, dyPx: number): number {
  const tilt = (tiltDeg * Math.PI) / 180
  return (dxPx * Math.cos(tilt) - dyPx * Math.sin(tilt)) / pxPerMm
}

/** Outlines of a part above the centre line, mm from its own place; mirrored below by whoever draws it. */
export function partOutlines(part: ShaftPart): { points: Point[]; solid: boolean }[] {
  const box = (from: number, to: number, low: number, high: number): Point[] => [
    [from, low],
    [to, low],
    [to, high],
    [from, high],
  ]
  switch (part.kind) {
    case 'coupling': {
      const r = part.diameterMm / 2
      return [
        { points: box(-0.16 * r, 0.16 * r, 0, 1.15 * r), solid: true },
        { points: box(0.16 * r, 0.9 * r, 0, 0.55 * r), solid: true },
      ]
    }
    case 'pulley': {
      const r = part.diameterMm / 2
      const half = Math.max(12, 0.28 * r)
      const grooves = [-0.5, 0, 0.5].map((at): { points: Point[]; solid: boolean } => ({
        points: [
          [(at - 0.18) * 2 * half * 0.9, r],
          [at * 2 * half * 0.9, 0.9 * r],
          [(at + 0.18) * 2 * half * 0.9, r],
        ],
        solid: false,
      }))
      return [{ points: box(-half, half, 0, r), solid: true }, ...grooves]
    }
    case 'gear': {
      const r = part.diameterMm / 2
      const half = Math.max(10, 0.35 * r)
      return [
        { points: box(-half, half, 0, 1.04 * r), solid: true },
        { points: box(-half, half, 0.9 * r, 1.04 * r), solid: false },
      ]
    }
    case 'impeller': {
      const r = part.diameterMm / 2
      const half = part.widthMm / 2
      return [
        { points: [[-half, 0.3 * r], [-half, r], [half, r], [2.2 * half, 0.45 * r], [2.6 * half, 0.3 * r]], solid: true },
        { points: [[-half * 0.6, 0.4 * r], [-half * 0.6, r], [half * 0.6, r], [1.4 * half, 0.5 * r]], solid: false },
      ] // prettier-ignore
    }
    case 'wheel': {
      const r = part.diameterMm / 2
      const inlet = part.inletMm / 2
      const sign = part.thrustWay === 'left' ? -1 : 1
      const depth = 0.42 * r
      return [
        { points: box(-0.03 * r, 0.03 * r, 0, r), solid: true },
        { points: [[0, 0.42 * r], [0, r], [sign * depth, 0.92 * r], [sign * depth * 1.05, Math.max(inlet, 0.5 * r)]], solid: true },
        { points: box(-0.1 * r, 0.14 * r, 0, 0.2 * r), solid: true },
      ] // prettier-ignore
    }
    case 'rotor': {
      const r = part.diameterMm / 2
      const half = part.lengthMm / 2
      return [
        { points: box(-half, half, 0, r), solid: true },
        { points: box(-half * 1.12, -half, 0.55 * r, 0.95 * r), solid: true },
        { points: box(half, half * 1.12, 0.55 * r, 0.95 * r), solid: true },
      ]
    }
    case 'chuck': {
      const r = part.diameterMm / 2
      return [
        { points: box(-0.3 * r, 0.3 * r, 0, r), solid: true },
        { points: box(0.3 * r, 0.62 * r, 0.35 * r, 0.6 * r), solid: true },
      ]
    }
    case 'force':
      return []
    default:
      return part satisfies never
  }
}

/** Snaps a place to the grid, or to an edge of the shaft or another bearing within reach. */
export function snapPlace(xMm: number, edgesMm: readonly number[], reachMm: number, gridMm: number): number {
  const nearest = edgesMm.reduce<number | null>(
    (best, edge) =>
      Math.abs(edge - xMm) <= reachMm && (best === null || Math.abs(edge - xMm) < Math.abs(best - xMm)) ? edge : best,
    null,
  )
  return nearest ?? Math.round(xMm / gridMm) * gridMm
}

/** A round number of times by which something so small is drawn so large, px. */
export function roundTimes(truePx: number, wantedPx: number): number {
  if (!(truePx > 0)) return 1
  const exact = wantedPx / truePx
  const decade = 10 ** Math.floor(Math.log10(exact))
  return Math.max(1, [5, 2, 1].map((step) => step * decade).find((times) => times <= exact) ?? 1)
}

/** Rows for labels above a line, so that none runs into another: each goes to the lowest row that is free. */
export function placeInRows(labels: readonly { x: number; width: number }[], gapPx = 10): number[] {
  const ends: number[] = []
  const order = labels.map((_, index) => index).sort((a, b) => (labels[a]?.x ?? 0) - (labels[b]?.x ?? 0))
  const rows = labels.map(() => 0)
  for (const index of order) {
    const label = labels[index]
    if (!label) continue
    let row = ends.findIndex((end) => end + gapPx <= label.x)
    if (row < 0) row = ends.length
    ends[row] = label.x + label.width
    rows[index] = row
  }
  return rows
}
