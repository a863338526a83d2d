import type { PlainPosition } from '../../kinds/plain/position.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { FloatOutcome } from '../float/work-out.ts'
import type { OilOutcome } from '../oil/work-out.ts'
import type { SeatOutcome } from '../seat/work-out.ts'

/** Something known of the position that makes causes likelier. */
export interface PlainFact {
  key: string
  label: string
  /** Times the share of a cause. */
  times: Readonly<Record<string, number>>
}

interface Known {
  carry: CarryOutcome
  seat: SeatOutcome
  float: FloatOutcome
  oil: OilOutcome
}

/** Press fits below this share of the usual do not hold. */
const looseShare = 0.5
const manyStarts = 10

/** What the other lenses know that speaks for a cause. */
export function plainFacts(position: PlainPosition, { carry, seat, float, oil }: Known): PlainFact[] {
  const found = carry.balance?.value
  const { seat: own, oil: kept, load } = position
  const usualMm = seat.sized?.value?.interferenceMm ?? null
  const facts: [boolean, PlainFact][] = [
    [
      Boolean(found && carry.filmUm !== null && carry.filmUm < found.designMinimumUm),
      { key: 'thin-film', label: 'The film is thinner than wanted', times: { overload: 1.5, 'thin-oil': 2 } },
    ],
    [
      carry.feedInLoad || carry.halvedUm !== null,
      { key: 'feed', label: 'Groove or feed lies in the loaded part', times: { 'groove-in-load': 5 } },
    ],
    [
      Boolean(float.hotMm !== null && float.leastMm && float.hotMm < float.leastMm.watch),
      { key: 'tight', label: 'Little clearance is left when hot', times: { 'small-clearance': 4 } },
    ],
    [
      Boolean(float.clearance && float.wornMm !== null && float.clearance.from !== 'practice' && float.clearance.coldMm >= float.wornMm),
      { key: 'worn', label: 'The clearance is that of a worn one', times: { 'large-clearance': 4, 'start-stop': 1.5 } },
    ],
    [
      kept.ringTurns === 'stands' || kept.ringTurns === 'jerks' || Boolean(oil.ring && kept.dipMm !== null && kept.dipMm < oil.ring.dip.lowMm),
      { key: 'oil-short', label: 'The ring brings too little oil', times: { starvation: 4 } },
    ],
    [
      kept.moisture === 'wet' || kept.moisture === 'condensation',
      { key: 'wet', label: 'It stands wet', times: { water: 3 } },
    ],
    [kept.dirt !== 'clean', { key: 'dirt', label: 'It stands in dirt', times: { dirt: kept.dirt === 'abrasive' ? 3 : 1.5 } }],
    [
      load.startsPerDay !== null && load.startsPerDay >= manyStarts,
      { key: 'starts', label: 'It is started often', times: { 'start-stop': 3 } },
    ],
    [
      Boolean(seat.gauged && usualMm !== null && own.bushOdMm !== null && seat.gauged.interferenceMm < looseShare * usualMm),
      { key: 'loose', label: 'It sits loose, as gauged', times: { 'loose-bush': 4 } },
    ],
    [
      own.journalRaUm !== null && own.journalRaUm > seat.finishUm,
      { key: 'rough', label: 'The journal is rough', times: { 'rough-journal': 3 } },
    ],
    [
      !carry.onFilm && (carry.excluded !== null || carry.use?.verdict === 'over-limit'),
      { key: 'material', label: 'The material is not for this duty', times: { 'wrong-material': 4, overload: 1.5 } },
    ],
    [
      Boolean(float.ends && float.ends.needsMm > float.ends.marginMm),
      { key: 'ends', label: 'The shaft may reach its stops', times: { thrust: 4 } },
    ],
    [Boolean(found?.lightlyLoaded), { key: 'light', label: 'It runs almost centred', times: { whirl: 3 } }],
  ]
  return facts.flatMap(([holds, fact]) => (holds ? [fact] : []))
} // prettier-ignore
