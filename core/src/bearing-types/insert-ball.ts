import type { BearingTypeFacts } from './facts.ts'
import { grooveGive } from './give.ts'
import { deepGrooveFactors } from './load-factors.ts'
import { ballDentsMPa, never, noRibs, usualGrooves, usualLambda, staying } from './usual.ts'

/** Insert bearings: a sealed ball bearing with a long inner ring and a sphered outside, in a housing of its own with a nipple. */
export const insertBall = {
  name: 'insert ball',
  rolls: 'ball',
  rings: 'sphered-od',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: false,
  swivels: false,
  insertUnit: true,
  tell: (series) =>
    series.startsWith('UK')
      ? 'The outside is a sphere, the bore tapered for a sleeve.'
      : 'The outside is a sphere, the inner ring long.',

  ratings: {
    rows: [1],
    angleDeg: 0,
    fromDeg: 0,
    toDeg: 0,
    bm: 1.3,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: usualLambda,
  },
  grooves: usualGrooves,
  inside: { rows: [1], usualRows: 1, signs: null, spacing: 1.3, dentsAtMPa: ballDentsMPa, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.44,
  give: grooveGive,

  loadFactors: deepGrooveFactors,
  takesF0: true,
  minimumLoadShare: 0.01,
  axialWatch: null,
  abilities: {
    radial: 2,
    axialOneWay: 1,
    axialBothWays: 1,
    speed: 1,
    misalignDeg: 2.5,
    growthInside: 0,
    space: 1,
    stiffness: 1,
    shock: 1,
    quiet: 2,
    separable: 2,
  },
  speedLimit: { grease: 250_000, 'oil-bath': 300_000 },

  fitFamily: 'ball',
  seating: 'sliding',
  ringTables: 'insert',
  inchSystem: false,
  innerRing: staying,

  boxClearance: { cylindrical: 'insert-ball', tapered: null, includesLowest: true, absentClass: null },
  adjusted: false,
  withoutBoxClearance: never,
  floatsInside: 'never',
  preload: null,
  upTaper: null,
  commonlyStable: false,

  greasing: { formulaFactor: 10, speedFactor: 1, freeShare: 0.33 },

  suffixes: ['closure'],
  alwaysTapered: (series) => series.startsWith('UK'),
  features: (series) =>
    series.startsWith('UK') ? ['sphered-od', 'taper-1:12'] : ['sphered-od', 'extended-inner-ring'],
  closuresMade: () => ['contact-seal'],
} satisfies BearingTypeFacts
