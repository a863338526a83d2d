import type { BearingTypeFacts } from './facts.ts'
import { axialOnlyFactors } from './load-factors.ts'
import { always, noFeatures, noRibs, onlyOpen, rollerDentsMPa, usualLambda, staying, never } from './usual.ts'

/**
 * Cylindrical thrust roller bearings: two flat washers with rollers that lie across the shaft. No radial load at all, and the rollers'
 * ends slide: about half the speed of a ball washer.
 */
export const thrustRoller = {
  name: 'cylindrical thrust roller',
  rolls: 'roller',
  rings: 'flat',
  carries: 'axial',
  axialLoad: 'carried',
  pairs: false,
  swivels: false,
  insertUnit: false,
  tell: () => 'Two flat washers with rollers lying across between them.',

  ratings: {
    rows: [1],
    angleDeg: 90,
    fromDeg: 90,
    toDeg: 90,
    bm: 1,
    lifeFactorDivisor: 2.5,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: null,
  inside: { rows: [], usualRows: 1, signs: null, spacing: 0, dentsAtMPa: rollerDentsMPa, barrel: false },
  rollersLie: 'across',
  ribs: noRibs,
  massShare: 0.72,
  give: null,

  loadFactors: axialOnlyFactors,
  takesF0: false,
  minimumLoadShare: 0.02,
  axialWatch: null,
  abilities: {
    radial: 0,
    axialOneWay: 3,
    axialBothWays: 0,
    speed: 1,
    misalignDeg: 0.005,
    growthInside: 0,
    space: 3,
    stiffness: 3,
    shock: 2,
    quiet: 1,
    separable: 3,
  },
  speedLimit: { grease: 75_000, 'oil-bath': 100_000 },

  fitFamily: 'roller',
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

  greasing: { formulaFactor: null, speedFactor: 90, freeShare: 0.2 },

  suffixes: [],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
