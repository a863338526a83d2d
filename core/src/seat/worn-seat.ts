import type { RingLoad } from './fit-recommend.schema.ts'
import type { Seat } from './fit-result.ts'
import type { Gauging } from './gauge.ts'

/** One way to go on with a seat that was gauged: what it takes and what it is worth. */
export interface Remedy {
  key: 'fit' | 'compound' | 'rework' | 'sleeve' | 'replace'
  title: string
  /** Usual time in the shop, hours; guidance. */
  hours: { from: number; to: number }
  /** How far it can be trusted, in words. */
  trust: string
  /** Why it may not be done here; null where it may. */
  barred: string | null
}

export interface WornSeatInput {
  seat: Seat
  ringLoad: RingLoad
  gauging: Gauging
  /** Its mean stands over the zone on the side where metal can come off: a thick shaft, a narrow bore. */
  metalToSpare: boolean
  /** The ring has to move along this seat. */
  mustSlide: boolean
  /** Whether a fit this loose still holds under load and heat; only asked of a turning load. */
  holds: boolean
  /** Hottest of the seat in service, °C; null while not known. */
  hottestC: number | null
}

/** Retaining compound bridges this much on the diameter, µm, and stands about this temperature, °C. */
const compoundGapUm = 50
const compoundLimitC = 100

/**
 * What may be done with a gauged seat, best first, with what each costs in time and trust.
 *
 * An accepted seat is fitted. Watch: fitted under a load that stands still, or where this ring still holds. A loose round
 * seat under a standing load may be held by retaining compound as a stop-gap. Everything else is worked on.
 *
 * @returns every remedy; those that may not be used here say why
 * @see workshop practice; times are usual ones, not promises
 */
export function wornSeatRemedies(input: WornSeatInput): Remedy[] {
  const { seat, gauging, metalToSpare } = input
  const shaft = seat === 'shaft'
  const remedies: Remedy[] = [
    {
      key: 'fit',
      title:
        gauging.verdict === 'accept' ? 'Fit it and record the readings' : 'Fit it this once, gauge again next time',
      hours: { from: 0, to: 0 },
      trust: gauging.verdict === 'accept' ? 'full' : 'fair: plan the repair',
      barred: barsFitting(input),
    },
    {
      key: 'compound',
      title: 'Retaining compound, until the next outage',
      hours: { from: 2, to: 4 },
      trust: 'low: a stop-gap; needs heat to dismount and insulates the seat',
      barred: barsCompound(input),
    },
    {
      key: 'rework',
      title: metalToSpare
        ? shaft
          ? 'Grind to size'
          : 'Hone or bore to size'
        : shaft
          ? 'Build up and grind to size'
          : 'Hone or bore true, and bush',
      hours: metalToSpare ? { from: 2, to: 8 } : shaft ? { from: 8, to: 24 } : { from: 6, to: 16 },
      trust: shaft ? 'good, by a qualified procedure' : 'good, if rebored in line with the other seat',
      barred: null,
    },
    {
      key: 'sleeve',
      title: shaft ? 'Turn down and shrink a sleeve on' : 'Sleeve with an interference bush',
      hours: { from: 6, to: 16 },
      trust: 'good; the wall of the sleeve must carry',
      barred: metalToSpare ? 'Not needed: there is metal to take off.' : null,
    },
    {
      key: 'replace',
      title: shaft ? 'Replace the shaft' : 'Replace the housing',
      hours: { from: 16, to: 80 },
      trust: 'full',
      barred: null,
    },
  ]
  return remedies.sort((a, b) => Number(a.barred !== null) - Number(b.barred !== null))
}

function barsFitting({ gauging, ringLoad, holds }: WornSeatInput): string | null {
  if (gauging.verdict === 'reject') return 'The seat is rejected.'
  if (gauging.verdict === 'watch' && ringLoad !== 'stationary' && !holds)
    return 'With this ring the fit does not hold under load and heat.'
  return null
}

function barsCompound({ gauging, ringLoad, mustSlide, hottestC }: WornSeatInput): string | null {
  if (gauging.verdict !== 'reject') return 'Not needed.'
  if (ringLoad !== 'stationary') return 'The load travels round this ring: compound does not hold it.'
  if (mustSlide) return 'This ring has to slide, and compound locks it.'
  const form = Math.max(gauging.ovalityUm, gauging.taperUm)
  if (form > 2 * gauging.formLimitUm) return 'The seat is not round or not parallel: the ring would be glued crooked.'
  if (gauging.interferenceUm > 0) return 'The seat is too tight, not too loose.'
  if (gauging.interferenceUm < -compoundGapUm) return 'Too loose: it bridges about five hundredths on the diameter.'
  if (hottestC !== null && hottestC > compoundLimitC) return 'Too hot for it in service.'
  return null
}
