import { z } from 'zod'
import { namedBy } from '../../errors/input-error.ts'
import { calculation } from '../../working/calculation.ts'
import { atLeast, atMost } from '../compare.ts'
import { refused } from '../running-hours.ts'
import { settled } from '../compare.ts'
import { bearingFaults, bearingFindings, type BearingFinding } from './bearing-lines.ts'
import { comb, fundamental } from './comb.ts'
import { EnvelopeInput, envelopeSpectrum, recordOf, spectrumOf, Waveform, type EnvelopeBand } from './envelope.ts'
import { machineFaults, machineFindings, shaftLines, type MachineFinding, type VelocityLine } from './shaft-lines.ts'

const hz = z.number().gt(0).max(1e5)
const ratio = z.number().min(1)
export const MatchInput = EnvelopeInput.omit({ band: true }).extend({
  resolutionHz: z
    .number()
    .gt(0)
    .max(100)
    .optional()
    .meta({ unit: 'Hz', description: 'Resolution, where peaks are given' }),
  envelopePeaks: z
    .array(z.strictObject({ hz, ratio, depth: z.number().min(0).default(0) }))
    .max(500)
    .optional()
    .meta({ description: 'Lines of an envelope spectrum from elsewhere' }),
  peaks: z
    .array(z.strictObject({ hz, velocityMmPerS: z.number().min(0), ratio }))
    .max(500)
    .optional()
    .meta({ description: 'Lines of a spectrum from elsewhere' }),
  velocityRmsMmPerS: z
    .number()
    .min(0)
    .max(1000)
    .optional()
    .meta({ unit: 'mm/s', description: 'Velocity of the whole' }),
  slipPercent: z.number().min(0).max(3).default(2).meta({ unit: '%', description: 'Slip that is allowed' }),
  speedTolerancePercent: z
    .number()
    .min(0)
    .max(5)
    .default(1)
    .meta({ unit: '%', description: 'How well the speed is known' }),
  lineHz: z.number().min(16).max(400).default(50).meta({ unit: 'Hz', description: 'Line frequency' }),
  levelMmPerS: z
    .number()
    .min(0.5)
    .max(20)
    .default(2.8)
    .meta({ unit: 'mm/s', description: 'Velocity that is watched from' }),
  axial: Waveform.optional().meta({ description: 'A second record, along the shaft' }),
})
type Given = z.output<typeof MatchInput>

export type SpectrumFinding = BearingFinding | MachineFinding
export type SpectrumFault = SpectrumFinding['fault']
export type MatchRemark = 'short-record' | 'sample-rate-low' | 'speed-not-seen' | 'near-shaft-multiple' | 'line-near-shaft-multiple' // prettier-ignore
export interface SpectrumMatch {
  speedRpm: number
  speedMeasured: boolean
  resolutionHz: number
  band: EnvelopeBand | null
  findings: SpectrumFinding[]
  found: SpectrumFault[]
  verdict: 'clear' | 'likely' | 'possible' | 'nothing-found'
  evidence: string[]
  absent: string[]
  context: { vibrationMmPerS?: number }
  orders: { order: number; mmPerS: number }[]
  lineMmPerS: number
  remarks: MatchRemark[]
}

const faults: readonly SpectrumFault[] = [...bearingFaults, ...machineFaults]
/** Sign of the knowledge base that a fault is. */
const signOf: Record<SpectrumFault, string> = {
  outer: 'spectrum-outer-line',
  inner: 'spectrum-inner-line',
  element: 'spectrum-element-line',
  cage: 'spectrum-cage-line',
  unbalance: 'spectrum-1x',
  misalignment: 'spectrum-2x-axial',
  looseness: 'spectrum-many-harmonics',
  electrical: 'spectrum-2x-line',
}
const [foundFrom, absentBelow] = [0.5, 0.1]
const speedWeights = [1, 0.8, 0.6, 0.4, 0.2]
const leastTurns = 20

/** What the lines are looked for in: a record, or lines from elsewhere. */
interface Lines {
  peaks: readonly VelocityLine[]
  envelopePeaks: Given['envelopePeaks'] | null
  resolutionHz: number
  band: EnvelopeBand | null
  velocityRmsMmPerS: number | null
  remarks: MatchRemark[]
  /** An envelope good enough to say that something is not there. */
  tellsAbsence: boolean
}

/**
 * Names what a vibration record shows: damaged parts of the bearing, and what the machine is sick of, each with how sure.
 *
 * @returns findings by confidence downward; Hz, mm/s r.m.s., depths of modulation
 * @throws InputError on `speedRpm`, `resolutionHz`, `peaks`, `axial`, `bearing`, and as spectrum.envelope does
 * @see Randall and Antoni (2011)
 */
