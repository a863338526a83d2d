import type {
  loadSides,
  MaterialLook,
  plainCollars,
  PlainForm,
  PlainGroove,
  PlainMaterial,
  PlainSupply,
} from '../kinds/plain/choices.ts'
import type { PlainClearancePractice } from '../model/site-practices.ts'
import type { sleeveHousings } from './balance.schema.ts'
import type { BushLubrication } from './bush-materials.ts'
import type { dirts, PlainRule, shocks } from './compare.ts'

// Every closed set of a plain bearing in words, once; and why a rule speaks for plain or for rolling.

type Words<T extends string> = Record<T, string>

export const formWords: Words<PlainForm> = {
  solid: 'solid bush',
  flanged: 'flanged bush',
  split: 'half shells',
  sintered: 'sintered bush',
  lined: 'wrapped, lined bush',
}
export const materialWords: Words<PlainMaterial> = {
  'leaded-bronze': 'leaded bronze',
  'tin-bronze': 'tin bronze',
  'aluminium-bronze': 'aluminium bronze',
  'sintered-bronze': 'sintered bronze',
  'white-metal': 'white metal',
  'ptfe-lined': 'PTFE lining on steel',
  nylon: 'nylon',
  acetal: 'acetal',
  uhmwpe: 'UHMW polyethylene',
  'graphite-plugged-bronze': 'bronze with graphite plugs',
  'carbon-graphite': 'carbon graphite',
}
export const lookWords: Words<MaterialLook> = {
  'yellow-red': 'yellow to red metal',
  'pale-gold': 'pale gold metal',
  'dull-brown': 'dull brown, grainy',
  'silver-grey-lining': 'silvery soft lining',
  'dark-grey-lining': 'thin dark grey lining',
  'white-cream': 'white or cream',
  black: 'black',
  plugs: 'black plugs in metal',
  'oil-sweats': 'oil sweats out when warmed',
  'nail-marks': 'a nail marks it',
  'file-slips': 'a file slips on it',
  'magnet-holds': 'a magnet holds',
  light: 'light in the hand',
  floats: 'a chip floats on water',
  'grey-streak': 'draws a grey streak on paper',
  'steel-back': 'steel shows at the joint or back',
}
export const grooveWords: Words<PlainGroove> = {
  none: 'none',
  axial: 'along the axis',
  circumferential: 'round the middle',
  'figure-eight': 'figure of eight',
}
export const sideWords: Words<(typeof loadSides)[number]> = {
  down: 'down',
  up: 'up',
  left: 'to the left',
  right: 'to the right',
}
export const supplyWords: Words<PlainSupply> = {
  ring: 'a loose ring',
  bath: 'standing in a bath',
  feed: 'circulation, fed',
  wick: 'wick, drip or oil can',
}
export const lubricationOfPlain: Words<BushLubrication> = { dry: 'dry', grease: 'grease', 'oil-fed': 'oil' }
export const collarWords: Words<(typeof plainCollars)[number]> = { none: 'none', one: 'one', both: 'both' }
export const shockWords: Words<(typeof shocks)[number]> = { none: 'none', moderate: 'moderate', heavy: 'heavy' }
export const dirtWords: Words<(typeof dirts)[number]> = { clean: 'clean', dusty: 'dusty', abrasive: 'abrasive' }
export const sleeveHousingWords: Words<(typeof sleeveHousings)[number]> = {
  'pillow-block': 'a block of its own',
  flanged: 'a flanged housing',
  'machine-wall': 'the wall of a machine',
}
export const plainClearanceWords: Words<PlainClearancePractice> = {
  'by-material': 'by the material',
  'per-thousand': 'a thousandth of the journal',
  'per-thousand-plus': 'a thousandth and one thou',
  fast: 'fast machines, 0.00135 of the journal',
  greased: 'greased, 0.0015 of the journal',
}

/** Where a clearance is known from. */
export const clearanceFrom = {
  measured: 'measured',
  strip: 'measured by strip',
  maker: 'the maker’s',
  practice: 'practice',
} as const
/** Where temperatures are known from. */
export const warmFrom = { measured: 'measured', film: 'balance of heat', room: 'the room and {20 K}' } as const

/** Choices of a plain bearing in words, by the path of their field. */
export const plainInputWords: Record<string, Record<string, string>> = {
  'bearing.form': formWords,
  'bearing.material': materialWords,
  'bearing.looks': lookWords,
  'bearing.groove': grooveWords,
  'load.towards': sideWords,
  'load.shock': shockWords,
  'oil.lubrication': lubricationOfPlain,
  'oil.supply': supplyWords,
  'oil.standsIn': sleeveHousingWords,
  'oil.dirt': dirtWords,
  'float.collars': collarWords,
}

/** Why a rule speaks for plain or for rolling, to follow its points. */
export const ruleWords = (rule: PlainRule, points: number): string => said[rule](points)

const said: Record<PlainRule, (points: number) => string> = {
  stock: () => 'a rolling bearing is a standard part with a known life and no running-in',
  speed: (points) => (points > 0 ? 'an oil film knows no limit of speed' : 'a bush without a film burns at this speed'),
  'boundary-duty': () => 'pressure times speed is over what a bush without a film bears for long',
  'slow-heavy': () => 'slow and heavy: rolling contacts would have to be very large',
  swing: () => 'it swings, which wears pits into raceways',
  shock: () => 'a shell takes blows on its whole area',
  space: () => 'a bush has a wall of a few millimetres',
  noise: () => 'a plain bearing is quieter',
  starts: () => 'every start wears the shell before the film carries',
  dirt: () => 'a soft, cheap bush takes the grains in and is replaced',
  wet: () => 'water washes grease out of raceways; some bushes run in it',
  growth: () => 'the shaft slides freely through a plain bearing',
  split: () => 'half shells go in over the shaft',
  friction: () => 'it must start easily, and a shell starts with a hundred times the friction',
  axial: () => 'a bush needs a thrust face of its own for the axial load',
  failure: (points) =>
    points > 0 ? 'a film does not tire, and its temperature warns' : 'a bush without a film wears unseen',
} // prettier-ignore
