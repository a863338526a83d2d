import { calculation } from '../working/calculation.ts'
import { rootOf } from '../working/root-of.ts'
import { z } from 'zod'
import indexTable from '../../data/iso2909-viscosity-index.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'

export const ViscosityAtInput = z.strictObject({
  nu40Cst: z.number().min(2).max(5000).meta({ unit: 'mm²/s', description: 'Viscosity at 40 °C' }),
  nu100Cst: z
    .number()
    .min(2)
    .max(1000)
    .optional()
    .meta({ unit: 'mm²/s', description: 'Viscosity at 100 °C; or give the index' }),
  viscosityIndex: z
    .number()
    .min(0)
    .max(300)
    .optional()
    .meta({ description: 'Viscosity index, used when nu100Cst is absent' }),
  temperatureC: z.number().min(-40).max(200).meta({ unit: '°C', description: 'Temperature asked for' }),
})
export type ViscosityAtInput = z.infer<typeof ViscosityAtInput>

export const ViscosityRequiredInput = z.strictObject({
  pitchDiameterMm: z.number().min(5).max(3000).meta({ unit: 'mm', description: 'Pitch diameter, about (d + D)/2' }),
  speedRpm: z.number().min(1).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
})
export type ViscosityRequiredInput = z.infer<typeof ViscosityRequiredInput>

/**
 * Viscosity that separates the surfaces of a bearing, mm²/s.
 *
 *     ν1 = 45000 n^−0.83 Dpw^−0.5 below 1000 r/min,  4500 n^−0.5 Dpw^−0.5 from there on
 *
 * The 2 % step at 1000 r/min is the standard's.
 *
 * @example requiredViscosity({ pitchDiameterMm: 120, speedRpm: 300 }) // 36.1
 * @see ISO 281:2007, clause 9
 */
export const requiredViscosity = ({ pitchDiameterMm, speedRpm }: ViscosityRequiredInput): number =>
  (speedRpm < 1000 ? 45_000 * speedRpm ** -0.83 : 4500 * speedRpm ** -0.5) * pitchDiameterMm ** -0.5

const doubleLog = (cst: number): number => Math.log10(Math.log10(cst + 0.7))
const kelvin = (celsius: number): number => Math.log10(celsius + 273.15)

/**
 * The line of an oil through its viscosities at 40 and 100 °C, mm²/s, with no end to either side.
 *
 *     lg lg (ν + 0.7) = A − B lg (t + 273.15)
 *
 * @returns viscosity at a temperature in °C, mm²/s; and the temperature at which it has a viscosity
 * @see ASTM D341
 */
export function viscosityLine(
  nu40Cst: number,
  nu100Cst: number,
): { at: (celsius: number) => number; reaches: (cst: number) => number } {
  const slope = (doubleLog(nu40Cst) - doubleLog(nu100Cst)) / (kelvin(100) - kelvin(40))
  return {
    at: (celsius) => 10 ** (10 ** (doubleLog(nu40Cst) - slope * (kelvin(celsius) - kelvin(40)))) - 0.7,
    reaches: (cst) => 10 ** (kelvin(40) + (doubleLog(nu40Cst) - doubleLog(cst)) / slope) - 273.15,
  }
}

/**
 * Viscosity of an oil at a temperature from two known points, or from one and its index, mm²/s.
 *
 * @throws InputError on `nu100Cst` (neither it nor the index; not below nu40Cst), `viscosityIndex` (no oil has it with this
 *   viscosity) or `temperatureC` (result outside 2 to 2e7 mm²/s)
 * @see ASTM D341; ISO 2909 for the index
 */
