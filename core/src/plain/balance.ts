import table from '../../data/sleeve-friction.json' with { type: 'json' }
import leakageTable from '../../data/sleeve-leakage.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { clippedOil } from '../lubrication/oil-line.ts'
import { heatToAir, oilCarriesW, shaftFin, surfaceSpeed } from '../running/cooling.ts'
import { interpolate } from '../tables/step-table.ts'
import { calculation } from '../working/calculation.ts'
import { rootOf } from '../working/root-of.ts'
import { BalanceInput, type Balance } from './balance.schema.ts'
import { film, type Film } from './film.ts'

/** Oil comes in cold and leaves as much warmer than the film as it came in cooler. */
const throughFilm = 2
/** How much warmer the film is than the housing, of the housing over the room. */
const overHousing = { bath: 0.5, feed: 0.5, ring: 1 } as const
/** Friction of touching metals, at a film of nothing. */
const touching = 0.1
const hotC = 90
const litresPerMinute = 6e-5

/**
 * A plain journal bearing solved as a whole: the film is as thick as its oil is warm, and as warm as its own friction makes it.
 *
 *     f W v = G (T − Ta) + 2·30 Q (T − Tin)      f = 2π² S J C / D      Q = 2π ε k (D/2) c L N
 *
 * @throws InputError on `inletC` where the oil is fed, on `lengthMm` and `diametralClearanceMm` as the film does, on `nu100Cst` and
 *   `viscosityIndex` as the oil does
 * @see Raimondi and Boyd (1958); ISO 7902-1 for the heat of the housing
 */
export function balance(given: BalanceInput): Balance {
  const { journalDiameterMm: d, loadN, speedRpm, supply, ambientC, airSpeedMPerS } = given
  const inletC = supply === 'feed' ? fedAt(given) : null
  const at = journalAt(given)
  const surfaceM2 = given.surfaceM2 ?? surfaceOf(given)
  const housingWPerK = heatToAir(airSpeedMPerS) * surfaceM2
  const shaftWPerK = shaftFin(d, speedRpm, 'carbon-steel').g
  const share = 1 / (1 + overHousing[supply])
  const coolsWPerK = housingWPerK * share + shaftWPerK
  const coolest = at(inletC ?? ambientC)
  /** Oil that carries heat, L/min, at a film temperature; held at what it is cold where warm oil heats a cool bearing. */
  const leaks = (celsius: number) => given.feedFlowLPerMin ?? at(celsius).sideFlowLPerMin
  const over = (flow: (celsius: number) => number) => (celsius: number) =>
    at(celsius).powerW -
    (inletC === null ? 0 : throughFilm * oilCarriesW * flow(celsius) * (celsius - inletC)) -
    coolsWPerK * (celsius - ambientC)
  const heats = inletC === null || over(leaks)(inletC) > 0
  const held = inletC === null ? 0 : leaks(inletC)
  const flow = heats ? leaks : () => held
  const warmest = Math.max(inletC ?? ambientC, ambientC + coolest.powerW / coolsWPerK)
  const filmC = heats ? rootOf(over(flow), inletC ?? ambientC, warmest) : rootOf(over(flow), ambientC, inletC)
  const found = at(filmC)
  const housingC = ambientC + (filmC - ambientC) * share
  const oilRiseC = inletC === null ? null : throughFilm * (filmC - inletC)
  const lambda = found.film.minFilmUm / given.roughnessUm
  const judged = {
    regime: found.film.regime,
    outletC: inletC === null || oilRiseC === null ? null : inletC + oilRiseC,
    starved: given.feedFlowLPerMin !== undefined && supply === 'feed' && given.feedFlowLPerMin < found.sideFlowLPerMin,
    minFilmUm: found.film.minFilmUm,
    designMinimumUm: found.film.designFilmUm,
    filmC,
  }
  return {
    ...judged,
    housingC,
    filmRiseC: filmC - (inletC ?? ambientC),
    viscosityCst: found.viscosityCst,
    viscosityMPas: found.viscosityMPas,
    sommerfeld: found.film.sommerfeld,
    eccentricityRatio: found.film.eccentricityRatio,
    frictionCoefficient: found.frictionCoefficient,
    powerW: found.powerW,
    sideFlowLPerMin: found.sideFlowLPerMin,
    oilRiseC,
    heatW: {
      friction: found.powerW,
      housing: housingWPerK * (housingC - ambientC),
      shaft: shaftWPerK * (filmC - ambientC),
      oil: oilRiseC === null ? 0 : oilCarriesW * flow(filmC) * oilRiseC,
    },
    surfaceM2,
    reynolds: found.reynolds,
    turbulent: found.reynolds > 41.3 * Math.sqrt(d / given.diametralClearanceMm),
    lightlyLoaded: found.film.lightlyLoaded,
    limited: found.film.limited,
    mixedPowerW:
      found.film.regime === 'full-film'
        ? null
        : (found.frictionCoefficient + touching * ((3 - Math.min(3, lambda)) / 3) ** 2) * loadN * found.metresPerS,
    verdict: verdictOf(judged),
  }
} // prettier-ignore

