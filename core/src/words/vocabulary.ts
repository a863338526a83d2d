import type { Closure } from '../bearing-types/index.ts'
import type {
  axialWays,
  cageMaterials,
  cleanlinessLevels,
  HeatingTool,
  Holding,
  LoadCase,
  pairArrangements,
  RollingPosition,
  ringShapes,
  rollingElements,
  runningKinds,
  sealMaterials,
  thickenerNames,
} from '../kinds/rolling/position.ts'
import type { drives } from '../model/shaft-line.ts'

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
  single: 'stands alone',
  'back-to-back': 'back to back',
  'face-to-face': 'face to face',
}
export const runningWords: Words<(typeof runningKinds)[number]> = { quiet: 'quiet', normal: 'normal', shock: 'shock' }
export const cleanlinessWords: Words<(typeof cleanlinessLevels)[number]> = {
  high: 'very clean',
  normal: 'clean',
  slight: 'slightly dirty',
  severe: 'dirty',
  'very-severe': 'very dirty, wash-down',
}
export const loadCaseWords: Words<LoadCase> = {
  'inner-turns': 'the shaft turns under a load that stands',
  'outer-turns': 'the outer ring turns',
  'load-turns': 'the load turns with the shaft',
  both: 'both, or not known',
}
export const loadClassWords: Words<NonNullable<RollingPosition['seat']['loadClass']>> = {
  light: 'light',
  normal: 'normal',
  heavy: 'heavy',
}
export const applicationWords: Words<NonNullable<RollingPosition['seat']['application']>> = {
  general: 'general machinery',
  'electric-motor': 'an electric motor',
  'machine-tool': 'a machine tool',
}
export const ringLoadWords: Words<'rotating' | 'stationary' | 'indeterminate'> = {
  rotating: 'rotating load',
  stationary: 'stationary load',
  indeterminate: 'load of indeterminate direction',
}
export const housingWords: Words<RollingPosition['seat']['housing']> = {
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
export const lubricationWords: Words<RollingPosition['grease']['lubrication']> = {
  grease: 'grease',
  'oil-bath': 'oil bath',
}
export const standsInWords: Words<NonNullable<RollingPosition['grease']['standsIn']>> = {
  'pillow-block': 'pillow block',
  flanged: 'flanged housing',
  'motor-end-shield': 'end shield of a motor',
  'machine-wall': 'wall of a machine',
}
export const airWords: Words<RollingPosition['grease']['air']> = {
  still: 'still',
  moving: 'moving, as in a draughty hall',
  blown: 'blown over it',
}
export const shaftEndWords: Words<RollingPosition['grease']['shaftEnd']> = {
  open: 'in the open air',
  covered: 'under a blind cover',
}
export const housingMaterialWords: Words<RollingPosition['float']['housingMaterial']> = {
  'cast-iron': 'cast iron',
  steel: 'steel',
  aluminium: 'aluminium',
}
export const shaftMaterialWords: Words<RollingPosition['float']['shaftMaterial']> = {
  'carbon-steel': 'carbon steel',
  'stainless-austenitic': 'austenitic stainless steel',
}

export const slidingWords: Words<RollingPosition['seat']['slides']> = {
  none: 'none',
  outer: 'outer ring',
  inner: 'inner ring',
}
export const finishWords: Words<RollingPosition['seat']['finish']> = { ground: 'ground', turned: 'turned' }
export const inchDutyWords: Words<RollingPosition['seat']['inchDuty']> = {
  industrial: 'industrial',
  automotive: 'automotive',
}
export const mountHousingWords: Words<NonNullable<RollingPosition['mount']['housing']>> = {
  solid: 'one piece',
  split: 'split',
  flanged: 'flanged',
  'take-up': 'take-up',
}
export const contaminationWords: Words<RollingPosition['grease']['contamination']> = {
  light: 'light',
  heavy: 'heavy',
  'light-abrasive': 'light, abrasive',
  'heavy-abrasive': 'heavy, abrasive',
}
export const moistureWords: Words<RollingPosition['grease']['moisture']> = {
  dry: 'dry',
  humid: 'humid',
  condensation: 'condensation',
  wet: 'wet',
}
export const vibrationWords: Words<RollingPosition['grease']['vibration']> = {
  low: 'low',
  medium: 'medium',
  high: 'high',
}
export const orientationWords: Words<RollingPosition['grease']['orientation']> = {
  horizontal: 'horizontal',
  inclined: 'inclined',
  vertical: 'vertical',
}
export const sealMaterialWords: Words<(typeof sealMaterials)[number]> = {
  nitrile: 'nitrile rubber',
  fluoro: 'fluoro rubber',
}
export const axialWayWords: Words<(typeof axialWays)[number]> = {
  right: 'to the right',
  left: 'to the left',
  both: 'both ways',
}
export const elementWords: Words<(typeof rollingElements)[number]> = {
  ball: 'balls',
  roller: 'straight rollers',
  taper: 'tapered rollers',
  barrel: 'barrels',
  hidden: 'cannot be seen',
}
export const shapeWords: Words<(typeof ringShapes)[number]> = {
  flat: 'plain',
  'sphered-od': 'outside a sphere',
  'cone-and-cup': 'cone and cup',
}
export const driveWords: Words<(typeof drives)[number]> = {
  chain: 'chain',
  'toothed-belt': 'toothed belt',
  'v-belt': 'V-belt',
  'flat-belt-tensioner': 'flat belt with tensioner',
  'flat-belt-fixed': 'flat belt, fixed centres',
}

/** What a part of a bearing designation says, by the name of the feature. */
export function featureWords(feature: string): string {
  const [, angle] = /^contact-angle-(\d+)$/.exec(feature) ?? []
  if (angle) return `contact angle ${angle}°`
  const [, hot] = /^heat-stabilised-(\d+)C$/.exec(feature) ?? []
  if (hot) return `rings stabilised to {${hot} °C}`
  const [, kind, rest = ''] = /^(taper|precision|internal-design)-(.+)$/.exec(feature) ?? []
  if (kind)
    return `${{ taper: 'taper', precision: 'tolerance class', 'internal-design': 'internal design' }[kind] ?? kind} ${rest}`
  return featureNames[feature] ?? feature
}

/** Where a bearing without a clearance in its box gets it. */
export const clearanceMade = (features: readonly string[]): string =>
  features.includes('no-inner-ring') ? 'by the shaft' : 'set on mounting'

const featureNames: Record<string, string> = {
  reinforced: 'reinforced',
  'full-complement': 'full complement, no cage',
  'iso-dimensions': 'boundary dimensions to ISO 355',
  'pair-back-to-back': 'pair, back to back',
  'pair-face-to-face': 'pair, face to face',
  'pair-tandem': 'pair, in tandem',
  'universal-pair': 'universal for pairs',
  'snap-ring-groove': 'snap ring groove',
  'snap-ring': 'snap ring',
  'lubrication-groove-and-holes': 'lubrication groove and holes',
  'lubrication-holes': 'lubrication holes',
  'brass-cage': 'brass cage',
  'steel-cage': 'steel cage',
  'polyamide-cage': 'polyamide cage',
  'cage-outer-guided': 'cage guided on the outer ring',
  'cage-inner-guided': 'cage guided on the inner ring',
  'factory-grease': 'maker’s grease fill',
  'running-accuracy': 'better running accuracy',
  'no-axial-guidance': 'no axial guidance',
  'axial-one-direction': 'guided axially one way',
  'axial-both-directions': 'guided axially both ways',
  'sphered-od': 'spherical outside',
  'extended-inner-ring': 'extended inner ring',
  'no-inner-ring': 'no inner ring, rollers on the shaft',
  'drawn-cup': 'drawn cup',
  'inch-bore': 'inch bore',
  'inch-size': 'inch cone and cup',
}

/** Words of every input that is chosen from a closed set, by its path; a value that is not listed reads as it stands. */
export const inputWords: Record<string, Record<string, string>> = {
  'bearing.requiredClosure': closureWords,
  'bearing.requiredBore': boreWords,
  'bearing.requiredCage': cageWords,
  'identify.leftClosure': closureWords,
  'identify.rightClosure': closureWords,
  'identify.rollingElement': elementWords,
  'identify.ringShape': shapeWords,
  'load.axialWay': axialWayWords,
  'load.arrangement': arrangementWords,
  'load.running': runningWords,
  'seat.loadCase': loadCaseWords,
  'seat.loadClass': loadClassWords,
  'seat.application': applicationWords,
  'seat.housing': housingWords,
  'seat.slides': slidingWords,
  'seat.finish': finishWords,
  'seat.inchDuty': inchDutyWords,
  'mount.holding': holdingWords,
  'mount.housing': mountHousingWords,
  'mount.tools': toolWords,
  'mount.padTool': toolWords,
  'float.shaftMaterial': shaftMaterialWords,
  'float.housingMaterial': housingMaterialWords,
  'grease.lubrication': lubricationWords,
  'grease.standsIn': standsInWords,
  'grease.air': airWords,
  'grease.shaftEnd': shaftEndWords,
  'grease.cleanliness': cleanlinessWords,
  'grease.contamination': contaminationWords,
  'grease.moisture': moistureWords,
  'grease.vibration': vibrationWords,
  'grease.orientation': orientationWords,
  'grease.sealMaterial': sealMaterialWords,
  'grease.thickener': thickenerWords,
  'grease.thickenerBefore': thickenerWords,
}
