import type { PlainPosition } from '../../kinds/plain/position.ts'
import { atFitting, type Check } from '../../working/check.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import * as words from './words.ts'
import type { SeatOutcome } from './work-out.ts'

/** Shares of the usual press fit: below the first it does not hold, above the second the bush yields. */
const [leastShare, mostShare] = [0.5, 1.8]
/** A bore may be so much under or over what is wanted, as a share of the clearance. */
const [slackUnder, slackOver] = [0.25, 0.5]

/** The verdicts of Seat: what must be right before the shaft goes in. */
export function seatChecks({ seat }: PlainPosition, { sizes }: IdentifyOutcome, { clearance }: CarryOutcome, outcome: SeatOutcome): Check[] {
  const { gauged, sized, boreAfterMm, boreBeforeMm, crush, finishUm, hardnessHb } = outcome
  const checks: Check[] = []
  const usualMm = sized?.value?.interferenceMm ?? null
  if (gauged && usualMm !== null && seat.bushOdMm !== null && seat.housingBoreMm !== null) {
    const { interferenceMm, closingMm } = gauged
    const values = { interferenceMm, usualMm }
    if (interferenceMm < leastShare * usualMm)
      checks.push(atFitting('press', interferenceMm <= 0 ? 'stop' : 'watch', words.loose(interferenceMm, usualMm), { values, field: 'seat.bushOdMm' }))
    else if (interferenceMm > mostShare * usualMm)
      checks.push(atFitting('press', 'watch', words.tooTight(interferenceMm, usualMm, closingMm), { values, field: 'seat.bushOdMm' }))
  }
  if (boreAfterMm !== null && clearance && sizes) {
    const [slack, over] = [slackUnder * clearance.newMm, slackOver * clearance.newMm]
    const fitted = seat.fittedBoreMm
    if (fitted !== null && fitted < boreAfterMm - slack)
      checks.push(atFitting('bore', fitted <= sizes.journalMm ? 'stop' : 'watch', words.boreSmall(fitted, boreAfterMm), { field: 'seat.fittedBoreMm' }))
    if (fitted !== null && fitted > boreAfterMm + over)
      checks.push(atFitting('bore', 'watch', words.boreLarge(fitted, boreAfterMm + over), { field: 'seat.fittedBoreMm' }))
    if (fitted === null && seat.freeBoreMm !== null && boreBeforeMm !== null && outcome.closingMm !== null && sized?.value?.reamToMm === null && seat.freeBoreMm < boreBeforeMm - slack)
      checks.push(atFitting('free-bore', 'watch', words.closesTooFar(seat.freeBoreMm, boreBeforeMm, outcome.closingMm), { field: 'seat.freeBoreMm' }))
  }
  if (seat.journalRaUm !== null && seat.journalRaUm > finishUm)
    checks.push(atFitting('finish', seat.journalRaUm > 4 * finishUm ? 'stop' : 'watch', words.rough(seat.journalRaUm, finishUm), { field: 'seat.journalRaUm' }))
  if (seat.journalHb !== null && hardnessHb !== null && seat.journalHb < hardnessHb)
    checks.push(atFitting('hardness', 'watch', words.soft(seat.journalHb, hardnessHb), { field: 'seat.journalHb' }))
  if (crush && seat.crushMm !== null && seat.crushMm < crush.lowMm)
    checks.push(atFitting('crush', seat.crushMm <= 0 ? 'stop' : 'watch', words.crushLoose(seat.crushMm, crush.lowMm), { field: 'seat.crushMm' }))
  if (crush && seat.crushMm !== null && seat.crushMm > crush.highMm)
    checks.push(atFitting('crush', 'watch', words.crushTight(seat.crushMm, crush.highMm), { field: 'seat.crushMm' }))
  return checks
} // prettier-ignore
