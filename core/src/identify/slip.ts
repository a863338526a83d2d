import { bearingTypeNames } from '../bearing-types/index.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import { findBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { median } from '../records/compare.ts'
import { capital, mm } from '../words/quantities.ts'
import { closureWords, elementWords, shapeWords } from '../words/vocabulary.ts'
import { alsoSeen, isCage } from './also-seen.ts'
import { asked } from './words.ts'
import type { Measured } from './measured.ts'

/** What is handed over of a bearing that was measured: each line by what it is about. */
export interface SlipLine {
  about: 'wanted' | 'type' | 'measured' | 'seen' | 'marked' | 'not-seen' | 'may-be' | 'ask'
  /** Sentences as core writes them, with lengths in braces. */
  text: string
}

const sizes = [
  ['boreMm', 'bore'],
  ['odMm', 'outside'],
  ['widthMm', 'width'],
] as const
/** How many others of the same fit are named. */
const mostOthers = 4

/**
 * A slip for whoever looks the bearing up: the number as far as it was seen, what was measured, what nobody saw, what to ask.
 *
 * @returns nothing while no size is measured
 */
export function slip({ identify }: RollingPosition, measured: Measured, catalogue: Catalogue): SlipLine[] {
  const read = sizes.filter(([name]) => identify[name].length > 0)
  if (read.length === 0) return []
  const { built, matched, fitting } = measured
  const bearing = built && findBearing(built.designation, catalogue)
  const best = fitting[0]?.misfitUm
  const others = fitting.slice(1).filter(({ misfitUm }) => misfitUm === best)
  const lines: [SlipLine['about'], string | null][] = [
    ['wanted', built ? `${built.designation}, as far as it was seen.` : 'No number: the sizes are in no table.'],
    ['type', bearing ? `${bearingTypeNames[bearing.row.type]} bearing.` : null],
    ['measured', `${read.map(([name, word]) => `${word} ${mm(median(identify[name]), 2)}`).join(', ')}; ${readingsSaid(read.map(([name]) => identify[name].length))}.`],
    ['seen', `${seenOf(identify)}.`],
    ['marked', identify.marking.trim() === '' ? null : `${identify.marking.trim()}.`],
    ['not-seen', built && !built.marked ? notSeen(identify.alsoSeen) : null],
    ['may-be', others.length > 0 ? `${others.slice(0, mostOthers).map(({ designation, tell }) => `${designation} (${aside(tell)})`).join('; ')}.` : null],
    ['ask', asked(Boolean(built), matched?.inchSuspected ?? false)],
  ] // prettier-ignore
  return lines.flatMap(([about, text]) => (text === null ? [] : [{ about, text }]))
}

function notSeen(also: RollingPosition['identify']['alsoSeen']): string {
  const open = [
    'clearance',
    ...(also.some(isCage) ? [] : ['cage']),
    'class',
    'heat treatment',
    ...(also.includes('tapered-bore') ? [] : ['taper of the bore']),
  ]
  return `${capital(open.join(', '))}.`
}

/** A sentence as it stands in brackets. */
const aside = (sentence: string): string =>
  (/^[A-Z]{2}/.test(sentence) ? sentence : `${sentence.charAt(0).toLowerCase()}${sentence.slice(1)}`).replace(/\.$/, '')

const readingsSaid = (counts: readonly number[]): string =>
  counts.every((count) => count === 1) ? 'one reading each' : `the middle of ${counts.join(', ')} readings`

function seenOf({
  rollingElement,
  ringShape,
  leftClosure,
  rightClosure,
  alsoSeen: also,
}: RollingPosition['identify']): string {
  const sides = [leftClosure, rightClosure]
  const closed = sides.map((one) => (one === null ? 'not looked at' : closureWords[one]))
  return [
    rollingElement === 'hidden' ? 'what rolls cannot be seen' : elementWords[rollingElement],
    `rings ${shapeWords[ringShape]}`,
    closed[0] === closed[1] ? `both sides ${closed[0] ?? ''}` : `left ${closed[0] ?? ''}, right ${closed[1] ?? ''}`,
    ...also.map((thing) => alsoSeen[thing].name),
  ].join(', ')
}
