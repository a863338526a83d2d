import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import { overallWidth } from '../catalogue/catalogue.ts'
import { isVerifiedEstimate, runsHighBy } from '../catalogue/estimate.ts'
import { makersClearance } from '../catalogue/makers-word.ts'
import { initialClearance } from '../catalogue/initial-clearance.ts'
import { attempt } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import { boreWords, clearanceMade, closureWords, featureWords } from '../words/vocabulary.ts'
import type { MakerValues } from '../model/maker-values.ts'
import type { Measured } from './measured.ts'
import type { IdentifyOutcome } from './work-out.ts'

type Found = Extract<BearingLookup, { kind: 'found' }>

/** The figures of Identify, with their working. */
export function identifyFigures(
  position: RollingPosition,
  outcome: IdentifyOutcome,
  word: MakerValues | null,
): Record<string, Figure> {
  const { lookup, measured } = outcome
  const figures: Record<string, Figure> = {
    designation: designationFigure(position, lookup),
    ...measuredFigures(measured),
  }
  if (lookup.kind !== 'found') return figures
  return {
    ...figures,
    size: sizeFigure(lookup),
    clearance: clearanceFigure(position, lookup, word),
    interior: interiorFigure(lookup),
    mass: massFigure(lookup, word),
    order: orderFigure(outcome, lookup),
  }
}

function said(label: string, value: string, from = 'read from the designation'): Given {
  return { label, symbol: '', quantity: 'ratio', value: text(value), from }
}

function designationFigure({ bearing }: RollingPosition, lookup: BearingLookup): Figure {
  const decoded = lookup.kind === 'found' ? lookup.bearing.decoded : lookup.kind === 'refused' ? lookup.decoded : null
  // Beside a part that is not read nothing may be assumed.
  const unsaid = decoded && decoded.unknown.length > 0 ? 'not known beside a part that is not read' : 'assumed, nothing says otherwise' // prettier-ignore
  const givens: Given[] = decoded
    ? [
        said('designation', bearing.designation, 'typed'),
        said('series', decoded.series),
        ...(
          [
            ['clearance', decoded.clearanceClass ?? clearanceMade(decoded.features), 'clearanceClass'],
            ['closure', closureSaid(decoded), 'closure'],
            ['bore', boreWords[decoded.boreShape], 'boreShape'],
          ] as const
        ).map(([label, value, field]) =>
          decoded.assumed.includes(field)
            ? { ...said(label, decoded.unknown.length > 0 ? '?' : value, unsaid), assumed: true }
            : said(label, value),
        ),
        ...decoded.features.map((feature) => said('suffix', featureWords(feature))),
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
    ...(lookup.kind === 'none'
      ? { missing: [{ field: 'bearing.designation', label: 'the designation of the bearing' }] }
      : {}),
    ...(lookup.kind === 'refused' ? { refusal: refusalOf(lookup.refusal) } : {}),
  }
}

function closureSaid({ closure, closedSides }: { closure: keyof typeof closureWords; closedSides: number }): string {
  if (closedSides === 0) return 'open'
  return `${closureWords[closure]}, ${closedSides === 2 ? 'both sides' : 'one side'}`
}

