import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import { closureWords } from '../words/vocabulary.ts'
import type { Chill } from './cold/chill.ts'
import { coldFigures } from './cold/figures.ts'
import { coolantWords } from './cold/words.ts'
import { heatingLimit } from './heat.ts'
import { mountingMethods } from './methods.ts'
import { forceFigures } from './force/figures.ts'
import { padFigures } from './pad/figures.ts'
import { wayWords } from './words.ts'
import { heatTarget, isHeated, type HotMount, type MountOutcome } from './work-out.ts'

/** The figures of Mount, with their working. */
export function mountFigures(position: RollingPosition, outcome: MountOutcome): Record<string, Figure> {
  const target = heatTarget(outcome)
  return {
    ...wayFigures(position, outcome),
    ...(outcome.pad && target ? padFigures(outcome.pad, target) : {}),
    ...coldFigures(outcome.cold),
    ...(outcome.force ? forceFigures(outcome.force, outcome.hot?.tightestUm ?? null) : {}),
  }
}

function wayFigures(position: RollingPosition, outcome: MountOutcome): Record<string, Figure> {
  const { bearing, way, hot, taper, pressN } = outcome
  if (bearing && taper !== null && !outcome.cannotHold) return taperFigures(position, outcome, bearing, taper)
  const heated = way === null || isHeated(way) || way === 'none'
  const chilled = chillFigure(outcome)
  return {
    ...(heated ? { ring: ringFigure(position, outcome) } : {}),
    ...(hot ? { room: roomFigure(position, hot, bearing) } : {}),
    ...(bearing ? { limit: limitFigure(bearing) } : {}),
    ...(pressN !== null && hot ? { press: pressFigure(hot, pressN) } : {}),
    ...(bearing ? { method: methodFigure(position, outcome) } : {}),
    ...(chilled ? { chill: chilled } : {}),
  }
}

const degrees = givenOf('temperature')
const micrometres = givenOf('deviation')

function boreGiven({ row }: ResolvedBearing): Given {
  const decimals = Number.isInteger(row.boreMm) ? 0 : 2
  return givenOf('length', { decimals }, 'catalogue')('bore', 'd', row.boreMm)
}

function hotGivens({ mount }: RollingPosition, hot: HotMount, bearing: ResolvedBearing | null): Given[] {
  return [
    degrees('shaft', 'T_{shaft}', hot.roomC, 'typed'),
    givenOf('temperatureRise')('allowance for cooling in handling', '\\Delta T_{cool}', hot.coolingK, mount.coolingC === null ? 'usual value' : 'typed'), // prettier-ignore
    micrometres('tightest fit', 'I_{max}', hot.tightestUm, 'Seat'),
    ...(bearing ? [boreGiven(bearing)] : []),
  ]
}

function ringFigure(position: RollingPosition, { hot, missing, bearing }: MountOutcome): Figure {
  return {
    label: 'Heat the ring to',
    symbol: 'T_{ring}',
    quantity: 'temperature',
    value: hot ? number(hot.aimC) : null,
    formula: `T_{ring} = \\min(${hot?.highestC ?? 110},\\ T_{limit})`,
    givens: hot ? [degrees('limit', 'T_{limit}', hot.limitC, 'closure'), ...hotGivens(position, hot, bearing)] : [],
    source: 'Mounting practice',
    validity: 'Probe on the inner ring. The room that is left at this aim decides whether it will do.',
    ...(missing.length > 0 ? { missing } : {}),
  }
}

function roomFigure(position: RollingPosition, hot: HotMount, bearing: ResolvedBearing | null): Figure {
  return {
    label: 'Room left at the aim',
    symbol: 'r',
    quantity: 'deviation',
    value: number(hot.leftUm),
    formula: 'r = 0.012\\,d\\,(T_{ring} - T_{shaft} - \\Delta T_{cool}) - I_{max}',
    givens: [
      degrees('ring', 'T_{ring}', hot.aimC, 'this lens'),
      ...hotGivens(position, hot, bearing),
      micrometres('growth of the bore', '', hot.growthUm, 'linear expansion'),
      micrometres(
        'room wanted',
        '',
        hot.wantedUm,
        position.mount.slipUm === null ? 'a ten-thousandth of the bore, at least 5 µm' : 'typed',
      ),
    ],
    source: 'Linear expansion of bearing steel, 12·10⁻⁶ per degree',
  }
}

function pressFigure(hot: HotMount, pressN: number): Figure {
  return {
    label: 'Press-fit force, cold',
    symbol: 'F',
    quantity: 'force',
    value: number(pressN),
    precision: { figures: 2 },
    formula: 'F = \\mu\\,p\\,\\pi\\,d\\,B',
    givens: [
      micrometres('tightest fit', 'I', hot.tightestUm, 'Seat'),
      givenOf('ratio', { decimals: 2 })('friction', '\\mu', 0.15, 'oiled, usual'),
    ],
    source: 'Lamé, thick cylinders; steel on steel',
    validity: 'At the end of its travel; pulling off takes half as much again, more when fretted.',
    estimate: true,
  }
}

/** The way that is chosen, with every tool and why it will do or not. */
function methodFigure(position: RollingPosition, outcome: MountOutcome): Figure {
  const methods = mountingMethods(position, outcome)
  const [best] = methods
  const named = best && best.verdict !== 'stop' ? best.label : null
  const { way } = outcome
  const label =
    way === 'heated'
      ? (named ?? wayWords.heated)
      : way === 'heated-shaft-chilled'
        ? `${named ?? 'heater'}, and the shaft chilled`
        : way === null
          ? (named ?? wayWords.none)
          : wayWords[way]
  return {
    label: 'Way of mounting',
    symbol: '',
    quantity: 'ratio',
    value: text(label),
    formula: '\\text{size, seat, fit, closure, tools}',
    givens: methods.map(({ label: tool, reason, inShop }) => ({
      label: tool,
      symbol: '',
      quantity: 'ratio',
      value: text(reason),
      from: inShop ? 'in the shop' : 'not in this shop',
    })),
    source: 'Mounting practice',
  }
}

