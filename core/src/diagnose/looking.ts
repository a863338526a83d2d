import type { Sign } from './knowledge.ts'

/** How somebody finds out whether a sign is there. */
export const waysToLook = ['lamp', 'magnifier', 'finger', 'hand', 'file', 'foil', 'dial', 'ask', 'instrument'] as const
export type WayToLook = (typeof waysToLook)[number]

/** What is done, each in a few words. */
export const lookingWords: Record<WayToLook, string> = {
  lamp: 'Lamp held low along the ring, turn it slowly.',
  magnifier: 'Magnifier, ten times, lamp from the side.',
  finger: 'Gloved finger, and a little on white paper.',
  hand: 'By hand, gloves on, part held still.',
  file: 'Fine file at an edge that does not run.',
  foil: 'A drop on foil over a flame, eyes protected, away from grease.',
  dial: 'Dial gauge on the shaft end, pushed both ways, locked out.',
  ask: 'Ask the shift, and read the job card.',
  instrument: 'Instrument of the shop.',
}

const ofSign: Readonly<Record<string, WayToLook>> = {
  'hardness-lost': 'file',
  'grease-milky': 'foil',
  'axial-play-felt': 'dial',
  'stiff-to-turn': 'hand',
  'ring-loose-on-shaft': 'hand',
  'cage-bent': 'hand',
  'elements-skewed': 'hand',
}
const ofGroup: Readonly<Record<string, WayToLook>> = {
  pitch: 'magnifier', debris: 'magnifier', surface: 'magnifier', electric: 'magnifier', crack: 'magnifier',
  seal: 'finger', lube: 'finger',
} // prettier-ignore

/** How to look for a sign. */
export function wayToLook({ sign, group, kind }: Sign): WayToLook {
  if (kind === 'spectrum') return 'instrument'
  if (kind === 'behaviour') return ofSign[sign] ?? 'ask'
  return ofSign[sign] ?? ofGroup[group] ?? 'lamp'
}
