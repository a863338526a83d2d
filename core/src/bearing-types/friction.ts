import type { BearingType } from './bearing-type.ts'

/** Loads on a bearing as its friction goes by them, N. */
interface FrictionGiven {
  radialN: number
  axialN: number
  /** Of the contact angle; 0 at a right angle. */
  cot: number
  /** Static axial factor Y0 at this angle. */
  staticAxial: number
}

/** What the friction of a type goes by, in the classical model. */
export interface TypeFriction {
  /** Contact angle where nobody says, and the angles the type has; null where it has none to choose, degrees. */
  angle: { usual: number; from: number; to: number } | null
  /** Which loads it may have: along the shaft none, or only by ribs on both rings, or hardly anything else. */
  takes: 'both' | 'radial' | 'by-ribs' | 'axial'
  /** Static load P0 its share grows with, and the load P1 that makes friction. */
  loads: (given: FrictionGiven) => { p0: number; p1: number }
  /** Friction over load at the bore, by the practice of one coefficient. */
  coefficient: number
  /** Friction of the load at the start, over that of running. */
  startsHarder: number
  /** Whether the method of thermal speeds knows it. */
  thermalSpeed: boolean
  /** Letters that may stand before the name of its series. */
  letters: RegExp | null
}

const usual = { takes: 'both', startsHarder: 2, thermalSpeed: true, letters: null } as const
const groove: TypeFriction = {
  ...usual,
  coefficient: 0.0015,
  angle: null,
  loads: ({ radialN: fr, axialN: fa }) => ({
    p0: Math.max(fr, 0.6 * fr + 0.5 * fa),
    p1: Math.max(fr, 3 * fa - 0.1 * fr),
  }),
}
const plainRadial: TypeFriction = {
  ...usual,
  coefficient: 0.0011,
  angle: null,
  takes: 'radial',
  loads: ({ radialN }) => ({ p0: radialN, p1: radialN }),
}

/** Friction by type; null where the method has no factors. @see Palmgren; ISO 76 for P0 */
export const frictionOf: Record<BearingType, TypeFriction | null> = {
  'deep-groove-ball': groove,
  'insert-ball': groove,
  'angular-contact-ball': {
    ...usual,
    coefficient: 0.002,
    angle: { usual: 40, from: 15, to: 45 },
    loads: ({ radialN: fr, axialN: fa, cot, staticAxial }) => ({
      p0: Math.max(fr, 0.5 * fr + staticAxial * fa),
      p1: Math.max(fr, 0.9 * cot * fa - 0.1 * fr),
    }),
  },
  'four-point-ball': {
    ...usual,
    coefficient: 0.0024,
    angle: { usual: 35, from: 20, to: 45 },
    loads: ({ radialN: fr, axialN: fa, staticAxial }) => ({ p0: fr + 2 * staticAxial * fa, p1: 1.5 * fa + 3.6 * fr }),
  },
  'self-aligning-ball': {
    ...usual,
    coefficient: 0.001,
    angle: { usual: 10, from: 3, to: 45 },
    loads: ({ radialN: fr, axialN: fa, cot }) => ({
      p0: fr + 0.44 * cot * fa,
      p1: Math.max(fr, 0.9 * cot * fa - 0.1 * fr),
    }),
  },
  'cylindrical-roller': { ...plainRadial, takes: 'by-ribs', letters: /^(NUP|NU|NJ|N)/ },
  'needle-roller': { ...plainRadial, coefficient: 0.0025 },
  'toroidal-roller': { ...plainRadial, coefficient: 0.0016 },
  'tapered-roller': {
    ...usual,
    coefficient: 0.0018,
    angle: { usual: 15, from: 3, to: 45 },
    startsHarder: 4,
    loads: ({ radialN: fr, axialN: fa, cot }) => ({ p0: fr, p1: Math.max(fr, 0.8 * cot * fa) }),
  },
  'spherical-roller': {
    ...usual,
    coefficient: 0.0018,
    angle: { usual: 11, from: 3, to: 45 },
    startsHarder: 3,
    loads: ({ radialN: fr, axialN: fa, cot }) => ({ p0: fr + 0.44 * cot * fa, p1: Math.max(fr, 0.8 * cot * fa) }),
  },
  'thrust-ball': {
    ...usual,
    coefficient: 0.0013,
    angle: { usual: 90, from: 45, to: 90 },
    takes: 'axial',
    thermalSpeed: false,
    loads: ({ radialN: fr, axialN: fa, cot }) => ({ p0: cot === 0 ? fa : (2.3 * fr) / cot + fa, p1: fa }),
  },
  'thrust-roller': null,
}
