import { inSentence } from '../../model/sentence.ts'
import { celsius, mm, plain } from '../../words/quantities.ts'
import type { Saying } from '../../working/check.ts'

// Every sentence of Oil.

const cst = (value: number) => inSentence(value, 'viscosity', 2)

export const ringStands: Saying = {
  reason: 'The oil ring stands: no oil comes to the journal.',
  wayOut:
    'Stop it as soon as it can be; then look: oil too thick or too low, ring out of round, rubbing or magnetised, shaft tilted.',
}
export const ringJerks: Saying = {
  reason: 'The oil ring turns by jerks: it brings less than it should.',
  wayOut: 'Look at the level, at thick cold oil, and whether it rubs on its slot.',
}
export const dipsLow = (dipMm: number, lowMm: number): Saying => ({
  reason: `The ring dips ${mm(dipMm, 0)} into the oil; ${mm(lowMm, 0)} are wanted at least.`,
  wayOut: 'Fill up to the mark, and find where it went.',
})
export const dipsHigh = (dipMm: number, highMm: number): Saying => ({
  reason: `The ring dips ${mm(dipMm, 0)} into the oil; above ${mm(highMm, 0)} oil drags it, and leaks past the ends.`,
  wayOut: 'Let oil out down to the mark, with the machine standing.',
})
export const fastRing = (metresPerS: number): Saying => ({
  reason: `The journal slides at ${plain(metresPerS)} m/s; from 12 m/s a loose ring slips and brings too little.`,
  wayOut: 'A ring that is fixed to the shaft, a disc, or oil that is fed.',
})
export const ringShort = (leaves: number, brings: number): Saying => ({
  reason: `${plain(leaves)} L/min leave at the sides, and its rings bring about ${plain(brings)} L/min: it starves.`,
  wayOut: 'A second ring, or oil that is fed.',
})
export const coldThick = (cold: number, most: number, startC: number): Saying => ({
  reason: `At ${celsius(startC)} the oil has ${cst(cold)}; above ${cst(most)} it does not move to the journal.`,
  wayOut: 'Warm the oil before the start, or take a thinner one where the film allows.',
})
