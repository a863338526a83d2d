import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import { overallWidth, type Catalogue } from '../catalogue/catalogue.ts'
import { isVerifiedEstimate } from '../catalogue/estimate.ts'
import { initialClearance } from '../catalogue/initial-clearance.ts'
import { attempt } from '../errors/input-error.ts'
import type { ClearanceClass } from '../model/bearing-type.ts'
import type { Position } from '../model/position.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { differences } from './differences.ts'
import { matchReadings, measuredChecks, measuredFigures, type Measured } from './measured.ts'
import { proposals } from './proposals.ts'

const designationMissing: Missing = { field: 'bearing.designation', label: 'the number of the bearing' }

/** What the bearing is, and whether it is the one the machine calls for. */
export function assessIdentify(position: Position, lookup: BearingLookup, catalogue: Catalogue): LensAssessment {
  const measured = matchReadings(position, catalogue)
  const figures: Record<string, Figure> = {
    designation: designationFigure(position, lookup),
    ...measuredFigures(position, measured),
  }
  if (lookup.kind === 'found') {
    figures['size'] = sizeFigure(lookup)
    figures['clearance'] = clearanceFigure(position, lookup)
    figures['interior'] = interiorFigure(lookup)
    figures['mass'] = massFigure(lookup)
    figures['order'] = orderFigure(position, lookup, catalogue)
  }
  return assessLens({
    lens: 'identify',
    headline: 'designation',
    figures,
    checks: [
      ...designationChecks(lookup),
      ...clearanceChecks(position, lookup),
      ...differenceChecks(position, lookup),
      ...measuredChecks(position, measured),
      ...agreementChecks(lookup, measured),
    ],
  })
}

type Found = Extract<BearingLookup, { kind: 'found' }>

function designationFigure({ bearing }: Position, lookup: BearingLookup): Figure {
  const decoded = lookup.kind === 'found' ? lookup.bearing.decoded : lookup.kind === 'refused' ? lookup.decoded : null
  const givens: Given[] = decoded
    ? [
        typed('number on the box', bearing.designation),
        said('series', decoded.series),
        said('clearance', decoded.clearanceClass ?? 'set on mounting', decoded.assumed.includes('clearanceClass')),
        said('closure', closureWords(decoded), decoded.assumed.includes('closure')),
        said('bore', decoded.boreShape, decoded.assumed.includes('boreShape')),
        ...decoded.features.map((feature) => said('suffix', feature.replace(/-/g, ' '))),
        ...decoded.unknown.map((part) => said('not read', part)),
      ]
    : []
  return {
    label: 'Bearing',
    symbol: '\\text{designation}',
    quantity: 'ratio',
    value: decoded ? text(decoded.normal) : null,
    formula: '\\text{series} + \\text{bore code} + \\text{suffixes}',
    givens,
    source: 'ISO 15, ISO 355, ISO 104; common suffixes',
    validity: 'What is not on the bearing is not added to the number.',
    ...(lookup.kind === 'none' ? { missing: [designationMissing] } : {}),
    ...(lookup.kind === 'refused' ? { refusal: refusalOf(lookup.refusal) } : {}),
  }
}

function closureWords({ closure, closedSides }: { closure: string; closedSides: number }): string {
  if (closedSides === 0) return 'open'
  return `${closure.replace(/-/g, ' ')}, ${closedSides === 2 ? 'both sides' : 'one side'}`
}

function typed(label: string, value: string): Given {
  return { label, symbol: '', quantity: 'ratio', value: text(value), from: 'typed' }
}

function said(label: string, value: string, assumed = false, from = 'read from the number'): Given {
  return {
    label,
    symbol: '',
    quantity: 'ratio',
    value: text(value),
    from: assumed ? 'assumed, nothing says otherwise' : from,
  }
}

function sizeFigure({ bearing: { row } }: Found): Figure {
  const width = overallWidth(row)
  const length = (label: string, symbol: string, value: number): Given => ({
    label,
    symbol,
    quantity: 'length',
    value: number(value),
    precision: { decimals: Number.isInteger(value) ? 0 : 2 },
    from: 'catalogue of standard sizes',
  })
  return {
    label: 'Size',
    symbol: 'd \\times D \\times B',
    quantity: 'length',
    value: text(`${row.boreMm} × ${row.odMm} × ${width}`),
    formula: row.assemblyWidthMm ? 'd \\times D \\times T' : 'd \\times D \\times B',
    givens: [length('bore', 'd', row.boreMm), length('outside diameter', 'D', row.odMm), length('width', 'B', width)],
    source: 'ISO 15 (radial), ISO 355 (tapered), ISO 104 (thrust)',
  }
}

