import type { BearingTypeFacts, RingRibs } from './facts.ts'
import { lineGive } from './give.ts'
import { ribbedFactors } from './load-factors.ts'
import { never, onlyOpen, rollerDentsMPa, usualLambda } from './usual.ts'

/** N and NN: the outer ring has none. */
const ribsInside = (series: string): boolean => /^NN?\d/.test(series)
/** NCF and NNCF: no cage, and rings that do not come apart. */
const isFull = (series: string): boolean => series.includes('CF')
/** NN, NNU and NNCF. */
const isDoubleRow = (series: string): boolean => series.startsWith('NN')

function tellRibs(series: string): string {
  const rows = isDoubleRow(series) ? 'Two rows. ' : ''
  if (isFull(series)) return `${rows}Roller beside roller without a cage; ribs on both rings, one way only.`
  if (ribsInside(series)) return `${rows}Ribs on the inner ring.`
  const inner = series.startsWith('NUP') ? 'one and a loose one' : series.startsWith('NJ') ? 'one' : 'none'
  return `${rows}Ribs on the outer ring, ${inner} on the inner.`
}

/** N, NN: ribs on the inner ring; NU, NNU, NJ, NUP: on the outer, with none, one and one with a loose one on the inner. */
function ribsOf(series: string): RingRibs {
  if (ribsInside(series)) return { inner: 'both', outer: 'none' }
  if (isFull(series)) return { inner: 'both', outer: 'one' }
  return { inner: series.startsWith('NUP') ? 'both' : series.startsWith('NJ') ? 'one' : 'none', outer: 'both' }
}

function ribFeatures(series: string): string[] {
  if (isFull(series)) return ['axial-one-direction', 'full-complement']
  if (series.startsWith('NUP')) return ['axial-both-directions']
  return [series.startsWith('NJ') ? 'axial-one-direction' : 'no-axial-guidance']
}

/** Cylindrical roller bearings: ribs on one ring or both decide what axial load and which float it takes. */
export const cylindricalRoller = {
  name: 'cylindrical roller',
  rolls: 'roller',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'on-ribs',
  pairs: false,
  swivels: false,
  insertUnit: false,
  tell: tellRibs,

  ratings: {
    rows: [1, 2, 3, 4, 5, 6],
    angleDeg: 0,
    fromDeg: 0,
    toDeg: 0,
    bm: 1.1,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: null,
  inside: {
    rows: [1, 2, 3, 4, 5, 6],
    usualRows: 1,
    signs: null,
    spacing: 1.25,
    dentsAtMPa: rollerDentsMPa,
    barrel: false,
  },
  rollersLie: 'along',
  ribs: ribsOf,
  massShare: 0.7,
  give: lineGive,

  loadFactors: ribbedFactors,
  takesF0: false,
  minimumLoadShare: 0.02,
  axialWatch: null,
  abilities: {
    radial: 3,
    axialOneWay: 0,
    axialBothWays: 0,
    speed: 3,
    misalignDeg: 0.06,
    growthInside: 3,
    space: 2,
    stiffness: 3,
    shock: 3,
    quiet: 2,
    separable: 3,
  },
  speedLimit: { grease: 450_000, 'oil-bath': 600_000 },

  fitFamily: 'roller',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: () => 'leavable',

  boxClearance: { cylindrical: 'cylindrical-roller', tapered: null, includesLowest: false, absentClass: null },
  adjusted: false,
  withoutBoxClearance: never,
  floatsInside: 'without-ribs',
  preload: null,
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 5, speedFactor: 1.5, freeShare: 0.3 },

  suffixes: ['tapered-bore', 'closure', 'reinforced', 'full-complement'],
  alwaysTapered: never,
  features: ribFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