function sizeFigure({ bearing: { row } }: Found): Figure {
  const width = overallWidth(row)
  const length = (label: string, symbol: string, value: number): Given =>
    givenOf('length', { decimals: Number.isInteger(value) ? 0 : 2 }, 'catalogue of standard sizes')(
      label,
      symbol,
      value,
    )
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

function clearanceFigure({ bearing: given }: RollingPosition, { bearing }: Found, word: MakerValues | null): Figure {
  const { decoded, row } = bearing
  const assumed = decoded.assumed.includes('clearanceClass')
  const base: Omit<Figure, 'value'> = {
    label: 'Initial internal clearance',
    symbol: 'G_r',
    quantity: 'deviation',
    formula: 'G_r = \\text{table}(d,\\ \\text{class})',
    givens: [
      givenOf('length', { decimals: 0 }, 'catalogue')('bore', 'd', row.boreMm),
      said(
        'class by the designation',
        decoded.clearanceClass ?? clearanceMade(decoded.features),
        assumed ? 'assumed, nothing says otherwise' : 'read from the designation',
      ),
      said('machine calls for', given.requiredClearance ?? 'not stated', 'typed'),
    ],
    source: 'ISO 5753-1',
    validity: 'Unmounted, unloaded, at 20 °C.',
  }
  if (decoded.clearanceClass === null) return { ...base, value: text(clearanceMade(decoded.features)) }
  const { clearanceClass } = decoded
  const makers = makersClearance(word, decoded)
  if (makers)
    return { ...base, value: range(makers.minUm, makers.maxUm), formula: 'G_r = \\text{maker’s value}', source: `Maker’s list ${word?.list ?? ''}` } // prettier-ignore
  const { value, refusal } = attempt(() =>
    initialClearance({ bearingType: row.type, boreMm: row.boreMm, boreShape: decoded.boreShape, clearanceClass }),
  )
  if (value) return { ...base, value: range(value.minUm, value.maxUm) }
  // Types the standard has no table for have one at their maker's.
  return refusal.field === 'bearingType'
    ? { ...base, value: text('maker’s table') }
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
    validity:
      runsHighBy(row) > 0
        ? 'Of sizes this large the balls are smaller than the rule has them: ratings come out too high.'
        : isVerifiedEstimate(row)
          ? 'Held against generally published ratings of this series; the inside of a bearing is not standardised.'
          : 'Unverified estimate: this series was not held against published ratings.',
    estimate: true,
  }
}

const massFigure = ({ bearing: { interior } }: Found, word: MakerValues | null): Figure => ({
  label: 'Mass',
  symbol: 'm',
  quantity: 'mass',
  value: number(interior.massKg),
  formula: word?.massKg != null ? 'm = \\text{maker’s value}' : 'm = f\\,\\rho\\,\\tfrac{\\pi}{4}(D^2 - d^2)\\,B',
  givens: [],
  source: word?.massKg != null ? `Maker’s list ${word.list}` : 'Share f of the hollow cylinder by type',
  estimate: word?.massKg == null,
})

/** What to order, and what else has the same size. */
const orderFigure = ({ differences, toOrder, sameSize }: IdentifyOutcome, { bearing }: Found): Figure => ({
  label: 'To order',
  symbol: '',
  quantity: 'ratio',
  value: text(toOrder ?? bearing.decoded.normal),
  formula: '\\text{size} + \\text{what the machine calls for}',
  givens: [
    ...differences.map(({ what, wanted, present }) => said(what, `${wanted} called for`, present)),
    ...sameSize.map(({ designation, changes }) => said('same size', designation, changes)),
  ],
  source: 'The machine’s papers as entered; catalogue of standard sizes',
  validity: 'The same base number is not the same bearing: order by the whole number.',
})

/** The candidates, and how the number of the best one was put together. */
function measuredFigures({ matched, refusal, fitting, built }: Measured): Record<string, Figure> {
  const base: Omit<Figure, 'value' | 'givens'> = {
    label: 'Nearest by the readings',
    symbol: '',
    quantity: 'deviation',
    formula: '\\text{misfit} = \\sum \\max(w - b,\\ 3(-w - b),\\ 0)',
    source: 'Sizes of ISO 15, ISO 355, ISO 104; measuring practice',
    validity:
      'w: off nominal in the direction wear moves it, b: what a new one may show. What lies against wear counts threefold, for a ring does not grow.',
    practice: 'median of the readings; the least worn one alone hangs on one burr',
  }
  if (refusal) return { matched: { ...base, value: null, givens: [], refusal: refusalOf(refusal) } }
  if (!matched) return {}
  const misfit = givenOf('deviation')
  return {
    matched: {
      ...base,
      value: text(fitting[0]?.designation ?? (matched.inchSuspected ? 'an inch size' : 'none in the tables')),
      givens: matched.candidates.map(({ designation, misfitUm, reason }) => misfit(designation, '', misfitUm, reason)),
    },
    ...(built
      ? {
          built: {
            label: 'The number, as far as seen',
            symbol: '',
            quantity: 'ratio' as const,
            value: text(built.designation),
            formula: built.marked
              ? '\\text{marking, borne out by the readings}'
              : '\\text{base} + \\text{what was seen}',
            givens: built.parts.map((part) => said(part.text, part.says, part.from)),
            source: built.marked
              ? 'The marking; common suffixes'
              : 'What you cannot see or confirm is not added to the number',
          },
        }
      : {}),
  }
}
