import type { BearingTypeFacts } from './facts.ts'
import { lineGive } from './give.ts'
import { taperedFactors } from './load-factors.ts'
import { always, noFeatures, onlyOpen, rollerDentsMPa, usualLambda, staying, never } from './usual.ts'

/** Tapered roller bearings: cone and cup, set against a second one when they are mounted. */
export const taperedRoller = {
  name: 'tapered roller',
  rolls: 'taper',
  rings: 'cone-and-cup',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: true,
  swivels: false,
  insertUnit: false,
  tell: (series) =>
    series === 'inch'
      ? 'Cone and cup carry a number each: read both.'
      : series === '313'
        ? 'The cup is steep.'
        : 'The cup slopes gently.',

  ratings: {
    rows: [1, 2, 3, 4],
    angleDeg: null,
    fromDeg: 3,
    toDeg: 45,
    bm: 1.1,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: null,
  inside: { rows: [1, 2], usualRows: 1, signs: null, spacing: 1.7, dentsAtMPa: rollerDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: () => ({ inner: 'large', outer: 'none' }),
  massShare: 0.73,
  give: lineGive,

  loadFactors: taperedFactors,
  takesF0: false,
  minimumLoadShare: 0.02,
  axialWatch: null,
  abilities: {
    radial: 3,
    axialOneWay: 3,
    axialBothWays: 0,
    speed: 2,
    misalignDeg: 0.04,
    growthInside: 0,
    space: 2,
    stiffness: 3,
    shock: 3,
    quiet: 1,
    separable: 3,
  },
  speedLimit: { grease: 300_000, 'oil-bath': 400_000 },

  fitFamily: 'roller',
  seating: 'fitted',
  ringTables: 'tapered',
  inchSystem: true,
  innerRing: staying,

  boxClearance: { cylindrical: null, tapered: null, includesLowest: false, absentClass: null },
  adjusted: true,
  withoutBoxClearance: always,
  floatsInside: 'never',
  preload: { lightMm: 0, mostMm: 0.05, wantsPlay: true },
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 1, speedFactor: 2, freeShare: 0.28 },

  suffixes: ['iso-dimensions', 'precision-6x', 'pair'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: onlyOpen,
} satisfies BearingTypeFacts
