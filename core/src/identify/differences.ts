import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { Closure } from '../model/bearing-type.ts'
import { inSentence } from '../model/sentence.ts'
import type { Position } from '../model/position.ts'
import type { Verdict } from '../working/assessment.ts'

/** One thing the machine calls for, held against what the number says is there. */
export interface Difference {
  what: 'clearance' | 'closure' | 'bore' | 'cage' | 'precision' | 'heat'
  wanted: string
  present: string
  verdict: Verdict
  /** What follows from it, in one sentence. */
  consequence: string
  wayOut: string
  field: string
}

/** Suffix that asks for a closure on both sides, as one orders it. */
export const closureSuffix: Record<Closure, string> = {
  open: '',
  shield: '-2Z',
  'contact-seal': '-2RS',
  'low-friction-seal': '-2RZ',
}

/**
 * Everything the machine calls for but the clearance class, in the order one looks at a bearing; what nobody asks for is left out.
 */
export function differences({ bearing: given }: Position, bearing: ResolvedBearing): Difference[] {
  return [
    closureDifference(given.requiredClosure, bearing),
    boreDifference(given.requiredBore, bearing),
    cageDifference(given.requiredCage, bearing),
    precisionDifference(given.requiredPrecision, bearing),
    heatDifference(given.hottestRingC, bearing),
  ].filter((one) => one !== null)
}

const closureWords: Record<Closure, string> = {
  open: 'open',
  shield: 'shields',
  'contact-seal': 'contact seals',
  'low-friction-seal': 'low-friction seals',
}

/** What goes wrong when one closure stands in for another; one that is not listed does no harm. */
const closureHarm: Partial<Record<Closure, Partial<Record<Closure, [Verdict, string]>>>> = {
  open: {
    shield: ['watch', 'oil and fresh grease reach it badly through the shields'],
    'contact-seal': ['stop', 'neither oil nor fresh grease reaches it, and the seals rub'],
    'low-friction-seal': ['stop', 'neither oil nor fresh grease reaches it'],
  },
  shield: {
    open: ['stop', 'the grease gets out and dirt gets in'],
    'contact-seal': ['watch', 'the seals rub: it runs warmer and stands less speed'],
  },
  'contact-seal': {
    open: ['stop', 'water and dirt get in at once'],
    shield: ['stop', 'a shield keeps grease in, not water out'],
    'low-friction-seal': ['watch', 'a seal that does not touch keeps less water out'],
  },
  'low-friction-seal': {
    open: ['stop', 'dirt gets in and the grease gets out'],
    shield: ['watch', 'a shield keeps less dirt out'],
    'contact-seal': ['watch', 'the seals rub: it runs warmer and stands less speed'],
  },
}

function closureDifference(wanted: Closure | null, { decoded, row }: ResolvedBearing): Difference | null {
  if (wanted === null) return null
  // Insert bearings are sealed without a suffix that says so.
  const closure = row.type === 'insert-ball' && decoded.closure === 'open' ? 'contact-seal' : decoded.closure
  const oneSide = decoded.closedSides === 1 && wanted !== 'open'
  const [verdict, harm] = oneSide
    ? (['stop', 'one side is open'] as const)
    : (closureHarm[wanted]?.[closure] ?? (['go', ''] as const))
  const present = `${closureWords[closure]}${oneSide ? ' on one side' : ''}`
  return {
    what: 'closure',
    wanted: closureWords[wanted],
    present,
    verdict,
    consequence:
      verdict === 'go'
        ? `The machine calls for ${closureWords[wanted]}, and that is what it has.`
        : `The machine calls for ${closureWords[wanted]}, this has ${present === 'open' ? 'none' : present}: ${harm}.`,
    wayOut: wanted === 'open' ? 'Get the open one.' : `Get it with ${closureSuffix[wanted].replace('-', '')}.`,
    field: 'bearing.requiredClosure',
  }
}

