import { taperOf } from '../catalogue/decode-designation.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { number, numberOf, range, refusalOf, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { chill } from './chill.ts'
import { driveUp } from './drive-up.ts'
import { defaultSlipClearance, heat, heatingLimit, type Heat } from './heat.ts'
import { mountingMethods } from './methods.ts'
import { nutAngle } from './nut-angle.ts'
import { press } from './press.ts'

/** How hot the ring has to be, and how hot it may be; a tapered bore is driven up instead. */
export function assessMount(
  position: Position,
  lookup: BearingLookup,
  shaftMaxUm: number | null,
  housingMaxUm: number | null = null,
): LensAssessment {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const taper = bearing && taperOf(bearing.decoded)
  if (bearing && taper !== null) return assessDriveUp(position, bearing, taper)
  const { mount } = position
  // Where the rollers run on the shaft nothing is shrunk onto it.
  const interferenceMaxUm = mount.holding === 'no-inner-ring' ? 0 : shaftMaxUm
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  else if (interferenceMaxUm === null) missing.push({ field: 'seat.loadCase', label: 'the shaft fit, from Seat' })
  if (mount.roomC === null) missing.push({ field: 'mount.roomC', label: 'the shaft temperature' })
  const inputs =
    bearing && interferenceMaxUm !== null && mount.roomC !== null
      ? { bearing, interferenceMaxUm, roomC: mount.roomC }
      : null
  const outcome = inputs
    ? attempt(() =>
        heat({
          boreMm: inputs.bearing.row.boreMm,
          interferenceMaxUm: inputs.interferenceMaxUm,
          roomC: inputs.roomC,
          closure: inputs.bearing.decoded.closure,
          slipClearanceUm: mount.slipUm ?? undefined,
          toleranceForCoolingC: mount.coolingC ?? undefined,
        }),
      )
    : null
  const heated = outcome?.value ?? null
  const givens = inputs ? heatGivens(position, inputs) : []
  const figures: Record<string, Figure> = {
    ring: {
      label: 'Heat the ring to',
      symbol: 'T_{ring}',
      quantity: 'temperature',
      value: heated ? number(heated.ringC) : null,
      formula: 'T_{ring} = T_{shaft} + \\frac{I_{max} + s}{0.012\\,d} + \\Delta T_{cool}',
      givens,
      source: 'Linear expansion of bearing steel, 12·10⁻⁶ per degree',
      validity: 'Probe on the inner ring. The usual aim is 80 to 90 °C over the shaft, not above 110 °C.',
      ...(missing.length > 0 ? { missing } : {}),
      ...(outcome?.refusal ? { refusal: refusalOf(outcome.refusal) } : {}),
    },
  }
  if (heated && inputs) {
    figures['rise'] = {
      label: 'Rise over the shaft',
      symbol: '\\Delta T',
      quantity: 'temperatureRise',
      value: number(heated.riseC),
      formula: '\\Delta T = \\frac{I_{max} + s}{0.012\\,d} + \\Delta T_{cool}',
      givens,
      source: 'Linear expansion of bearing steel',
    }
  }
  if (bearing) {
    figures['limit'] = limitFigure(bearing)
    const pressed = inputs ? pressForce(position, inputs.bearing, inputs.interferenceMaxUm) : null
    if (pressed) figures['press'] = pressed
    figures['method'] = methodFigure(position, bearing, heated, pressed ? numberOf(pressed) : null)
    const chilled = chillFigure(bearing, housingMaxUm, mount.roomC)
    if (chilled) figures['chill'] = chilled
  }
  return assessLens({
    lens: 'mount',
    headline: 'ring',
    figures,
    checks: heated && bearing ? [mount.holding === 'no-inner-ring' ? noInnerRing : heatCheck(heated, bearing)] : [],
    cautions: [
      ...(heated && heated.verdict === 'no-heat' ? coldCautions : hotCautions),
      ...(figures['chill'] ? frostCautions : []),
    ],
  })
}

/** Force that presses the ring home cold, at the tightest fit. */
function pressForce({ seat }: Position, { row, interior }: ResolvedBearing, interferenceUm: number): Figure | null {
  if (interferenceUm <= 0) return null
  const { value } = attempt(() =>
    press({
      boreMm: row.boreMm,
      widthMm: row.widthMm,
      innerRacewayMm: interior.innerRacewayMm,
      shaftBoreMm: seat.shaftBoreMm ?? 0,
      interferenceUm,
      finish: seat.finish,
    }),
  )
  if (!value) return null
  return {
    label: 'Pressed cold it takes',
    symbol: 'F',
    quantity: 'force',
    value: number(value.forceN),
    precision: { figures: 2 },
    formula: 'F = \\mu\\,p\\,\\pi\\,d\\,B',
    givens: [
      { label: 'tightest fit', symbol: 'I', quantity: 'deviation', value: number(interferenceUm), from: 'Seat' },
      { label: 'friction', symbol: '\\mu', quantity: 'ratio', value: number(0.15), from: 'oiled, usual' },
    ],
    source: 'Lamé, thick cylinders; steel on steel',
    validity: 'At the end of its travel; pulling off takes half as much again, more when fretted.',
    estimate: true,
  }
}

