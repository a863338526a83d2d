import { InputError } from '../errors/input-error.ts'

/** Kinds of quantity Yardfrost shows. Values are always kept in the metric base unit named here. */
export const quantities = {
  length: { metric: 'mm', inch: 'in' },
  deviation: { metric: 'µm', inch: 'thou' },
  temperature: { metric: '°C', inch: '°F' },
  temperatureRise: { metric: 'K', inch: '°F rise' },
  force: { metric: 'N', inch: 'lbf' },
  mass: { metric: 'kg', inch: 'lb' },
  speed: { metric: 'r/min', inch: 'r/min' },
  duration: { metric: 'h', inch: 'h' },
  minutes: { metric: 'min', inch: 'min' },
  revolutions: { metric: 'million rev', inch: 'million rev' },
  angle: { metric: '°', inch: '°' },
  viscosity: { metric: 'mm²/s', inch: 'mm²/s' },
  gunStroke: { metric: 'g', inch: 'oz' },
  frequency: { metric: 'Hz', inch: 'Hz' },
  stiffness: { metric: 'N/mm', inch: 'lbf/in' },
  grams: { metric: 'g', inch: 'oz' },
  pressure: { metric: 'Pa', inch: 'inH2O' },
  power: { metric: 'kW', inch: 'hp' },
  watts: { metric: 'W', inch: 'W' },
  head: { metric: 'm', inch: 'ft' },
  hardness: { metric: 'HRC', inch: 'HRC' },
  roughness: { metric: 'µm Ra', inch: 'µin Ra' },
  torque: { metric: 'N·m', inch: 'lbf·ft' },
  stress: { metric: 'MPa', inch: 'ksi' },
  percent: { metric: '%', inch: '%' },
  ratio: { metric: '', inch: '' },
} as const
export type Quantity = keyof typeof quantities
export type UnitSystem = 'metric' | 'inch'

interface Unit {
  quantity: Quantity
  symbol: string
  /** Spellings accepted at entry, in lower case. */
  spellings: readonly string[]
  toBase: (value: number) => number
  fromBase: (value: number) => number
}

function scaled(quantity: Quantity, symbol: string, factor: number, ...spellings: string[]): Unit {
  return {
    quantity,
    symbol,
    spellings: [symbol.toLowerCase(), ...spellings],
    toBase: (value) => value * factor,
    fromBase: (value) => value / factor,
  }
}

/** 0.45359237 kg × 9.80665 m/s², exact. */
const newtonsPerPoundForce = 4.4482216152605

