/** Hardness at which a raceway has its full rating, HRC. */
export const fullHrc = 58

/**
 * Share of the dynamic rating that a soft raceway leaves: (HRC/58)^3.6, 1 from 58 HRC up.
 *
 * @example racewayShare(50) // 0.586
 * @see general practice for shafts as raceways
 */
export const racewayShare = (hrc: number): number => Math.min(1, (hrc / fullHrc) ** 3.6)