const coolants = [
  ['freezer', 'freezer'],
  ['dry-ice', 'dry ice'],
  ['liquid-nitrogen', 'liquid nitrogen'],
] as const
const chillWords = {
  ok: 'slides in',
  insufficient: 'is not enough',
  'not-permitted': 'not for a whole bearing',
  'no-chill': 'is not needed',
} as const

/** How far the bearing shrinks for a tight housing; null where it goes in by itself. */
function chillFigure({ row }: ResolvedBearing, housingMaxUm: number | null, roomC: number | null): Figure | null {
  if (housingMaxUm === null || housingMaxUm <= 0 || roomC === null || roomC < -10 || roomC > 50) return null
  const outcomes = coolants.map(([coolant, label]) => ({
    label,
    ...chill({ odMm: row.odMm, interferenceMaxUm: housingMaxUm, roomC, coolant }),
  }))
  const usual = outcomes[1]
  if (!usual) return null
  return {
    label: 'Chilled for its housing, shrinks',
    symbol: '\\Delta D',
    quantity: 'deviation',
    value: number(usual.shrinkUm),
    formula: '\\Delta D = D\\,(\\varepsilon(T_{room}) - \\varepsilon(T_{cold}))',
    givens: [
      {
        label: 'tightest in the housing',
        symbol: 'I',
        quantity: 'deviation',
        value: number(housingMaxUm),
        from: 'Seat',
      },
      ...outcomes.map(({ label, verdict, ringC, shrinkUm }): Given => ({
        label,
        symbol: '',
        quantity: 'deviation',
        value: number(shrinkUm),
        from: `${chillWords[verdict]}, at ${inSentence(ringC, 'temperature')}`,
      })),
    ],
    source: 'Contraction of steel to 77 K; dry ice shown',
    validity: 'A complete standard bearing is not taken below −50 °C without its maker’s word.',
  }
}

const frostCautions = [
  'Dry ice and nitrogen: gloves and goggles, open air or good draught; carbon dioxide and nitrogen displace the air, above all in pits.',
  'Wipe the frost off and oil it at once: it rusts where it thaws.',
]

/** The way of mounting that is proposed, with every other one and why it will do or not. */
function methodFigure(
  position: Position,
  bearing: ResolvedBearing,
  heated: Heat | null,
  pressN: number | null,
): Figure {
  const methods = mountingMethods(position, bearing, heated, pressN)
  const [best] = methods
  return {
    label: 'Way of mounting',
    symbol: '',
    quantity: 'ratio',
    value: best && best.verdict !== 'stop' ? text(best.label) : text('none of these'),
    formula: '\\text{size, seat, fit, closure, tools}',
    givens: methods.map(({ label, verdict, reason, inShop }) => ({
      label,
      symbol: verdict,
      quantity: 'ratio',
      value: text(reason),
      from: inShop ? 'in the shop' : 'not in this shop',
    })),
    source: 'Mounting practice',
  }
}

function heatGivens(
  { mount }: Position,
  { bearing, interferenceMaxUm, roomC }: { bearing: ResolvedBearing; interferenceMaxUm: number; roomC: number },
): Given[] {
  const slipUm = mount.slipUm ?? defaultSlipClearance(bearing.row.boreMm)
  return [
    { label: 'shaft', symbol: 'T_{shaft}', quantity: 'temperature', value: number(roomC), from: 'typed' },
    { label: 'tightest fit', symbol: 'I_{max}', quantity: 'deviation', value: number(interferenceMaxUm), from: 'Seat' },
    {
      label: 'room to slide',
      symbol: 's',
      quantity: 'deviation',
      value: number(slipUm),
      from: mount.slipUm === null ? 'half a thousandth of the bore' : 'typed',
    },
    {
      label: 'bore',
      symbol: 'd',
      quantity: 'length',
      value: number(bearing.row.boreMm),
      precision: { decimals: Number.isInteger(bearing.row.boreMm) ? 0 : 2 },
      from: 'catalogue',
    },
    {
      label: 'lost on the way',
      symbol: '\\Delta T_{cool}',
      quantity: 'temperatureRise',
      value: number(mount.coolingC ?? 10),
      from: mount.coolingC === null ? 'usual value' : 'typed',
    },
  ]
}

