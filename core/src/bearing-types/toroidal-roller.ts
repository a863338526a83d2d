import type { BearingTypeFacts } from './facts.ts'
import { barrelGive } from './give.ts'
import { radialOnlyFactors } from './load-factors.ts'
import { never, noFeatures, noRibs, onlyOpen, rollerDentsMPa, usualLambda, staying } from './usual.ts'

/** Toroidal roller bearings: one row of long barrels that swivel and slide along. */
export const toroidalRoller = {
  name: 'toroidal roller',
  rolls: 'barrel',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'none',
  pairs: false,
  swivels: true,
  insertUnit: false,
  tell: () => 'One row of long rollers that also slide along.',

  ratings: {
    rows: [1],
    angleDeg: 0,
    fromDeg: 0,
    toDeg: 0,
    bm: 1.15,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: null,
  inside: { rows: [1], usualRows: 1, signs: null, spacing: 0, dentsAtMPa: rollerDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.73,
  give: barrelGive,

  loadFactors: radialOnlyFactors,
  takesF0: false,
  minimumLoadShare: 0.02,
  axialWatch: null,
  abilities: {
    radial: 3,
    axialOneWay: 0,
    axialBothWays: 0,
    speed: 1,
    misalignDeg: 0.5,
    growthInside: 3,
    space: 1,
    stiffness: 3,
    shock: 3,
    quiet: 1,
    separable: 2,
  },
  speedLimit: { grease: 250_000, 'oil-bath': 330_000 },

  fitFamily: 'spherical',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: staying,

  boxClearance: { cylindrical: null, tapered: null, includesLowest: false, absentClass: null },
  adjusted: false,
  withoutBoxClearance: never,
  floatsInside: 'always',
  preload: null,
  upTaper: 'drive-up-table',
  commonlyStable: true,

  greasing: { formulaFactor: 1, speedFactor: 2, freeShare: 0.25 },

  suffixes: ['tapered-bore', 'closure', 'full-complement'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
