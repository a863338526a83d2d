import { runningSpeed } from '../model/running-speed.ts'
import { usualViscosityIndex } from '../lubrication/running-film.ts'
import { overallWidth } from '../catalogue/catalogue.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, refusalOf, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import type { Fill } from './fill.ts'
import { oilFigures } from './oil.ts'
import { warmthFigures } from './warmth-figures.ts'
import { intervalPractice } from './practices/index.ts'
import type { GreaseOutcome } from './work-out.ts'
import { practiceValues } from '../working/practice.ts'
import type { IntervalPractice } from '../model/site-practices.ts'
import type { Machine } from '../model/machine.ts'
import { whence } from '../site/apply.ts'

/** The figures of Grease, with their working. */
export function greaseFigures(
  position: RollingPosition,
  machine: Machine,
  outcome: GreaseOutcome,
): Record<string, Figure> {
  const from = (field: 'viscosityIndex' | 'gramsPerStroke') => whence(position, machine, `grease.${field}`)
  const { bearing, quantity, fill, intervals } = outcome
  const others = intervals?.slice(1).map((one): [string, Figure] => [`interval:${one.key}`, otherFigure(one)])
  return {
    interval: intervalFigure(position, outcome),
    kappa: kappaFigure(position, outcome, from('viscosityIndex')),
    ...Object.fromEntries(others ?? []),
    ...(bearing && quantity ? { quantity: quantityFigure(position, bearing, quantity, from('gramsPerStroke')) } : {}),
    ...(bearing && fill ? { fill: fillFigure(bearing, fill) } : {}),
    ...warmthFigures(position, outcome),
    ...(outcome.oil ? oilFigures(position, outcome.oil) : {}),
  }
}

function base(label: string, key: IntervalPractice): Omit<Figure, 'value' | 'givens'> {
  const { formula, source, validity, name } = intervalPractice(key)
  return {
    label,
    symbol: 't_f',
    quantity: 'duration',
    precision: { figures: 2 },
    formula,
    source,
    validity,
    practice: name,
  }
}

function intervalFigure(position: RollingPosition, outcome: GreaseOutcome): Figure {
  const { intervals, intervalH, missing, sealedForLife, insertInDirt } = outcome
  const [lead] = intervals ?? []
  const figure = base('Relubrication interval', lead?.key ?? 'speed-factor')
  if (position.grease.lubrication === 'oil-bath') return { ...figure, value: text('oil bath'), givens: [] }
  if (sealedForLife) return { ...figure, value: text('greased for life'), givens: [] }
  if (!lead) return { ...figure, value: null, givens: [], missing }
  const { value, refusal } = lead.outcome
  if (insertInDirt && intervalH !== null)
    return {
      ...figure,
      value: number(intervalH),
      formula: 't_f = 1 \\dots 3\\ \\text{months in dirt}',
      practice: 'custom of insert units in dirt',
      givens: value ? factorGivens(value.factors) : [],
    }
  if (refusal) return { ...figure, value: null, givens: [], refusal: refusalOf(refusal) }
  return {
    ...figure,
    value: value && number(value.hoursH),
    givens: value ? factorGivens(value.factors) : [],
    practices: practiceValues(intervals ?? [], ({ hoursH }) => number(hoursH)),
  }
}

function otherFigure({ key, name, outcome }: NonNullable<GreaseOutcome['intervals']>[number]): Figure {
  const { value, refusal } = outcome
  return {
    ...base(`By the ${name}`, key),
    value: value && number(value.hoursH),
    givens: value ? factorGivens(value.factors) : [],
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

const factorWords: Record<string, string> = {
  k: 'all factors',
  baseH: 'before factors, h',
  speedFactor: 'n dm k_f, mm/min',
  bearing: 'type of bearing',
  temperature: 'temperature',
  contamination: 'contamination',
  moisture: 'moisture',
  environment: 'environment, the worse of the two',
  vibration: 'vibration',
  orientation: 'orientation of the shaft',
  load: 'load',
}

function factorGivens(factors: Record<string, number>): Given[] {
  const factor = givenOf('ratio', { figures: 3 }, 'grease tables')
  return Object.entries(factors).map(([name, value]) => factor(factorWords[name] ?? name, '', value))
}

function kappaFigure(position: RollingPosition, { bearing, film }: GreaseOutcome, indexFrom: string): Figure {
  const { grease } = position
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!runningSpeed(position)) missing.push({ field: 'load.speedRpm', label: 'the speed' })
  if (grease.nu40Cst === null) missing.push({ field: 'grease.nu40Cst', label: 'the viscosity of the base oil' })
  if (grease.runningC === null) missing.push({ field: 'grease.runningC', label: 'the running temperature' })
  const figure: Omit<Figure, 'value' | 'givens'> = {
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
    return { ...figure, value: null, givens: [], ...(missing.length ? { missing } : {}) }
  const { value, refusal } = film
  if (refusal) return { ...figure, value: null, givens: [], refusal: refusalOf(refusal) }
  if (!value) return { ...figure, value: null, givens: [] }
  const viscosity = givenOf('viscosity')
  return {
    ...figure,
    value: number(value.kappa),
    givens: [
      viscosity('at running temperature', '\\nu', value.viscosityCst, 'ASTM D341'),
      viscosity('needed', '\\nu_1', value.neededCst, 'ISO 281'),
      givenOf('ratio')(
        'viscosity index',
        'VI',
        grease.viscosityIndex ?? usualViscosityIndex,
        grease.viscosityIndex === null ? 'usual for mineral oil' : indexFrom,
      ),
    ],
  }
}

function quantityFigure(
  { grease }: RollingPosition,
  { row }: ResolvedBearing,
  { quantityG, strokes }: NonNullable<GreaseOutcome['quantity']>,
  gunFrom: string,
): Figure {
  return {
    label: strokes === null ? 'Relubrication quantity' : `Relubrication quantity, ${strokes} strokes`,
    symbol: 'q',
    quantity: 'gunStroke',
    value: number(quantityG),
    formula: grease.port === 'side' ? 'q = 0.005\\,D\\,B' : 'q = 0.002\\,D\\,B',
    givens: [
      givenOf('length', { decimals: 0 }, 'catalogue')('outside diameter', 'D', row.odMm),
      givenOf('length', { decimals: 1 }, 'catalogue')('width', 'B', overallWidth(row)),
      ...(grease.gramsPerStroke === null
        ? []
        : [givenOf('gunStroke')('output per stroke', 'm_s', grease.gramsPerStroke, gunFrom)]),
    ],
    source: 'General published practice',
    validity: 'By weight with the drain open. Weigh ten strokes of this gun: guns differ fivefold.',
    practice: 'by weight; purging until it shows only where the place is open, slow and wet',
  }
}

function fillFigure({ interior }: ResolvedBearing, { fillG, fillPercent }: Fill): Figure {
  return {
    label: `First fill, housing ${fillPercent} %`,
    symbol: 'q_0',
    quantity: 'gunStroke',
    value: number(fillG),
    formula: 'q_0 = 0.9\\left(\\tfrac{\\pi}{4}B(D^2-d^2) - m/\\rho\\right)',
    givens: [
      givenOf('mass', undefined, 'estimate')('mass', 'm', interior.massKg),
      {
        label: 'share of the housing space',
        symbol: '',
        quantity: 'ratio',
        value: text(`${fillPercent} %`),
        from: 'speed against its limit',
      },
    ],
    source: 'General published practice',
    validity: 'The bearing itself is packed full; the housing by the share given.',
    estimate: true,
  }
}
