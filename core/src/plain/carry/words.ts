import type { PlainMaterial } from '../../kinds/plain/choices.ts'
import { capital, celsius, hours, newtons, percent, plain, um } from '../../words/quantities.ts'
import type { Saying } from '../../working/check.ts'
import { inSentence } from '../../model/sentence.ts'
import { materialWords } from '../words.ts'
import { mostWearH, type RankedBush } from '../bush.ts'
import type { CarryOutcome } from './work-out.ts'

// Every sentence of Carry.

const megapascal = (value: number) => inSentence(value, 'stress', 3)

export const refused = (message: string, fix: string): Saying => ({ reason: `${message}.`, wayOut: fix })

export const noThrustFace = (axialN: number): Saying => ({
  reason: `There are ${newtons(axialN)} along the shaft, and nothing at this bearing stops it.`,
  wayOut: 'A flanged bush, a collar or a thrust washer; or say which faces it has.',
})

export const filmCarries = (filmUm: number, designUm: number): Saying => ({
  reason: `An oil film of ${um(filmUm)} carries it; ${um(designUm)} cover dirt and alignment.`,
  wayOut: 'Keep oil, level and clearance as they are.',
})

export const thinFilm = (filmUm: number, designUm: number, halved: boolean): Saying => ({
  reason: `The oil film is ${um(filmUm)}, and ${um(designUm)} are wanted for dirt and alignment${halved ? '; a groove through the loaded part cuts it in two' : ''}.`,
  wayOut: halved
    ? 'A bearing whose groove ends outside the loaded part.'
    : 'A thicker oil, a cooler one, or less load; clean oil until then.',
})

export const noFilm = (filmUm: number, touching: boolean, halved: boolean, bears: boolean): Saying => ({
  reason: `${touching ? 'The metals touch' : 'The metals touch at their peaks'}: the film is ${um(filmUm)}${halved ? ', cut in two by a groove through the loaded part' : ''}${bears ? '; the bronze bears it, and wears' : ''}.`,
  wayOut: halved
    ? 'A bearing whose groove ends outside the loaded part.'
    : 'A thicker oil first; then less load, a longer bearing, or less clearance.',
})

export const starved = (fedLPerMin: number, leaksLPerMin: number): Saying => ({
  reason: `Fed are ${plain(fedLPerMin)} L/min, and ${plain(leaksLPerMin)} L/min leave at the sides: the film is thinner than computed.`,
  wayOut: 'More feed: a larger orifice, a clear pipe, the pump looked at.',
})

export const turbulent: Saying = {
  reason: 'The oil whirls in its gap: friction and heat are above what is computed.',
  wayOut: 'Ask the maker of the machine; a thicker oil or a smaller gap calms it.',
}

export const mayWhirl = (eccentricity: number): Saying => ({
  reason: `The journal runs almost centred, at ${plain(eccentricity)} of its clearance: light and fast, it may whirl at half its speed.`,
  wayOut: 'Look for vibration at a little under half the speed; less clearance, or thinner oil.',
})

export const pressedAtRest = (pressureMPa: number, mostMPa: number): Saying => ({
  reason: `Every start presses the white metal with ${megapascal(pressureMPa)}; ${megapascal(mostMPa)} are usual.`,
  wayOut: 'Few starts, jacking oil before each, or a longer bearing.',
})

const whyNot: Record<NonNullable<CarryOutcome['excluded']>, string> = {
  lubrication: 'is not made for this lubrication',
  temperature: 'does not stand the heat',
  food: 'has no place beside food and drinking water',
  shock: 'breaks under these blows',
  dirt: 'is ground away by this dirt',
}
const takeOther = (better: string | null) =>
  better
    ? `${capital(materialWords[better as PlainMaterial])} would do.`
    : 'No bush does: a film, a rolling bearing, or a larger journal.'

export const notForIt = (
  name: PlainMaterial,
  why: NonNullable<CarryOutcome['excluded']>,
  better: string | null,
): Saying => ({
  reason: `${capital(materialWords[name])} ${whyNot[why]}.`,
  wayOut: takeOther(better),
})

const by = { pressure: 'pressure', velocity: 'speed', pv: 'pressure times speed' } as const
const share = ({ utilisation, limitedBy }: RankedBush) =>
  `${percent(utilisation)} of what it stands, by ${by[limitedBy]}`

export const overLimit = (name: PlainMaterial, use: RankedBush, better: string | null): Saying => ({
  reason: `${capital(materialWords[name])} runs at ${share(use)}.`,
  wayOut: takeOther(better),
})
export const marginal = (name: PlainMaterial, use: RankedBush): Saying => ({
  reason: `${capital(materialWords[name])} runs at ${share(use)}: near its limit.`,
  wayOut: 'Less load or speed, or a longer bush; look at it often.',
})
export const bears = (name: PlainMaterial, use: RankedBush): Saying => ({
  reason: `${capital(materialWords[name])} runs at ${share(use)}.`,
  wayOut: 'Keep it lubricated and clean.',
})

export const feedInLoad = (grooved: boolean): Saying => ({
  reason: `Oil comes in where the journal is pressed: ${grooved ? 'its groove cuts the film' : 'it cannot enter against the pressure'}.`,
  wayOut: 'Turn the bearing, so that oil comes in a quarter to half a turn before the load.',
})

export const metalHot = (metalC: number, tripC: number): Saying => ({
  reason: `The bearing metal is at ${celsius(metalC)}; ${celsius(tripC)} is where it is stopped.`,
  wayOut:
    metalC >= tripC
      ? 'Stop it by the site’s rule; look at oil, clearance and alignment.'
      : 'Find why: oil level, ring, dirt, alignment; watch how fast it rises.',
})
export const filmHot = (filmC: number): Saying => ({
  reason: `The oil film runs at ${celsius(filmC)}: above {90 °C} oil ages fast and white metal softens.`,
  wayOut: 'Thinner oil where the film allows, more clearance, or oil that is fed and cooled.',
})
export const warmerThan = (housingC: number, expectedC: number, highC: number): Saying => ({
  reason: `The housing is at ${celsius(housingC)}; about ${celsius(expectedC)} are expected, and ${celsius(highC)} at the most.`,
  wayOut: 'Look at oil level, ring, oil and alignment; something makes more heat than the film does.',
})

const spread = ({ lifeH, lowH, highH }: NonNullable<CarryOutcome['wear']>) =>
  lifeH >= mostWearH
    ? `more than ${hours(mostWearH)}`
    : `${hours(lifeH)}, or anything from ${hours(lowH)} to ${hours(highH)}`
export const lasts = (wear: NonNullable<CarryOutcome['wear']>, wantedH: number): Saying => ({
  reason: `${wear.by === 'starts' ? 'Starts wear it out' : 'It wears out'} in ${spread(wear)}; wanted are ${hours(wantedH, 3)}.`,
  wayOut: 'Measure the clearance at each shutdown: its own wear is worth more than any table.',
})
export const wearsShort = (wear: NonNullable<CarryOutcome['wear']>, wantedH: number): Saying => ({
  reason: `${wear.by === 'starts' ? 'Starts wear it out' : 'It wears out'} in ${spread(wear)}; wanted are ${hours(wantedH, 3)}.`,
  wayOut:
    wear.by === 'starts'
      ? 'Fewer starts, a thicker oil, or jacking oil.'
      : 'Plan a new bush by then, keep dirt out, or take one that wears less.',
})
