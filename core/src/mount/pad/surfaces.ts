/** Surfaces that a thermometer is pointed at. */
export const surfaces = ['bright', 'oiled', 'taped', 'painted'] as const
export type Surface = (typeof surfaces)[number]

/** Emissivity that a thermometer comes set to. */
export const usualSetting = 0.95
