import type { Catalogue } from '../catalogue/catalogue.ts'
import { decodeDesignation, type Decoded } from '../catalogue/decode-designation.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { SeenThing } from '../kinds/rolling/choices.ts'
import { alsoSeen, isCage, suffixSeen } from './also-seen.ts'
import { match, type Candidate, type Match } from './match.ts'

/** A part of the number put together from what was seen, or one that was not seen and so is not in it. */
export interface BuiltPart {
  text: string
  says: string
  from: string
  inNumber: boolean
}

/** The number as far as it was seen. */
export interface BuiltNumber {
  designation: string
  parts: BuiltPart[]
  /** From a marking that the readings bear out, rather than from the readings alone. */
  marked: boolean
}

/** What the readings on a bearing say. */
export interface Measured {
  /** Null while fewer than two sizes are measured. */
  matched: Match | null
  refusal: InputError | null
  /** Candidates near enough to be it, worn or not; the rest of `matched` is only near. */
  fitting: Candidate[]
  /** What the marking says, where it can be read as a number; null where there is none. */
  marked: Decoded | null
  built: BuiltNumber | null
}

/** No wear makes a bearing measure this far off, µm: it is another one, or an inch bearing. */
const mostMisfitUm = 300
/** A size on a sixteenth of an inch is believed before a metric one that is this far off, µm. */
const mostMisfitBesideInchUm = 50

/** Readings of a bearing held against the catalogue. */
export function matchReadings({ identify }: RollingPosition, catalogue: Catalogue): Measured {
  const { boreMm, odMm, widthMm, rollingElement, ringShape } = identify
  const measured = [boreMm, odMm, widthMm].filter((one) => one.length > 0).length
  const marked =
    identify.marking.trim() === '' ? null : attempt(() => decodeDesignation(identify.marking, catalogue)).value
  const nothing: Measured = { matched: null, refusal: null, fitting: [], marked, built: null }
  if (measured < 2) return nothing
  const { value, refusal } = attempt(() =>
    match(
      { boreMm, odMm, widthMm, rollingElement, ringShape, ...closureSeen(identify) },
      { rows: catalogue.everyRow, series: catalogue.series },
    ),
  )
  if (!value) return { ...nothing, refusal }
  const most = value.inchSuspected ? mostMisfitBesideInchUm : mostMisfitUm
  const fitting = value.candidates.filter(({ misfitUm }) => misfitUm <= most)
  return { matched: value, refusal: null, fitting, marked, built: build(identify, fitting, marked, catalogue) }
}

/** Two sides as one closure with its count: what covers one side only counts once, a side nobody looked at not at all. */
function closureSeen({ leftClosure, rightClosure }: RollingPosition['identify']) {
  const closed = [leftClosure, rightClosure].filter((one) => one !== null && one !== 'open')
  const [closure = 'open' as const] = closed
  return { closure, closedSides: closed.length as 0 | 1 | 2 }
}

/** Whether one of the candidates is of this size. */
export const isAmong = (size: string, candidates: readonly Candidate[]): boolean =>
  candidates.some(({ designation }) => designation.split('-')[0] === size)

function build(
  identify: RollingPosition['identify'],
  fitting: readonly Candidate[],
  marked: Decoded | null,
  catalogue: Catalogue,
): BuiltNumber | null {
  const [best] = fitting
  if (!best) return null
  return marked && isAmong(marked.size, fitting)
    ? builtFromMarking(marked)
    : builtFromSeen(identify, best.designation, catalogue)
}

const seen = (text: string, says: string, from: string): BuiltPart => ({ text, says, from, inNumber: true })
const left = (says: string, from: string): BuiltPart => ({ text: 'not added', says, from, inNumber: false })

/** A marking that the readings bear out is the number, suffixes and all. */
function builtFromMarking({ normal, size, unknown }: Decoded): BuiltNumber {
  return {
    designation: normal,
    marked: true,
    parts: [
      seen(size, 'base number', 'marked on it, and the readings fit'),
      ...(normal === size ? [] : [seen(normal.slice(size.length).replace(/^-/, ''), 'suffixes', 'marked on it')]),
      ...unknown.map((part) => ({ ...left('not read', 'look it up, or ask'), text: part })),
    ],
  }
}

/** The number suffix by suffix, each with the evidence that put it there; what was not seen is not added. */
function builtFromSeen(identify: RollingPosition['identify'], designation: string, catalogue: Catalogue): BuiltNumber {
  const [base = designation, closure] = designation.split('-')
  const looked = identify.leftClosure !== null && identify.rightClosure !== null
  const row = catalogue.byDesignation.get(base)
  const things = identify.alsoSeen.map((thing) => ({
    ...alsoSeen[thing],
    thing,
    suffix: row ? suffixSeen(thing, row.type) : null,
  }))
  const put = things.filter(({ suffix }) => suffix !== null)
  const spelt = [
    base + put.filter(({ glued }) => glued).map(({ suffix }) => suffix ?? '').join(''),
    closure,
    ...put.filter(({ glued }) => !glued).map(({ suffix }) => suffix),
  ].filter(Boolean).join('-') // prettier-ignore
  const seenOf = (test: (thing: SeenThing) => boolean) => put.some(({ thing }) => test(thing))
  return {
    designation: attempt(() => decodeDesignation(spelt, catalogue)).value?.normal ?? designation,
    marked: false,
    parts: [
      seen(base, 'base number', 'bore, outside diameter, width and what rolls'),
      closure
        ? seen(closure, 'closure', 'seen on the bearing')
        : seen('no suffix', 'closure', looked ? 'both sides open' : 'not looked at on both sides'),
      ...put.map(({ suffix, says }) => seen(suffix ?? '', says, 'seen on the bearing')),
      ...things.filter(({ suffix }) => suffix === null).map(({ name, says, suffix: _, thing }) => left(name, alsoSeen[thing].suffix === null ? says : 'this type is not made so: look again')),
      left('clearance', 'cannot be seen: box, marking, or the machine’s papers'),
      left(seenOf(isCage) ? 'class, heat' : 'cage, class, heat', 'marking, or look and ask'),
      ...(seenOf((thing) => thing === 'tapered-bore') ? [] : [left('taper', 'measure the bore at both faces')]),
    ], // prettier-ignore
  }
}