export function matchSpectrum(input: Given): SpectrumMatch {
  const speedRpm = input.speedRpm ?? input.simulate?.speedRpm
  if (speedRpm === undefined) throw refused('speedRpm', undefined, 'given, or simulated', 'MISSING')
  const lines = linesGiven(input, speedRpm)
  const { resolutionHz } = lines
  const { lineHz, levelMmPerS } = input
  const speed = measuredSpeed(lines, speedRpm / 60, input)
  const turnHz = speed.turnHz
  const shaft = { turnHz, resolutionHz, lineHz }
  const ofBearing =
    input.bearing && lines.envelopePeaks
      ? bearingFindings(input.bearing, lines.envelopePeaks, { ...shaft, span: speed.span })
      : { findings: [], nearShaft: new Set<SpectrumFault>() }
  const ofShaft = shaftLines(lines.peaks, shaft)
  const clashes = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10].filter((q) =>
    atMost(Math.abs(q * turnHz - 2 * lineHz), 2 * resolutionHz),
  )
  const axial = input.axial ? axialLines(input.axial, turnHz, lineHz) : null
  const findings = [...ofBearing.findings, ...machineFindings(ofShaft, { clashes, axial, levelMmPerS })].sort(
    (a, b) => settled(b.confidence) - settled(a.confidence) || faults.indexOf(a.fault) - faults.indexOf(b.fault),
  )
  const found = findings.filter(({ confidence }) => atLeast(confidence, foundFrom)).map(({ fault }) => fault)
  const absent = lines.tellsAbsence
    ? bearingFaults.filter((fault) => {
        const finding = ofBearing.findings.find((one) => one.fault === fault)
        return finding !== undefined && finding.confidence < absentBelow - 1e-9 && !ofBearing.nearShaft.has(fault)
      })
    : []
  return {
    speedRpm: 60 * turnHz,
    speedMeasured: speed.measured,
    resolutionHz,
    band: lines.band,
    findings,
    found,
    verdict: verdictOf(findings[0]?.confidence ?? 0),
    evidence: found.map((fault) => signOf[fault]),
    absent: absent.map((fault) => signOf[fault]),
    context: lines.velocityRmsMmPerS === null ? {} : { vibrationMmPerS: lines.velocityRmsMmPerS },
    orders: ofShaft.orders,
    lineMmPerS: ofShaft.lineMmPerS,
    remarks: [
      ...lines.remarks,
      ...(speed.measured ? [] : (['speed-not-seen'] as const)),
      ...(ofBearing.nearShaft.size > 0 ? (['near-shaft-multiple'] as const) : []),
      ...(clashes.length > 0 ? (['line-near-shaft-multiple'] as const) : []),
    ],
  }
}

function linesGiven(input: Given, speedRpm: number): Lines {
  const { peaks, envelopePeaks, resolutionHz, velocityRmsMmPerS, axial } = input
  if (peaks || envelopePeaks) {
    if (resolutionHz === undefined) throw refused('resolutionHz', undefined, 'given with peaks', 'MISSING')
    if (axial) throw refused('axial', undefined, 'left out where peaks are given', 'FIELDS_DISAGREE')
    if (input.samples || input.simulate) throw refused('peaks', undefined, 'left out where a record is given', 'FIELDS_DISAGREE') // prettier-ignore
    return {
      peaks: peaks ?? [],
      envelopePeaks: envelopePeaks ?? null,
      resolutionHz,
      band: null,
      velocityRmsMmPerS: velocityRmsMmPerS ?? null,
      remarks: speedRpm / 60 / resolutionHz < leastTurns ? ['short-record'] : [],
      tellsAbsence: envelopePeaks !== undefined,
    }
  }
  const { simulate, samples, sampleRateHz, bearing } = input
  const read = envelopeSpectrum({ simulate, samples, sampleRateHz, bearing, speedRpm })
  return {
    ...read,
    remarks: read.remarks.flatMap((one) => (one === 'band-default' ? [] : [one])),
    tellsAbsence: read.remarks.length === 0,
  }
}

/** The speed as the lines of the shaft have it, and how far those of the bearing may then be off. */
function measuredSpeed(
  { peaks, resolutionHz }: Lines,
  givenHz: number,
  { lineHz, speedTolerancePercent, slipPercent }: Given,
): { turnHz: number; measured: boolean; span: number } {
  const tolerance = speedTolerancePercent / 100
  const candidates = peaks.filter((one) => Math.abs(one.hz - 2 * lineHz) > 1.5 * resolutionHz)
  const { score, hits } = comb(candidates, { hz: givenHz, span: tolerance, weights: speedWeights, spacingHz: null, resolutionHz }) // prettier-ignore
  const seen = fundamental(hits)
  const measured = seen !== null && atLeast(score, 0.1) && atMost(Math.abs(seen / givenHz - 1), tolerance)
  const turnHz = measured ? seen : givenHz
  const highest = hits.at(-1)?.h ?? 1
  const known = measured ? Math.min(tolerance, (0.5 * resolutionHz) / (highest * turnHz)) : tolerance
  return { turnHz, measured, span: slipPercent / 100 + known }
}

function axialLines(axial: Waveform, turnHz: number, lineHz: number) {
  const { signal, rateHz } = namedBy(
    (field) => `axial.${field}`,
    () => recordOf(axial),
  )
  const { peaks, resolutionHz } = spectrumOf(signal, rateHz, turnHz)
  return shaftLines(peaks, { turnHz, resolutionHz, lineHz })
}

const verdictOf = (highest: number): SpectrumMatch['verdict'] =>
  atLeast(highest, 0.75) ? 'clear' : atLeast(highest, 0.5) ? 'likely' : atLeast(highest, 0.3) ? 'possible' : 'nothing-found' // prettier-ignore

export const matchSpectrumCalculation = calculation(
  'spectrum.match',
  'What a vibration record shows',
  'Randall and Antoni (2011)',
  MatchInput,
  matchSpectrum,
)
