import { sideOfTrack, type Facing, type OtherEnd } from '@yardfrost/core'

export const facingWords: Record<Facing, string> = {
  outward: 'away from the other bearing',
  inward: 'toward the other bearing',
}

/** Which way the track lies, in a sentence; nothing where it is not known or lies in the middle. */
export function lyingWords({ bands, upperFaces }: Pick<OtherEnd, 'bands' | 'upperFaces'>, rows: number): string {
  const side = sideOfTrack(bands, upperFaces, rows)
  return side ? `Its track lies ${facingWords[side]}.` : ''
}
