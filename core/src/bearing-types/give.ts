/** How the contact of a type gives way under load: δ = constant Q^exponent / size. */
export interface Give {
  constant: number
  exponent: number
  /** What the deflection is divided by: a power of the ball’s diameter or of the roller’s length. */
  size: (interior: { elementDiameterMm: number; elementLengthMm: number | null }) => number
}

export const ballGive = (constant: number): Give => ({
  constant,
  exponent: 2 / 3,
  size: ({ elementDiameterMm }) => Math.cbrt(elementDiameterMm),
})

/** Balls between two grooves. */
export const grooveGive = ballGive(4.36e-4)

export const lineGive: Give = {
  constant: 7.68e-5,
  exponent: 0.9,
  size: ({ elementLengthMm, elementDiameterMm }) => (elementLengthMm ?? elementDiameterMm) ** 0.8,
}

/** Barrels: a point on one side, a line on the other. */
export const barrelGive: Give = {
  constant: 1.81e-4,
  exponent: 3 / 4,
  size: ({ elementLengthMm, elementDiameterMm }) => Math.sqrt(elementLengthMm ?? elementDiameterMm),
}
