import type { Saying } from '../working/check.ts'
import { inSentence } from '../model/sentence.ts'
import { um, celsius } from '../words/quantities.ts'
import type { BareSeat } from './bare-seat.ts'
import type { RingLoad } from './fit-recommend.schema.ts'
import type { Seat } from './fit-result.ts'
import type { Class, WarmFit } from './work-out.ts'

// Every sentence of Seat.

const ringOf = (seat: Seat) => (seat === 'shaft' ? 'inner' : 'outer')

export const slidesUnderLoad = (seat: Seat, ringLoad: RingLoad | null, fix: string): Saying => ({
  reason: `The ${ringOf(seat)} ring is to slide, but the load ${ringLoad === 'rotating' ? 'travels round it' : 'may travel round it'}: a loose ring creeps and wears its seat.`,
  wayOut: fix,
})

export const refusedSeat = (message: string, fix: string): Saying => ({ reason: `${message}.`, wayOut: fix })

export const splitUnderTurningLoad: Saying = {
  reason: 'The load travels round the outer ring, and a split housing cannot hold it tight without pinching it.',
  wayOut: 'Use a solid housing here.',
}

export const settledZone = (reason: string): Saying => ({
  reason,
  wayOut: 'Gauge the seat in two planes and four directions before fitting.',
})

export const bareZone = (kind: BareSeat['kind']): Saying => {
  switch (kind) {
    case 'adapter-sleeve':
    case 'withdrawal-sleeve':
      return {
        reason: 'The bearing sits on a sleeve: its grip comes from the drive-up, not from the shaft’s zone.',
        wayOut: 'Shaft h9 under the sleeve, round to half of IT5. Drive up by loss of clearance, see Mount.',
      }
    case 'raceway':
      return {
        reason: 'The rollers run on the shaft: it is a raceway, and no fit is asked of it.',
        wayOut: 'h5, hardened to 58 to 64 HRC, ground to Ra 0.2 µm, and as round as a ring.',
      }
    case 'taper':
      return {
        reason: 'The bearing sits on a taper ground on the shaft: no cylindrical zone fits it.',
        wayOut: 'Blue the taper with its gauge and drive up by loss of clearance, see Mount.',
      }
    default:
      return kind satisfies never
  }
}

export const classDiffers = ({ inNumber, entered }: Class): Saying => ({
  reason: `The number says class ${inNumber ?? 'normal'}, and ${entered ?? 'nothing'} was entered: the number decides.`,
  wayOut: `Leave the class to the number, or correct the number if the bearing is not ${inNumber ?? 'normal'}.`,
})

export const surelyCreeping = (leftUm: number): Saying => ({
  reason: `Load and heat take all of the fit of this shaft: ${um(leftUm)} left at the least probable.`,
  wayOut: 'Choose a ring whose bore measures smaller, or have the seat built up.',
})

export const hoopTooHigh = (stressMPa: number, tightestUm: number, gauged: boolean): Saying => ({
  reason: `At ${um(tightestUm)} of probable interference the inner ring is stretched to ${inSentence(stressMPa, 'stress', 3)}: over ${inSentence(150, 'stress')} a through-hardened ring may crack.`,
  wayOut: gauged
    ? 'Choose a ring whose bore measures larger, have the seat ground back, or ask the maker for a case-hardened ring.'
    : 'Work to a looser letter or a finer grade, or ask the maker for a case-hardened ring.',
})

/** A tight ring that comes loose on a seat of another metal. */
export const comesLoose = ({ seat, celsius: at, warmMinUm, warmMaxUm }: WarmFit): Saying => {
  const warm = at >= 20
  const band = `${um(warmMinUm)} to ${um(warmMaxUm)} of interference`
  return seat === 'housing'
    ? {
        reason: `At ${celsius(at)} the housing has ${warm ? 'grown away from' : 'shrunk less than'} the outer ring, ${band}: the load travels round the ring and makes it creep.`,
        wayOut: 'Put a steel liner in the bore, take a housing of cast iron, or lock the ring mechanically.',
      }
    : {
        reason: `At ${celsius(at)} the shaft has ${warm ? 'grown less than' : 'shrunk away from'} the inner ring, ${band}: the load travels round the ring and makes it creep.`,
        wayOut: 'Take a shaft of carbon steel, or lock the ring with a nut or an end plate.',
      }
}

export const rejectedReading = (seat: Seat, allowed: string, fix: string): Saying => ({
  reason: `A reading of the ${seat} must be ${allowed}.`,
  wayOut: fix,
})

/** What was gauged and what it was held against. */
export interface Gauge {
  seat: Seat
  zone: string
  ovalityUm: number
  taperUm: number
  formLimitUm: number
  meanOffUm: number
}

export const gaugedWell = ({ seat, zone, ovalityUm, taperUm }: Gauge): Saying => ({
  reason: `The ${seat} is within ${zone || 'its limits'}, oval by ${um(ovalityUm)}, taper ${um(taperUm)}.`,
  wayOut: 'Record these as the readings it was left with.',
})

const workedOn = 'Have the seat worked on before a bearing goes in.'

export const formPoor = (
  { seat, ovalityUm, taperUm, formLimitUm }: Gauge,
  rejected: boolean,
  remedy: string | null,
): Saying => ({
  reason: `The ${seat} ${taperUm >= ovalityUm ? 'tapers' : 'is oval by'} ${um(Math.max(ovalityUm, taperUm))}, allowed ${um(formLimitUm)}${rejected ? `, and never over ${um(2 * formLimitUm)}` : ''}.`,
  wayOut: remedy ? `${remedy}.` : workedOn,
})

export const sizePoor = ({ seat, zone, meanOffUm }: Gauge, remedy: string | null): Saying => ({
  reason: `The ${seat} lies outside ${zone || 'its limits'}: in the mean ${um(Math.abs(meanOffUm))} ${meanOffUm < 0 ? 'under' : 'over'} nominal.`,
  wayOut: remedy ? `${remedy}.` : workedOn,
})

export const looseOnSeat = (seat: Seat, looseUm: number): Saying => ({
  reason: `The ring is ${um(looseUm)} loose on the ${seat}, and the load travels round it: it creeps.`,
  wayOut: 'Take a ring that measures tighter, or have the seat worked on; never punch, knurl or shim it.',
})

export const racewaySoft = (hrc: number, share: number): Saying => ({
  reason: `The raceway on the shaft measures ${inSentence(hrc, 'hardness')}, and rollers need 58 to 64: the rating falls to ${Math.round(100 * share)} %.`,
  wayOut: 'Harden and regrind the shaft, sleeve it, or fit the bearing with its inner ring.',
})
export const racewayTooHard = (hrc: number): Saying => ({
  reason: `The raceway on the shaft measures ${inSentence(hrc, 'hardness')}: over 64 it is brittle and spalls at its edges.`,
  wayOut: 'Temper it back to 58 to 64 HRC.',
})
export const racewayRough = (ra: number): Saying => ({
  reason: `The raceway on the shaft measures ${inSentence(ra, 'roughness', 2)}, and rollers need ${inSentence(0.2, 'roughness', 1)} or finer: they wear it and themselves.`,
  wayOut: 'Grind and polish the raceway.',
})
export const racewayNotMeasured: Saying = {
  reason: 'The hardness of the raceway on the shaft is not known: a soft shaft takes most of the life.',
  wayOut: 'Measure it: 58 to 64 HRC is right; at 50 HRC the rating falls to about 60 %.',
}