function boreDifference(wanted: 'cylindrical' | 'tapered' | null, { decoded }: ResolvedBearing): Difference | null {
  if (wanted === null) return null
  const same = wanted === decoded.boreShape
  return {
    what: 'bore',
    wanted,
    present: decoded.boreShape,
    verdict: same ? 'go' : 'stop',
    consequence: same
      ? `The bore is ${wanted}, as called for.`
      : wanted === 'tapered'
        ? 'The seat or sleeve is tapered and the bore is not: it bears on one edge.'
        : 'The bore is tapered and the seat is not: it bears on one edge and cannot be held.',
    wayOut: wanted === 'tapered' ? 'Get it with K.' : 'Get it without K.',
    field: 'bearing.requiredBore',
  }
}

function cageDifference(wanted: Position['bearing']['requiredCage'], { decoded }: ResolvedBearing): Difference | null {
  if (wanted === null) return null
  const present =
    (['steel', 'brass', 'polyamide'] as const).find((one) => decoded.features.includes(`${one}-cage`)) ?? null
  const rest = { what: 'cage', wanted, present: present ?? 'not stated', field: 'bearing.requiredCage' } as const
  if (present === wanted)
    return { ...rest, verdict: 'go', consequence: `The cage is ${wanted}, as called for.`, wayOut: 'Nothing to do.' }
  if (present === null)
    return {
      ...rest,
      verdict: 'watch',
      consequence: `The machine calls for a ${wanted} cage, and the number does not say what this one has.`,
      wayOut:
        'Look between the rings: pressed steel is thin and riveted, brass yellow and turned, polyamide dull and light.',
    }
  return {
    ...rest,
    verdict: present === 'polyamide' ? 'stop' : 'watch',
    consequence:
      present === 'polyamide'
        ? `The machine calls for a ${wanted} cage, this has polyamide: it grows brittle above 120 °C and in some oils and ammonia.`
        : `The machine calls for a ${wanted} cage, this has ${present}.`,
    wayOut: `Get it with the ${wanted} cage, or ask the machine’s maker whether ${present} will do.`,
  }
}

const classes = ['normal', 'P6', 'P5', 'P4', 'P2']

function precisionDifference(
  wanted: Position['bearing']['requiredPrecision'],
  { decoded }: ResolvedBearing,
): Difference | null {
  if (wanted === null) return null
  const said = decoded.features.find((one) => one.startsWith('precision-'))?.replace('precision-', '')
  const present = said === 'P6X' ? 'P6' : (said ?? 'normal')
  const enough = classes.indexOf(present) >= classes.indexOf(wanted)
  return {
    what: 'precision',
    wanted,
    present,
    verdict: enough ? 'go' : 'stop',
    consequence: enough
      ? `Class ${wanted} is called for, and it is ${present}.`
      : `Class ${wanted} is called for, this is ${present}: the spindle runs out, and its seats are worked for the finer ring.`,
    wayOut: enough ? 'Nothing to do.' : `Get it with ${wanted}.`,
    field: 'bearing.requiredPrecision',
  }
}

/** Rings that no suffix says are stabilised keep their size up to here, °C. */
const usualStableC = 120

function heatDifference(hottestC: number | null, { decoded }: ResolvedBearing): Difference | null {
  if (hottestC === null) return null
  const said = decoded.features.find((one) => one.startsWith('heat-stabilised-'))
  const stableC = said ? Number(/\d+/.exec(said)?.[0]) : usualStableC
  const stands = hottestC <= stableC
  return {
    what: 'heat',
    wanted: inSentence(hottestC, 'temperature'),
    present: inSentence(stableC, 'temperature'),
    verdict: stands ? 'go' : 'stop',
    consequence: stands
      ? `The rings keep their size up to ${inSentence(stableC, 'temperature')}.`
      : `A ring reaches ${inSentence(hottestC, 'temperature')}, and these keep their size up to ${inSentence(stableC, 'temperature')} only: the inner ring grows for good and comes loose.`,
    wayOut: stands
      ? 'Nothing to do.'
      : `Get it stabilised, suffix ${stabilisedFor(hottestC) ?? 'of the maker’s for this heat'}; closures and grease must stand it too.`,
    field: 'bearing.hottestRingC',
  }
}

const stabilised: [string, number][] = [['S0', 150], ['S1', 200], ['S2', 250], ['S3', 300]] // prettier-ignore

/** The first stabilisation that stands a temperature; null where none does. */
export const stabilisedFor = (hottestC: number): string | null =>
  stabilised.find(([, standsC]) => standsC >= hottestC)?.[0] ?? null
