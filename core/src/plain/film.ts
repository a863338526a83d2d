import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import table from '../../data/sleeve-film.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { interpolate } from '../tables/step-table.ts'

export const FilmInput = z.strictObject({
  journalDiameterMm: z.number().min(5).max(1000).meta({ unit: 'mm', description: 'Journal diameter' }),
  lengthMm: z.number().gt(0).max(2000).meta({ unit: 'mm', description: 'Length, 0.25 to 2 diameters' }),
  diametralClearanceMm: z
    .number()
    .gt(0)
    .max(10)
    .meta({ unit: 'mm', description: 'Clearance on diameter, 0.0002 to 0.01 of it' }),
  loadN: z.number().gt(0).max(1e9).meta({ unit: 'N', description: 'Load' }),
  speedRpm: z.number().gt(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  viscosityMPas: z.number().gt(0).max(5000).meta({ unit: 'mPa·s', description: 'Viscosity at the film’s temperature' }),
  roughnessUm: z
    .number()
    .gt(0)
    .max(20)
    .default(1)
    .meta({ unit: 'µm', description: 'Roughness of both surfaces together' }),
})
export type FilmInput = z.input<typeof FilmInput>

export interface Film {
  sommerfeld: number
  eccentricityRatio: number
  minFilmUm: number
  regime: 'boundary' | 'mixed' | 'full-film'
  /** Film that covers ordinary dirt and misalignment, µm. */
  designFilmUm: number
  /** The film is an upper bound: the load is beyond the table. */
  limited: boolean
  /** A fast, lightly loaded journal may whirl. */
  lightlyLoaded: boolean
}

/**
 * Least oil film of a full journal bearing under a steady load.
 *
 *     S = (D/C)² μ N / P      table of S against ε by length to diameter      h0 = c (1 − ε)
 *
 * Between columns by the published four-column formula, between rows ln(1−ε) straight in ln S.
 *
 * @throws InputError on `lengthMm` or `diametralClearanceMm` outside the ratios the table holds
 * @example film({ journalDiameterMm: 60, lengthMm: 60, diametralClearanceMm: 0.06, loadN: 5000, speedRpm: 1500, viscosityMPas: 25 }).minFilmUm // 21.5
 * @see Raimondi and Boyd (1958); ISO 7902
 */
export function film(input: FilmInput): Film {
  const {
    journalDiameterMm: d,
    lengthMm,
    diametralClearanceMm,
    loadN,
    speedRpm,
    viscosityMPas,
    roughnessUm = 1,
  } = input
  const ratio = lengthMm / d
  const refuse = (field: string, value: number, allowed: string) =>
    new InputError({ code: 'OUT_OF_RANGE', field, value, allowed, fix: 'Check the sizes and their unit.' })
  if (ratio < 0.25 || ratio > 2) throw refuse('lengthMm', lengthMm, `from ${d / 4} to ${2 * d} mm on this journal`)
  if (diametralClearanceMm < 0.0002 * d || diametralClearanceMm > 0.01 * d) {
    throw refuse('diametralClearanceMm', diametralClearanceMm, `from ${0.0002 * d} to ${0.01 * d} mm on this journal`)
  }
  const pressurePa = (loadN / (lengthMm * d)) * 1e6
  const sommerfeld = ((d / diametralClearanceMm) ** 2 * (viscosityMPas / 1000) * (speedRpm / 60)) / pressurePa
  const found = eccentricity(sommerfeld, ratio)
  const minFilmUm = 500 * diametralClearanceMm * (1 - found.ratio)
  const lambda = Math.round((minFilmUm / roughnessUm) * 1000) / 1000
  return {
    sommerfeld,
    eccentricityRatio: found.ratio,
    minFilmUm,
    regime: found.limited || lambda < 1 ? 'boundary' : lambda < 3 ? 'mixed' : 'full-film',
    designFilmUm: 5 + 0.04 * d,
    limited: found.limited,
    lightlyLoaded: found.lightlyLoaded,
  }
}

function eccentricity(s: number, l: number): { ratio: number; limited: boolean; lightlyLoaded: boolean } {
  const curve = table.rows.map(([epsilon = 0, infinite = 0, s1 = 0, half = 0, quarter = 0]) => {
    const value =
      ((-(1 - l) * (1 - 2 * l) * (1 - 4 * l) * infinite) / 8 +
        ((1 - 2 * l) * (1 - 4 * l) * s1) / 3 -
        ((1 - l) * (1 - 4 * l) * half) / 4 +
        ((1 - l) * (1 - 2 * l) * quarter) / 24) /
      l ** 3
    return { epsilon, logS: Math.log(value), logGap: Math.log(1 - epsilon) }
  })
  const [first, last] = [curve[0], curve.at(-1)]
  if (!first || !last) throw new Error('empty film table')
  const logS = Math.log(s)
  // As the load vanishes, S times the eccentricity stays what it is.
  if (logS >= first.logS) return { ratio: (0.1 * Math.exp(first.logS)) / s, limited: false, lightlyLoaded: true }
  if (logS < last.logS) return { ratio: last.epsilon, limited: true, lightlyLoaded: false }
  const rising = [...curve].reverse().map(({ logS: at, logGap }) => [at, logGap])
  return { ratio: 1 - Math.exp(interpolate(rising, logS, 1)), limited: false, lightlyLoaded: false }
}

export const filmCalculation = calculation(
  'sleeve.film',
  'Oil film of a sleeve bearing',
  'Raimondi and Boyd (1958); ISO 7902',
  FilmInput,
  film,
)
