import type { Closure } from '../model/bearing-type.ts'
import type {
  cageMaterials,
  cleanlinessLevels,
  HeatingTool,
  Holding,
  LoadCase,
  pairArrangements,
  Position,
  runningKinds,
  thickenerNames,
} from '../model/position.ts'

// Every closed set in words, once: what stands in a sentence, a form or a working.

type Words<T extends string> = Record<T, string>

export const closureWords: Words<Closure> = {
  open: 'open',
  shield: 'shields',
  'contact-seal': 'contact seals',
  'low-friction-seal': 'low-friction seals',
}
/** What one of them is called before a noun: a shielded bearing. */
export const closedWords: Words<Closure> = {
  open: 'open',
  shield: 'shielded',
  'contact-seal': 'contact-sealed',
  'low-friction-seal': 'low-friction sealed',
}
export const cageWords: Words<(typeof cageMaterials)[number]> = {
  steel: 'steel',
  brass: 'brass',
  polyamide: 'polyamide',
}
export const thickenerWords: Words<(typeof thickenerNames)[number]> = {
  lithium: 'lithium',
  'lithium-complex': 'lithium complex',
  calcium: 'calcium',
  'calcium-12-hydroxy': 'calcium 12-hydroxystearate',
  'calcium-complex': 'calcium complex',
  'calcium-sulfonate-complex': 'calcium sulfonate complex',
  'aluminium-complex': 'aluminium complex',
  'barium-complex': 'barium complex',
  clay: 'clay',
  polyurea: 'polyurea',
  'polyurea-shear-stable': 'shear-stable polyurea',
  sodium: 'sodium',
  ptfe: 'PTFE',
}
export const arrangementWords: Words<(typeof pairArrangements)[number]> = {
  single: 'single',
  'back-to-back': 'back to back',
  'face-to-face': 'face to face',
}
export const runningWords: Words<(typeof runningKinds)[number]> = { quiet: 'quiet', normal: 'normal', shock: 'shock' }
export const cleanlinessWords: Words<(typeof cleanlinessLevels)[number]> = {
  high: 'high',
  normal: 'normal',
  slight: 'slight contamination',
  severe: 'severe contamination',
  'very-severe': 'very severe contamination',
}
export const loadCaseWords: Words<LoadCase> = {
  'inner-turns': 'the shaft turns under a load that stands',
  'outer-turns': 'the outer ring turns',
  'load-turns': 'the load turns with the shaft',
  both: 'both, or not known',
}
export const ringLoadWords: Words<'rotating' | 'stationary' | 'indeterminate'> = {
  rotating: 'rotating load',
  stationary: 'stationary load',
  indeterminate: 'load of indeterminate direction',
}
export const housingWords: Words<Position['seat']['housing']> = {
  solid: 'solid',
  split: 'split',
  'thin-wall': 'thin-walled',
  'light-alloy': 'light alloy',
}
export const holdingWords: Words<Holding> = {
  nut: 'lock nut and tab washer',
  'end-plate': 'end plate',
  'eccentric-collar': 'eccentric collar',
  'set-screws': 'set screws',
  'adapter-sleeve': 'adapter sleeve',
  'withdrawal-sleeve': 'withdrawal sleeve',
  shoulder: 'fit against a shoulder',
  'no-inner-ring': 'no inner ring, rollers on the shaft',
}
export const toolWords: Words<HeatingTool> = {
  induction: 'induction heater',
  pad: 'flat induction pad',
  'hot-plate': 'hot plate',
  oven: 'oven',
  'oil-bath': 'oil bath',
  press: 'press, cold',
  'oil-injection': 'oil injection',
  cold: 'nut or hydraulic nut, cold',
}
export const boreWords: Words<'cylindrical' | 'tapered'> = { cylindrical: 'cylindrical', tapered: 'tapered' }
export const lubricationWords: Words<Position['grease']['lubrication']> = { grease: 'grease', 'oil-bath': 'oil bath' }
export const housingMaterialWords: Words<Position['float']['housingMaterial']> = {
  steel: 'steel',
  'cast-iron': 'cast iron',
  aluminium: 'aluminium',
}
export const shaftMaterialWords: Words<Position['float']['shaftMaterial']> = {
  'carbon-steel': 'carbon steel',
  'stainless-austenitic': 'austenitic stainless steel',
}
