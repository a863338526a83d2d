import { atMost, clamp, halfUp, settled } from '../compare.ts'
import { linesOf, type SpectrumBearing } from './bearing.ts'
import { comb, fundamental, type Comb } from './comb.ts'

export const bearingFaults = ['outer', 'inner', 'element', 'cage'] as const
export type BearingFault = (typeof bearingFaults)[number]

export interface EnvelopeLine {
  hz: number
  depth: number
  ratio: number
}

/** What the envelope says of one part of the bearing. */
export interface BearingFinding {
  fault: BearingFault
  expectedHz: number
  foundHz: number | null
  slipPercent: number | null
  /** Multiples that were hit. */
  harmonics: number[]
  sidebands: number
  /** Depths of the hits together. */
  strength: number
  confidence: number
}

interface Shaft {
  turnHz: number
  /** How far the lines of a bearing may be off, as a share. */
  span: number
  resolutionHz: number
  lineHz: number
}

/** A score at which a fault is beyond doubt, what one line alone can reach, and from where a fault counts as found. */
const [sure, oneLine, found] = [0.5, 0.4, 0.5]
const cageWeights = Array<number>(8).fill(1)
const usualWeights = [1, 0.8, 0.6, 0.4]
/** Multiples of a found fault that accuse nobody else. */
const [ownLines, ownCageLines, ownElementLines] = [6, 48, 12]

interface Looked {
  fault: BearingFault
  hz: number
  spacingHz: number | null
}

/**
 * Damaged parts of a bearing in its envelope spectrum, each found fault explaining its own lines before the next is looked for.
 *
 * @returns the four, in the order they were judged, and which of them lie on a multiple of the shaft
 */
export function bearingFindings(
  bearing: SpectrumBearing,
  lines: readonly EnvelopeLine[],
  shaft: Shaft,
): { findings: BearingFinding[]; nearShaft: Set<BearingFault> } {
  const { turnHz, span, resolutionHz, lineHz } = shaft
  const { bpfoHz, bpfiHz, bsfHz, ftfHz } = linesOf(bearing, 60 * turnHz)
  const all: Looked[] = [
    { fault: 'outer', hz: bpfoHz, spacingHz: bearing.rotatingRing === 'outer' ? turnHz : null },
    { fault: 'inner', hz: bpfiHz, spacingHz: bearing.rotatingRing === 'inner' ? turnHz : null },
    { fault: 'element', hz: 2 * bsfHz, spacingHz: ftfHz },
    { fault: 'cage', hz: ftfHz, spacingHz: null },
  ]
  const nearShaft = new Set(
    all
      .filter(({ fault, hz }) => fault !== 'cage' && atMost(Math.abs(hz - halfUp(hz / turnHz) * turnHz), span * hz))
      .map(({ fault }) => fault),
  )
  let rest = [...lines]
  const ofShaft = (hz: number) =>
    Array.from({ length: 10 }, (_, q) => (q + 1) * turnHz).some((one) => Math.abs(hz - one) <= 1.5 * resolutionHz) ||
    Math.abs(hz - 2 * lineHz) <= resolutionHz
  let free = lines.filter(({ hz }) => !ofShaft(hz))
  let left = all
  const findings: BearingFinding[] = []
  while (left.length > 0) {
    const combs = left.map((one) => ({
      ...one,
      comb: comb(one.fault === 'cage' ? rest : free, {
        hz: one.hz,
        span,
        weights: one.fault === 'cage' ? cageWeights : usualWeights,
        spacingHz: one.spacingHz,
        resolutionHz,
      }),
    }))
    const next = nextOf(combs)
    if (!next) break
    const finding = findingOf(next)
    findings.push(finding)
    left = left.filter(({ fault }) => fault !== next.fault)
    if (finding.foundHz === null || finding.confidence < found) continue
    const own = ownOf(next, finding.foundHz)
    const explained = ({ hz }: EnvelopeLine) =>
      own.some((c) => Math.abs(hz - c) <= 1.5 * resolutionHz + 0.003 * Math.abs(c))
    rest = rest.filter((line) => !explained(line))
    free = free.filter((line) => !explained(line))
  }
  return { findings, nearShaft }
}

type Combed = Looked & { comb: Comb<EnvelopeLine> }

/** Who is judged next: the strongest, but a cage that shows a whole row goes first, and an element before a cage that would. */
function nextOf(combs: readonly Combed[]): Combed | undefined {
  const cage = combs.find(({ fault }) => fault === 'cage')
  if (cage && isEvenRow(cage.comb)) return cage
  const [strongest] = [...combs].sort((a, b) => settled(b.comb.score) - settled(a.comb.score))
  const element = combs.find(({ fault }) => fault === 'element')
  return strongest?.fault === 'cage' && element && element.comb.sidebands > 0 ? element : strongest
}

/** Six of eight lines at least, the first two among them, and the next three nearly as deep. */
function isEvenRow({ hits }: Comb<EnvelopeLine>): boolean {
  const depth = (h: number) => hits.find((hit) => hit.h === h)?.line.depth ?? 0
  if (hits.length < 6 || depth(1) === 0 || depth(2) === 0) return false
  return Math.min(depth(3), depth(4), depth(5)) >= (0.6 * (depth(1) + depth(2))) / 2 - 1e-9
}

function findingOf({ fault, hz, comb: { score, hits, sidebands } }: Combed): BearingFinding {
  const confidence = clamp(score / sure)
  const alone = hits.length < 2 && sidebands === 0
  const foundHz = fundamental(hits)
  return {
    fault,
    expectedHz: hz,
    foundHz,
    slipPercent: foundHz === null ? null : 100 * (foundHz / hz - 1),
    harmonics: hits.map(({ h }) => h),
    sidebands,
    strength: hits.reduce((sum, { line }) => sum + line.depth, 0),
    confidence: alone ? Math.min(oneLine, confidence) : confidence,
  }
}

/** Lines that a found fault explains. */
function ownOf({ fault, spacingHz }: Looked, f: number): number[] {
  const count = fault === 'cage' ? ownCageLines : fault === 'element' ? ownElementLines : ownLines
  const apart = fault === 'element' ? f / 2 : f
  const lines = Array.from({ length: count }, (_, index) => (index + 1) * apart)
  if (spacingHz === null) return lines
  const beside = [1, 2, 3].flatMap((n) => lines.flatMap((c) => [c - n * spacingHz, c + n * spacingHz]))
  return [...lines, ...beside, ...[1, 2, 3, 4].map((n) => n * spacingHz)]
}
