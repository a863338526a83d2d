import type { thickenerNames } from '../kinds/rolling/position.ts'
import { inSentence } from '../model/sentence.ts'
import type { ChosenViscosity } from '../lubrication/choose.ts'
import type { Saying } from '../working/check.ts'
import { celsius, hours, plain } from '../words/quantities.ts'
import { thickenerWords } from '../words/vocabulary.ts'
import type { ServiceLimit } from './service-temperature.ts'

// Every sentence of Grease.

const ratio = (kappa: number) => `The viscosity ratio κ is ${plain(kappa, { decimals: 2 })}`

export const filmHolds = (kappa: number): Saying => ({
  reason: `${ratio(kappa)}: the film holds${kappa > 4 ? ', thicker than it need be' : ''}.`,
  wayOut: 'Keep the grade when the grease is changed.',
})
export const surfacesTouch = (kappa: number): Saying => ({
  reason: `${ratio(kappa)}: the surfaces touch.`,
  wayOut:
    kappa < 0.4
      ? 'Take a thicker oil; until then one with EP or anti-wear additives.'
      : 'Aim at 1.5 to 2: the next thicker grade, or a cooler bearing.',
})
export const noFilm = (kappa: number): Saying => ({
  reason: `${ratio(kappa)}: there is no film.`,
  wayOut: 'Take a much thicker oil, or judge by static safety and wear.',
})
export const noFilmAtCrawl = (kappa: number): Saying => ({
  reason: `${ratio(kappa)}: so slow that no oil makes a film.`,
  wayOut:
    'Take a grease with EP or solid lubricant and a thick base oil, keep the static safety high, and watch for wear.',
})
export const tooStiffToStart = (cst: number, atC: number): Saying => ({
  reason: `At ${celsius(atC)} the base oil has ${inSentence(cst, 'viscosity', 2)}: the film is not the trouble, starting and feeding are.`,
  wayOut:
    'Take a grease for low temperatures, whose starting torque its maker gives for this cold, or warm the housing before the start.',
})

export const warmerThanItShould = (runningC: number, highC: number, excessK: number): Saying => ({
  reason: `The housing runs at ${celsius(runningC)}; its own friction explains up to ${celsius(highC)}, and ${inSentence(excessK, 'temperatureRise')} are over.`,
  wayOut:
    'Let a fresh fill run in for some hours, then look for too much grease, preload, a seal that rubs, or heat from beside it.',
})
export const willRunWarm = (housingC: number): Saying => ({
  reason: `By its own friction and its surroundings the housing should run at ${celsius(housingC)}.`,
  wayOut: 'Cool it, keep heat of the shaft away, or take an oil that is thinner and still carries; then measure.',
})

export const tooThickToStart = (
  coldC: number,
  coldCst: number,
  { coldVg, coldKappa, startLimitCst }: Pick<ChosenViscosity, 'coldVg' | 'coldKappa' | 'startLimitCst'>,
): Saying => ({
  reason: `At ${celsius(coldC)} this oil has ${inSentence(coldCst, 'viscosity', 2)}; a bath starts with up to ${inSentence(startLimitCst, 'viscosity', 2)}.`,
  wayOut:
    coldVg !== null && coldKappa !== null && coldKappa >= 1
      ? `Warm it before the start, or take VG ${coldVg}: it starts, and its film holds.`
      : 'Warm it before the start, or take an oil of a higher viscosity index.',
})

export const greaseEvery = (hoursH: number): Saying => ({
  reason: `Relubricate every ${hours(hoursH)}.`,
  wayOut: 'Little and often; drain open, shaft turning where that is safe.',
})
export const methodsFarApart = (hoursH: number, otherH: number, other: string): Saying => ({
  reason: `Relubricate every ${hours(hoursH)}; by the ${other} it would be ${hours(otherH)}, more than three times ${otherH > hoursH ? 'as long' : 'as often'}.`,
  wayOut: `Start with the shorter, ${hours(Math.min(hoursH, otherH))}, and lengthen it on what comes out of the drain.`,
})
export const insertInDirt = (hoursH: number): Saying => ({
  reason: `An insert bearing in dirt is relubricated every one to three months: ${hours(hoursH)} here.`,
  wayOut: 'Until fresh grease shows at the lip, shaft turning where that is safe.',
})
export const tooOften = (hoursH: number): Saying => ({
  reason: `It needs grease every ${hours(hoursH)}: more often than anybody comes by.`,
  wayOut: 'Fit an automatic lubricator, use oil, or take a bearing that needs less.',
})
export const tooHotForInterval = (runningC: number, mostC: number): Saying => ({
  reason: `At ${celsius(runningC)} grease ages too fast for any interval: the methods end at ${celsius(mostC)}.`,
  wayOut: 'Find why it runs so hot, or take oil, or a grease whose maker gives an interval for this heat.',
})
export const tooFastForInterval = (allowed: string, fix: string): Saying => ({
  reason: `It runs too fast for this method: ${allowed}.`,
  wayOut: fix,
})

type Thickener = (typeof thickenerNames)[number]
const pair = (after: Thickener, before: Thickener) => `${thickenerWords[after]} on ${thickenerWords[before]}`
export const mixes = (after: Thickener, before: Thickener): Saying => ({
  reason: `Thickeners of ${pair(after, before)} may mix.`,
  wayOut: 'Purge, then relubricate twice at half the interval; check the base oils too.',
})
export const mixesBadly = (after: Thickener, before: Thickener): Saying => ({
  reason: `Thickeners of ${pair(after, before)} are borderline.`,
  wayOut: 'Clean as far as possible and halve the first two intervals.',
})
export const neverMix = (after: Thickener, before: Thickener): Saying => ({
  reason: `Thickeners of ${pair(after, before)} ruin each other.`,
  wayOut: 'Open, strip and wash, then refill; relabel the nipple.',
})

const parts: Record<ServiceLimit['part'], (limit: ServiceLimit) => string> = {
  seal: ({ kind, assumed }) =>
    `seals of ${kind === 'fluoro' ? 'fluoro rubber' : 'nitrile rubber'}${assumed ? ', the usual ones,' : ''}`,
  grease: ({ kind, assumed }) =>
    `${thickenerWords[kind as Thickener]} grease${assumed ? ', the usual one inside,' : ''}`,
  cage: () => 'a polyamide cage',
}
const otherwise: Record<ServiceLimit['part'], string> = {
  seal: 'take it with seals of fluoro rubber, or open with seals in the housing',
  grease: 'take a grease made for this heat',
  cage: 'take it with a cage of steel or brass',
}
const bears = (limit: ServiceLimit) =>
  `${parts[limit.part](limit)} ${limit.part === 'seal' ? 'stand' : 'stands'} ${celsius(limit.limitC)} in service`

export const tooHotFor = (atC: number, limit: ServiceLimit): Saying => ({
  reason: `It runs at ${celsius(atC)}, and ${bears(limit)}.`,
  wayOut: `Find why it runs so hot, or ${otherwise[limit.part]}.`,
})
export const nearlyTooHotFor = (atC: number, limit: ServiceLimit): Saying => ({
  reason: `It runs at ${celsius(atC)}; ${bears(limit)}.`,
  wayOut: `Watch the temperature; if it is to stay, ${otherwise[limit.part]}.`,
})
