import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { isBall } from '../bearing-types/index.ts'
import { givenOf, number, range, text, type Figure, type Given } from '../working/figure.ts'
import { longestLifeH } from '../words/quantities.ts'
import type { PracticeValue } from '../working/practice.ts'
import type { BestClearance } from './best-clearance.ts'
import type { InsideLoad, SeenInside } from './see-inside.ts'

const validity =
  'Rings stiff, round and hard on their seats; the inside is estimated, so shares and ratios say more than the amounts.'
const source = 'ISO/TS 16281; Hertz'
const estimated = { source, validity, estimate: true } as const
const force = givenOf('force', { figures: 3 })
const length = givenOf('length', { decimals: 2 })
const stress = givenOf('stress', { figures: 2 })
const count = givenOf('ratio', { decimals: 0 })

/** A pressure is not known closer. */
const pressureFigures = { figures: 2 } as const

/**
 * What is seen inside a bearing, each with its working.
 *
 * @returns `hardest`, `pressureInner`, `pressureOuter`, `zone`, `give`; of rollers `edge`, with a speed `insideLife`
 */
export function insideFigures(bearing: ResolvedBearing, load: InsideLoad, seen: SeenInside): Record<string, Figure> {
  const { distribution } = seen
  const givens = loadGivens(bearing, load)
  return {
    ...(seen.life ? { insideLife: lifeFigure(bearing, load, seen.life) } : {}),
    hardest: {
      ...estimated,
      label: 'Hardest element',
      symbol: 'Q_{max}',
      quantity: 'force',
      value: number(distribution.maxElementN),
      precision: { figures: 3 },
      formula: sharing(bearing),
      givens,
    },
    pressureInner: pressureFigure(bearing, seen, 'inner'),
    pressureOuter: pressureFigure(bearing, seen, 'outer'),
    zone: {
      ...estimated,
      label: 'Load zone',
      symbol: '\\psi',
      quantity: 'angle',
      value: number(distribution.loadZoneDeg),
      precision: { decimals: 0 },
      formula: '\\delta(\\psi) > 0',
      givens: [...givens, count('elements that carry', '', distribution.elementsLoaded, 'load.distribution')],
    },
    give: {
      ...estimated,
      label: 'The shaft gives way by',
      symbol: '\\delta_r',
      quantity: 'deviation',
      value: number(distribution.radialUm),
      formula: sharing(bearing),
      givens: [...givens, givenOf('ratio', { figures: 2 }, 'load.distribution')('stiffness, N a µm', 'k', distribution.stiffnessNPerUm)], // prettier-ignore
    },
    ...edgeFigure(seen),
  }
}

/** Equilibrium of the elements with the load, for points and for lines. */
const sharing = ({ row }: ResolvedBearing): string =>
  isBall(row.type)
    ? 'F_r = \\sum_j Q_j \\cos\\alpha_j \\cos\\psi_j,\\quad Q_j = c_P\\,\\delta_j^{3/2}'
    : 'F_r = \\sum_j Q_j \\cos\\alpha \\cos\\psi_j,\\quad Q_j = \\sum_k c_s\\,\\delta_{jk}^{10/9}'

function loadGivens({ interior }: ResolvedBearing, load: InsideLoad): Given[] {
  const of = (from: string) => givenOf('length', { decimals: 2 }, from)
  return [
    force('radial load', 'F_r', load.radialN, 'Carry, the load that asks most'),
    force('axial load', 'F_a', load.axialN, 'Carry'),
    givenOf('deviation')('running clearance', 's', load.clearanceUm, 'Float, or tried here'),
    { label: 'rings out of line by', symbol: '\\varphi', quantity: 'angle', value: number(load.tiltArcmin / 60), precision: { decimals: 3 }, from: 'shaft line, or tried here' },
    count('elements in a row', 'Z', interior.elements, 'estimate'),
    of('estimate')('rolling element', 'D_w', interior.elementDiameterMm),
    ...(interior.elementLengthMm === null ? [] : [of('estimate')('effective length', 'L_{we}', interior.elementLengthMm)]),
    of('estimate')('pitch diameter', 'D_{pw}', interior.pitchDiameterMm),
  ] // prettier-ignore
}

/** How hard the most loaded element presses a ring. */
export function pressureFigure(
  { row }: ResolvedBearing,
  { distribution, dentsAtMPa }: SeenInside,
  ring: 'inner' | 'outer',
): Figure {
  const { maxPressureMPa, footprintAcrossMm, footprintAlongMm } = distribution[ring]
  return {
    ...estimated,
    label: `Pressure, ${ring}`,
    symbol: 'p_{max}',
    quantity: 'stress',
    value: number(maxPressureMPa),
    precision: pressureFigures,
    formula: isBall(row.type)
      ? 'p_{max} = \\frac{3Q}{2\\pi a b}'
      : 'p_{max} = \\sqrt{\\frac{q E \\sum\\rho}{2\\pi (1-\\nu^2)}}',
    givens: [
      force('most loaded element', 'Q_{max}', distribution.maxElementN, 'load.distribution'),
      length('footprint, across', '2a', footprintAcrossMm, 'Hertz'),
      length('footprint, along', '2b', footprintAlongMm, 'Hertz'),
      stress('dents this type', '', dentsAtMPa, 'ISO 76'),
    ],
  }
}