function limitFigure({ decoded }: ResolvedBearing): Figure {
  const { limitC, why } = heatingLimit(decoded.closure)
  const cage = decoded.features.includes('polyamide-cage') ? 'polyamide, to 120 °C' : 'follows the ring'
  return {
    label: 'Never over',
    symbol: 'T_{limit}',
    quantity: 'temperature',
    value: number(limitC),
    formula: 'T_{limit} = \\min(\\text{closure},\\ \\text{cage},\\ \\text{steel})',
    givens: [
      {
        label: decoded.closure,
        symbol: '',
        quantity: 'temperature',
        value: number(limitC),
        from: why,
      },
      { label: 'cage', symbol: '', quantity: 'ratio', value: { kind: 'text', text: cage }, from: 'suffix' },
      {
        label: 'ring steel',
        symbol: '',
        quantity: 'temperature',
        value: number(120),
        from: 'standard rings change size above',
      },
    ],
    source: 'Mounting practice',
    validity: 'Other schools: 80 °C for anything greased for life; about 95 °C also for open bearings.',
    school: 'by closure',
  }
}

const noInnerRing: Check = {
  key: 'heat',
  verdict: 'go',
  reason: 'There is no inner ring to heat: the rollers run on the shaft.',
  wayOut:
    'Look at the path on the shaft first: it is the raceway, hardened and ground. Oil it, and turn the shaft as it goes in.',
}

function heatCheck(heated: Heat, { decoded, row }: ResolvedBearing): Check {
  const degrees = (value: number) => inSentence(value, 'temperature')
  switch (heated.verdict) {
    case 'no-heat':
      return {
        key: 'heat',
        verdict: 'go',
        reason: 'The ring slides on cold.',
        wayOut: 'Oil the seat, push square, never through the rolling elements.',
      }
    case 'ok':
      return {
        key: 'heat',
        verdict: 'go',
        reason: `${degrees(heated.ringC)} is enough, ${degrees(heated.limitC)} the limit.`,
        wayOut: 'One move to the shoulder and hold it there until it grips.',
      }
    case 'near-limit':
      return {
        key: 'heat',
        verdict: 'watch',
        reason: `${degrees(heated.ringC)} is close to the limit of ${degrees(heated.limitC)}: a thermometer error already matters.`,
        wayOut: 'Contact probe on the inner ring, shaft at room temperature, shortest way to the seat.',
        field: 'mount.roomC',
      }
    case 'over-limit':
      return {
        key: 'heat',
        verdict: 'stop',
        reason: `${degrees(heated.ringC)} would be needed, and a${decoded.closure === 'open' ? 'n open' : ` ${decoded.closure.replace(/-/g, ' ')}`} bearing must not pass ${degrees(heated.limitC)}.`,
        wayOut:
          row.boreMm < 40
            ? 'Small bore: press it on cold through the inner ring.'
            : 'Press, use oil injection, or chill the shaft as well; or ask whether the fit is right.',
        field: 'mount.slipUm',
      }
    default:
      return heated.verdict satisfies never
  }
}

/** A self-aligning ball bearing goes up by the turn of its nut: its clearance is too small for feelers. */
function assessNutTurn(
  position: Position,
  bearing: ResolvedBearing,
  { angleDeg, travelMm }: { angleDeg: number; travelMm: number },
): LensAssessment {
  const base = {
    source: 'Mounting practice for self-aligning ball bearings, taper 1:12',
    givens: [
      {
        label: 'bore',
        symbol: 'd',
        quantity: 'length' as const,
        value: number(bearing.row.boreMm),
        precision: { decimals: 0 },
        from: 'catalogue',
      },
    ],
  }
  return assessLens({
    lens: 'mount',
    headline: 'ring',
    figures: {
      ring: {
        ...base,
        label: 'Turn the nut on by',
        symbol: '\\alpha',
        quantity: 'angle',
        value: number(angleDeg),
        precision: { decimals: 0 },
        formula: '\\alpha = \\text{table}(d)',
        validity: 'From hand-tight contact; then the outer ring turns freely and swivels with a slight drag.',
      },
      travel: {
        ...base,
        label: 'Travel along the taper',
        symbol: 's_a',
        quantity: 'length',
        value: number(travelMm),
        precision: { decimals: 2 },
        formula: 's_a = \\text{table}(d)',
      },
      method: methodFigure(position, bearing, null, null),
    },
    checks: [
      {
        key: 'driveUp',
        verdict: 'go',
        reason: `The nut goes on by ${angleDeg}° from hand-tight, which is ${inSentence(travelMm, 'length')} along the taper.`,
        wayOut: 'Swivel the outer ring after it: stiff means driven too far, back off and do not run it.',
      },
    ],
    cautions: driveUpCautions,
  })
}