const units: readonly Unit[] = [
  scaled('length', 'mm', 1),
  scaled('length', 'in', 25.4, '"', '″', 'inch', 'inches'),
  scaled('length', 'm', 1000),
  scaled('length', 'thou', 0.0254, 'mil'),
  scaled('length', 'µm', 0.001, 'μm', 'um', 'micron', 'microns'),
  scaled('deviation', 'µm', 1, 'μm', 'um', 'micron', 'microns'),
  scaled('deviation', 'thou', 25.4, 'mil'),
  scaled('deviation', 'mm', 1000),
  scaled('deviation', 'in', 25_400, '"', '″', 'inch'),
  scaled('temperature', '°C', 1, 'c', 'degc'),
  {
    quantity: 'temperature',
    symbol: '°F',
    spellings: ['°f', 'f', 'degf'],
    toBase: (fahrenheit) => ((fahrenheit - 32) * 5) / 9,
    fromBase: (celsius) => (celsius * 9) / 5 + 32,
  },
  scaled('temperatureRise', 'K', 1, 'c', '°c'),
  scaled('temperatureRise', '°F rise', 5 / 9, 'f', '°f'),
  scaled('force', 'N', 1),
  scaled('force', 'kN', 1000),
  scaled('force', 'lbf', newtonsPerPoundForce, 'lb', 'lbs'),
  scaled('force', 'kgf', 9.80665),
  scaled('mass', 'kg', 1),
  scaled('mass', 'g', 0.001),
  scaled('mass', 'lb', 0.45359237, 'lbs'),
  scaled('speed', 'r/min', 1, 'rpm', '1/min', 'rev/min'),
  scaled('duration', 'h', 1, 'hours', 'hour', 'hrs'),
  scaled('minutes', 'min', 1, 'minutes', 'm'),
  scaled('minutes', 's', 1 / 60, 'sec'),
  scaled('duration', 'days', 24, 'day', 'd'),
  scaled('duration', 'years', 8760, 'year', 'a'),
  scaled('revolutions', 'million rev', 1),
  scaled('angle', '°', 1, 'deg'),
  scaled('viscosity', 'mm²/s', 1, 'cst', 'mm2/s'),
  scaled('gunStroke', 'g', 1),
  scaled('gunStroke', 'oz', 28.349523125),
  scaled('frequency', 'Hz', 1),
  scaled('frequency', 'kHz', 1000),
  scaled('stiffness', 'N/mm', 1),
  scaled('stiffness', 'kN/mm', 1000),
  scaled('stiffness', 'lbf/in', newtonsPerPoundForce / 25.4, 'lb/in'),
  scaled('hardness', 'HRC', 1),
  scaled('roughness', 'µm Ra', 1, 'µm', 'um', 'ra'),
  scaled('roughness', 'µin Ra', 0.0254, 'µin', 'uin'),
  scaled('torque', 'N·m', 1, 'nm', 'n m'),
  scaled('torque', 'lbf·ft', 1.3558179483314, 'lbf ft', 'ft lb', 'ft lbf'),
  scaled('stress', 'MPa', 1, 'n/mm²'),
  scaled('stress', 'ksi', 6.894757293168),
  scaled('percent', '%', 1, 'percent'),
  scaled('grams', 'g', 1),
  scaled('grams', 'kg', 1000),
  scaled('grams', 'oz', 28.349523125),
  scaled('pressure', 'Pa', 1),
  scaled('pressure', 'kPa', 1000),
  scaled('pressure', 'mbar', 100),
  scaled('pressure', 'inH2O', 249.08891, 'in h2o', 'inwc'),
  scaled('power', 'kW', 1),
  scaled('watts', 'W', 1),
  scaled('watts', 'kW', 1000),
  scaled('power', 'hp', 0.74569987),
  scaled('head', 'm', 1),
  scaled('head', 'ft', 0.3048, 'feet'),
  scaled('ratio', '', 1),
  scaled('ratio', '%', 0.01),
]

/** Symbol a quantity is shown with. */
export const unitSymbol = (quantity: Quantity, system: UnitSystem): string => quantities[quantity][system]

function unitOf(quantity: Quantity, symbol: string): Unit {
  const unit = units.find((one) => one.quantity === quantity && one.symbol === symbol)
  if (!unit) throw new Error(`no unit ${symbol} of ${quantity}`)
  return unit
}

/** A value in its base unit, in the unit the system shows. */
export const toShown = (value: number, quantity: Quantity, system: UnitSystem): number =>
  unitOf(quantity, unitSymbol(quantity, system)).fromBase(value)

/** A value in the unit the system shows, in its base unit. */
export const fromShown = (value: number, quantity: Quantity, system: UnitSystem): number =>
  unitOf(quantity, unitSymbol(quantity, system)).toBase(value)

/**
 * Reads a quantity as a person types it: `70`, `2.5 in`, `2 1/2 in`, `210 F`, `900 lbf`, `12,5`, `1 480`.
 *
 * Without a unit the number is in the unit the screen shows. A comma is a decimal comma, except where it could as well
 * part thousands: then it is refused.
 *
 * @param field - name to blame
 * @returns the value in the quantity's metric base unit; null for an empty field
 * @throws InputError UNREADABLE
 */
export function parseQuantity(text: string, quantity: Quantity, system: UnitSystem, field: string): number | null {
  const trimmed = plainFractions(text.trim().replace(/[−–]/g, '-').replaceAll('\u2060', ''))
  if (trimmed === '') return null
  const feet = quantity === 'length' ? readFeet(trimmed) : null
  if (feet !== null) return feet
  const match = /^([+-]?)(\d[\d\s.,]*(?:e[+-]?\d+)?(?:\s*\/\s*\d+)?|\.\d+)\s*(\D.*)?$/i.exec(trimmed)
  const amount = match?.[2] ? readNumber(match[2].trim(), field, text) : null
  if (!match || amount === null) throw unreadable(field, text, quantity, system)
  const spelling = (match[3] ?? '').trim().toLowerCase()
  const unit = spelling
    ? units.find((one) => one.quantity === quantity && one.spellings.includes(spelling))
    : unitOf(quantity, unitSymbol(quantity, system))
  if (!unit) throw unreadable(field, text, quantity, system)
  return unit.toBase(match[1] === '-' ? -amount : amount)
}

