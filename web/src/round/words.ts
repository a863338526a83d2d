import type { PlantPoint, RoundPoint } from '@yardfrost/contract'
import type { Noticed, PointKind, Purged, SkipReason } from '@yardfrost/core'

export const pointKindWords: Record<PointKind, string> = {
  grease: 'grease',
  'oil-level': 'oil level',
  'oil-change': 'oil change',
  look: 'look and listen',
}

export const cameWords: Record<Purged, string> = {
  fresh: 'fresh',
  darkened: 'dark',
  hard: 'stiff',
  oily: 'oily',
  water: 'water',
  metal: 'metal',
  nothing: 'nothing',
}

export const noticedWords: Record<Noticed, string> = {
  leaks: 'It leaks',
  dry: 'Dry inside',
  'two-colours': 'Two colours of grease',
  gritty: 'Grit in the grease',
  seal: 'Seal worn',
  play: 'Play at the shaft',
  shakes: 'It shakes',
  washed: 'Hosed down',
  guard: 'Guard loose or gone',
}

export const skipWords: Record<SkipReason, string> = {
  'no-access': 'No way to it',
  running: 'It runs, and must not',
  standing: 'It stands, and should run',
  'no-grease': 'No grease, no gun',
  blocked: 'It takes no grease',
  other: 'Something else',
}

export const reasonWords: Record<RoundPoint['reason'], string> = {
  overdue: 'overdue',
  due: 'due',
  together: 'nearly due',
  'by-hand': 'taken along',
}

/** Short words of a mark that holds only one kind of work. */
export const markWords: Partial<Record<PointKind, string>> = { 'oil-level': 'oil', 'oil-change': 'oil', look: 'look' }

/** `CP-31 thrust end`: how a point is called on the floor. */
export const pointName = ({ machine, position }: Pick<PlantPoint, 'machine' | 'position'>): string =>
  `${machine.tag} ${position.name.toLowerCase()}`

/** What was seen at a visit besides what came out, with the word that was left: `, it leaks, ladder needed`. */
export const besides = ({ noticed, note }: { noticed: readonly Noticed[]; note: string }): string =>
  [...noticed.map((one) => noticedWords[one].toLowerCase()), ...(note ? [note] : [])].map((one) => `, ${one}`).join('')
