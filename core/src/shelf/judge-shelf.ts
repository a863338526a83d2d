import type { Catalogue } from '../catalogue/catalogue.ts'
import { decodeDesignation } from '../catalogue/decode-designation.ts'
import { attempt } from '../errors/input-error.ts'
import { saysTheSame } from '../job/says-the-same.ts'
import { daysBetween } from '../records/days.ts'
import { grouped } from '../tables/grouped.ts'
import type { StockEntry } from './stock.ts'

/** A bearing that a job will fit. */
export interface WantedBearing {
  designation: string
  /** Day the job is planned for; null for none. */
  plannedFor: string | null
  /** Whether one was taken from the shelf for it. */
  taken: boolean
}

/** A number that is fitted, and in how many positions. */
export interface FittedNumber {
  designation: string
  positions: number
}

/** A number with how many there are and how many there should be. */
export interface Short<W = WantedBearing> {
  designation: string
  held: number
  wanted: number
  /** Jobs that want it; none where it is only under its least number. */
  jobs: W[]
}

export interface ShelfSays<S, W> {
  /** For jobs that are planned, the soonest first. */
  missing: Short<W>[]
  /** Under the least number, and not missing for a job. */
  low: Short<W>[]
  /** Filled with grease too long ago, the oldest first. */
  old: { line: S; years: number }[]
  /** Held, and fitted nowhere. */
  nowhere: S[]
  /** Fitted, and not held; the most fitted first. */
  notHeld: FittedNumber[]
  /** The five numbers that are fitted most, with the share of all positions they cover together. */
  cover: { numbers: FittedNumber[]; share: number }
}

/** Greased stock is used within so many years. */
export const greaseYears = 3
const daysAYear = 365.25
/** So many numbers are named that cover the most positions. */
const covering = 5

/**
 * What the shelf comes to, beside what is fitted and what is planned.
 *
 * @param asOf - the day it is looked at
 * @see general practice: greased stock is used within three years
 */
export function judgeShelf<S extends StockEntry, W extends WantedBearing>(
  { lines, wanted, fitted }: { lines: readonly S[]; wanted: readonly W[]; fitted: readonly FittedNumber[] },
  asOf: string,
  catalogue: Catalogue,
): ShelfSays<S, W> {
  const linesOf = sayingTheSame(lines, catalogue)
  const serving = new Set(fitted.flatMap(({ designation }) => linesOf(designation)))
  const held = (calledFor: string) => linesOf(calledFor).reduce((sum, { count }) => sum + count, 0)
  const missing = missingFor(wanted, held)
  const isMissing = (number: string) => missing.some(({ designation }) => saysTheSame(number, designation, catalogue))
  const most = [...fitted].sort((a, b) => b.positions - a.positions || a.designation.localeCompare(b.designation))
  const numbers = most.slice(0, covering)
  const all = fitted.reduce((sum, { positions }) => sum + positions, 0)
  return {
    missing,
    low: [...grouped(lines, ({ designation }) => designation)]
      .map(([designation, same]): Short<W> => ({
        designation,
        held: same.reduce((sum, { count }) => sum + count, 0),
        wanted: Math.max(...same.map(({ least }) => least)),
        jobs: [],
      }))
      .filter((one) => one.held < one.wanted && !isMissing(one.designation)),
    old: lines
      .filter(({ count, greasedOn }) => count > 0 && greasedOn !== null)
      .map((line) => ({ line, years: daysBetween(line.greasedOn ?? asOf, asOf) / daysAYear }))
      .filter(({ years }) => years > greaseYears)
      .sort((a, b) => b.years - a.years),
    nowhere: lines.filter((line) => line.count > 0 && !serving.has(line)),
    notHeld: most.filter(({ designation }) => held(designation) === 0),
    cover: { numbers, share: all === 0 ? 0 : numbers.reduce((sum, { positions }) => sum + positions, 0) / all },
  }
}

/** Bearings that planned jobs want and the shelf does not have enough of. */
function missingFor<W extends WantedBearing>(wanted: readonly W[], held: (calledFor: string) => number): Short<W>[] {
  const open = wanted
    .filter(({ taken }) => !taken)
    .sort((a, b) => (a.plannedFor ?? '9999').localeCompare(b.plannedFor ?? '9999'))
  return [...grouped(open, ({ designation }) => designation)]
    .map(([designation, jobs]): Short<W> => ({ designation, held: held(designation), wanted: jobs.length, jobs }))
    .filter((one) => one.held < one.wanted)
}

/**
 * What holds a number that is called for, whatever its suffixes are written like: looked for among those of its size only.
 *
 * @see saysTheSame
 */
export function sayingTheSame<T extends { designation: string }>(
  all: readonly T[],
  catalogue: Catalogue,
): (calledFor: string) => T[] {
  const sizeOf = (designation: string) =>
    attempt(() => decodeDesignation(designation, catalogue)).value?.size ?? designation.trim().toUpperCase()
  const bySize = grouped(all, ({ designation }) => sizeOf(designation))
  return (calledFor) =>
    (bySize.get(sizeOf(calledFor)) ?? []).filter(({ designation }) => saysTheSame(designation, calledFor, catalogue))
}
