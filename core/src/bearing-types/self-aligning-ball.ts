import type { BearingTypeFacts } from './facts.ts'
import { ballGive } from './give.ts'
import { selfAligningBallFactors } from './load-factors.ts'
import { never, noFeatures, noRibs, staying } from './usual.ts'

/** Self-aligning ball bearings: two rows in an outer ring that is a sphere. */
export const selfAligningBall = {
  name: 'self-aligning ball',
  rolls: 'ball',
  rings: 'flat',
  carries: 'radial',
  axialLoad: 'carried',
  pairs: false,
  swivels: true,
  insertUnit: false,
  tell: () => 'Two rows, and the inner ring swivels.',

  ratings: {
    rows: [1, 2],
    angleDeg: null,
    fromDeg: 3,
    toDeg: 45,
    bm: 1.3,
    lifeFactorDivisor: 1,
    lines: 1,
    lambda: () => 1,
  },
  grooves: { inner: 0.53, outer: 'sphere' },
  inside: { rows: [2], usualRows: 2, signs: [-1, 1], spacing: 0, dentsAtMPa: 4600, barrel: false },
  rollersLie: 'along',
  ribs: noRibs,
  massShare: 0.74,
  give: ballGive(6.98e-4),

  loadFactors: selfAligningBallFactors,
  takesF0: false,
  minimumLoadShare: 0.01,
  axialWatch: null,
  abilities: {
    radial: 2,
    axialOneWay: 1,
    axialBothWays: 1,
    speed: 3,
    misalignDeg: 2.5,
    growthInside: 0,
    space: 2,
    stiffness: 1,
    shock: 1,
    quiet: 2,
    separable: 2,
  },
  speedLimit: { grease: 500_000, 'oil-bath': 600_000 },

  fitFamily: 'ball',
  seating: 'fitted',
  ringTables: 'radial',
  inchSystem: false,
  innerRing: staying,

  boxClearance: {
    cylindrical: 'self-aligning-ball',
    tapered: 'self-aligning-ball/tapered',
    includesLowest: false,
    absentClass: null,
  },
  adjusted: false,
  withoutBoxClearance: never,
  floatsInside: 'never',
  preload: null,
  upTaper: 'nut-turn',
  commonlyStable: false,

  greasing: { formulaFactor: 10, speedFactor: 1, freeShare: 0.24 },

  suffixes: ['tapered-bore', 'closure'],
  alwaysTapered: never,
  features: noFeatures,
  closuresMade: (series) => (series === '22' || series === '23' ? ['contact-seal'] : []),
} satisfies BearingTypeFacts
