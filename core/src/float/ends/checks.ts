import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { shaftEnds, type ShaftEnd } from '../../kinds/rolling/choices.ts'
import type { RollingPosition } from '../../kinds/rolling/position.ts'
import { atFitting, now, type Check } from '../../working/check.ts'
import { floatsInside } from '../floats-inside.ts'
import { endFields } from './end-fields.ts'
import type { EndOutcome, EndsOutcome } from './work-out.ts'
import * as words from './words.ts'

/** The verdicts on which end holds: caps and coupling matter when it is next fitted, rings lie in their blocks now. */
export function endsChecks(position: RollingPosition, bearing: ResolvedBearing | null, outcome: EndsOutcome): Check[] {
  const { holds, ends } = outcome
  const wrong = holds === 'this' && bearing && floatsInside(bearing)
  return [
    ...(wrong ? [atFitting('holds', 'stop', words.cannotHold(bearing.decoded.normal), { field: 'ends.holds' })] : []),
    ...shaftEnds.flatMap((end) => capChecks(end, ends[end], outcome)),
    ...blockChecks(position, outcome),
    ...couplingChecks(outcome),
    ...usedUpChecks(outcome),
  ]
}

const fieldOf = (end: ShaftEnd, what: 'spigot' | 'rings'): string => `ends.${endFields[end][what]}`

function capChecks(end: ShaftEnd, { cap }: EndOutcome, { leaveMm }: EndsOutcome): Check[] {
  if (!cap) return []
  const key = `cap-${end}`
  const rest = { field: fieldOf(end, 'spigot'), values: { roomMm: cap.roomMm, cutMm: cap.cutMm, fillMm: cap.fillMm } }
  switch (cap.verdict) {
    case 'short':
      return [atFitting(key, 'stop', words.floatingShort(end, cap, leaveMm ?? 0), rest)]
    case 'free':
      return [atFitting(key, 'go', words.floatingFree(end, cap), rest)]
    case 'clamps':
      return [atFitting(key, 'watch', words.heldClamped(end, cap), rest)]
    case 'loose':
      return [atFitting(key, 'watch', words.heldLoose(end, cap), rest)]
    case 'holds':
      return [atFitting(key, 'go', words.heldWell(end, cap), rest)]
    default:
      return cap.verdict satisfies never
  }
}

/** Both held, or neither, is judged by the growth where that is known. */
function blockChecks({ ends: given }: RollingPosition, { ends, sliding, growthMm }: EndsOutcome): Check[] {
  const wide = shaftEnds.flatMap((end) => {
    const block = ends[end].block
    return block?.verdict === 'too-wide' ? [now(`rings-${end}`, 'stop', words.ringTooWide(end, block), { field: fieldOf(end, 'rings') })] : [] // prettier-ignore
  })
  if (wide.length > 0) return wide
  const [own, other] = [ends.this.block, ends.other.block]
  if (!own || !other) return []
  if (growthMm === null && own.verdict === 'holds' && other.verdict === 'holds')
    return [now('rings', 'stop', words.ringsInBoth, { field: 'ends.rings' })]
  if (growthMm === null && own.verdict === 'floats' && other.verdict === 'floats')
    return [now('rings', 'watch', words.ringsInNeither(own), { field: 'ends.rings' })]
  const elsewhere = shaftEnds.find(
    (end) => ends[end].block?.verdict === 'holds' && given.holds !== null && given.holds !== end,
  )
  if (elsewhere && given.holds && ends[given.holds].block?.verdict === 'floats')
    return [atFitting('rings', 'watch', words.ringsElsewhere(elsewhere, ends[given.holds].block), { field: fieldOf(elsewhere, 'rings') })] // prettier-ignore
  const left = shaftEnds.find((end) => end === sliding && ends[end].block?.verdict === 'floats' && (given[endFields[end].rings] ?? 0) > 0) // prettier-ignore
  return left ? [atFitting('rings', 'watch', words.ringLeftIn(left), { field: fieldOf(left, 'rings') })] : []
}

function couplingChecks({ coupling, way }: EndsOutcome): Check[] {
  if (coupling?.coldMm == null || coupling.hotMm === null) return []
  const rest = { field: 'ends.couplingGapMm', values: { coldMm: coupling.coldMm, hotMm: coupling.hotMm } }
  return coupling.hotMm < (coupling.leastMm ?? 0)
    ? [atFitting('couplingGap', 'stop', words.gapGone(coupling, way), rest)]
    : [atFitting('couplingGap', 'go', words.gapLeft(coupling, way), rest)]
}

function usedUpChecks({ usedUpC, towardMm, growthMm }: EndsOutcome): Check[] {
  if (usedUpC === null || towardMm === null || growthMm === null) return []
  return [atFitting('usedUp', 'go', words.usedUp(usedUpC, towardMm - growthMm), { values: { usedUpC } })]
}

/** Rings in the split block that floats; null where the ends are no blocks, or none floats. */
export const floatingRings = (ends: RollingPosition['ends'], outcome: EndsOutcome | null): number | null =>
  ends.kind === 'blocks' && outcome?.sliding ? ends[endFields[outcome.sliding].rings] : null
