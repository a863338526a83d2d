/** What may be chosen of a position: apart from its schema, so that whoever only judges does not load that. */
export const cageMaterials = ['steel', 'brass', 'polyamide'] as const

export const rollingElements = ['ball', 'roller', 'taper', 'barrel', 'hidden'] as const

export const ringShapes = ['flat', 'sphered-od', 'cone-and-cup'] as const

/** What is seen on a bearing besides sizes and closures. */
export const seenThings = [
  'tapered-bore',
  'snap-ring-groove',
  'snap-ring',
  'flange',
  'wide-inner',
  'hexagon-bore',
  'brass-cage',
  'steel-cage',
  'polymer-cage',
] as const
export type SeenThing = (typeof seenThings)[number]

export const axialWays = ['right', 'left', 'both'] as const

export const pairArrangements = ['single', 'back-to-back', 'face-to-face'] as const

export const runningKinds = ['quiet', 'normal', 'shock'] as const

export const loadCases = ['inner-turns', 'outer-turns', 'load-turns', 'both'] as const

/** The two ends of a shaft, seen from one of its positions. */
export const shaftEnds = ['this', 'other'] as const

export const holdings = [
  'nut',
  'end-plate',
  'eccentric-collar',
  'set-screws',
  'adapter-sleeve',
  'withdrawal-sleeve',
  'shoulder',
  'no-inner-ring',
] as const

export const heatingTools = [
  'induction',
  'pad',
  'hot-plate',
  'oven',
  'oil-bath',
  'press',
  'oil-injection',
  'cold',
] as const

export const thickenerNames = [
  'lithium',
  'lithium-complex',
  'calcium',
  'calcium-12-hydroxy',
  'calcium-complex',
  'calcium-sulfonate-complex',
  'aluminium-complex',
  'barium-complex',
  'clay',
  'polyurea',
  'polyurea-shear-stable',
  'sodium',
  'ptfe',
] as const

/** Nitrile where nobody says otherwise. */
export const sealMaterials = ['nitrile', 'fluoro'] as const

/** From very clean to washed down. */
export const cleanlinessLevels = ['high', 'normal', 'slight', 'severe', 'very-severe'] as const

export type ShaftEnd = (typeof shaftEnds)[number]

export type Holding = (typeof holdings)[number]

export type HeatingTool = (typeof heatingTools)[number]

/** What most workshops have. */
export const usualTools: readonly HeatingTool[] = ['induction', 'oven', 'press']
