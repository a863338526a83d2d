import type { MarkKind, Part, Raceway, RingName } from '@yardfrost/core'
import type { Rolls } from '../drawing/signs/index.ts'
import type { Brush } from './use-painting.ts'

const rollsWords: Record<Rolls, string> = { ball: 'Balls', roller: 'Rollers', taper: 'Rollers', barrel: 'Rollers' }

/** What a part is called. */
export function partWords(part: Part, rolls: Rolls, oil: boolean): string {
  switch (part) {
    case 'raceways':
      return 'Rings'
    case 'elements':
      return rollsWords[rolls]
    case 'cage':
      return 'Cage'
    case 'seals':
      return 'Seals'
    case 'lubricant':
      return oil ? 'Oil' : 'Grease'
    case 'seats':
      return 'Seats'
    case 'housing':
      return 'Housing'
    case 'running':
      return 'How it ran'
    case 'history':
      return 'What was done to it'
    case 'instruments':
      return 'By instruments'
    default:
      return part satisfies never
  }
}

/** Parts of a bearing that lies on the bench, in the order they are looked at. */
export const bearingParts: readonly Part[] = ['raceways', 'elements', 'cage', 'seals', 'lubricant', 'seats', 'housing']

/** The sign whose drawing stands for a part. */
export const partSign: Record<Part, string> = {
  raceways: 'track-as-expected',
  elements: 'at-elements',
  cage: 'at-cage',
  seals: 'at-seal',
  lubricant: 'grease-gritty',
  seats: 'at-bore',
  housing: 'at-outside',
  running: 'hot-at-once',
  history: 'long-storage',
  instruments: 'spectrum-1x',
}

export const brushWords: Record<Brush, string> = {
  track: 'track',
  spalling: 'spalling',
  dents: 'dents',
  rust: 'rust',
  etching: 'etched lines',
  flutes: 'flutes',
  'heat-tint': 'heat tint',
  scoring: 'scoring',
  creep: 'creep',
  wipe: 'wipe out',
}

/** What a painted mark is, in the past. */
export const markWords: Record<MarkKind, string> = {
  spalling: 'spalled',
  dents: 'dented',
  rust: 'rusted',
  etching: 'etched',
  flutes: 'fluted',
  'heat-tint': 'tinted by heat',
  scoring: 'scored',
  creep: 'crept',
}

/** `Outer ring, stands; load at 180°`. */
export function ringTitle(ring: RingName, raceways: readonly Raceway[], loadOn: RingName): string {
  const turns = raceways.find((one) => one.ring === ring)?.turns
  const name = raceways.find((one) => one.ring === ring)?.ofShaft ? 'Raceway on the shaft' : ring === 'outer' ? 'Outer ring' : 'Inner ring' // prettier-ignore
  return `${name}, ${turns ? 'turns' : 'stands'}${ring === loadOn ? '; load at 180°' : ''}`
}
