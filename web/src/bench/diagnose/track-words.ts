import { isNamed, type TrackMatch } from '@yardfrost/core'

const patterns: Record<TrackMatch['condition'], string> = {
  'normal-radial': 'as it should be under a load that stands',
  'rotating-load': 'a load that turns with the ring',
  combined: 'load and thrust together',
  'pure-axial': 'thrust alone',
  preload: 'no clearance left',
  'misaligned-housing': 'tilted on the ring that stands',
  'misaligned-shaft': 'tilted on the ring that turns',
  'oval-housing': 'pinched from two sides',
  loose: 'much clearance',
}

/** Painted tracks against known patterns, in a sentence. */
export function trackWords(match: readonly TrackMatch[]): string {
  const [nearest, second] = match
  if (!nearest || !second) return ''
  const against = 'Painted tracks against known patterns:'
  const [pattern, off, rest] = [patterns[nearest.condition], nearest.distance.toFixed(2), second.distance.toFixed(2)]
  return isNamed(nearest)
    ? `${against} ${pattern}, ${off} off; all others ${rest} and more.`
    : `${against} none fits; the nearest, ${pattern}, is ${off} off.`
}
