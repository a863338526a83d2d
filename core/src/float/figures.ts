import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, range, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import type { PairPlay } from '../carry/pair-play.ts'
import { materialOf } from '../model/materials.ts'
import { shaftMaterialWords } from '../words/vocabulary.ts'
import { runningTemperatures, setOnMounting, type ClearanceSteps, type Span } from './clearance-steps.ts'
import type { GrowthOutcome } from './growth-outcome.ts'
import { growthPracticeList } from './practices/index.ts'
import { practiceValues } from '../working/practice.ts'
import { leastShare, type ClearanceOutcome, type FloatOutcome } from './work-out.ts'

/** The figures of Float, with their working. */
export function floatFigures(position: RollingPosition, outcome: FloatOutcome): Record<string, Figure> {
  const { bearing, steps, pair, growth } = outcome
  const figures: Record<string, Figure> = {
    operating: operatingFigure(position, outcome),
    growth: growthFigure(position, growth),
  }
  if (bearing && steps) {
    figures['initial'] = initialFigure(position, bearing, steps)
    figures['onShaft'] = onShaftFigure(steps)
    figures['mounted'] = mountedFigure(steps)
    figures['rightClass'] = classFigure(bearing, steps, outcome.clearance)
  }
  if (bearing && position.load.arrangement !== 'single' && isSetInPairs(bearing))
    figures['endPlay'] = endPlayFigure(position, pair)
  if (growth?.room) Object.assign(figures, roomFigures(position, growth))
  return figures
}

export const isSetInPairs = ({ row, interior }: ResolvedBearing): boolean =>
  factsOf(row.type).pairs && interior.rows === 1

/** The band that is probable; the extremes stand in the working. */
const span = ({ least, most }: Span) => range(least, most)
const extremes = (label: string, { min, max }: Span): Given => ({
  label,
  symbol: '',
  quantity: 'deviation',
  value: range(min, max),
  from: 'every tolerance at its end',
})

function deviation(label: string, symbol: string, value: Span, from: string): Given {
  return { label, symbol, quantity: 'deviation', value: span(value), from }
}

function initialFigure(
  { float: given }: RollingPosition,
  { decoded }: ResolvedBearing,
  { initial }: ClearanceSteps,
): Figure {
  return {
    label: given.measuredUm === null ? 'Initial internal clearance' : 'Initial clearance, as measured',
    symbol: 'G_r',
    quantity: 'deviation',
    value: span(initial),
    formula: 'G_r = \\text{table}(d,\\ \\text{class})',
    givens: [
      {
        label: 'class',
        symbol: '',
        quantity: 'ratio',
        value: text(decoded.clearanceClass ?? 'none'),
        from: 'Identify',
      },
    ],
    source: given.measuredUm === null ? 'ISO 5753-1' : 'Measured before mounting',
  }
}

function onShaftFigure({ initial, onShaft }: ClearanceSteps): Figure {
  return {
    label: 'Inner ring mounted',
    symbol: 'G_s',
    quantity: 'deviation',
    value: span(onShaft),
    formula: 'G_s = G_r - \\Delta_F,\\quad \\Delta_F = \\frac{2pF}{E(k^2-1)}',
    givens: [
      deviation('before mounting', 'G_r', initial, 'box or measured'),
      givenOf('deviation', { decimals: 1 }, 'shaft fit, smoothed')(
        'lost, probable',
        '\\Delta_F',
        initial.probable - onShaft.probable,
      ),
    ],
    source: 'Lamé, thick cylinders',
    validity: 'Middle of the tolerances, give or take the root of the sum of their squares; raceways estimated.',
    estimate: true,
  }
}

function mountedFigure({ onShaft, mounted }: ClearanceSteps): Figure {
  return {
    label: 'Mounted, cold',
    symbol: 'G_m',
    quantity: 'deviation',
    value: span(mounted),
    formula: 'G_m = G_s - \\Delta_E',
    givens: [
      deviation('with the inner ring on', 'G_s', onShaft, 'this lens'),
      {
        label: 'lost, probable',
        symbol: '\\Delta_E',
        quantity: 'deviation',
        value: number(onShaft.probable - mounted.probable),
        from: 'housing fit, smoothed',
      },
    ],
    source: 'Lamé, thick cylinders',
    validity:
      'Middle of the tolerances, give or take the root of the sum of their squares; raceways estimated; a thick housing block unless its wall was entered.',
    estimate: true,
  }
}