function assessDriveUp(position: Position, bearing: ResolvedBearing, taper: 12 | 30): LensAssessment {
  const { decoded, row } = bearing
  const turn = row.type === 'self-aligning-ball' ? nutAngle(row.boreMm) : null
  if (turn) return assessNutTurn(position, bearing, turn)
  const tabled = row.type === 'spherical-roller' || row.type === 'toroidal-roller'
  const clearanceClass = decoded.clearanceClass
  const { value, refusal } = attempt(() => {
    if (!tabled || (clearanceClass !== 'CN' && clearanceClass !== 'C3' && clearanceClass !== 'C4')) return null
    // A bore the table does not hold has no row; the figure then says so.
    if (row.boreMm <= 24 || row.boreMm > 500) return null
    return driveUp({ boreMm: row.boreMm, taper, clearanceClass })
  })
  const base = {
    source: 'Mounting practice for spherical and toroidal roller bearings',
    givens: [
      {
        label: 'bore',
        symbol: 'd',
        quantity: 'length',
        value: number(row.boreMm),
        precision: { decimals: 0 },
        from: 'catalogue',
      },
      { label: 'taper', symbol: '', quantity: 'ratio', value: { kind: 'text', text: `1:${taper}` }, from: 'suffix' },
      {
        label: 'class',
        symbol: '',
        quantity: 'ratio',
        value: { kind: 'text', text: clearanceClass ?? 'none' },
        from: 'suffix',
      },
    ] satisfies Given[],
  }
  const unavailable = {
    field: 'bearing.designation',
    message: 'No drive-up table for this type, bore or clearance class',
    fix: 'Use the maker’s drive-up figures.',
  }
  const reduction: Figure = {
    ...base,
    label: 'Drive up until clearance falls by',
    symbol: '\\Delta G_r',
    quantity: 'deviation',
    value: value ? range(value.reductionMinUm, value.reductionMaxUm) : null,
    formula: '\\Delta G_r = \\text{table}(d)',
    validity: 'Clearance is the master, axial travel the check.',
    ...(value ? {} : { refusal: refusal ? refusalOf(refusal) : unavailable }),
  }
  const figures: Record<string, Figure> = { ring: reduction, method: methodFigure(position, bearing, null, null) }
  if (value) {
    figures['travel'] = {
      ...base,
      label: 'Travel along the taper',
      symbol: 's_a',
      quantity: 'length',
      value: range(value.axialMinMm, value.axialMaxMm),
      precision: { decimals: 2 },
      formula: 's_a = \\text{table}(d,\\ \\text{taper})',
    }
    figures['residual'] = {
      ...base,
      label: 'Leave at least',
      symbol: 'G_{min}',
      quantity: 'deviation',
      value: number(value.residualMinUm),
      formula: 'G_{min} = \\text{table}(d,\\ \\text{class})',
    }
  }
  return assessLens({
    lens: 'mount',
    headline: 'ring',
    figures,
    checks: [
      value
        ? {
            key: 'driveUp',
            verdict: 'go',
            reason: `A tapered bore is driven up cold: ${inSentence(value.reductionMinUm, 'deviation')} to ${inSentence(value.reductionMaxUm, 'deviation')} off the clearance, never under ${inSentence(value.residualMinUm, 'deviation')} left.`,
            wayOut: 'Feeler over the unloaded roller before and after every step, both rows.',
          }
        : {
            key: 'driveUp',
            verdict: 'watch',
            reason: 'A tapered bore is driven up cold, and there is no table for this one.',
            wayOut: 'Use the maker’s drive-up figures.',
            field: 'bearing.designation',
          },
    ],
    cautions: driveUpCautions,
  })
}

const siteFirst = 'Site rules, the maker’s manual and local codes come first; the responsible person decides.'

const hotCautions = [
  'Hot ring: insulated gloves, sleeves down, a clear way to the shaft.',
  'Induction heater: people with a pacemaker or implant keep away; watch and rings off; demagnetise at the end.',
  'Never an open flame. No oil bath for a sealed or greased bearing.',
  'Bright steel reads far too cold on an infrared thermometer: use a contact probe on the inner ring.',
  'If it stops short, do not hammer: pull it off at once, cool, look, reheat.',
  siteFirst,
]

const coldCautions = [
  'Push on the ring that is being fitted, never through the rolling elements; no hammer on the bearing.',
  'Lock out and prove dead before opening the machine.',
  siteFirst,
]

const driveUpCautions = [
  'Never judge a mounted bearing by shaking it: feelers over the unloaded roller, rollers seated.',
  'Oil injection: the ring comes off suddenly; leave the stop nut on. Stand clear of high-pressure lines.',
  siteFirst,
]