/** What the load of a roller does at its ends. */
function edgeFigure({ distribution }: SeenInside) {
  const { laminaLoadsN, laminaPeakRatio, laminaPeakAt } = distribution
  if (!laminaLoadsN || laminaPeakRatio === null) return {}
  const edge: Figure = {
    ...estimated,
    label: 'Hardest slice',
    symbol: 'q_{max} / \\bar q',
    quantity: 'ratio',
    value: number(laminaPeakRatio),
    precision: { decimals: 2 },
    formula: '\\frac{\\max_k q_k}{\\frac{1}{n_s}\\sum_k q_k}',
    givens: [
      count('slices', 'n_s', laminaLoadsN.length, 'ISO/TS 16281'),
      ...(laminaPeakAt === null ? [] : [givenOf('ratio', { decimals: 2 }, '0 in the middle, 1 at the end')('where it is hardest', '', laminaPeakAt)]),
    ], // prettier-ignore
  }
  return { edge }
}

function lifeFigure({ row }: ResolvedBearing, load: InsideLoad, life: NonNullable<SeenInside['life']>): Figure {
  const hours = givenOf('duration', { figures: 2 })
  return {
    label: 'Life with this inside',
    symbol: 'L_{10r}',
    quantity: 'duration',
    value: number(life.hoursH),
    precision: { figures: 2 },
    most: longestLifeH,
    formula: isBall(row.type)
      ? 'L_{10r} = \\left[\\left(\\frac{Q_{ci}}{Q_{ei}}\\right)^{-10/3} + \\left(\\frac{Q_{ce}}{Q_{ee}}\\right)^{-10/3}\\right]^{-9/10}'
      : 'L_{10r} = \\left[\\sum_k \\left(\\frac{q_{ci}}{q_{ei,k}}\\right)^{-9/2} + \\left(\\frac{q_{ce}}{q_{ee,k}}\\right)^{-9/2}\\right]^{-8/9}',
    givens: [
      force('dynamic rating', 'C', life.dynamicRatingN, load.dynamicRatingN === null ? 'estimate' : 'maker’s value'),
      givenOf('speed')('speed', 'n', load.speedRpm ?? 0, 'Carry'),
      force('load that gives this life', 'P_{ref}', life.equivalentReferenceN, 'ISO/TS 16281'),
      ...(life.isoMillionRevs === null || load.speedRpm === null
        ? []
        : [hours('by ISO 281', 'L_{10h}', (life.isoMillionRevs * 1e6) / (60 * load.speedRpm), 'no clearance, no tilt')]),
      ...(life.lifeRatio === null ? [] : [givenOf('ratio', { figures: 2 }, 'the one over the other')('share that is kept', '', life.lifeRatio)]),
      { label: 'ring that turns', symbol: '', quantity: 'ratio', value: text(load.rotatingRing), from: 'Seat' },
    ],
    source: 'ISO/TS 16281, tied to the level of ISO 281',
    validity,
    practice: 'reference life with clearance, tilt and the load of every element; ISO 281 takes half the elements as loaded and the rings in line; ISO/TS 16281 to the letter keeps its own level for rollers',
    practices: lifeByPractice(load, life),
    estimate: true,
  } // prettier-ignore
}

/** The life by each practice; what tells of this inside leads here, Carry goes by ISO 281. */
function lifeByPractice({ speedRpm }: InsideLoad, life: NonNullable<SeenInside['life']>): PracticeValue[] {
  const hours = (millionRevs: number | null) =>
    millionRevs === null || speedRpm === null ? null : number((millionRevs * 1e6) / (60 * speedRpm))
  const strict = Math.abs(life.strictMillionRevs / life.millionRevs - 1) > alike
  return [
    { key: 'reference', name: 'this inside', value: number(life.hoursH), leads: true },
    { key: 'iso281', name: 'ISO 281', value: hours(life.isoMillionRevs), leads: false },
    ...(strict ? [{ key: 'strict', name: 'ISO/TS 16281', value: hours(life.strictMillionRevs), leads: false }] : []),
  ]
}
/** Lives that differ by less are one. */
const alike = 0.005

/** Clearances that keep nine tenths of the longest life, with their working. */
export function bestClearanceFigure(bearing: ResolvedBearing, load: InsideLoad, best: BestClearance): Figure {
  const um = givenOf('deviation')
  return {
    ...estimated,
    label: 'Best clearance',
    symbol: 's',
    quantity: 'deviation',
    value: range(best.rangeMinUm, best.rangeMaxUm),
    formula: 'L_{10r}(s) \\ge 0.9 \\max_s L_{10r}(s)',
    givens: [um('lasts longest at', 's_{best}', best.bestClearanceUm, 'clearance.best'), ...loadGivens(bearing, load)],
  }
}
