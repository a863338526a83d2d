import type { BearingTypeFacts } from './facts.ts'
import { grooveGive } from './give.ts'
import { angularFactors } from './load-factors.ts'
import { ballDentsMPa, noFeatures, noRibs, usualGrooves, usualLambda, staying, never } from './usual.ts'

/** Two rows in one pair of rings. */
const isDoubleRow = (series: string): boolean => series === '32' || series === '33'

/** Angular contact ball bearings: one row with a low shoulder, or two rows back to back in one pair of rings. */
export const angularContactBall = {
  name: 'angular contact ball',
  rolls: 'ball',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: true,
  swivels: false,
  insertUnit: false,
  tell: (series) => (isDoubleRow(series) ? 'Two rows of balls that do not swivel.' : 'One shoulder is low.'),

  ratings: {
    rows: [1, 2],
    angleDeg: null,
    fromDeg: 5,
    toDeg: 45,
    bm: 1.3,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: usualGrooves,
  inside: { rows: [1, 2], usualRows: 1, signs: null, spacing: 1.3, dentsAtMPa: ballDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.67,
  give: grooveGive,

  loadFactors: angularFactors,
  takesF0: true,
  minimumLoadShare: 0.01,
  axialWatch: null,
  abilities: {
    radial: 2,
    axialOneWay: 3,
    axialBothWays: 0,
    speed: 3,
    misalignDeg: 0.03,
    growthInside: 0,
    space: 2,
    stiffness: 3,
    shock: 1,
    quiet: 2,
    separable: 1,
  },
  speedLimit: { grease: 500_000, 'oil-bath': 650_000 },

  fitFamily: 'ball',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: staying,

  boxClearance: { cylindrical: null, tapered: null, includesLowest: false, absentClass: null },
  adjusted: true,
  withoutBoxClearance: (series) => !isDoubleRow(series),
  floatsInside: 'never',
  preload: { lightMm: 0.02, mostMm: 0.05, wantsPlay: false },
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 10, speedFactor: 1, freeShare: 0.31 },

  suffixes: ['closure', 'snap-ring', 'contact-angle', 'pair', 'universal-pair', 'moulded-cage'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: (series) => (isDoubleRow(series) ? ['contact-seal', 'shield'] : []),
} satisfies BearingTypeFacts