function operatingFigure(
  position: RollingPosition,
  { bearing, steps: clearance, fits, clearance: judged }: FloatOutcome,
): Figure {
  const given = { ...position.float, ...runningTemperatures(position) }
  const fromGrease = position.float.outerC === null && given.outerC !== null
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  else if (clearance || !setOnMounting(bearing)) {
    if (!fits.shaft || !fits.housing) missing.push({ field: 'seat.loadCase', label: 'both fits, from Seat' })
    if (given.innerC === null) missing.push({ field: 'float.innerC', label: 'the inner ring’s temperature' })
    if (given.outerC === null) missing.push({ field: 'float.outerC', label: 'the outer ring’s temperature' })
  }
  const temperature = (label: string, symbol: string, value: number | null, from = 'typed'): Given[] =>
    value === null ? [] : [{ label, symbol, quantity: 'temperature', value: number(value), from }]
  const operating = clearance?.operating
  return {
    label: 'Operating clearance',
    symbol: 'G_o',
    quantity: 'deviation',
    value: operating ? span(operating) : bearing && setOnMounting(bearing) ? text('set on mounting') : null,
    formula: 'G_o = G_m - \\alpha\\,(t_i - t_o)\\,\\frac{F+E}{2} - \\Delta_{fits}',
    givens: [
      ...(clearance ? [deviation('mounted, cold', 'G_m', clearance.mounted, 'this lens')] : []),
      ...temperature('inner ring', 't_i', given.innerC),
      ...temperature('outer ring', 't_o', given.outerC, fromGrease ? 'housing temperature, Grease' : 'typed'),
      ...(operating
        ? [
            {
              label: 'probable',
              symbol: '',
              quantity: 'deviation' as const,
              value: number(operating.probable),
              from: 'middle of every tolerance',
            },
            {
              label: 'probable, elements as hot as the inner ring',
              symbol: '',
              quantity: 'deviation' as const,
              value: number(operating.probable - (clearance.hotElementsUm ?? 0)),
              from: 'the other practice',
            },
            extremes('at the very least and most', operating),
            ...(judged?.running && judged.lifeShare !== null && judged.judgedUm < 0
              ? [
                  {
                    label: 'life at the least probable, over L10',
                    symbol: '',
                    quantity: 'ratio' as const,
                    value: number(judged.lifeShare),
                    precision: { figures: 2 },
                    from: 'ISO/TS 16281',
                  },
                ]
              : []),
          ]
        : []),
    ],
    source: 'Lamé, thick cylinders; linear expansion',
    validity:
      'Rolling elements between the rings’ temperatures. Check the fast start too: then the clearance is least.',
    practice: 'elements at the mean of the rings; as hot as the inner ring takes 10 to 20 % more',
    estimate: true,
    ...(missing.length > 0 ? { missing } : {}),
  }
}

/** The class that does here, with all of them beside it. */
function classFigure(
  { decoded }: ResolvedBearing,
  { classes, operating }: ClearanceSteps,
  judged: ClearanceOutcome | null,
): Figure {
  const enough = judged?.lifeShare == null || judged.lifeShare >= leastShare
  const right = enough ? decoded.clearanceClass : judged.betterClass
  return {
    label: operating ? 'Clearance class that does' : 'Clearance class that does, cold',
    symbol: '',
    quantity: 'deviation',
    value: text(right ?? 'none'),
    formula: 'L(G_{least}) \\ge 0.9\\,L_{10}',
    givens: classes.map(({ name, judged: one }) => ({
      label: name === decoded.clearanceClass ? `${name}, in the box` : name,
      symbol: '',
      quantity: 'deviation',
      value: span(one),
      from:
        one.least >= 0 ? 'keeps clearance' : one.probable >= 0 ? 'preloaded at the tight side' : 'probably preloaded',
    })),
    source: 'ISO 5753-1, followed through fits and heat; ISO/TS 16281 for the life',
    validity:
      'Judged by the life at the least probable clearance: a touch of preload helps, too much is a cliff. The machine’s maker has the last word.',
    estimate: true,
  }
}