export function viscosityAt(input: ViscosityAtInput): { viscosityCst: number } {
  const { nu40Cst, temperatureC } = input
  const nu100Cst = viscosityAt100(input)
  const viscosityCst = viscosityLine(nu40Cst, nu100Cst).at(temperatureC)
  if (!(viscosityCst >= 2 && viscosityCst <= 2e7)) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'temperatureC',
      value: temperatureC,
      allowed: 'a temperature at which this oil has 2 to 2e7 mm²/s; the method holds no further (ASTM D341)',
      fix: 'Check the temperature, or take another oil.',
    })
  }
  return { viscosityCst }
}

/** Viscosity of an oil at 100 °C, mm²/s. @throws InputError on `nu100Cst`, `viscosityIndex`, as `viscosityAt` does */
export function viscosityAt100({ nu40Cst, nu100Cst, viscosityIndex }: Omit<ViscosityAtInput, 'temperatureC'>): number {
  if (nu100Cst !== undefined) {
    if (nu100Cst < nu40Cst) return nu100Cst
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'nu100Cst',
      value: nu100Cst,
      allowed: `below nu40Cst (${nu40Cst} mm²/s)`,
      fix: 'The two may be swapped: oil is thinner when hot.',
    })
  }
  if (viscosityIndex === undefined) {
    throw new InputError({
      code: 'MISSING',
      field: 'nu100Cst',
      value: undefined,
      allowed: 'the viscosity at 100 °C in mm²/s, or give viscosityIndex',
      fix: 'Take either from the oil’s data sheet; 95 is usual for mineral oil.',
    })
  }
  return fromIndex(nu40Cst, viscosityIndex)
}

/** The last oil that was asked for: one position asks for the same one again and again. */
let lastOil = { nu40Cst: NaN, wanted: NaN, nu100Cst: NaN }

function fromIndex(nu40Cst: number, wanted: number): number {
  if (lastOil.nu40Cst !== nu40Cst || lastOil.wanted !== wanted)
    lastOil = { nu40Cst, wanted, nu100Cst: solveIndex(nu40Cst, wanted) }
  return lastOil.nu100Cst
}

/** Viscosity at 100 °C that gives an oil this index, by bisection: the index rises with it. */
function solveIndex(nu40Cst: number, wanted: number): number {
  const [low, high] = [2, nu40Cst]
  const off = (nu100: number) => indexOf(nu40Cst, nu100) - wanted
  if (off(low) > 0 || off(high) < 0) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'viscosityIndex',
      value: wanted,
      allowed: `an index an oil of ${nu40Cst} mm²/s at 40 °C can have with at least 2 mm²/s at 100 °C (ISO 2909)`,
      fix: 'Check the index, or give the viscosity at 100 °C.',
    })
  }
  return rootOf(off, low, high)
}

/** Rows of ISO 2909 as numbers; the last is open upward. */
const indexRows = indexTable.rows.map(([from = 0, to, a = 0, b = 0, c = 0, d = 0, e = 0, f = 0]) => ({
  from: from ?? 0,
  to: to ?? Infinity,
  low: [a ?? 0, b ?? 0, c ?? 0] as const,
  high: [d ?? 0, e ?? 0, f ?? 0] as const,
}))

/** Viscosity index of an oil, ISO 2909. */
function indexOf(nu40Cst: number, nu100Cst: number): number {
  const row = indexRows.find(({ from, to }) => nu100Cst >= from && nu100Cst < to)
  if (!row) throw new Error(`no index row for ${nu100Cst}`)
  const low = (row.low[0] * nu100Cst + row.low[1]) * nu100Cst + row.low[2]
  const high = (row.high[0] * nu100Cst + row.high[1]) * nu100Cst + row.high[2]
  if (nu40Cst >= high) return (100 * (low - nu40Cst)) / (low - high)
  const n = (Math.log10(high) - Math.log10(nu40Cst)) / Math.log10(nu100Cst)
  return 100 + (10 ** n - 1) / 0.00715
}

export const viscosityAtCalculation = calculation(
  'viscosity.at',
  'Viscosity of an oil at a temperature',
  'ASTM D341, ISO 2909',
  ViscosityAtInput,
  viscosityAt,
)