function clearanceFigure({ bearing: given }: Position, { bearing }: Found): Figure {
  const { decoded, row } = bearing
  const base: Omit<Figure, 'value'> = {
    label: 'Clearance in the box',
    symbol: 'G_r',
    quantity: 'deviation',
    formula: 'G_r = \\text{table}(d,\\ \\text{class})',
    givens: [
      {
        label: 'bore',
        symbol: 'd',
        quantity: 'length',
        value: number(row.boreMm),
        precision: { decimals: 0 },
        from: 'catalogue',
      },
      said('class on the box', decoded.clearanceClass ?? 'set on mounting', decoded.assumed.includes('clearanceClass')),
      typed('machine calls for', given.requiredClearance ?? 'not stated'),
    ],
    source: 'ISO 5753-1',
    validity: 'Unmounted, unloaded, at 20 °C.',
  }
  if (decoded.clearanceClass === null) return { ...base, value: text('set on mounting') }
  const { clearanceClass } = decoded
  const { value, refusal } = attempt(() =>
    initialClearance({
      bearingType: row.type,
      boreMm: row.boreMm,
      boreShape: decoded.boreShape,
      clearanceClass,
    }),
  )
  return value
    ? { ...base, value: range(value.minUm, value.maxUm) }
    : { ...base, value: null, refusal: refusalOf(refusal) }
}

function interiorFigure({ bearing: { row, interior } }: Found): Figure {
  const { elements, rows, elementDiameterMm, elementLengthMm } = interior
  const element = `${elementDiameterMm.toFixed(1)}${elementLengthMm === null ? '' : ` × ${elementLengthMm.toFixed(1)}`} mm`
  const length = givenOf('length', { decimals: 2 }, 'estimate')
  return {
    label: 'Inside',
    symbol: 'Z \\times D_w',
    quantity: 'length',
    value: text(`${rows > 1 ? `${rows} × ` : ''}${elements} of ${element}`),
    formula: 'D_w = k\\,(D - d),\\quad Z \\text{ as many as go in}',
    givens: [
      length('rolling element', 'D_w', elementDiameterMm),
      length('pitch diameter', 'D_{pw}', interior.pitchDiameterMm),
      length('inner raceway', 'F', interior.innerRacewayMm),
      length('outer raceway', 'E', interior.outerRacewayMm),
    ],
    source: 'Interior rules by series',
    validity: isVerifiedEstimate(row)
      ? 'Held against generally published ratings of this series; the inside of a bearing is not standardised.'
      : 'Unverified estimate: this series was not held against published ratings.',
    estimate: true,
  }
}

function massFigure({ bearing: { interior } }: Found): Figure {
  return {
    label: 'Mass',
    symbol: 'm',
    quantity: 'mass',
    value: number(interior.massKg),
    formula: 'm = f\\,\\rho\\,\\tfrac{\\pi}{4}(D^2 - d^2)\\,B',
    givens: [],
    source: 'Share f of the hollow cylinder by type',
    estimate: true,
  }
}

/** What to order, and what else has the same size. */
function orderFigure(position: Position, { bearing }: Found, catalogue: Catalogue): Figure {
  const [direct, ...others] = proposals(position, bearing, catalogue)
  return {
    label: 'To order',
    symbol: '',
    quantity: 'ratio',
    value: text(direct?.designation ?? bearing.decoded.normal),
    formula: '\\text{size} + \\text{what the machine calls for}',
    givens: [
      ...differences(position, bearing).map(({ what, wanted, present }) =>
        said(what, `${wanted} called for`, false, present),
      ),
      ...others.map(({ designation, changes }) => said('same size', designation, false, changes)),
    ],
    source: 'The machine’s papers as entered; catalogue of standard sizes',
    validity: 'The same base number is not the same bearing: order by the whole number.',
  }
}

