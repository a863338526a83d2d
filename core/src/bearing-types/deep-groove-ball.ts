import type { BearingTypeFacts } from './facts.ts'
import { grooveGive } from './give.ts'
import { deepGrooveFactors } from './load-factors.ts'
import { ballDentsMPa, never, noFeatures, noRibs, usualGrooves, staying } from './usual.ts'

const doubleRow = ['42', '43']
const fullyClosed = ['60', '62', '63', '618', '619', '160', '622', '623', 'R']

/** Deep groove ball bearings: high shoulders on both sides, one row or two. */
export const deepGrooveBall = {
  name: 'deep groove ball',
  rolls: 'ball',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: false,
  swivels: false,
  insertUnit: false,
  tell: (series) => (doubleRow.includes(series) ? 'Two rows of balls.' : 'Both shoulders of each ring are high.'),

  ratings: {
    rows: [1, 2],
    angleDeg: 0,
    fromDeg: 0,
    toDeg: 0,
    bm: 1.3,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: (rows) => (rows === 2 ? 0.9 : 0.95),
  },
  grooves: usualGrooves,
  inside: { rows: [1, 2], usualRows: 1, signs: null, spacing: 1.3, dentsAtMPa: ballDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.67,
  give: grooveGive,

  loadFactors: deepGrooveFactors,
  takesF0: true,
  minimumLoadShare: 0.01,
  axialWatch: 'light-series',
  abilities: {
    radial: 2,
    axialOneWay: 2,
    axialBothWays: 2,
    speed: 3,
    misalignDeg: 0.1,
    growthInside: 0,
    space: 3,
    stiffness: 2,
    shock: 1,
    quiet: 3,
    separable: 1,
  },
  speedLimit: { grease: 500_000, 'oil-bath': 650_000 },

  fitFamily: 'ball',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: staying,

  boxClearance: { cylindrical: 'deep-groove-ball', tapered: null, includesLowest: false, absentClass: null },
  adjusted: false,
  withoutBoxClearance: never,
  floatsInside: 'never',
  preload: null,
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 10, speedFactor: 1, freeShare: 0.33 },

  suffixes: ['tapered-bore', 'closure', 'snap-ring'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: (series) => (fullyClosed.includes(series) ? ['contact-seal', 'shield', 'low-friction-seal'] : []),
} satisfies BearingTypeFacts
