/** Heat a surface gives to air that sweeps it, W/(m²K); radiation of a painted casting is in it. @see ISO 7902-1 */
export const heatToAir = (metresPerS: number): number => 7 + 12 * Math.sqrt(Math.max(metresPerS, 0.2))

/** Speed of the air over a housing, m/s. */
export const airMPerS = { still: 0.2, moving: 1.2, blown: 5 } as const

/** Heat a shaft of steel carries along it, W/(mK). */
const conducts = { 'carbon-steel': 45, 'stainless-austenitic': 15 } as const
export type CooledShaft = keyof typeof conducts

/** Speed of a surface that turns, m/s. */
export const surfaceSpeed = (diameterMm: number, speedRpm: number): number => (Math.PI * diameterMm * speedRpm) / 60_000

/** A shaft as a cooling fin: W/K of one long side, and how fast it cools along it, 1/m. */
export function shaftFin(boreMm: number, speedRpm: number, material: CooledShaft): { g: number; m: number } {
  const metres = boreMm / 1000
  const h = heatToAir(surfaceSpeed(boreMm, speedRpm))
  const k = conducts[material]
  return { g: (Math.PI / 2) * metres ** 1.5 * Math.sqrt(h * k), m: Math.sqrt((4 * h) / (k * metres)) }
}

/** W per K and L/min that oil carries. */
export const oilCarriesW = 30
