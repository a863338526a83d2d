import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { factsOf, isBall, isThrust, BearingType } from '../bearing-types/index.ts'

/** Interior of a bearing as both ratings take it. */
export const RatingInput = z.strictObject({
  bearingType: BearingType,
  rows: z.int().min(1).max(6).default(1).meta({ description: 'Rows of rolling elements' }),
  elements: z.int().min(3).max(300).meta({ description: 'Rolling elements in one row' }),
  elementDiameterMm: z.number().min(0.3).max(250).meta({ unit: 'mm', description: 'Ball or mean roller diameter' }),
  elementLengthMm: z
    .number()
    .min(0.5)
    .max(1000)
    .optional()
    .meta({ unit: 'mm', description: 'Effective roller length, without chamfers' }),
  pitchDiameterMm: z
    .number()
    .min(2)
    .max(3000)
    .meta({ unit: 'mm', description: 'Pitch diameter of the rolling elements' }),
  contactAngleDeg: z.number().min(0).max(90).optional().meta({ unit: '°', description: 'Contact angle' }),
})
export type RatingInput = z.input<typeof RatingInput>

/** An interior that has been checked: every number there, the angle in radians, γ worked out. */
export interface Interior {
  bearingType: BearingType
  rows: number
  elements: number
  elementDiameterMm: number
  elementLengthMm: number
  pitchDiameterMm: number
  contactAngleDeg: number
  alphaRad: number
  /** Dw cos α / Dpw */
  gamma: number
  bm: number
}

/**
 * Checks that an interior can be built and lies where ISO 281 and ISO 76 hold.
 *
 * @throws InputError on `rows`, `contactAngleDeg`, `elementLengthMm`, `elements` (they do not fit on the pitch circle) or
 *   `elementDiameterMm` (γ outside the standard)
 */
export function checkInterior(input: RatingInput): Interior {
  const { bearingType, rows = 1, elements, elementDiameterMm, pitchDiameterMm } = input
  const rule = factsOf(bearingType).ratings
  if (!rule.rows.includes(rows)) {
    throw refuse(
      'rows',
      rows,
      `one of ${rule.rows.join(', ')} for ${bearingType}`,
      'Give the rows of rolling elements.',
    )
  }
  const contactAngleDeg = checkedAngleDeg(bearingType, input.contactAngleDeg)
  if (!isBall(bearingType) && input.elementLengthMm === undefined) {
    throw refuse('elementLengthMm', undefined, 'from 0.5 to 1000 mm for rollers', 'Give the effective roller length.')
  }
  const crowded = elementDiameterMm > 1.001 * pitchDiameterMm * Math.sin(Math.PI / elements)
  if (elementDiameterMm >= pitchDiameterMm || crowded) {
    throw refuse(
      'elements',
      elements,
      `few enough to fit: ${elements} elements of ${elementDiameterMm} mm do not go on a pitch circle of ${pitchDiameterMm} mm`,
      'Count and measure again; the element and pitch diameters may be swapped.',
    )
  }
  const alphaRad = (contactAngleDeg * Math.PI) / 180
  const gamma = contactAngleDeg === 90 ? 0 : (elementDiameterMm * Math.cos(alphaRad)) / pitchDiameterMm
  checkGamma(bearingType, elementDiameterMm, elementDiameterMm / pitchDiameterMm, gamma)
  return {
    bearingType,
    rows,
    elements,
    elementDiameterMm,
    elementLengthMm: input.elementLengthMm ?? 0,
    pitchDiameterMm,
    contactAngleDeg,
    alphaRad,
    gamma,
    bm: rule.bm,
  }
}

/** The contact angle as given, or the one the type always has. @throws InputError on `contactAngleDeg` */
export function checkedAngleDeg(bearingType: BearingType, given: number | undefined): number {
  const { angleDeg, fromDeg: from, toDeg: to } = factsOf(bearingType).ratings
  const contactAngleDeg = given ?? angleDeg
  if (contactAngleDeg !== null && contactAngleDeg >= from && contactAngleDeg <= to) return contactAngleDeg
  const allowed = from === to ? `${from}°` : `from ${from} to ${to}°`
  throw refuse(
    'contactAngleDeg',
    contactAngleDeg ?? undefined,
    `${allowed} for ${bearingType}`,
    'Give the contact angle.',
  )
}

/** Element over pitch diameter (times cos α on a radial bearing) from which, and up to which, the standards hold. */
export const leastOnPitchCircle = 0.01
export const mostOnPitchCircle = (type: BearingType): number => (isBall(type) ? (isThrust(type) ? 0.35 : 0.4) : 0.3)

function checkGamma(type: BearingType, elementDiameterMm: number, ratio: number, gamma: number): void {
  const most = mostOnPitchCircle(type)
  const fits = isThrust(type)
    ? ratio >= leastOnPitchCircle && ratio <= most && gamma <= 0.3
    : gamma >= leastOnPitchCircle && gamma <= most
  if (fits) return
  const range = `${leastOnPitchCircle} to ${most.toFixed(2)} of`
  throw refuse(
    'elementDiameterMm',
    elementDiameterMm,
    `${range} the pitch diameter (times cos α), where ISO 281 and ISO 76 hold`,
    'Check the element and pitch diameters and their unit.',
  )
}

function refuse(field: string, value: unknown, allowed: string, fix: string): InputError {
  return new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
}