const vulgar: Record<string, string> = { '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8' } // prettier-ignore

/** `2½` as `2 1/2`. */
const plainFractions = (text: string): string =>
  text.replace(/\s*([½¼¾⅛⅜⅝⅞])/g, (_, sign: string, at: number) => `${at > 0 ? ' ' : ''}${vulgar[sign] ?? ''}`).trim()

/** Feet and inches, `1'6"` or `1 ft 6 1/2 in`, mm; null where there is no foot in it. */
function readFeet(text: string): number | null {
  const match =
    /^(\d+(?:\.\d+)?)\s*(?:'|′|ft|feet)\s*(?:(\d+(?:\.\d+)?)?(?:\s*(\d+)\/(\d+))?\s*(?:"|″|in|inch|inches)?)$/i.exec(
      text,
    )
  if (!match) return null
  const part = match[4] ? Number(match[3]) / Number(match[4]) : 0
  const inches = 12 * Number(match[1]) + Number(match[2] ?? 0) + part
  return Number.isFinite(inches) ? inches * 25.4 : null
}

function readNumber(text: string, field: string, original: string): number | null {
  const fraction = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(text)
  if (fraction) {
    const value = Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
    return Number.isFinite(value) ? value : null
  }
  const packed = text.replace(/\s/g, '')
  if (/^\d{1,3}(,\d{3})+$/.test(packed)) {
    throw new InputError({
      code: 'UNREADABLE',
      field,
      value: original,
      allowed: 'written so that the comma cannot be taken two ways',
      fix: `Write ${packed.replace(/,/g, '')} or ${packed.replace(',', '.').replace(/,/g, '')}.`,
    })
  }
  // With a point behind them commas part thousands: 1,234.5.
  const thousands = /^\d{1,3}(,\d{3})+\.\d+$/.test(packed)
  const value = Number(thousands ? packed.replaceAll(',', '') : packed.replace(',', '.'))
  return packed !== '' && Number.isFinite(value) ? value : null
}

function unreadable(field: string, value: string, quantity: Quantity, system: UnitSystem): InputError {
  const symbols = units.filter((one) => one.quantity === quantity && one.symbol).map((one) => one.symbol)
  const shown = unitSymbol(quantity, system)
  return new InputError({
    code: 'UNREADABLE',
    field,
    value,
    allowed: `a number${symbols.length ? `, alone (${shown}) or with one of the units ${symbols.join(', ')}` : ''}`,
    fix: 'Type the number, and its unit if it is another than the one shown.',
  })
}

/** How many digits a figure deserves. */
export type Precision = { decimals: number } | { figures: number }

/** How far figures are rounded: as they are known in the shop, or with one digit more. */
export const roundings = ['usual', 'fine'] as const
export type Rounding = (typeof roundings)[number]

const rounded = (precision: Precision, rounding: Rounding): Precision =>
  rounding === 'usual'
    ? precision
    : 'decimals' in precision
      ? { decimals: precision.decimals + 1 }
      : { figures: precision.figures + 1 }

