import type { Saying } from '../working/check.ts'
import { inSentence } from '../model/sentence.ts'

/** A housing that climbs by less an hour has settled, K; the rule of the run-up, in words and in the judgement. */
export const settledKPerH = 5

const rate = (kelvinPerH: number) => `${inSentence(Math.abs(kelvinPerH), 'temperatureRise')} an hour`

export const runsAway = (kelvinPerH: number): Saying => ({
  reason: `It climbs by ${rate(kelvinPerH)}: that does not settle by itself.`,
  wayOut: 'Stop it and look: too much grease, no clearance, both ends held, or a rub.',
})
export const stillClimbs = (kelvinPerH: number): Saying => ({
  reason: `It still climbs by ${rate(kelvinPerH)}.`,
  wayOut: 'Stay with it and read again; grease needs some hours to find its place.',
})
export const hasSettled = (kelvinPerH: number): Saying => ({
  reason: kelvinPerH < 0 ? `It has peaked and falls by ${rate(kelvinPerH)}.` : 'It has settled.',
  wayOut: 'Read it once more on the next shift.',
})
export const readUntilSettled = `Read the temperature at the housing until it has settled: while it climbs by more than ${rate(settledKPerH)} it has not.`
