import type { PaintedSign } from './marks/mark-signs.ts'

/** Play that grew by more than this since it was set has a reason; without a setting, more than this is felt. */
const grownMm = 0.08
const feltMm = 0.15

/**
 * What the end play of an adjusted bearing says, as it was found before it came apart.
 *
 * @param foundMm - minus for preload; null where nobody measured
 * @param setMm - as it was set when the bearing went in
 */
export function signOfEndPlay(foundMm: number | null, setMm: number | null): PaintedSign | null {
  if (foundMm === null) return null
  const most = setMm === null ? feltMm : Math.max(setMm, 0) + grownMm
  if (foundMm > most) return { sign: 'axial-play-felt', where: 'by the end play as found' }
  return foundMm < Math.min(setMm ?? 0, 0) - 1e-9 ? { sign: 'stiff-to-turn', where: 'by the end play as found' } : null
}
