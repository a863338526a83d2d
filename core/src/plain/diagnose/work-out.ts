import { attempt, type InputError } from '../../errors/input-error.ts'
import { ownCauses } from '../../diagnose/own-causes.ts'
import { rankCauses, type Ranking } from '../../diagnose/rank-causes.ts'
import type { Machine } from '../../model/machine.ts'
import type { PlainPosition } from '../../kinds/plain/position.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { FloatOutcome } from '../float/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import type { OilOutcome } from '../oil/work-out.ts'
import type { SeatOutcome } from '../seat/work-out.ts'
import { plainFacts, type PlainFact } from './facts.ts'
import { plainDamage } from './knowledge.ts'

export interface DiagnoseOutcome {
  begun: boolean
  ranking: Ranking | null
  facts: PlainFact[]
  /** Signs entered that a bearing like this cannot have, and why; they do not count. */
  impossible: { sign: string; why: string }[]
  refusal: InputError | null
}

interface Known {
  identify: IdentifyOutcome
  carry: CarryOutcome
  seat: SeatOutcome
  float: FloatOutcome
  oil: OilOutcome
}

/** Groups of signs, and single ones, that want something a bearing may not have. */
const oilSigns = ['oil', 'ring', 'cavity']
const greaseSigns = ['grease']
const jointSigns = ['joint']
const backed = ['white-metal', 'ptfe-lined']

/** Why a bearing like this cannot have a sign; null where it can. */
export function whyNotPlain(sign: string, position: PlainPosition, { name }: IdentifyOutcome): string | null {
  const { bearing, oil } = position
  const known = plainDamage.signs.find((one) => one.sign === sign)
  const group = known?.group ?? ''
  if (oil.lubrication !== null && oil.lubrication !== 'oil-fed' && oilSigns.includes(group)) return 'no oil runs in it'
  if (group === 'ring' && oil.lubrication === 'oil-fed' && oil.supply !== 'ring') return 'it has no oil ring'
  if (oil.lubrication === 'oil-fed' && greaseSigns.includes(group) && sign === 'grease-hard')
    return 'no grease is in it'
  if (bearing.form !== 'split' && (jointSigns.includes(group) || sign === 'at-joint')) return 'it has no joint'
  if (bearing.form === 'split' && sign === 'bush-turned') return 'half shells are held by their lug'
  if (name !== null && !backed.includes(name) && group === 'bond') return 'it has no lining'
  return null
}

/** What the marks say. */
export function workOutDiagnose(position: PlainPosition, { causesFound = {}, practices }: Machine, known: Known): DiagnoseOutcome {
  const { seen, notSeen } = position.diagnose
  const begun = seen.length + notSeen.length > 0
  const why = (sign: string) => whyNotPlain(sign, position, known.identify)
  const impossible = [...seen, ...notSeen].flatMap((sign) => {
    const reason = why(sign)
    return reason === null ? [] : [{ sign, why: reason }]
  })
  const possible = (sign: string) => why(sign) === null
  const facts = plainFacts(position, known)
  const here = practices?.causes === 'plant' ? ownCauses(causesFound, plainDamage.causes) : null
  const shares = plainDamage.causes.map(({ cause, prior }, index) =>
    facts.reduce((share, { times }) => share * (times[cause] ?? 1), here?.priors[index] ?? prior),
  )
  const ranked = begun
    ? attempt(() => rankCauses({ evidence: seen.filter(possible), absent: notSeen.filter(possible), context: {} }, plainDamage, (sign) => !possible(sign), shares))
    : null
  return { begun, ranking: ranked?.value ?? null, facts, impossible, refusal: ranked?.refusal ?? null }
} // prettier-ignore
