import { inSentence } from '../model/sentence.ts'
import type { JobReading } from '../model/job.ts'

/** A reading of the same step beside the one that is entered. */
export interface Beside {
  reading: JobReading
  value: number | null
}

/** No housing that has run, and no shop, is colder, °C; nothing that is read here is hotter. */
const coldestC = -30
const coldestRunC = 0
const hottestC = 250
/** Neighbours that differ by so many times are asked about. */
const apartTimes = 8
/** Two bearings of a machine that differ by so much after the same time, K. */
const apartK = 60
/** A size off the middle of its limits by more than a hundredth, and half a millimetre, is another size. */
const sizeShare = 0.01
const leastSizeMm = 0.5
/** What before and after make may differ from what was said to be lost, µm. */
const lostUm = 5

const stem = ({ key }: JobReading): string => key.split(':')[0] ?? key

/**
 * What is asked about a reading before it is judged: a slip of the pen, of the unit, of the gauge; null where nothing is.
 *
 * A doubt is no verdict: a person says that it is so, and it is judged like any other.
 *
 * @param beside - other readings of the step, as they stand
 */
export function doubtOf(reading: JobReading, value: number, beside: readonly Beside[]): string | null {
  if (reading.kind !== 'number') return null
  switch (reading.quantity) {
    case 'temperature':
      return temperatureDoubt(reading, value, beside)
    case 'length':
      return sizeDoubt(reading, value)
    case 'deviation':
      return clearanceDoubt(reading, value, beside)
    default:
      return value < 0 ? 'Less than nothing cannot be read here.' : (likeDoubt(reading, value, beside) ?? null)
  }
}

function temperatureDoubt(reading: JobReading, celsius: number, beside: readonly Beside[]): string | null {
  const said = inSentence(celsius, 'temperature')
  const { gives } = reading
  if (celsius > hottestC) return `${said} is hotter than anything that is read here. Is the unit right?`
  if (gives?.what === 'run-up') {
    if (celsius < coldestRunC) return `${said} after ${gives.minutes} min of running is freezing. Is the unit right?`
    const other = beside.find(
      (one) =>
        one.value !== null &&
        one.reading.gives?.what === 'run-up' &&
        one.reading.key !== reading.key &&
        Math.abs(one.value - celsius) > apartK,
    )
    if (other?.value != null) return `${said} stands beside ${inSentence(other.value, 'temperature')} of ${other.reading.label}.` // prettier-ignore
  }
  return celsius < coldestC ? `${said} is colder than any shop. Is the unit right?` : null
}

function sizeDoubt({ low, high, gives }: JobReading, mm: number): string | null {
  if (mm < 0 && gives?.what !== 'float.end-play') return 'A size is not less than nothing.'
  if (low === null || high === null) return null
  const middle = (low + high) / 2
  return Math.abs(mm - middle) > Math.max(leastSizeMm, sizeShare * middle)
    ? `${inSentence(mm, 'length', { decimals: 3 })} is ${inSentence(Math.abs(mm - middle), 'length', { decimals: 2 })} off: another size, or a slip of the pen.`
    : null
}

/** Clearance before, left and lost belong together. */
function clearanceDoubt(reading: JobReading, um: number, beside: readonly Beside[]): string | null {
  const valueOf = (key: string) =>
    reading.key === key ? um : (beside.find((one) => one.reading.key === key)?.value ?? null)
  const [before, after, lost] = [valueOf('before'), valueOf('after'), valueOf('lost')]
  if (um < 0) return 'A feeler finds no less than nothing.'
  if (before !== null && after !== null && after > before)
    return `More is left, ${inSentence(after, 'deviation')}, than there was before, ${inSentence(before, 'deviation')}.`
  if (before !== null && after !== null && lost !== null && Math.abs(before - after - lost) > lostUm)
    return `Before less left makes ${inSentence(before - after, 'deviation')}, and ${inSentence(lost, 'deviation')} is said to be lost.`
  return null
}

/** The same thing read at another bearing of the machine. */
function likeDoubt(reading: JobReading, value: number, beside: readonly Beside[]): string | null {
  const like = beside.filter((one) => one.reading.key !== reading.key && stem(one.reading) === stem(reading))
  const far = like.find(
    (one) => one.value !== null && one.value > 0 && (value > one.value * apartTimes || value * apartTimes < one.value),
  )
  return far?.value == null
    ? null
    : `${value} stands beside ${far.value} of ${far.reading.label}. Is the point in its place?`
}
