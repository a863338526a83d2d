import type { BearingTypeFacts } from './facts.ts'
import { thrustBallFactors } from './load-factors.ts'
import { always, ballDentsMPa, noFeatures, noRibs, onlyOpen, usualLambda, staying, never } from './usual.ts'

/** Thrust ball bearings: two washers with balls between, axial load only. */
export const thrustBall = {
  name: 'thrust ball',
  rolls: 'ball',
  rings: 'flat',
  carries: 'axial',
  axialLoad: 'carried',
  pairs: false,
  swivels: false,
  insertUnit: false,
  tell: () => 'Two washers with balls between.',

  ratings: {
    rows: [1],
    angleDeg: 90,
    fromDeg: 45,
    toDeg: 90,
    bm: 1.3,
    lifeFactorDivisor: 3,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: { inner: 0.54, outer: 0.54 },
  inside: { rows: [], usualRows: 1, signs: null, spacing: 0, dentsAtMPa: ballDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.75,
  give: null,

  loadFactors: thrustBallFactors,
  takesF0: false,
  minimumLoadShare: 0.01,
  axialWatch: null,
  abilities: {
    radial: 0,
    axialOneWay: 3,
    axialBothWays: 0,
    speed: 1,
    misalignDeg: 0.01,
    growthInside: 0,
    space: 2,
    stiffness: 2,
    shock: 1,
    quiet: 1,
    separable: 3,
  },
  speedLimit: { grease: 150_000, 'oil-bath': 200_000 },

  fitFamily: 'ball',
  seating: 'centred',
  ringTables: 'washers',
  inchSystem: false,
  innerRing: staying,

  boxClearance: { cylindrical: null, tapered: null, includesLowest: false, absentClass: null },
  adjusted: false,
  withoutBoxClearance: always,
  floatsInside: 'never',
  preload: null,
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: null, speedFactor: 2, freeShare: 0.25 },

  suffixes: [],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
