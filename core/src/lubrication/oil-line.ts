import { viscosityAt } from './viscosity.ts'

/** Viscosity of an oil against temperature. */
export interface Oil {
  nu40Cst: number
  nu100Cst?: number | undefined
  viscosityIndex?: number | undefined
}

/** Index of ordinary mineral oil, where nobody says. */
export const usualIndex = 95

const lines = (cst: number): number => Math.log10(Math.log10(cst + 0.7))
const kelvin = (celsius: number): number => Math.log10(celsius + 273.15)

/**
 * The line of an oil: its viscosity at any temperature, mm²/s, with no end to either side.
 *
 * @throws InputError on `nu40Cst`, `nu100Cst`, `viscosityIndex`, as `viscosity.at` does
 * @see ASTM D341; ISO 2909
 */
export function oilLine(oil: Oil): { at: (celsius: number) => number; reaches: (cst: number) => number } {
  const { nu40Cst, nu100Cst } = oil
  const viscosityIndex = oil.viscosityIndex ?? (nu100Cst === undefined ? usualIndex : undefined)
  const at100 = viscosityAt({ nu40Cst, nu100Cst, viscosityIndex, temperatureC: 100 }).viscosityCst
  const slope = (lines(nu40Cst) - lines(at100)) / (kelvin(100) - kelvin(40))
  return {
    at: (celsius) => 10 ** (10 ** (lines(nu40Cst) - slope * (kelvin(celsius) - kelvin(40)))) - 0.7,
    /** Temperature at which it has this viscosity, °C. */
    reaches: (cst) => 10 ** (kelvin(40) + (lines(nu40Cst) - lines(cst)) / slope) - 273.15,
  }
}

/** The same between −40 and 200 °C and between 2 and 20 000 mm²/s: a machine is warmed through all of it. */
export function clippedOil(oil: Oil): (celsius: number) => number {
  const { at } = oilLine(oil)
  return (celsius) => Math.min(20_000, Math.max(2, at(Math.min(200, Math.max(-40, celsius)))))
}
