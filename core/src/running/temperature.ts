import { clippedOil } from '../lubrication/oil-line.ts'
import { refused } from '../records/running-hours.ts'
import { calculation } from '../working/calculation.ts'
import { heatToAir, oilCarriesW, shaftFin } from './cooling.ts'
import { frictionTorque } from './friction.ts'
import { TemperatureInput } from './temperature.schema.ts'
import { rootOf } from '../working/root-of.ts'
import { pitchOf } from './speed-thermal.ts'

export interface RunningTemperature {
  housingC: number
  outerRingC: number
  innerRingC: number
  filmC: number
  powerW: number
  viscosityCst: number | null
  heatW: { friction: number; fromShaft: number; housing: number; shaft: number; oil: number }
  surfaceM2: number
  timeConstantH: number
  settleH: number
  expected: { lowC: number; highC: number }
  beyondModel: boolean
  verdict?: 'as-expected' | 'warm' | 'hot'
  excessRiseC?: number
  impliedPowerW?: number
}

/** Share of the friction that warms the inner ring, and of the oil that touches anything. */
const [innerShare, touches] = [0.55, 0.6]
/** W/(m²K) from the outer ring into its housing, and from ring to ring. */
const [seatConducts, ringsConduct] = [1000, 150]
const steelKgPerMm3 = 7.85e-6
/** Heat that a kilogram of casting and of steel takes, J/K. */
const [castingHeat, steelHeat] = [460, 470]
const beyondC = 150
const [hotOverK, hotFromC] = [15, 95]

/** Heat ways of one bearing, W/K; the hot side of its shaft brings a − b·x. */
interface Ways {
  Gh: number
  Gs: number
  Gi: number
  Gf: number
  Go: number
  a: number
  b: number
  /** Oil as it comes, over the room. */
  u: number
  surfaceM2: number
}

interface Rises {
  inner: number
  outer: number
  housing: number
}

/**
 * How warm a bearing should run: inner ring, outer ring and housing between friction, air, shaft and oil.
 *
 * @returns °C, W, h; the rise is good to −40/+50 %
 * @throws InputError on the field that is refused
 * @see ISO 7902-1 for the cooling; `friction.torque` for the heat
 */
export function runningTemperature(input: TemperatureInput): RunningTemperature {
  const dm = pitchOf(input)
  const ways = waysOf(input, dm)
  const { ambientC } = input
  const { powerW, viscosityCst } = input.powerW === undefined ? solved(input, ways, dm) : { powerW: input.powerW, viscosityCst: null } // prettier-ignore
  const rises = risesFor(ways, powerW)
  const { inner: xi, outer: xo, housing: xh } = rises
  const filmC = ambientC + (xi + xo) / 2
  const fromShaft = ways.a - ways.b * xi
  const through = 1 / (1 / ways.Gs + 1 / ways.Gh) + ways.Gf + ways.b + ways.Go
  const timeConstantH = capacityOf(input) / (3600 * through)
  const at = { housing: xh, 'outer-ring': xo, 'inner-ring': xi }[input.measuredAt]
  const expected = {
    lowC: ambientC + at - Math.max(5, 0.4 * Math.abs(at)),
    highC: ambientC + at + Math.max(5, 0.5 * Math.abs(at)),
  }
  return {
    housingC: ambientC + xh,
    outerRingC: ambientC + xo,
    innerRingC: ambientC + xi,
    filmC,
    powerW,
    viscosityCst,
    heatW: { friction: powerW, fromShaft, housing: ways.Gh * xh, shaft: ways.Gf * xi, oil: (ways.Go / 2) * (xi + xo - 2 * ways.u) }, // prettier-ignore
    surfaceM2: ways.surfaceM2,
    timeConstantH,
    settleH: 3 * timeConstantH,
    expected,
    beyondModel: Math.round(filmC * 100) / 100 > beyondC,
    ...(input.measuredC === undefined ? {} : heldAgainst(input, input.measuredC, expected.highC, ways)),
  }
}

/** The friction and the viscosity that go with the temperature they make. */
function solved(given: TemperatureInput, ways: Ways, dm: number): { powerW: number; viscosityCst: number } {
  const { nu40Cst, nu100Cst, viscosityIndex, ambientC, bearingType, lubrication, speedRpm } = given
  if (nu40Cst === undefined) throw refused('nu40Cst', undefined, 'given, or the friction in powerW', 'MISSING')
  if (bearingType === undefined) throw refused('bearingType', undefined, 'given, or the friction in powerW', 'MISSING')
  if (lubrication === undefined) throw refused('lubrication', undefined, 'given, or the friction in powerW', 'MISSING')
  if (speedRpm === undefined || speedRpm <= 0) throw refused('speedRpm', speedRpm, 'above 0, where friction is worked out', speedRpm === undefined ? 'MISSING' : 'OUT_OF_RANGE') // prettier-ignore
  const viscosity = clippedOil({ nu40Cst, nu100Cst, viscosityIndex })
  const {
    series,
    contactAngleDeg,
    ribs,
    churnFactor,
    radialN,
    axialN,
    staticRatingN,
    seals,
    sealCount,
    sealDiameterMm,
  } = given
  const powerAt = (filmC: number): number =>
    frictionTorque({ bearingType, lubrication, speedRpm, pitchDiameterMm: dm, viscosityCst: viscosity(filmC), series, contactAngleDeg, ribs, churnFactor, radialN, axialN, staticRatingN, seals, sealCount, sealDiameterMm }).powerW // prettier-ignore
  const filmFor = (powerW: number): number => {
    const { inner, outer } = risesFor(ways, powerW)
    return ambientC + (inner + outer) / 2
  }
  const cold = filmFor(0)
  const filmC = rootOf((celsius) => filmFor(powerAt(celsius)) - celsius, cold, filmFor(powerAt(cold)))
  return { powerW: powerAt(filmC), viscosityCst: viscosity(filmC) }
}

