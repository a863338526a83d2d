import { z } from 'zod'
import { namedBy } from '../../errors/input-error.ts'
import { calculation } from '../../working/calculation.ts'
import { atLeast, halfUp, median } from '../compare.ts'
import { refused } from '../running-hours.ts'
import { linesOf, SpectrumBearing } from './bearing.ts'
import { momentsOf } from './moments.ts'
import { peaksOf, type Peak } from './peaks.ts'
import { SimulateInput, simulateSignal } from './simulate.ts'
import { bins, heights, squaredEnvelope } from './transform.ts'

const [fewestSamples, mostSamples] = [1024, 262_144]

/** A waveform: as it was taken, or made up. */
export const Waveform = z.strictObject({
  samples: z
    .array(z.number())
    .min(fewestSamples)
    .max(mostSamples)
    .optional()
    .meta({ unit: 'm/s²', description: 'Acceleration, sample by sample' }),
  sampleRateHz: z.number().min(1000).max(102_400).optional().meta({ unit: 'Hz', description: 'Sample rate' }),
  simulate: SimulateInput.optional().meta({ description: 'A made-up signal in their place' }),
})
export type Waveform = z.output<typeof Waveform>

export const EnvelopeInput = Waveform.extend({
  speedRpm: z.number().min(30).max(30_000).optional().meta({ unit: 'r/min', description: 'Speed of the shaft' }),
  bearing: SpectrumBearing.optional(),
  band: z
    .strictObject({ fromHz: z.number().gt(0), toHz: z.number().gt(0) })
    .optional()
    .meta({ unit: 'Hz', description: 'Band the envelope is taken of' }),
})

export type EnvelopeRemark = 'band-default' | 'short-record' | 'sample-rate-low'
export interface EnvelopeBand {
  fromHz: number
  toHz: number
  level: number
  kurtosis: number
}
export interface EnvelopeSpectrum {
  length: number
  resolutionHz: number
  seconds: number
  turns: number | null
  rmsMs2: number
  peakMs2: number
  crest: number
  kurtosis: number | null
  velocityRmsMmPerS: number
  band: EnvelopeBand
  bandRmsMs2: number
  peaks: { hz: number; amplitudeMs2: number; velocityMmPerS: number; ratio: number }[]
  envelopePeaks: { hz: number; depth: number; ratio: number }[]
  remarks: EnvelopeRemark[]
}

/** Longest record that is looked at, and how many bins a band needs. */
const [longest, leastBins] = [131_072, 64]
const deepest = 5
/** A record of fewer turns tells lines badly apart. */
const leastTurns = 20
const lowRateHz = 5000

/** A record with its mean taken off, as long as a power of two. @throws InputError on `samples`, `sampleRateHz` */
export function recordOf({ samples, sampleRateHz, simulate }: Waveform): { signal: Float64Array; rateHz: number } {
  if (!simulate && !samples) throw refused('samples', undefined, 'given, or simulated', 'MISSING')
  if (!simulate && sampleRateHz === undefined) throw refused('sampleRateHz', undefined, 'given with samples', 'MISSING')
  const all = simulate
    ? namedBy(
        (field) => `simulate.${field}`,
        () => simulateSignal(simulate),
      )
    : Float64Array.from(samples ?? [])
  let length = fewestSamples
  while (2 * length <= Math.min(all.length, longest)) length *= 2
  const cut = all.subarray(0, length)
  const { mean, rms } = momentsOf(cut)
  if (rms === 0) throw refused('samples', 0, 'a signal, and not the same value all along', 'FIELDS_DISAGREE')
  return { signal: cut.map((one) => one - mean), rateHz: simulate?.sampleRateHz ?? sampleRateHz ?? 0 }
}

/** Velocity of a line of acceleration, mm/s r.m.s. */
export const velocityOf = (heightMs2: number, hz: number): number =>
  (heightMs2 / Math.SQRT2 / (2 * Math.PI * hz)) * 1000

/** Lines of the spectrum of a record. */
export function spectrumOf(signal: Float64Array, rateHz: number, turnHz: number | null) {
  const resolutionHz = rateHz / signal.length
  const spectrum = heights(signal)
  const top = Math.floor(Math.min(0.45 * rateHz, Math.max(1000, 12 * (turnHz ?? 0))) / resolutionHz)
  const peaks = peaksOf(spectrum, resolutionHz, top).map(({ hz, height, ratio }) => ({
    hz,
    amplitudeMs2: height,
    velocityMmPerS: velocityOf(height, hz),
    ratio,
  }))
  return { spectrum, resolutionHz, peaks }
}

/**
 * The spectrum of a vibration record, and the spectrum of the envelope of the band in which it knocks.
 *
 * @returns Hz, m/s² and mm/s r.m.s.; the envelope spectrum in depths of modulation
 * @throws InputError on `samples`, `sampleRateHz`, `simulate`, `bearing`, `band`
 * @see Randall and Antoni (2011); band by kurtosis after Antoni
 */