/** What the machine calls for besides the clearance, each difference with what follows from it. */
function differenceChecks(position: Position, lookup: BearingLookup): Check[] {
  if (lookup.kind !== 'found') return []
  return differences(position, lookup.bearing).map(({ what, verdict, consequence, wayOut, field }) => ({
    key: what,
    verdict,
    reason: consequence,
    wayOut,
    field,
  }))
}

/** The number on the box against the readings. */
function agreementChecks(lookup: BearingLookup, { matched }: Measured): Check[] {
  if (lookup.kind !== 'found' || !matched || matched.candidates.length === 0) return []
  const { size } = lookup.bearing.decoded
  const found = matched.candidates.find(({ designation }) => designation.split('-')[0] === size)
  if (found) return []
  return [
    {
      key: 'agrees',
      verdict: 'stop',
      reason: `The number says ${size}, and the readings do not fit it.`,
      wayOut: `Measure again, or take ${matched.candidates[0]?.designation ?? 'another'}: the box may hold another bearing.`,
      field: 'bearing.designation',
    },
  ]
}

function designationChecks(lookup: BearingLookup): Check[] {
  if (lookup.kind === 'none') return []
  const field = 'bearing.designation'
  if (lookup.kind === 'refused') {
    return [
      {
        key: 'designation',
        verdict: 'stop',
        reason: lookup.decoded
          ? `${lookup.decoded.normal} is right as a number, but its size is not in the tables.`
          : `${refusalOf(lookup.refusal).message}.`,
        wayOut: lookup.refusal.fix,
        field,
      },
    ]
  }
  const { unknown, assumed } = lookup.bearing.decoded
  if (unknown.length === 0) return []
  const words = { clearanceClass: 'clearance', closure: 'closure', boreShape: 'bore' }
  return [
    {
      key: 'unread',
      verdict: 'watch',
      reason: `${unknown.join(', ')} is not read, so ${assumed.map((name) => words[name]).join(', ') || 'nothing more'} cannot be taken as confirmed.`,
      wayOut: 'Look at the bearing: closure on both sides, bore at both faces, clearance with a feeler or on the box.',
      field,
    },
  ]
}

function clearanceChecks({ bearing: given }: Position, lookup: BearingLookup): Check[] {
  if (lookup.kind !== 'found') return []
  const { decoded } = lookup.bearing
  const field = 'bearing.requiredClearance'
  const required = given.requiredClearance
  if (decoded.clearanceClass === null) {
    return [
      {
        key: 'clearance',
        verdict: 'go',
        reason: 'This type gets its clearance when it is mounted, not in the box.',
        wayOut: 'Set end play or preload with a dial gauge.',
      },
    ]
  }
  if (required === null) {
    return [
      {
        key: 'clearance',
        verdict: 'watch',
        reason: 'Nobody has said which clearance the machine calls for.',
        wayOut: 'Read the machine’s manual or the old bearing’s suffix; no suffix means normal, CN.',
        field,
      },
    ]
  }
  if (required === decoded.clearanceClass) {
    return [
      {
        key: 'clearance',
        verdict: 'go',
        reason: `${required} is called for and ${boxClass(decoded.clearanceClass, decoded.assumed.includes('clearanceClass'))}.`,
        wayOut: 'Same number, same clearance: this is the bearing.',
      },
    ]
  }
  const tighter = order(decoded.clearanceClass) < order(required)
  return [
    {
      key: 'clearance',
      verdict: 'stop',
      reason: `The machine calls for ${required}, and ${boxClass(decoded.clearanceClass, decoded.assumed.includes('clearanceClass'))}: ${tighter ? 'it loses its clearance when warm and burns up' : 'it runs with too much play, noise and a small load zone'}.`,
      wayOut: `Get ${lookup.bearing.decoded.size} with ${required === 'CN' ? 'no clearance suffix' : `the suffix ${required}`}. The same base number is not the same bearing.`,
      field,
    },
  ]
}

const boxClass = (found: ClearanceClass, assumed: boolean) =>
  assumed ? `the box says none, which is ${found}` : `the box says ${found}`

const order = (name: ClearanceClass): number => ['C1', 'C2', 'CN', 'C3', 'C4', 'C5'].indexOf(name)
