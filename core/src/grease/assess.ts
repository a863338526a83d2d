import { runningFilm, usualViscosityIndex } from '../carry/running-film.ts'
import { speedLimit } from '../catalogue/speed-limit.ts'
import { runningSpeed } from '../carry/running-speed.ts'
import { overallWidth } from '../catalogue/catalogue.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import { formatNumber } from '../model/units.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { givenOf, number, numberOf, refusalOf, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { greaseCompatibility } from './compatibility.ts'
import { greaseFill } from './fill.ts'
import { greaseInterval } from './interval.ts'
import { greaseQuantity } from './quantity.ts'

/** How often and how much to grease, whether the film holds, and whether two greases may mix. */
export function assessGrease(position: Position, lookup: BearingLookup, loadRatio: number | null): LensAssessment {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const { grease } = position
  const figures: Record<string, Figure> = { interval: intervalFigure(position, bearing, loadRatio) }
  figures['kappa'] = kappaFigure(position, bearing)
  if (bearing && grease.lubrication === 'grease') {
    if (!sealedForLife(bearing)) figures['otherInterval'] = otherSchoolFigure(position, bearing, loadRatio)
    figures['quantity'] = quantityFigure(position, bearing)
    const fill = fillFigure(position, bearing)
    if (fill) figures['fill'] = fill
  }
  return assessLens({
    lens: 'grease',
    headline: 'interval',
    figures,
    checks: [
      ...filmChecks(figures['kappa']),
      ...intervalChecks(position, bearing, figures['interval']),
      ...mixChecks(position),
    ],
    cautions: cautionsOf(position),
    begun: [grease.nu40Cst, grease.runningC, grease.thickener, grease.gramsPerStroke, grease.cleanliness].some(
      (value) => value !== null,
    ),
  })
}

/** Closed on both sides, a bearing is greased once, by its maker. */
const sealedForLife = ({ decoded, row }: ResolvedBearing) => decoded.closedSides === 2 && row.type !== 'insert-ball'

/** The formula where dirt, water or vibration is more than light; the curve for clean machines. */
function defaultMethod({ grease }: Position): 'formula' | 'speed-factor' {
  const clean = grease.contamination === 'light' && grease.moisture === 'dry' && grease.vibration === 'low'
  return clean ? 'speed-factor' : 'formula'
}

const methodWords = { formula: 'interval formula', 'speed-factor': 'speed-factor curve' } as const

function intervalBy(
  method: 'formula' | 'speed-factor',
  position: Position,
  { row }: ResolvedBearing,
  loadRatio: number | null,
) {
  const { grease } = position
  return attempt(() =>
    greaseInterval({
      method,
      bearingType: row.type,
      boreMm: row.boreMm,
      odMm: row.odMm,
      speedRpm: runningSpeed(position)?.meanRpm ?? NaN,
      temperatureC: grease.runningC ?? NaN,
      contamination: grease.contamination,
      moisture: grease.moisture,
      vibration: grease.vibration,
      orientation: grease.orientation,
      ...(loadRatio === null ? {} : { loadRatio: Math.min(loadRatio, 0.35) }),
    }),
  )
}

function intervalMissing(position: Position, bearing: ResolvedBearing | null): Missing[] {
  const { grease } = position
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!runningSpeed(position)) missing.push({ field: 'load.speedRpm', label: 'the speed' })
  if (grease.runningC === null) missing.push({ field: 'grease.runningC', label: 'the running temperature' })
  return missing
}

const formulas = {
  formula: 't_f = K\\left(\\frac{14\\cdot 10^6}{n\\sqrt{d}} - 4d\\right)',
  'speed-factor': 't_f = 30\\,000\\,e^{-n d_m k_f / 250\\,000}\\cdot f_T f_e f_v f_o f_P',
} as const

function intervalFigure(position: Position, bearing: ResolvedBearing | null, loadRatio: number | null): Figure {
  const method = defaultMethod(position)
  const base: Omit<Figure, 'value' | 'givens'> = {
    label: 'Regrease every',
    symbol: 't_f',
    quantity: 'duration',
    precision: { figures: 2 },
    formula: formulas[method],
    source: 'General published practice',
    validity: 'Up to 110 °C, ordinary lithium-class grease. Grease ages: never longer than 30 000 h.',
    school: methodWords[method],
  }
  if (position.grease.lubrication === 'oil-bath') return { ...base, value: text('oil bath'), givens: [] }
  if (bearing && sealedForLife(bearing)) return { ...base, value: text('greased for life'), givens: [] }
  const missing = intervalMissing(position, bearing)
  if (!bearing || missing.length > 0) return { ...base, value: null, givens: [], missing }
  const { value, refusal } = intervalBy(method, position, bearing, loadRatio)
  if (refusal) return { ...base, value: null, givens: [], refusal: refusalOf(refusal) }
  return { ...base, value: number(value.hoursH), givens: factorGivens(value.factors) }
}