function endPlayFigure({ float: given, load }: RollingPosition, pair: PairPlay | null): Figure {
  const missing: Missing[] = []
  if (given.endPlayMm === null) missing.push({ field: 'float.endPlayMm', label: 'the end play set cold' })
  if (given.innerC === null) missing.push({ field: 'float.innerC', label: 'the inner ring’s temperature' })
  if (given.outerC === null) missing.push({ field: 'float.outerC', label: 'the outer ring’s temperature' })
  if (given.spanMm === null) missing.push({ field: 'float.spanMm', label: 'the distance between the pair' })
  const mm = givenOf('length', { decimals: 3 })
  const apart = load.arrangement === 'back-to-back'
  return {
    label: pair && pair.hotMm < 0 ? 'Preload, running' : 'End play, running',
    symbol: 's_{hot}',
    quantity: 'length',
    value: pair ? number(pair.hotMm) : null,
    precision: { decimals: 2 },
    formula: apart
      ? 's_{hot} = s_{cold} + \\alpha\\,\\Delta T\\,(L - 2R),\\quad R = \\frac{D_{pw}}{2\\tan\\alpha_0}'
      : 's_{hot} = s_{cold} - \\alpha\\,\\Delta T\\,(L + 2R),\\quad R = \\frac{D_{pw}}{2\\tan\\alpha_0}',
    givens: pair
      ? [
          mm('set cold', 's_{cold}', pair.coldMm, 'typed'),
          mm(apart ? 'longer shaft slackens' : 'longer shaft tightens', '', pair.alongMm, 'linear expansion'),
          mm('wider inner rings tighten', '', pair.acrossMm, 'linear expansion'),
          mm('to the point of the cone', 'R', pair.apexMm, 'estimated pitch and angle'),
        ]
      : [],
    source: 'Geometry of the raceway cones, linear expansion',
    validity: 'Shaft and inner rings at one temperature, housing and outer rings at the other; both of one steel.',
    estimate: true,
    ...(missing.length > 0 ? { missing } : {}),
  }
}

function growthFigure({ float: given }: RollingPosition, outcome: GrowthOutcome | null): Figure {
  const grown = outcome !== null
  const alpha = materialOf(given.shaftMaterial).expansion
  const missing: Missing[] = []
  if (given.spanMm === null) missing.push({ field: 'float.spanMm', label: 'the span' })
  if (given.assemblyC === null) missing.push({ field: 'float.assemblyC', label: 'the shaft temperature at assembly' })
  if (given.hottestC === null) missing.push({ field: 'float.hottestC', label: 'the hottest shaft temperature' })
  // The distance of a pair is asked for its end play, too: alone it asks nothing of the growth.
  const isAsked =
    given.assemblyC !== null || given.hottestC !== null || (given.spanMm !== null && given.endPlayMm === null)
  if (grown && given.locatedEnds !== null && given.locatedEnds !== 2) {
    if (given.roomTowardMm === null) missing.push({ field: 'float.roomTowardMm', label: 'the room toward the growth' })
    if (given.roomAwayMm === null) missing.push({ field: 'float.roomAwayMm', label: 'the room on the other side' })
  }
  return {
    label: 'Shaft expansion',
    symbol: '\\Delta L',
    quantity: 'length',
    value: outcome ? number(outcome.growthMm) : null,
    precision: { decimals: 2 },
    formula: '\\Delta L = \\alpha\\,L\\,(t_{hot} - t_{assembly})',
    givens: grown
      ? [
          {
            label: 'expansion, per million and degree',
            symbol: '\\alpha',
            quantity: 'ratio' as const,
            value: number(alpha * 1e6),
            precision: { decimals: 1 },
            from: shaftMaterialWords[given.shaftMaterial],
          },
          ...(given.spanMm === null
            ? []
            : [
                {
                  label: 'bearing span',
                  symbol: 'L',
                  quantity: 'length' as const,
                  value: number(given.spanMm),
                  precision: { decimals: 0 },
                  from: 'typed',
                },
              ]),
          ...(given.assemblyC === null
            ? []
            : [
                {
                  label: 'shaft at assembly',
                  symbol: 't_{assembly}',
                  quantity: 'temperature' as const,
                  value: number(given.assemblyC),
                  from: 'typed',
                },
              ]),
          ...(given.hottestC === null
            ? []
            : [
                {
                  label: 'shaft at its hottest',
                  symbol: 't_{hot}',
                  quantity: 'temperature' as const,
                  value: number(given.hottestC),
                  from: 'typed',
                },
              ]),
        ]
      : [],
    source: 'Linear expansion; the other practices are the trade’s',
    validity: 'The hottest the shaft will ever be in service, not on the test stand.',
    ...(outcome ? { practices: practiceValues(outcome.practices, number) } : {}),
    // Growth is asked for once one of its inputs is there.
    ...(missing.length > 0 && isAsked ? { missing } : {}),
  }
}

/** Room on the side the shaft does not grow toward, mm: enough for a gasket and a cold morning. */
const otherSideMm = 0.5