export function envelopeSpectrum(input: z.output<typeof EnvelopeInput>): EnvelopeSpectrum {
  const { signal, rateHz } = recordOf(input)
  const speedRpm = input.speedRpm ?? input.simulate?.speedRpm ?? null
  const turnHz = speedRpm === null ? null : speedRpm / 60
  const { spectrum, resolutionHz, peaks } = spectrumOf(signal, rateHz, turnHz)
  const { rms, peak, kurtosis } = momentsOf(signal)
  const topHz = topDefectHz(input.bearing, speedRpm)
  const all = bins(signal)
  const { from, to, level, isDefault } = input.band
    ? givenBand(input.band, resolutionHz, signal.length)
    : loudestBand(all, signal.length, resolutionHz, topHz)
  const envelope = squaredEnvelope(all, signal.length, from, to)
  const mean = momentsOf(envelope).mean
  const depths = heights(envelope.map((one) => one / mean - 1))
  const turns = turnHz === null ? null : (signal.length * turnHz) / rateHz
  return {
    length: signal.length,
    resolutionHz,
    seconds: signal.length / rateHz,
    turns,
    rmsMs2: rms,
    peakMs2: peak,
    crest: peak / rms,
    kurtosis,
    velocityRmsMmPerS: velocityRms(spectrum, resolutionHz, speedRpm),
    band: { fromHz: from * resolutionHz, toHz: to * resolutionHz, level, kurtosis: knocking(envelope) },
    bandRmsMs2: Math.sqrt(mean / 2),
    peaks,
    envelopePeaks: peaksOf(depths, resolutionHz, Math.floor((6 * topHz) / resolutionHz)).map(depthOf),
    remarks: [
      ...(isDefault ? (['band-default'] as const) : []),
      ...(turns !== null && turns < leastTurns ? (['short-record'] as const) : []),
      ...(rateHz < lowRateHz ? (['sample-rate-low'] as const) : []),
    ],
  }
}

const depthOf = ({ hz, height, ratio }: Peak) => ({ hz, depth: height, ratio })

/** Velocity of the whole, mm/s r.m.s., as machines are judged by. */
function velocityRms(spectrum: Float64Array, resolutionHz: number, speedRpm: number | null): number {
  const lowHz = speedRpm !== null && speedRpm < 600 ? 2 : 10
  let sum = 0
  for (let k = 3; k < spectrum.length; k++) {
    const hz = k * resolutionHz
    if (hz >= lowHz && hz <= 1000) sum += velocityOf(spectrum[k] ?? 0, hz) ** 2
  }
  // A Hann window spreads a line over a bin and a half.
  return Math.sqrt(sum / 1.5)
}

/** Highest frequency a damaged bearing strikes at, Hz; a usual one where nobody knows. */
function topDefectHz(bearing: SpectrumBearing | undefined, speedRpm: number | null): number {
  if (!bearing || speedRpm === null) return 200
  const { bpfoHz, bpfiHz, bsfHz, ftfHz } = linesOf(bearing, speedRpm)
  return Math.max(bpfoHz, bpfiHz, 2 * bsfHz, ftfHz)
}

interface Band {
  from: number
  to: number
  level: number
  isDefault: boolean
}

function givenBand({ fromHz, toHz }: { fromHz: number; toHz: number }, resolutionHz: number, n: number): Band {
  const [from, to] = [halfUp(fromHz / resolutionHz), halfUp(toHz / resolutionHz)]
  if (toHz <= fromHz || from < 1 || to > n / 2 || to - from < leastBins)
    throw refused('band', `${fromHz} to ${toHz}`, `upward, ${leastBins} bins of ${resolutionHz} Hz wide at least, and below half the sample rate`, 'FIELDS_DISAGREE') // prettier-ignore
  return { from, to, level: 0, isDefault: false }
}

/** Band whose envelope knocks most, of halves, quarters and so on that overlap by half. */
function loudestBand(all: readonly number[], n: number, resolutionHz: number, topHz: number): Band {
  let best: (Band & { knocks: number }) | null = null
  for (let level = 1; level <= deepest; level++) {
    const width = n / 2 ** (level + 1)
    if (width < leastBins || !atLeast(width * resolutionHz, 2.5 * topHz)) continue
    for (let j = 0; j <= 2 ** (level + 1) - 2; j++) {
      const from = Math.floor((j * width) / 2)
      if (!atLeast(from * resolutionHz, Math.max(500, 2.5 * topHz))) continue
      const to = from + width
      const knocks = knocking(squaredEnvelope(all, n, from, to))
      if (!best || knocks > best.knocks + 1e-9) best = { from, to, level, isDefault: false, knocks }
    }
  }
  return best ?? { from: n / 4, to: n / 2, level: 1, isDefault: true }
}

/** How much an envelope knocks: the middle of four quarters, so that one knock does not make it. 0 for noise. */
function knocking(envelope: Float64Array): number {
  const quarter = envelope.length / 4
  return median(
    [0, 1, 2, 3].map((part) => {
      const piece = envelope.subarray(part * quarter, (part + 1) * quarter)
      let [sum, squares] = [0, 0]
      for (const one of piece) {
        sum += one
        squares += one ** 2
      }
      return squares / piece.length / (sum / piece.length) ** 2 - 2
    }),
  )
}

export const envelopeSpectrumCalculation = calculation(
  'spectrum.envelope',
  'Spectrum and envelope spectrum of a vibration record',
  'Randall and Antoni (2011)',
  EnvelopeInput,
  envelopeSpectrum,
)