function limitFigure({ decoded }: ResolvedBearing): Figure {
  const { limitC, why } = heatingLimit(decoded.closure)
  const cage = decoded.features.includes('polyamide-cage') ? 'polyamide, to 120 °C' : 'follows the ring'
  return {
    label: 'Heating limit',
    symbol: 'T_{limit}',
    quantity: 'temperature',
    value: number(limitC),
    formula: 'T_{limit} = \\min(\\text{closure},\\ \\text{cage},\\ \\text{steel})',
    givens: [
      degrees(closureWords[decoded.closure], '', limitC, why),
      { label: 'cage', symbol: '', quantity: 'ratio', value: text(cage), from: 'suffix' },
      degrees('ring steel', '', 120, 'standard rings change size above'),
    ],
    source: 'Mounting practice',
    validity: 'Other practices: 80 °C for anything greased for life; about 95 °C also for open bearings.',
    practice: 'by closure',
  }
}

const chillWords: Record<Chill['verdict'], string> = {
  ok: 'slides in',
  insufficient: 'is not enough',
  'not-permitted': 'not for a whole bearing',
  'no-chill': 'is not needed',
}

/** How far the bearing shrinks for a tight housing; null where it goes in by itself. */
function chillFigure({ chilled, tightestHousingUm }: MountOutcome): Figure | null {
  const usual = chilled.find(({ coolant }) => coolant === 'dry-ice')
  if (!usual || tightestHousingUm === null) return null
  return {
    label: 'Shrinkage when chilled for its housing',
    symbol: '\\Delta D',
    quantity: 'deviation',
    value: number(usual.chill.shrinkUm),
    formula: '\\Delta D = D\\,(\\varepsilon(T_{room}) - \\varepsilon(T_{cold}))',
    givens: [
      micrometres('tightest in the housing', 'I', tightestHousingUm, 'Seat'),
      ...chilled.flatMap(({ coolant, chill: { verdict, ringC, shrinkUm } }): Given[] => [
        micrometres(coolantWords[coolant], '', shrinkUm, chillWords[verdict]),
        degrees(`${coolantWords[coolant]}, bearing at`, '', ringC, 'coolant, or the least it is taken to'),
      ]),
    ],
    source: 'Contraction of steel to 77 K; dry ice shown',
    validity: 'A complete standard bearing is not taken below −50 °C without its maker’s word.',
  }
}

/** A tapered bore: by the turn of its nut, or by the loss of its clearance. */
function taperFigures(
  position: RollingPosition,
  outcome: MountOutcome,
  bearing: ResolvedBearing,
  taper: 12 | 30,
): Record<string, Figure> {
  const method = methodFigure(position, outcome)
  const { nutTurn, driveUp } = outcome
  if (nutTurn) {
    const base = {
      source: 'Mounting practice for self-aligning ball bearings, taper 1:12',
      givens: [boreGiven(bearing)],
    }
    return {
      ring: {
        ...base,
        label: 'Nut tightening angle',
        symbol: '\\alpha',
        quantity: 'angle',
        value: number(nutTurn.angleDeg),
        precision: { decimals: 0 },
        formula: '\\alpha = \\text{table}(d)',
        validity: 'From hand-tight contact; then the outer ring turns freely and swivels with a slight drag.',
      },
      travel: {
        ...base,
        label: 'Travel along the taper',
        symbol: 's_a',
        quantity: 'length',
        value: number(nutTurn.travelMm),
        precision: { decimals: 2 },
        formula: 's_a = \\text{table}(d)',
      },
      method,
    }
  }
  const value = driveUp?.value ?? null
  const words = (label: string, said: string): Given => ({ label, symbol: '', quantity: 'ratio', value: text(said), from: 'suffix' }) // prettier-ignore
  const base = {
    source: 'Mounting practice for spherical and toroidal roller bearings',
    givens: [
      boreGiven(bearing),
      words('taper', `1:${taper}`),
      words('class', bearing.decoded.clearanceClass ?? 'none'),
    ],
  }
  const unavailable = {
    field: 'bearing.designation',
    message: 'No drive-up table for this type, bore or clearance class',
    fix: 'Use the maker’s drive-up figures.',
  }
  const figures: Record<string, Figure> = {
    ring: {
      ...base,
      label: 'Required clearance reduction',
      symbol: '\\Delta G_r',
      quantity: 'deviation',
      value: value ? range(value.reductionMinUm, value.reductionMaxUm) : null,
      formula: '\\Delta G_r = \\text{table}(d)',
      validity: 'Clearance is the master, axial travel the check.',
      ...(value ? {} : { refusal: driveUp?.refusal ? refusalOf(driveUp.refusal) : unavailable }),
    },
    method,
  }
  if (!value) return figures
  return {
    ...figures,
    travel: {
      ...base,
      label: 'Travel along the taper',
      symbol: 's_a',
      quantity: 'length',
      value: range(value.axialMinMm, value.axialMaxMm),
      precision: { decimals: 2 },
      formula: 's_a = \\text{table}(d,\\ \\text{taper})',
    },
    residual: {
      ...base,
      label: 'Minimum residual clearance',
      symbol: 'G_{min}',
      quantity: 'deviation',
      value: number(value.residualMinUm),
      formula: 'G_{min} = \\text{table}(d,\\ \\text{class})',
    },
  }
}
