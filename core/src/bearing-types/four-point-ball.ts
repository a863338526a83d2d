import type { BearingTypeFacts } from './facts.ts'
import { grooveGive } from './give.ts'
import { fourPointFactors } from './load-factors.ts'
import { ballDentsMPa, never, noFeatures, noRibs, onlyOpen, usualGrooves, usualLambda, staying } from './usual.ts'

/** Four-point contact ball bearings: one row whose balls touch each ring twice, the inner ring in halves. */
export const fourPointBall = {
  name: 'four-point contact ball',
  rolls: 'ball',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: false,
  swivels: false,
  insertUnit: false,
  tell: () => 'One ring is split round its middle.',

  ratings: {
    rows: [1],
    angleDeg: 35,
    fromDeg: 20,
    toDeg: 45,
    bm: 1.3,
    lifeFactorDivisor: 1,
    lines: 2,
    lambda: usualLambda,
  },
  grooves: usualGrooves,
  inside: { rows: [1], usualRows: 1, signs: [1, -1], spacing: 0, dentsAtMPa: ballDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.75,
  give: grooveGive,

  loadFactors: fourPointFactors,
  takesF0: false,
  minimumLoadShare: 0.01,
  axialWatch: 'four-point-contact',
  abilities: {
    radial: 1,
    axialOneWay: 3,
    axialBothWays: 3,
    speed: 2,
    misalignDeg: 0.03,
    growthInside: 0,
    space: 3,
    stiffness: 2,
    shock: 1,
    quiet: 1,
    separable: 2,
  },
  speedLimit: { grease: 400_000, 'oil-bath': 500_000 },

  fitFamily: 'ball',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: staying,

  boxClearance: { cylindrical: null, tapered: null, includesLowest: false, absentClass: null },
  adjusted: true,
  withoutBoxClearance: never,
  floatsInside: 'never',
  preload: null,
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 10, speedFactor: 1.6, freeShare: 0.2 },

  suffixes: ['closure'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
