import type { BearingTypeFacts } from './facts.ts'
import { barrelGive } from './give.ts'
import { sphericalRollerFactors } from './load-factors.ts'
import { never, noFeatures, onlyOpen, rollerDentsMPa, usualLambda, staying } from './usual.ts'

/** Spherical roller bearings: two rows of barrels in an outer ring that is a sphere. */
export const sphericalRoller = {
  name: 'spherical roller',
  rolls: 'barrel',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: false,
  swivels: true,
  insertUnit: false,
  tell: () => 'Two rows of barrels.',

  ratings: {
    rows: [1, 2],
    angleDeg: null,
    fromDeg: 3,
    toDeg: 45,
    bm: 1.15,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: null,
  inside: { rows: [2], usualRows: 2, signs: [-1, 1], spacing: 0, dentsAtMPa: rollerDentsMPa, barrel: true },
  rollersLie: 'along',
  ribs: () => ({ inner: 'guide', outer: 'none' }),
  massShare: 0.74,
  give: barrelGive,

  loadFactors: sphericalRollerFactors,
  takesF0: false,
  minimumLoadShare: 0.02,
  axialWatch: 'second-row-free',
  abilities: {
    radial: 3,
    axialOneWay: 2,
    axialBothWays: 2,
    speed: 1,
    misalignDeg: 1.5,
    growthInside: 0,
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

  boxClearance: {
    cylindrical: 'spherical-roller',
    tapered: 'spherical-roller/tapered',
    includesLowest: false,
    absentClass: null,
  },
  adjusted: false,
  withoutBoxClearance: never,
  floatsInside: 'never',
  preload: null,
  upTaper: 'drive-up-table',
  commonlyStable: true,

  greasing: { formulaFactor: 1, speedFactor: 2, freeShare: 0.23 },

  suffixes: ['tapered-bore', 'closure', 'reinforced', 'internal-design'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
