import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, range, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { clearanceMade } from '../words/vocabulary.ts'
import { runningTemperatures, setOnMounting, type ClearanceSteps, type Span } from './clearance-steps.ts'
import { leastShare, type ClearanceOutcome, type FloatOutcome } from './work-out.ts'

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

export function initialFigure(
  { float: given }: RollingPosition,
  { decoded }: ResolvedBearing,
  { initial, fromMaker }: ClearanceSteps,
): Figure {
  return {
    label: given.measuredUm === null ? 'Initial internal clearance' : 'Initial clearance, as measured',
    symbol: 'G_r',
    quantity: 'deviation',
    value: span(initial),
    formula: fromMaker ? 'G_r = \\text{maker’s value}' : 'G_r = \\text{table}(d,\\ \\text{class})',
    givens: [
      {
        label: 'class',
        symbol: '',
        quantity: 'ratio',
        value: text(decoded.clearanceClass ?? 'none'),
        from: 'Identify',
      },
    ],
    source: given.measuredUm !== null ? 'Measured before mounting' : fromMaker ? 'Maker’s list' : 'ISO 5753-1',
  }
}

export function onShaftFigure({ initial, onShaft }: ClearanceSteps): Figure {
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

export function mountedFigure({ onShaft, mounted }: ClearanceSteps): Figure {
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

export function operatingFigure(
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
  const hot = clearance?.elements === 'as-inner-ring'
  return {
    label: 'Operating clearance',
    symbol: 'G_o',
    quantity: 'deviation',
    value: operating
      ? span(operating)
      : bearing && setOnMounting(bearing)
        ? text(clearanceMade(bearing.decoded.features))
        : null,
    formula: hot
      ? 'G_o = G_m - \\alpha\\,(t_i - t_o)\\,E - \\Delta_{fits}'
      : 'G_o = G_m - \\alpha\\,(t_i - t_o)\\,\\frac{F+E}{2} - \\Delta_{fits}',
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
              label: hot ? 'probable, elements between the rings' : 'probable, elements as hot as the inner ring',
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
    validity: `Rolling elements ${hot ? 'as hot as the inner ring' : 'between the rings’ temperatures'}. Check the fast start too: then the clearance is least.`,
    practice: hot
      ? 'elements as hot as the inner ring; at the mean of the rings takes 10 to 20 % less'
      : 'elements at the mean of the rings; as hot as the inner ring takes 10 to 20 % more',
    estimate: true,
    ...(missing.length > 0 ? { missing } : {}),
  }
}

/** The class that does here, with all of them beside it. */
export function classFigure(
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
