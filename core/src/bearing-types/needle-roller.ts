import type { BearingTypeFacts } from './facts.ts'
import { lineGive } from './give.ts'
import { radialOnlyFactors } from './load-factors.ts'
import { never, rollerDentsMPa, usualLambda } from './usual.ts'

const drawnCup = (series: string): boolean => series === 'HK'
/** RNA and HK: the shaft is the raceway. */
const hasNoRing = (series: string): boolean => series.startsWith('RNA') || drawnCup(series)

/** Needle roller bearings with rings, or with a drawn cup alone: long thin rollers, no axial load at all. */
export const needleRoller = {
  name: 'needle roller',
  rolls: 'roller',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'none',
  pairs: false,
  swivels: false,
  insertUnit: false,
  tell: (series) =>
    hasNoRing(series)
      ? `${drawnCup(series) ? 'A thin drawn cup' : 'An outer ring'} and long thin rollers; no inner ring, the shaft is the raceway.`
      : 'Long thin rollers.',

  ratings: {
    rows: [1, 2],
    angleDeg: 0,
    fromDeg: 0,
    toDeg: 0,
    bm: 1.1,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: null,
  inside: { rows: [1, 2], usualRows: 1, signs: null, spacing: 1.25, dentsAtMPa: rollerDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: () => ({ inner: 'none', outer: 'both' }),
  massShare: 0.73,
  give: lineGive,

  loadFactors: radialOnlyFactors,
  takesF0: false,
  minimumLoadShare: 0.02,
  axialWatch: null,
  abilities: {
    radial: 3,
    axialOneWay: 0,
    axialBothWays: 0,
    speed: 2,
    misalignDeg: 0.02,
    growthInside: 3,
    space: 3,
    stiffness: 3,
    shock: 2,
    quiet: 1,
    separable: 3,
  },
  speedLimit: { grease: 300_000, 'oil-bath': 400_000 },

  fitFamily: 'roller',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: (series) => (hasNoRing(series) ? 'none' : 'leavable'),

  boxClearance: { cylindrical: 'cylindrical-roller', tapered: null, includesLowest: false, absentClass: 'C5' },
  adjusted: false,
  withoutBoxClearance: hasNoRing,
  floatsInside: 'always',
  preload: null,
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 5, speedFactor: 3, freeShare: 0.2 },

  suffixes: ['closure', 'full-complement'],
  alwaysTapered: never,
  features: (series) => (hasNoRing(series) ? ['no-inner-ring', ...(drawnCup(series) ? ['drawn-cup'] : [])] : []),
  closuresMade: (series) => (series.endsWith('NA49') ? ['contact-seal'] : []),
} satisfies BearingTypeFacts