/** Digits by quantity and system, where a figure asks for nothing else. */
const usualPrecision: Record<Quantity, Record<UnitSystem, Precision>> = {
  length: { metric: { decimals: 3 }, inch: { decimals: 4 } },
  deviation: { metric: { decimals: 0 }, inch: { decimals: 1 } },
  temperature: { metric: { decimals: 0 }, inch: { decimals: 0 } },
  temperatureRise: { metric: { decimals: 0 }, inch: { decimals: 0 } },
  force: { metric: { figures: 3 }, inch: { figures: 3 } },
  mass: { metric: { figures: 3 }, inch: { figures: 3 } },
  speed: { metric: { decimals: 0 }, inch: { decimals: 0 } },
  duration: { metric: { figures: 3 }, inch: { figures: 3 } },
  minutes: { metric: { figures: 2 }, inch: { figures: 2 } },
  revolutions: { metric: { figures: 3 }, inch: { figures: 3 } },
  angle: { metric: { decimals: 1 }, inch: { decimals: 1 } },
  viscosity: { metric: { figures: 3 }, inch: { figures: 3 } },
  gunStroke: { metric: { figures: 2 }, inch: { figures: 2 } },
  frequency: { metric: { decimals: 1 }, inch: { decimals: 1 } },
  stiffness: { metric: { figures: 3 }, inch: { figures: 3 } },
  grams: { metric: { figures: 3 }, inch: { figures: 3 } },
  pressure: { metric: { figures: 3 }, inch: { figures: 3 } },
  power: { metric: { figures: 3 }, inch: { figures: 3 } },
  watts: { metric: { figures: 3 }, inch: { figures: 3 } },
  head: { metric: { figures: 3 }, inch: { figures: 3 } },
  hardness: { metric: { decimals: 0 }, inch: { decimals: 0 } },
  roughness: { metric: { figures: 2 }, inch: { figures: 2 } },
  torque: { metric: { figures: 3 }, inch: { figures: 3 } },
  stress: { metric: { figures: 3 }, inch: { figures: 3 } },
  percent: { metric: { figures: 4 }, inch: { figures: 4 } },
  ratio: { metric: { figures: 3 }, inch: { figures: 3 } },
}

/** U+2009, which the shipped face has, parts thousands; U+2060 keeps a number from breaking at the end of a line. */
export const thinSpace = '\u2009\u2060'
/** Between a number and its unit, so that they never part at the end of a line. */
export const unitSpace = '\u00a0'

/** A number without the tail that binary arithmetic leaves, so that a sentence that keeps it rounds as its figure does. */
export const toKept = (value: number): number => Number(value.toPrecision(12))

/** A number with a real minus, thin-spaced thousands and the digits asked for. */
export function formatNumber(unrounded: number, precision: Precision): string {
  const value = toKept(unrounded)
  const fixed = 'decimals' in precision ? value.toFixed(precision.decimals) : toFigures(value, precision.figures)
  const [whole = '', part] = fixed.replace('-', '').split('.')
  // Four digits stand as they are; from five on they are parted.
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, thinSpace) : whole
  const text = part === undefined ? grouped : `${grouped}.${part}`
  return value < 0 && Number(fixed) !== 0 ? `−${text}` : text
}

function toFigures(value: number, figures: number): string {
  if (value === 0) return '0'
  const magnitude = Math.floor(Math.log10(Math.abs(value)))
  const decimals = figures - 1 - magnitude
  if (decimals >= 0) return value.toFixed(Math.min(decimals, 12))
  const step = 10 ** -decimals
  return (Math.round(value / step) * step).toFixed(0)
}

/** The figures of a quantity as text, without its unit. */
export function formatQuantity(
  value: number,
  quantity: Quantity,
  system: UnitSystem,
  precision?: Precision,
  rounding: Rounding = 'usual',
): string {
  const digits = rounded(precision ?? usualPrecision[quantity][system], rounding)
  return formatNumber(toShown(value, quantity, system), digits)
}

/** Decimals that an inch length is shown back with: finer than any gauge, so that it is read back as typed. */
const inchDecimals = 6

/** A typed input shown back: as many digits as it has, none added, no grouping, so that it can be edited. */
export function formatInput(value: number, quantity: Quantity, system: UnitSystem): string {
  const shown = toShown(value, quantity, system)
  if (quantity === 'length' && system === 'inch') return String(Number(shown.toFixed(inchDecimals)))
  const digits = system === 'metric' ? 10 : 5
  // A unit that was converted on the way in leaves a tail of digits that nobody typed.
  const plain = Number(shown.toPrecision(digits))
  return String(quantity === 'temperature' && !isShort(plain) ? Number(shown.toFixed(2)) : plain)
}

const isShort = (value: number): boolean => Math.abs(value * 1000 - Math.round(value * 1000)) < 1e-6
