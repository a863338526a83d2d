import { linesOf } from './bearing.ts'
import { envelopeSpectrum, recordOf, velocityOf, type EnvelopeSpectrum } from './envelope.ts'
import { matchSpectrum, type MatchInput, type SpectrumMatch } from './match.ts'
import { momentsOf } from './moments.ts'
import { bins, heights, squaredEnvelope } from './transform.ts'
import type { z } from 'zod'

/** A spectrum as it is drawn: a height for each bin, from 0 Hz. */
export interface DrawnSpectrum {
  resolutionHz: number
  heights: Float64Array
}

/** A record heard through: its spectra, the lines its bearing would make, and what was found. */
export interface Heard {
  match: SpectrumMatch
  summary: Pick<
    EnvelopeSpectrum,
    'rmsMs2' | 'peakMs2' | 'crest' | 'kurtosis' | 'velocityRmsMmPerS' | 'seconds' | 'turns'
  >
  /** mm/s r.m.s. by frequency. */
  velocity: DrawnSpectrum
  /** Depth of modulation by frequency. */
  envelope: DrawnSpectrum
  /** Lines of this bearing at this speed, Hz; null where it is not known. */
  lines: { bpfoHz: number; bpfiHz: number; bsfHz: number; ftfHz: number; turnHz: number } | null
}

/** Velocity below this is drift of the sensor, Hz. */
const leastHz = 2

/**
 * A vibration record with its spectrum, the spectrum of its envelope, and what both show: for the eye and for the verdict.
 *
 * @param input - as `spectrum.match` takes it, with samples in m/s²
 * @param topHz - the velocity spectrum is drawn up to here
 * @throws InputError as `spectrum.match` does
 */
export function hear(input: z.output<typeof MatchInput>, topHz = 1000): Heard {
  const match = matchSpectrum(input)
  const of = envelopeSpectrum({ ...input, speedRpm: match.speedRpm })
  const { signal, rateHz } = recordOf(input)
  const resolutionHz = rateHz / signal.length
  const velocity = heights(signal)
    .subarray(0, Math.ceil(topHz / resolutionHz))
    .map((height, k) => (k * resolutionHz < leastHz ? 0 : velocityOf(height, k * resolutionHz)))
  const band = squaredEnvelope(bins(signal), signal.length, Math.round(of.band.fromHz / resolutionHz), Math.round(of.band.toHz / resolutionHz)) // prettier-ignore
  const { mean } = momentsOf(band)
  const depths = heights(band.map((one) => one / mean - 1))
  const lines = input.bearing ? linesOf(input.bearing, match.speedRpm) : null
  const furthest = lines ? 6 * Math.max(lines.bpfiHz, 2 * lines.bsfHz) : topHz
  const { rmsMs2, peakMs2, crest, kurtosis, velocityRmsMmPerS, seconds, turns } = of
  return {
    match,
    summary: { rmsMs2, peakMs2, crest, kurtosis, velocityRmsMmPerS, seconds, turns },
    velocity: { resolutionHz, heights: velocity },
    envelope: { resolutionHz, heights: depths.subarray(0, Math.ceil(furthest / resolutionHz)) },
    lines: lines && { ...lines, turnHz: match.speedRpm / 60 },
  }
}