function fedAt({ inletC }: BalanceInput): number {
  if (inletC !== undefined) return inletC
  throw new InputError({
    code: 'MISSING',
    field: 'inletC',
    value: undefined,
    allowed: 'from −20 to 120 °C where the oil is fed',
    fix: 'Give the temperature of the oil as it comes.',
  })
}

type Judged = Pick<Balance, 'regime' | 'filmC' | 'outletC' | 'minFilmUm' | 'designMinimumUm' | 'starved'>

function verdictOf({ regime, filmC, outletC, minFilmUm, designMinimumUm, starved }: Judged): Balance['verdict'] {
  const to = (value: number, step: number) => Math.round(value / step) * step
  if (regime !== 'full-film') return 'no-film'
  if (to(Math.max(filmC, outletC ?? filmC), 0.01) > hotC) return 'hot'
  if (to(minFilmUm, 0.001) < to(designMinimumUm, 0.001)) return 'thin-film'
  return starved ? 'starved' : 'ok'
}

/** Free surface of a housing round the bearing, m². */
function surfaceOf({ journalDiameterMm: d, lengthMm, housing }: BalanceInput): number {
  const [high, wide] = [2.8 * d, lengthMm + 0.6 * d]
  const flange = 2.2 * d
  const mm2 = {
    'pillow-block': Math.PI * high * (wide + high / 2),
    flanged: Math.PI * flange * lengthMm + (Math.PI / 4) * (flange ** 2 - d ** 2),
    'machine-wall': 17.5 * d * lengthMm,
  }[housing]
  return mm2 / 1e6
}

interface JournalAt {
  viscosityCst: number
  viscosityMPas: number
  film: Film
  frictionCoefficient: number
  metresPerS: number
  powerW: number
  sideFlowLPerMin: number
  reynolds: number
}

/** The journal on a film of some temperature. */
function journalAt(given: BalanceInput): (celsius: number) => JournalAt {
  const { journalDiameterMm: d, lengthMm, diametralClearanceMm, loadN, speedRpm, roughnessUm, densityKgPerM3 } = given
  const viscosity = clippedOil(given)
  const gapMm = diametralClearanceMm / 2
  const ratio = lengthMm / d
  const metresPerS = surfaceSpeed(d, speedRpm)
  const [k0, k1] = [1, 2].map((column) => interpolate(leakageTable.rows, ratio, column)) as [number, number]
  const frictionAt = frictionRatio(ratio)
  return (celsius) => {
    const viscosityCst = viscosity(celsius)
    const density = densityKgPerM3 - 0.65 * (Math.min(200, Math.max(-40, celsius)) - 15)
    const viscosityMPas = (viscosityCst * density) / 1000
    const found = film({ journalDiameterMm: d, lengthMm, diametralClearanceMm, loadN, speedRpm, roughnessUm, viscosityMPas })
    const epsilon = found.eccentricityRatio
    const frictionCoefficient = (2 * Math.PI ** 2 * found.sommerfeld * frictionAt(epsilon) * diametralClearanceMm) / d
    const leakage = k0 + (k1 - k0) * epsilon
    return {
      viscosityCst,
      viscosityMPas,
      film: found,
      frictionCoefficient,
      metresPerS,
      powerW: frictionCoefficient * loadN * metresPerS,
      sideFlowLPerMin: litresPerMinute * 2 * Math.PI * epsilon * leakage * (d / 2) * gapMm * lengthMm * (speedRpm / 60),
      reynolds: (density * metresPerS * gapMm) / viscosityMPas,
    }
  }
} // prettier-ignore

/** Columns of the table of friction, by length to diameter. */
const ratios = [0.25, 0.5, 1, 2]

/** Friction over that of a centred journal, against eccentricity: straight in length to diameter, then ln J straight in ln(1 − ε). */
function frictionRatio(ratio: number): (epsilon: number) => number {
  const rows = table.rows.map(([epsilon = 0, ...values]) => {
    const across = interpolate(ratios.map((one, index) => [one, values[index] ?? 0]), ratio, 1)
    return { epsilon, gap: Math.log(1 - epsilon), log: Math.log(across), value: across }
  })
  const [first] = rows
  const rising = [...rows].reverse().map(({ gap, log }) => [gap, log])
  return (epsilon) =>
    first && epsilon < first.epsilon
      ? 1 + ((first.value - 1) * epsilon) / first.epsilon
      : Math.exp(interpolate(rising, Math.log(1 - epsilon), 1))
} // prettier-ignore

export const balanceCalculation = calculation(
  'sleeve.balance',
  'A plain journal bearing solved as a whole',
  'Raimondi and Boyd (1958); ISO 7902',
  BalanceInput,
  balance,
)
