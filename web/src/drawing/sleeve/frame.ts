import type { PlainGroove, SleeveSizes } from '@yardfrost/core'

/** A plain bearing as it is drawn: sizes in mm, angles in degrees from the top, clockwise, as the shaft turns. */
export interface DrawnSleeve {
  sizes: SleeveSizes
  split: boolean
  flangeMm: number | null
  groove: PlainGroove | null
  feedDeg: number | null
  loadDeg: number
  /** The load turns with the shaft. */
  loadTurns: boolean
  bothWays: boolean
  /** Diametral clearance, mm. */
  clearanceMm: number
  eccentricity: number
  /** From the load line to the narrowest gap, with the rotation, degrees. */
  attitudeDeg: number
  ring: { insideMm: number; dipMm: number } | null
  oiled: boolean
}

/** Something said of a place on the drawing. */
export interface SleeveCallout {
  /** What it speaks of. */
  at: 'bore' | 'gap' | 'journal' | 'outside' | 'feed' | 'oil' | 'film' | 'pressure'
  text: string
  /** Smaller, below it. */
  note?: string
  tone?: 'ember' | 'frost' | 'ink'
}

/** Where everything stands on the sheet, px. */
export interface SleeveFrame {
  pxPerMm: number
  width: number
  height: number
  /** Axis of the shaft, in both views. */
  axisY: number
  along: { middle: number; half: number; housingHalf: number; shaftFrom: number; shaftTo: number }
  across: { x: number }
  journal: number
  /** Bore of the bush: journal and the gap as it is drawn. */
  bore: number
  gap: number
  outside: number
  housing: number
  /** How many times the gap is drawn larger than it is. */
  gapTimes: number
}

export const sheet = { width: 860, height: 560 } as const
const margin = { top: 64, bottom: 56, left: 46, between: 56, right: 96 }
/** Housing over the bush, as a share of its outside; gap over the journal, as it is drawn. */
const [housingShare, gapShare] = [1.42, 0.085]

/** Lays a plain bearing out: both views on one scale and one axis. */
export function layOutSleeve({ sizes, clearanceMm, flangeMm, ring }: DrawnSleeve): SleeveFrame {
  const { width, height } = sheet
  const radius = sizes.odMm / 2
  const housingMm = Math.max(housingShare * radius, flangeMm === null ? 0 : 0.55 * flangeMm)
  // A ring hangs below the journal, and the sump stands round it.
  const below = Math.max(housingMm, ring ? ring.insideMm - sizes.journalMm / 2 + 0.12 * sizes.journalMm : 0)
  const pxPerMm = Math.min(
    (height - margin.top - margin.bottom) / (housingMm + below),
    (width - margin.left - margin.between - margin.right) / (2 * housingMm + 1.7 * sizes.lengthMm),
  )
  const half = (sizes.lengthMm / 2) * pxPerMm
  const journal = (sizes.journalMm / 2) * pxPerMm
  const gap = Math.max(5, gapShare * journal)
  const middle = margin.left + half * 1.7
  return {
    pxPerMm,
    width,
    height,
    axisY: margin.top + housingMm * pxPerMm,
    along: { middle, half, housingHalf: half * 1.18, shaftFrom: middle - half * 1.7, shaftTo: middle + half * 1.7 },
    across: { x: width - margin.right - housingMm * pxPerMm },
    journal,
    bore: journal + gap,
    gap,
    outside: radius * pxPerMm,
    housing: housingMm * pxPerMm,
    gapTimes: gap / ((clearanceMm / 2) * pxPerMm),
  }
}

/** A point round a middle, degrees from the top, clockwise. */
export const roundPoint = (x: number, y: number, radius: number, deg: number): { x: number; y: number } => ({
  x: x + radius * Math.sin((deg * Math.PI) / 180),
  y: y - radius * Math.cos((deg * Math.PI) / 180),
})
