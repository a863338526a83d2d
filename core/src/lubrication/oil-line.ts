import { viscosityAt100, viscosityLine } from './viscosity.ts'

/** Viscosity of an oil against temperature. */
export interface Oil {
  nu40Cst: number
  nu100Cst?: number | undefined
  viscosityIndex?: number | undefined
}

/** Index of ordinary mineral oil, where nobody says. */
const usualIndex = 95

/**
 * The line of an oil: its viscosity at any temperature, mm²/s, with no end to either side.
 *
 * @throws InputError on `nu100Cst`, `viscosityIndex`, as `viscosity.at` does
 * @see ASTM D341; ISO 2909
 */
export function oilLine({ nu40Cst, nu100Cst, viscosityIndex }: Oil): ReturnType<typeof viscosityLine> {
  const index = viscosityIndex ?? (nu100Cst === undefined ? usualIndex : undefined)
  return viscosityLine(nu40Cst, viscosityAt100({ nu40Cst, nu100Cst, viscosityIndex: index }))
}

/** The same between −40 and 200 °C and between 2 and 20 000 mm²/s: a machine is warmed through all of it. */
export function clippedOil(oil: Oil): (celsius: number) => number {
  const { at } = oilLine(oil)
  return (celsius) => Math.min(20_000, Math.max(2, at(Math.min(200, Math.max(-40, celsius)))))
}
