import type { Catalogue } from '../catalogue/catalogue.ts'
import { decodeDesignation, type Decoded } from '../catalogue/decode-designation.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import type { Check } from '../working/assessment.ts'
import { number, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import { match, type Match } from './match.ts'

/** What the readings on a bearing say; both null while nothing is measured. */
export interface Measured {
  matched: Match | null
  refusal: InputError | null
  /** What the marking says, where it can be read as a number; null where there is none. */
  marked: Decoded | null
}

/** Readings of a bearing held against the catalogue. */
export function matchReadings({ identify }: Position, catalogue: Catalogue): Measured {
  const { boreMm, odMm, widthMm, rollingElement, ringShape } = identify
  const measured = [boreMm, odMm, widthMm].filter((one) => one.length > 0).length
  const marked =
    identify.marking.trim() === '' ? null : attempt(() => decodeDesignation(identify.marking, catalogue)).value
  if (measured < 2) return { matched: null, refusal: null, marked }
  const { value, refusal } = attempt(() =>
    match({ boreMm, odMm, widthMm, rollingElement, ringShape, ...closureSeen(identify) }, catalogue),
  )
  return { matched: value, refusal, marked }
}

/** Two sides as one closure with its count: what covers one side only counts once, a side nobody looked at not at all. */
function closureSeen({ leftClosure, rightClosure }: Position['identify']) {
  const closed = [leftClosure, rightClosure].filter((one) => one !== null && one !== 'open')
  const [closure = 'open' as const] = closed
  return { closure: closure ?? 'open', closedSides: closed.length as 0 | 1 | 2 }
}

/** The candidates, and how the number of the best one was put together. */
export function measuredFigures(position: Position, { matched, refusal, marked }: Measured): Record<string, Figure> {
  const base: Omit<Figure, 'value' | 'givens'> = {
    label: 'Nearest by the readings',
    symbol: '',
    quantity: 'deviation',
    formula: '\\text{misfit} = \\sum \\max(w - b,\\ 3(-w - b),\\ 0)',
    source: 'Sizes of ISO 15, ISO 355, ISO 104; measuring practice',
    validity:
      'w: off nominal in the direction wear moves it, b: what a new one may show. What lies against wear counts threefold, for a ring does not grow.',
    school: 'median of the readings; the least worn one alone hangs on one burr',
  }
  if (refusal) return { matched: { ...base, value: null, givens: [], refusal: refusalOf(refusal) } }
  if (!matched) return {}
  const [best] = matched.candidates
  return {
    matched: {
      ...base,
      value: text(best?.designation ?? 'none in the tables'),
      givens: matched.candidates.map(({ designation, scoreUm, reason }) => ({
        label: designation,
        symbol: '',
        quantity: 'deviation',
        value: number(scoreUm),
        from: reason,
      })),
    },
    ...(best
      ? { built: marked && fits(marked, matched) ? markedFigure(marked) : builtFigure(position, best.designation) }
      : {}),
  }
}

const fits = ({ size }: Decoded, { candidates }: Match): boolean =>
  candidates.some(({ designation }) => designation.split('-')[0] === size)

/** A marking that the readings bear out is the number, suffixes and all. */
function markedFigure(marked: Decoded): Figure {
  return {
    label: 'The number, as far as seen',
    symbol: '',
    quantity: 'ratio',
    value: text(marked.normal),
    formula: '\\text{marking, borne out by the readings}',
    givens: [
      {
        label: marked.size,
        symbol: '',
        quantity: 'ratio',
        value: text('base number'),
        from: 'marked on it, and the readings fit',
      },
      ...(marked.normal === marked.size
        ? []
        : [
            {
              label: marked.normal.slice(marked.size.length),
              symbol: '',
              quantity: 'ratio' as const,
              value: text('suffixes'),
              from: 'marked on it',
            },
          ]),
      ...marked.unknown.map((part) => ({
        label: part,
        symbol: '',
        quantity: 'ratio' as const,
        value: text('not read'),
        from: 'look it up, or ask',
      })),
    ],
    source: 'The marking; common suffixes',
  }
}

/** The number suffix by suffix, each with the evidence that put it there; what was not seen is not added. */
function builtFigure({ identify }: Position, designation: string): Figure {
  const [base = designation, suffix] = designation.split('-')
  const seen = (label: string, value: string, from: string): Given => ({
    label,
    symbol: '',
    quantity: 'ratio',
    value: text(value),
    from,
  })
  const looked = identify.leftClosure !== null && identify.rightClosure !== null
  return {
    label: 'The number, as far as seen',
    symbol: '',
    quantity: 'ratio',
    value: text(designation),
    formula: '\\text{base} + \\text{what was seen}',
    givens: [
      seen(base, 'base number', 'bore, outside diameter, width and what rolls'),
      suffix
        ? seen(suffix, 'closure', 'seen on the bearing')
        : seen('no suffix', 'closure', looked ? 'both sides open' : 'not looked at on both sides'),
      seen('not added', 'clearance', 'cannot be seen: box, marking, or the machine’s papers'),
      seen('not added', 'cage, class, heat', 'marking, or look and ask'),
      seen('not added', 'taper', 'measure the bore at both faces'),
    ],
    source: 'What you cannot see or confirm is not added to the number',
  }
}

export function measuredChecks(position: Position, { matched, refusal, marked }: Measured): Check[] {
  const field = 'identify.boreMm'
  if (refusal) {
    const { message, fix } = refusalOf(refusal)
    return [
      {
        key: 'readings',
        verdict: 'stop',
        reason: `${message}.`,
        wayOut: fix,
        field: `identify.${refusal.field === 'closedSides' || refusal.field === 'closure' ? 'leftClosure' : refusal.field}`,
      },
    ]
  }
  if (!matched) return []
  const checks: Check[] = []
  const { leftClosure, rightClosure } = position.identify
  const closed = [leftClosure, rightClosure].filter((one) => one !== null && one !== 'open')
  if (closed.length === 2 && leftClosure !== rightClosure) {
    checks.push({
      key: 'sides',
      verdict: 'watch',
      reason: 'The two sides are closed differently, which is rare.',
      wayOut: 'Look at both again: a shield is steel with a fine gap, a seal is rubber.',
      field: 'identify.rightClosure',
    })
  }
  if (marked && matched.candidates.length > 0 && !fits(marked, matched)) {
    checks.push({
      key: 'marking',
      verdict: 'watch',
      reason: `The marking reads ${marked.normal}, and the readings do not fit that.`,
      wayOut: 'Read it again under a lamp: a 6 passes for an 8, a 0 for a D; then measure again.',
      field: 'identify.marking',
    })
  }
  if (matched.spreadMm > 0.1) {
    checks.push({
      key: 'spread',
      verdict: 'watch',
      reason: `The readings of one diameter differ by ${inSentence(1000 * matched.spreadMm, 'deviation')}.`,
      wayOut: 'Measure again in other planes, clear of burrs, rust and chamfers.',
      field,
    })
  }
  if (matched.inchSuspected) {
    checks.push({
      key: 'inch',
      verdict: 'watch',
      reason: 'A size lies on a sixteenth of an inch: it may be an inch bearing, and those are not in the tables.',
      wayOut: 'Look for a number on the rings, and ask for the bearing by that.',
      field,
    })
  }
  if (matched.candidates.length === 0) {
    checks.push({
      key: 'candidates',
      verdict: 'watch',
      reason: 'No size in the tables is within 2.5 mm of misfit.',
      wayOut:
        'Check bore, outside and width for swapped fields and slipped digits, then what rolls and how the rings look.',
      field,
    })
  }
  return checks
}
