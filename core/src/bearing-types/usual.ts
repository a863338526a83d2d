// What most types have in common.

/** Radii of both grooves over the ball diameter. */
export const usualGrooves = { inner: 0.52, outer: 0.53 }
/** Factor λ of ISO 281 for one row of balls, or two with an angle. */
export const usualLambda = (): number => 0.95

/** Contact pressure that dents a raceway, ISO 76, MPa. */
export const ballDentsMPa = 4200
export const rollerDentsMPa = 4000

export const always = (): boolean => true
export const never = (): boolean => false
export const noFeatures = (): readonly string[] => []
export const onlyOpen = (): readonly [] => []
/** An inner ring that is not left out. */
export const staying = () => 'stays' as const
export const noRibs = () => ({ inner: 'none', outer: 'none' }) as const