function otherSchoolFigure(position: Position, bearing: ResolvedBearing, loadRatio: number | null): Figure {
  const method = defaultMethod(position) === 'formula' ? 'speed-factor' : 'formula'
  const base: Omit<Figure, 'value' | 'givens'> = {
    label: 'By the other school',
    symbol: 't_f',
    quantity: 'duration',
    precision: { figures: 2 },
    formula: formulas[method],
    source: 'General published practice',
    school: methodWords[method],
  }
  const missing = intervalMissing(position, bearing)
  if (missing.length > 0) return { ...base, value: null, givens: [], missing }
  const { value, refusal } = intervalBy(method, position, bearing, loadRatio)
  return refusal
    ? { ...base, value: null, givens: [], refusal: refusalOf(refusal) }
    : { ...base, value: number(value.hoursH), givens: factorGivens(value.factors) }
}

const factorWords: Record<string, string> = {
  k: 'all factors',
  baseH: 'before factors, h',
  speedFactor: 'n dm k_f, mm/min',
}

function factorGivens(factors: Record<string, number>): Given[] {
  return Object.entries(factors).map(([name, value]) => ({
    label: factorWords[name] ?? name,
    symbol: '',
    quantity: 'ratio',
    value: number(value),
    precision: { figures: 3 },
    from: 'grease tables',
  }))
}

function kappaFigure(position: Position, bearing: ResolvedBearing | null): Figure {
  const { grease } = position
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!runningSpeed(position)) missing.push({ field: 'load.speedRpm', label: 'the speed' })
  if (grease.nu40Cst === null) missing.push({ field: 'grease.nu40Cst', label: 'the viscosity of the base oil' })
  if (grease.runningC === null) missing.push({ field: 'grease.runningC', label: 'the running temperature' })
  const base: Omit<Figure, 'value' | 'givens'> = {
    label: 'Viscosity ratio',
    symbol: '\\kappa',
    quantity: 'ratio',
    precision: { decimals: 2 },
    formula:
      '\\kappa = \\nu / \\nu_1,\\quad \\nu_1 = \\begin{cases}45000\\,n^{-0.83}D_{pw}^{-0.5} & n<1000\\\\ 4500\\,n^{-0.5}D_{pw}^{-0.5} & n\\ge 1000\\end{cases}',
    source: 'ISO 281:2007, clause 9; ASTM D341',
    validity: '1 to 4 is good; below 1 the surfaces touch, above 4 nothing is gained but heat.',
  }
  if (!bearing || missing.length > 0)
    return { ...base, value: null, givens: [], ...(missing.length ? { missing } : {}) }
  const { value, refusal } = attempt(() => runningFilm(position, bearing))
  if (refusal) return { ...base, value: null, givens: [], refusal: refusalOf(refusal) }
  if (!value) return { ...base, value: null, givens: [] }
  const viscosity = givenOf('viscosity')
  return {
    ...base,
    value: number(value.kappa),
    givens: [
      viscosity('at running temperature', '\\nu', value.viscosityCst, 'ASTM D341'),
      viscosity('needed', '\\nu_1', value.neededCst, 'ISO 281'),
      {
        label: 'viscosity index',
        symbol: 'VI',
        quantity: 'ratio',
        value: number(grease.viscosityIndex ?? usualViscosityIndex),
        from: grease.viscosityIndex === null ? 'usual for mineral oil' : 'typed',
      },
    ],
  }
}

function quantityFigure({ grease }: Position, { row }: ResolvedBearing): Figure {
  const widthMm = overallWidth(row)
  const { quantityG, strokes } = greaseQuantity({
    odMm: row.odMm,
    widthMm,
    port: grease.port,
    ...(grease.gramsPerStroke === null ? {} : { gramsPerStroke: grease.gramsPerStroke }),
  })
  return {
    label: strokes === null ? 'Each time' : `Each time, ${strokes} strokes`,
    symbol: 'q',
    quantity: 'gunStroke',
    value: number(quantityG),
    formula: grease.port === 'side' ? 'q = 0.005\\,D\\,B' : 'q = 0.002\\,D\\,B',
    givens: [
      {
        label: 'outside diameter',
        symbol: 'D',
        quantity: 'length',
        value: number(row.odMm),
        precision: { decimals: 0 },
        from: 'catalogue',
      },
      {
        label: 'width',
        symbol: 'B',
        quantity: 'length',
        value: number(widthMm),
        precision: { decimals: 1 },
        from: 'catalogue',
      },
    ],
    source: 'General published practice',
    validity: 'By weight with the drain open. Weigh ten strokes of this gun: guns differ fivefold.',
    school: 'by weight; purging until it shows only where the place is open, slow and wet',
  }
}

