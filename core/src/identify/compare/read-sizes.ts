import { attempt } from '../../errors/input-error.ts'
import { parseQuantity, type UnitSystem } from '../../model/units.ts'

/** Bore, outside and width as somebody says them, mm; what was not said is null. */
export interface SaidSizes {
  boreMm: number
  odMm: number | null
  widthMm: number | null
}

/** What stands between sizes: a times sign, a letter, a star. */
const between = /\s*[x×*]\s*/i
const largestMm = 2000

/**
 * Sizes said in one breath: `30x62x16`, `30 × 62`, `1 1/4 in`, `1/2 x 1 1/8`.
 *
 * A unit behind the last one holds for those before it that have none; nobody says fractions of a millimetre.
 *
 * @returns null for what is no size: a number of a bearing, a word, or more than three
 */
export function readSizes(said: string, units: UnitSystem): SaidSizes | null {
  const parts = said.trim().split(between)
  if (parts.length > 3 || (parts.length === 1 && !/(mm|in|")\s*$/i.test(said))) return null
  const unit = /(mm|inch|in|")\s*$/i.exec(said)?.[1] ?? (/\d\/\d/.test(said) ? 'in' : '')
  const sizes = parts.map((part) => {
    const whole = /[a-z"]\s*$/i.test(part) ? part : `${part} ${unit}`
    const { value } = attempt(() => parseQuantity(whole.replace('"', ' in'), 'length', units, 'size'))
    return value !== null && value > 0 && value <= largestMm ? value : null
  })
  const [boreMm, odMm = null, widthMm = null] = sizes
  return boreMm === null || boreMm === undefined || sizes.includes(null) ? null : { boreMm, odMm, widthMm }
}
