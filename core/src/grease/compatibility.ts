import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import chart from '../../data/grease-compatibility.json' with { type: 'json' }

export const thickeners = chart.rows.map(([name]) => String(name)) as [string, ...string[]]
export const Thickener = z.enum(thickeners).meta({ description: 'Thickener of the grease' })

export const CompatibilityInput = z.strictObject({ a: Thickener, b: Thickener })

export type CompatibilityVerdict = 'compatible' | 'borderline' | 'incompatible'
const verdicts: Record<string, CompatibilityVerdict> = { C: 'compatible', B: 'borderline', I: 'incompatible' }

/**
 * Whether two greases may mix, by thickener. Base oils and additives are for the makers to answer.
 *
 * @example greaseCompatibility({ a: 'lithium', b: 'polyurea' }) // { verdict: 'incompatible' }
 * @see common chart, a guide to testing by ASTM D6185
 */
export function greaseCompatibility({ a, b }: z.infer<typeof CompatibilityInput>): { verdict: CompatibilityVerdict } {
  const mark = chart.rows.find(([name]) => name === a)?.[chart.columns.indexOf(b)]
  const verdict = verdicts[String(mark)]
  if (!verdict) throw new Error(`no compatibility of ${a} with ${b}`)
  return { verdict }
}

export const greaseCompatibilityCalculation = calculation(
  'grease.compatibility',
  'Whether two greases may mix',
  'Common chart; ASTM D6185 for the test',
  CompatibilityInput,
  greaseCompatibility,
)