function fillFigure(position: Position, { row, interior }: ResolvedBearing): Figure | null {
  const speed = runningSpeed(position)
  if (!speed) return null
  const { value } = attempt(() =>
    greaseFill({
      boreMm: row.boreMm,
      odMm: row.odMm,
      widthMm: overallWidth(row),
      massKg: interior.massKg,
      bearingType: row.type,
      speedRpm: speed.meanRpm,
      ndmLimit: speedLimit(row.type, 'grease'),
    }),
  )
  if (!value) return null
  return {
    label: `First fill, housing ${value.fillPercent} %`,
    symbol: 'q_0',
    quantity: 'gunStroke',
    value: number(value.fillG),
    formula: 'q_0 = 0.9\\left(\\tfrac{\\pi}{4}B(D^2-d^2) - m/\\rho\\right)',
    givens: [
      { label: 'mass', symbol: 'm', quantity: 'mass', value: number(interior.massKg), from: 'estimate' },
      {
        label: 'share of the housing space',
        symbol: '',
        quantity: 'ratio',
        value: text(`${value.fillPercent} %`),
        from: 'speed against its limit',
      },
    ],
    source: 'General published practice',
    validity: 'The bearing itself is packed full; the housing by the share given.',
    estimate: true,
  }
}

function filmChecks(kappa: Figure | undefined): Check[] {
  const ratio = numberOf(kappa)
  if (ratio === null) return []
  const shown = formatNumber(ratio, { decimals: 2 })
  if (ratio < 0.1)
    return [
      {
        key: 'film',
        verdict: 'stop',
        reason: `The viscosity ratio is ${shown}: there is no film.`,
        wayOut: 'Take a much thicker oil, or judge by static safety and wear.',
        field: 'grease.nu40Cst',
      },
    ]
  if (ratio < 1)
    return [
      {
        key: 'film',
        verdict: 'watch',
        reason: `The viscosity ratio is ${shown}: the surfaces touch.`,
        wayOut:
          ratio < 0.4
            ? 'Take a thicker oil; until then one with EP or anti-wear additives.'
            : 'Aim at 1.5 to 2: the next thicker grade, or a cooler bearing.',
        field: 'grease.nu40Cst',
      },
    ]
  return [
    {
      key: 'film',
      verdict: 'go',
      reason: `The viscosity ratio is ${shown}: the film holds${ratio > 4 ? ', thicker than it need be' : ''}.`,
      wayOut: 'Keep the grade when the grease is changed.',
    },
  ]
}

function intervalChecks({ grease }: Position, bearing: ResolvedBearing | null, figure: Figure | undefined): Check[] {
  if (!bearing || grease.lubrication === 'oil-bath') return []
  if (figure?.refusal)
    return [
      {
        key: 'interval',
        verdict: 'stop',
        reason: `${figure.refusal.message}.`,
        wayOut: figure.refusal.fix,
        field: 'grease.runningC',
      },
    ]
  const hours = numberOf(figure)
  if (hours === null) return []
  return hours < 24
    ? [
        {
          key: 'interval',
          verdict: 'watch',
          reason: `It needs grease every ${inSentence(hours, 'duration', 2)}: more often than anybody comes by.`,
          wayOut: 'Fit an automatic lubricator, use oil, or take a bearing that needs less.',
          field: 'grease.contamination',
        },
      ]
    : [
        {
          key: 'interval',
          verdict: 'go',
          reason: `Grease every ${inSentence(hours, 'duration', 2)}.`,
          wayOut: 'Little and often; drain open, shaft turning where that is safe.',
        },
      ]
}

function mixChecks({ grease: { thickener, thickenerBefore } }: Position): Check[] {
  if (thickener === null || thickenerBefore === null) return []
  const { verdict } = greaseCompatibility({ a: thickener, b: thickenerBefore })
  const pair = `${thickener.replace(/-/g, ' ')} on ${thickenerBefore.replace(/-/g, ' ')}`
  switch (verdict) {
    case 'compatible':
      return [
        {
          key: 'mix',
          verdict: 'go',
          reason: `Thickeners of ${pair} may mix.`,
          wayOut: 'Purge, then regrease twice at half the interval; check the base oils too.',
        },
      ]
    case 'borderline':
      return [
        {
          key: 'mix',
          verdict: 'watch',
          reason: `Thickeners of ${pair} are borderline.`,
          wayOut: 'Clean as far as possible and halve the first two intervals.',
          field: 'grease.thickener',
        },
      ]
    case 'incompatible':
      return [
        {
          key: 'mix',
          verdict: 'stop',
          reason: `Thickeners of ${pair} ruin each other.`,
          wayOut: 'Open, strip and wash, then refill; relabel the nipple.',
          field: 'grease.thickener',
        },
      ]
    default:
      return verdict satisfies never
  }
}

function cautionsOf({ grease }: Position): string[] {
  const site = 'Site rules, the maker’s manual and local codes come first; the responsible person decides.'
  return grease.lubrication === 'oil-bath'
    ? ['Oil stands at the middle of the lowest rolling element at standstill; higher churns, lower starves.', site]
    : [
        'Guards stay on. Stop if the back-pressure rises: grease pushes seals out and floods windings.',
        'Never spin a bearing with compressed air, washed or not.',
        site,
      ]
}
