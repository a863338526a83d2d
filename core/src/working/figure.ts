import type { InputError } from '../errors/input-error.ts'
import type { Precision, Quantity } from '../model/units.ts'
import type { PracticeValue } from './practice.ts'

/** Numbers are in the metric base unit of the figure's quantity. */
export type FigureValue =
  { kind: 'number'; number: number } | { kind: 'range'; from: number; to: number } | { kind: 'text'; text: string }

/** A value a figure was worked out from. */
export interface Given {
  label: string
  symbol: string
  quantity: Quantity
  value: FigureValue
  precision?: Precision
  /** Where it came from: typed, a table, an estimate, another lens. */
  from: string
  /** Nothing says so: it is only taken to be. */
  assumed?: boolean
}

/** An input that is not there yet. */
export interface Missing {
  /** Path in the position: `load.radialN`. */
  field: string
  /** What it is, to follow "needs". */
  label: string
}

/** A value with everything needed to check it by hand. */
export interface Figure {
  label: string
  /** TeX, as the formula is. */
  symbol: string
  quantity: Quantity
  /** Null when something is missing or an input was refused. */
  value: FigureValue | null
  precision?: Precision
  /** Beyond this the value is not told apart: it is shown as `> most`. */
  most?: number
  formula: string
  givens: Given[]
  source: string
  /** What the formula is good for. */
  validity?: string
  /** From estimated geometry: to be labelled wherever it shows. */
  estimate?: boolean
  /** Practice of the trade it follows, where several are shown. */
  practice?: string
  /** The thing by every practice there is, side by side; the leading one first. */
  practices?: PracticeValue[]
  missing?: Missing[]
  refusal?: { field: string; message: string; fix: string }
}

export const number = (value: number): FigureValue => ({ kind: 'number', number: value })
export const range = (from: number, to: number): FigureValue => ({ kind: 'range', from, to })
export const text = (value: string): FigureValue => ({ kind: 'text', text: value })

/**
 * A maker of given values of one quantity.
 *
 * @param usualFrom - where they come from when the caller does not say
 */
export const givenOf =
  (quantity: Quantity, precision?: Precision, usualFrom = '') =>
  (label: string, symbol: string, value: number, from = usualFrom): Given => ({
    label,
    symbol,
    quantity,
    value: number(value),
    ...(precision ? { precision } : {}),
    from,
  })

/** Fields of the calculations in the words of the shop, to start a sentence. */
const fieldWords: Record<string, string> = {
  axialN: 'The axial load',
  radialN: 'The radial load',
  boreMm: 'The bore',
  boreShape: 'The bore shape',
  bearingType: 'The type',
  clearanceClass: 'The clearance class',
  contactAngleDeg: 'The contact angle',
  designation: 'The number',
  diameterMm: 'The size of the seat',
  interferenceMaxUm: 'The tightest fit',
  loadRatio: 'The load ratio',
  mustSlide: 'Sliding',
  nominalMm: 'The size of the seat',
  shaftBoreMm: 'The bore of the hollow shaft',
  toleranceClass: 'The bearing class',
  speedRpm: 'The speed',
  temperatureC: 'The running temperature',
  viscosityCst: 'The viscosity',
  viscosityIndex: 'The viscosity index',
  evidence: 'A sign',
  absent: 'A sign',
}

/** What a figure keeps of a refused input: in words, without the names of the calculations. */
export const refusalOf = ({ field, allowed, fix }: InputError) => ({
  field,
  message: `${fieldWords[field] ?? field} must be ${allowed}`,
  fix,
})

/** The number of a figure, or null when it has none. */
export const numberOf = (figure: Figure | undefined): number | null =>
  figure?.value?.kind === 'number' ? figure.value.number : null
