import type { Catalogue } from '../catalogue/catalogue.ts'
import type { JobEntry, JobReading, JobStep } from '../model/job.ts'
import { saysTheSame } from './says-the-same.ts'

/** An entry with who made it. */
export type SignedEntry = JobEntry & { by: string }

export interface ReadingState {
  reading: JobReading
  /** Last entry for it; null while there is none. */
  entry: Extract<SignedEntry, { kind: 'reading' }> | null
  /** Beyond its limits, or another answer than the one that should come out. */
  isOut: boolean
}

export interface StepState {
  step: JobStep
  readings: ReadingState[]
  /** Cautions acknowledged, by their place, with who and when. */
  acknowledged: Map<number, SignedEntry>
  notes: Extract<SignedEntry, { kind: 'note' }>[]
  photos: Extract<SignedEntry, { kind: 'photo' }>[]
  /** Last event of the heat clock. */
  heat: Extract<SignedEntry, { kind: 'heat' }> | null
  done: SignedEntry | null
  /** Left out on purpose, with who said why; null where it is done or still to do. */
  skipped: Extract<SignedEntry, { kind: 'skipped' }> | null
  /** What it waits for before it may begin: the lock-out, or the steps before the hand-over. */
  waits: readonly string[]
  /** What still stands in the way of its being done, in words. */
  blockers: string[]
  /** `watch` where it is done with a reading out of limits: it stays marked. */
  state: 'open' | 'begun' | 'go' | 'watch' | 'skipped'
}

export interface JobProgress {
  steps: StepState[]
  /** First step that is not done; null when all are. */
  current: string | null
  complete: boolean
}

/** How a written word is held against another: no case, no spaces, one kind of dash. */
const plain = (text: string) => text.toUpperCase().replace(/[\s/–-]+/g, '')

/** Whether an answer is beyond what a reading allows. */
export function isOutOfLimits(
  reading: JobReading,
  answer: { value: number | null; text: string | null },
  catalogue: Catalogue,
): boolean {
  switch (reading.kind) {
    case 'number':
      // A value a hair beyond the limit as it is shown is on it.
      return (
        answer.value !== null &&
        ((reading.low !== null && answer.value < reading.low - slack(reading)) ||
          (reading.high !== null && answer.value > reading.high + slack(reading)))
      )
    case 'text':
      return reading.expected !== null && answer.text !== null && plain(answer.text) !== plain(reading.expected)
    case 'designation':
      return reading.expected !== null && answer.text !== null && !saysTheSame(answer.text, reading.expected, catalogue)
    case 'ended':
    case 'marks':
      return false
    case 'yes':
      return answer.text !== null && answer.text !== (reading.expected ?? 'yes')
    default:
      return reading.kind satisfies never
  }
}

const slack = ({ decimals }: JobReading) => 0.5 * 10 ** -(decimals + 1)

/**
 * How far a job has come, from its entries in the order they were made.
 *
 * A reading made again replaces the one before; both stay in the entries. A step that was reopened is open until it is done
 * again, and so is one whose readings no longer let it pass. A step that touches the machine waits for the lock-out, and the
 * hand-over for all others; one that is skipped with a reason counts, and stays marked.
 *
 * @param catalogue - to hold a number that was read against the one that should be there
 */
export function jobProgress(
  steps: readonly JobStep[],
  entries: readonly SignedEntry[],
  catalogue: Catalogue,
): JobProgress {
  const own = (step: JobStep) => entries.filter((entry) => entry.step === step.key)
  const settled = (one: StepState) => one.done !== null || one.skipped !== null
  const states: StepState[] = []
  // The lock-out first: what waits for it has to know.
  const lockOut = steps.find(({ guard }) => guard === 'locks-out')
  const locked = !lockOut || settled(stepState(lockOut, own(lockOut), [], catalogue))
  for (const step of steps) {
    const waits =
      step.guard === 'locked-out' && !locked
        ? [`${lockOut.title} is not done`]
        : step.guard === 'all-done'
          ? states.filter((one) => !settled(one)).map((one) => `${one.step.title} is neither done nor skipped`)
          : []
    states.push(stepState(step, own(step), waits, catalogue))
  }
  const open = states.find((one) => !settled(one))
  return { steps: states, current: open?.step.key ?? null, complete: open === undefined }
}

function stepState(
  step: JobStep,
  entries: readonly SignedEntry[],
  waits: readonly string[],
  catalogue: Catalogue,
): StepState {
  const of = <K extends JobEntry['kind']>(kind: K) =>
    entries.filter((entry): entry is Extract<SignedEntry, { kind: K }> => entry.kind === kind)
  const readings = step.readings.map((reading): ReadingState => {
    const entry = of('reading').findLast((one) => one.reading === reading.key) ?? null
    return { reading, entry, isOut: entry !== null && isOutOfLimits(reading, entry, catalogue) }
  })
  const acknowledged = new Map(of('acknowledged').map((entry) => [entry.caution, entry as SignedEntry]))
  const heat = of('heat').at(-1) ?? null
  const last = entries.findLast(({ kind }) => kind === 'done' || kind === 'reopened' || kind === 'skipped')
  const blockers = [
    ...waits,
    ...(step.cautions.some((_, index) => !acknowledged.has(index)) ? ['a caution is not acknowledged'] : []),
    ...readings.flatMap(({ reading, entry, isOut }) => {
      if (reading.needed && (entry === null || (entry.value === null && !entry.text)))
        return [`${reading.label} is missing`]
      return isOut && !entry?.reason ? [`${reading.label} is out of limits and has no reason`] : []
    }),
    ...(step.heat && heat?.event !== 'home' ? ['the ring is not seated'] : []),
  ]
  // What was entered since may have opened it: a reading taken again that is out of limits, a ring that is hot again.
  const done = last?.kind === 'done' && blockers.length === 0 ? last : null
  const skipped = last?.kind === 'skipped' ? last : null
  const marked = readings.some(({ isOut }) => isOut)
  return {
    step,
    readings,
    acknowledged,
    notes: of('note'),
    photos: of('photo'),
    heat,
    done,
    skipped,
    waits,
    blockers,
    state: done ? (marked ? 'watch' : 'go') : skipped ? 'skipped' : entries.length > 0 ? 'begun' : 'open',
  }
}
