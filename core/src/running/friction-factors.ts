import table from '../../data/friction-factors.json' with { type: 'json' }
import { frictionOf, type TypeFriction } from '../bearing-types/friction.ts'
import type { BearingType } from '../bearing-types/index.ts'
import { refused } from '../records/running-hours.ts'

/** Factors of the friction of a series: viscous, of the load at P0 = 0.05 C0, and how the latter grows. */
export interface FrictionFactors {
  f0: number
  f1r: number
  exponent: number
}

interface Row extends FrictionFactors {
  type: string
  series: string
}
const rows = table.rows.map(
  ([type, series, f0, f1, exponent]): Row => ({ type: String(type), series: String(series), f0: Number(f0), f1r: Number(f1) * 1e-5, exponent: Number(exponent) }), // prettier-ignore
)

/** What the friction of a type goes by. @throws InputError on `bearingType` where the method has none of it */
export function frictionFacts(type: BearingType): TypeFriction {
  const facts = frictionOf[type]
  if (!facts) throw refused('bearingType', type, 'a type the method has factors of', 'NOT_ONE_OF')
  return facts
}

/** Row of a series, as catalogues write it; a cylindrical one with or without the letters before it. */
function rowOf(type: BearingType, series: string): Row | undefined {
  const letters = frictionOf[type]?.letters
  const bare = letters ? series.replace(letters, '') : series
  return rows.find((row) => row.type === type && row.series === bare)
}

/** The series where the method has factors of it; left out for one it does not know, whose type is then taken as it usually is. */
export const knownSeries = (type: BearingType, series: string): string | undefined => rowOf(type, series) && series

/**
 * Factors of a series of a type; of the first of the type where none is named.
 *
 * @param series - as catalogues write it; a cylindrical one with or without the letters before it
 * @throws InputError on `bearingType` where the method has none of it, `series` where it is none of the type's
 */
export function frictionFactors(type: BearingType, series?: string): FrictionFactors {
  frictionFacts(type)
  const ofType = rows.filter((row) => row.type === type)
  const found = series === undefined ? ofType[0] : rowOf(type, series)
  if (found) return found
  if (series === undefined) throw new Error(`no friction factors of ${type}`)
  throw refused('series', series, `one of ${ofType.map((row) => row.series).join(', ')}`, 'NOT_ONE_OF')
}