/** Where the floating ring starts: most of its room on the growth side. */
function leaveFigure(leaveMm: number, { name, formula, source }: (typeof growthPracticeList)[number]): Figure {
  const mm = givenOf('length', { decimals: 2 })
  return {
    label: 'Leave toward the growth',
    symbol: 's_{toward}',
    quantity: 'length',
    value: number(leaveMm),
    precision: { decimals: 2 },
    formula,
    givens: [
      mm('on the other side', 's_{away}', otherSideMm, 'practice, no more than needed'),
      mm('ring off the middle of its room by', '', Math.max(0, (leaveMm - otherSideMm) / 2), 'half the difference'),
    ],
    source,
    practice: name,
    validity:
      'Depth of housing, ring and spigot measured with the gasket in place. A ring set in the middle wastes half its room.',
  }
}

/** Room that is left, and the thrust and life where there is none. */
function roomFigures(
  { float: given }: RollingPosition,
  { growthMm, practices, leaveMm, room, lifeLeftH }: GrowthOutcome,
): Record<string, Figure> {
  const leading = growthPracticeList.find(({ key }) => key === practices[0]?.key)
  if (!room || !leading) return {}
  const mm = givenOf('length', { decimals: 2 }, 'typed')
  const both = given.locatedEnds === 2
  const figures: Record<string, Figure> = {
    room: {
      label: 'Room left when hot',
      symbol: 'r',
      quantity: 'length',
      value: number(room.residualMm),
      precision: { decimals: 2 },
      formula: both ? 'r = -|\\Delta L|' : 'r = s_{toward} - |\\Delta L|',
      givens: [
        mm('shaft grows', '\\Delta L', growthMm, 'this lens'),
        ...(both || given.roomTowardMm === null
          ? []
          : [mm('room toward the growth', 's_{toward}', given.roomTowardMm)]),
        ...(both || given.roomAwayMm === null ? [] : [mm('room on the other side', '', given.roomAwayMm)]),
        mm('to leave toward the growth', '', leaveMm, leading.name),
      ],
      source: both ? 'Both ends held: only the bearings’ own play is left' : 'Geometry',
    },
  }
  if (given.locatedEnds === 1) figures['leave'] = leaveFigure(leaveMm, leading)
  if (room.thrustN === null || room.verdict !== 'bound') return figures
  figures['thrust'] = {
    label: given.housingStiffnessNPerMm === null ? 'Thrust, at most' : 'Thrust of the held shaft',
    symbol: 'F_T',
    quantity: 'force',
    value: number(room.thrustN),
    precision: { figures: 2 },
    formula:
      'F_T = \\min\\left(|r|\\,k,\\ 250\\,A,\\ \\frac{\\pi^2 E I}{L^2}\\right),\\quad \\frac1k = \\frac{L}{E A} + \\frac{1}{k_h}',
    givens: [
      mm('short of room by', '|r|', Math.abs(room.residualMm), 'this lens'),
      ...(given.spanMm === null ? [] : [mm('between the bearings', 'L', given.spanMm)]),
      ...(given.shaftDiameterMm === null ? [] : [mm('shaft between them', 'd', given.shaftDiameterMm)]),
      given.housingStiffnessNPerMm === null
        ? {
            label: 'housings',
            symbol: 'k_h',
            quantity: 'stiffness' as const,
            value: text('taken as rigid'),
            from: 'not given',
          }
        : givenOf('stiffness', undefined, 'typed')('housings', 'k_h', given.housingStiffnessNPerMm),
    ],
    source: 'Springs in series; yield at 250 MPa; Euler column',
    validity: `An order of magnitude: rigid housings give the upper bound.${
      given.shaftDiameterMm === null ? ' The shaft is taken as thick as its seat.' : ''
    }`,
    estimate: true,
  }
  figures['lifeLeft'] = {
    label: 'Life under that thrust',
    symbol: 'L_{10h}',
    quantity: 'duration',
    value: lifeLeftH === null ? null : lifeLeftH === 0 ? text('none') : number(lifeLeftH),
    precision: { figures: 2 },
    formula: 'L(F_r,\\ F_a + F_T)',
    givens: [givenOf('force', { figures: 2 }, 'this lens')('thrust', 'F_T', room.thrustN)],
    source: 'Carry, with the thrust on top of the axial load',
    validity:
      lifeLeftH === 0
        ? 'The thrust is beyond what the life formulas cover: hours to weeks in practice.'
        : 'As in Carry.',
    estimate: true,
  }
  return figures
}
