import type { z } from 'zod'
import { DefectFrequenciesInput } from '../../diagnose/defect-frequencies.schema.ts'
import { defectFrequencies, type DefectFrequencies } from '../../diagnose/defect-frequencies.ts'
import { namedBy } from '../../errors/input-error.ts'

/** The bearing that lines are looked for of. */
export const SpectrumBearing = DefectFrequenciesInput.omit({ speedRpm: true }).meta({
  description: 'Elements, their diameter, pitch diameter, contact angle, and which ring turns',
})
export type SpectrumBearing = z.output<typeof SpectrumBearing>

/** Its frequencies at a speed, Hz. @throws InputError on `bearing` where its elements do not fit */
export const linesOf = (bearing: SpectrumBearing, speedRpm: number): DefectFrequencies =>
  namedBy(
    () => 'bearing',
    () => defectFrequencies({ ...bearing, speedRpm }),
  )
