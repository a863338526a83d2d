import { calculation } from '../working/calculation.ts'
import { InputError } from '../errors/input-error.ts'
import { DefectFrequenciesInput } from './defect-frequencies.schema.ts'

export interface DefectFrequencies {
  ftfHz: number
  bpfoHz: number
  bpfiHz: number
  bsfHz: number
}

/**
 * Frequencies at which a damaged cage, ring or rolling element shows in a vibration spectrum.
 *
 *     bpfo = Z f / 2 (1 − γ)      bpfi = Z f / 2 (1 + γ)      bsf = f Dpw / (2 Dw) (1 − γ²)      γ = Dw cos α / Dpw
 *
 * A damaged element strikes twice a turn: look at twice bsf. Real lines lie 1 to 2 % off; search within 3 %.
 *
 * @throws InputError on `elements` when they do not fit on the pitch circle
 * @example defectFrequencies({ elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46, speedRpm: 1480 }).bpfoHz // 88.0
 * @see rolling without slip; any text on machine condition monitoring
 */
export function defectFrequencies(input: DefectFrequenciesInput): DefectFrequencies {
  const { elements, elementDiameterMm, pitchDiameterMm, speedRpm, contactAngleDeg = 0, rotatingRing = 'inner' } = input
  if (
    elementDiameterMm >= pitchDiameterMm ||
    elementDiameterMm > 1.001 * pitchDiameterMm * Math.sin(Math.PI / elements)
  ) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'elements',
      value: elements,
      allowed: `few enough to fit: ${elements} elements of ${elementDiameterMm} mm do not go on a pitch circle of ${pitchDiameterMm} mm`,
      fix: 'Count and measure again; the element and pitch diameters may be swapped.',
    })
  }
  const turnHz = speedRpm / 60
  // At 90° the cosine must be nothing at all, not what is left of it in floating point.
  const cos = contactAngleDeg === 90 ? 0 : Math.cos((contactAngleDeg * Math.PI) / 180)
  const gamma = (elementDiameterMm / pitchDiameterMm) * cos
  // The passing frequencies see only the speed between the rings; the cage turns with whichever ring turns.
  const cageSign = rotatingRing === 'inner' ? -1 : 1
  return {
    ftfHz: (turnHz / 2) * (1 + cageSign * gamma),
    bpfoHz: ((elements * turnHz) / 2) * (1 - gamma),
    bpfiHz: ((elements * turnHz) / 2) * (1 + gamma),
    bsfHz: ((turnHz * pitchDiameterMm) / (2 * elementDiameterMm)) * (1 - gamma ** 2),
  }
}

export const defectFrequenciesCalculation = calculation(
  'frequency.defects',
  'Frequencies of a damaged bearing',
  'Rolling without slip',
  DefectFrequenciesInput,
  defectFrequencies,
)