function waysOf(given: TemperatureInput, dm: number): Ways {
  const { boreMm, odMm, widthMm, ambientC, airSpeedMPerS, freeShaft, shaftMaterial, shaftC, oilFlowLPerMin, oilInletC } = given // prettier-ignore
  if (oilFlowLPerMin > 0 && oilInletC === undefined)
    throw refused('oilInletC', undefined, 'given where oil flows', 'MISSING')
  const surfaceM2 = given.surfaceM2 ?? surfaceOf(given)
  const fin = shaftFin(boreMm, given.speedRpm ?? 0, shaftMaterial)
  return {
    Gh: heatToAir(airSpeedMPerS) * surfaceM2,
    Gs: (seatConducts * Math.PI * odMm * widthMm) / 1e6,
    Gi: (ringsConduct * Math.PI * dm * widthMm) / 1e6,
    Gf: freeShaft ? fin.g : 0,
    Go: oilCarriesW * touches * oilFlowLPerMin,
    ...(shaftC === undefined ? { a: 0, b: 0 } : hotSide(given, shaftC - ambientC, fin)),
    u: oilFlowLPerMin > 0 ? (oilInletC ?? 0) - ambientC : 0,
    surfaceM2,
  }
}

function hotSide(
  { shaftConductanceWPerK, shaftDistanceMm, boreMm }: TemperatureInput,
  hotterK: number,
  { g, m }: { g: number; m: number },
): Pick<Ways, 'a' | 'b'> {
  if (shaftConductanceWPerK !== undefined) return { a: shaftConductanceWPerK * hotterK, b: shaftConductanceWPerK }
  const reach = (m * (shaftDistanceMm ?? Math.max(10, 2 * boreMm))) / 1000
  return { a: (g * hotterK) / Math.sinh(reach), b: g / Math.tanh(reach) }
}

/** Free surface of the usual housing of a size, m². */
function surfaceOf({ housing, odMm, widthMm }: TemperatureInput): number {
  const ring = (outside: number) => (Math.PI / 4) * (outside ** 2 - odMm ** 2)
  switch (housing) {
    case 'pillow-block': {
      const height = 1.3 * odMm
      return (Math.PI * height * (widthMm + 0.5 * odMm + height / 2)) / 1e6
    }
    case 'flanged':
      return (Math.PI * 1.8 * odMm * (widthMm + 0.3 * odMm) + ring(1.8 * odMm)) / 1e6
    case 'motor-end-shield':
      return (1.3 * ring(2.6 * odMm)) / 1e6
    case 'machine-wall':
      return (17.5 * odMm * widthMm) / 1e6
    default:
      return housing satisfies never
  }
}

const massPerCube = { 'pillow-block': 3.7e-6, flanged: 3.0e-6, 'motor-end-shield': 4.0e-6, 'machine-wall': 5.0e-6 } as const // prettier-ignore

/** Heat that housing, bearing and a piece of shaft take, J/K. */
function capacityOf({ housing, housingMassKg, boreMm, odMm, widthMm }: TemperatureInput): number {
  const round = (diameter: number) => (Math.PI / 4) * diameter ** 2
  const bearingKg = 0.7 * steelKgPerMm3 * (round(odMm) - round(boreMm)) * widthMm
  const shaftKg = steelKgPerMm3 * round(boreMm) * 2 * boreMm
  return castingHeat * (housingMassKg ?? massPerCube[housing] * odMm ** 3) + steelHeat * (bearingKg + shaftKg)
}

/** Rises over the room for a friction: three heat balances, solved from the housing inward. */
function risesFor({ Gh, Gs, Gi, Gf, Go, a, b, u }: Ways, powerW: number): Rises {
  const half = (Go / 2) * u
  // What leaves the outer ring through its housing, for each K of it.
  const outward = Gs - Gs ** 2 / (Gs + Gh)
  const inner = Gf + Gi + b + Go / 2
  const outer = Gi + outward + Go / 2
  const [intoInner, intoOuter] = [innerShare * powerW + a + half, (1 - innerShare) * powerW + half]
  const determinant = inner * outer - Gi ** 2
  const xo = (inner * intoOuter + Gi * intoInner) / determinant
  return { inner: (outer * intoInner + Gi * intoOuter) / determinant, outer: xo, housing: (Gs * xo) / (Gs + Gh) }
}

function heldAgainst(
  { ambientC, measuredAt }: TemperatureInput,
  measuredC: number,
  highC: number,
  ways: Ways,
): Pick<RunningTemperature, 'verdict' | 'excessRiseC' | 'impliedPowerW'> {
  const over = Math.round((measuredC - highC) * 100) / 100
  const placeOf = ({ inner, outer, housing }: Rises) =>
    ({ housing, 'outer-ring': outer, 'inner-ring': inner })[measuredAt]
  const [cold, perWatt] = [placeOf(risesFor(ways, 0)), placeOf(risesFor(ways, 1))]
  return {
    verdict: over <= 0 ? 'as-expected' : over > hotOverK || measuredC >= hotFromC ? 'hot' : 'warm',
    excessRiseC: Math.max(0, measuredC - highC),
    impliedPowerW: Math.max(0, (measuredC - ambientC - cold) / (perWatt - cold)),
  }
}

export const runningTemperatureCalculation = calculation(
  'temperature.running',
  'How warm a bearing should run',
  'Heat balance; ISO 7902-1 for the cooling',
  TemperatureInput,
  runningTemperature,
)
