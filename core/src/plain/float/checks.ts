import { atFitting, now, type Check } from '../../working/check.ts'
import * as words from './words.ts'
import type { FloatOutcome } from './work-out.ts'

/** A measured clearance below this share of the smallest practice is too small. */
const underShare = 0.75

/** The verdicts of Float. */
export const floatChecks = (outcome: FloatOutcome): Check[] => [...clearanceChecks(outcome), ...endChecks(outcome)]

function clearanceChecks({ clearance, hotMm, leastMm, wornMm, lowestMm }: FloatOutcome): Check[] {
  if (!clearance || hotMm === null || !leastMm) return []
  const { coldMm, newMm, from } = clearance
  const own = from === 'measured' || from === 'strip'
  const field = from === 'strip' ? 'mount.stripMm' : 'float.measuredMm'
  const values = { hotMm, newMm }
  // Nobody fits a clearance of practice into a machine where it seizes: that is for the next fitting.
  const when = own ? now : atFitting
  if (hotMm < leastMm.stop) return [when('clearance', 'stop', words.seizes(hotMm, newMm), { values, field })]
  if (hotMm < leastMm.watch) return [when('clearance', 'watch', words.tight(hotMm, newMm), { values, field })]
  if (own && lowestMm !== null && coldMm < underShare * lowestMm)
    return [now('clearance', 'watch', words.under(coldMm, lowestMm), { values, field })]
  if (own && wornMm !== null && coldMm >= wornMm)
    return [now('worn', 'watch', words.worn(coldMm, wornMm), { values, field })]
  return [now('clearance', 'go', words.roomLeft(hotMm), { values })]
}

function endChecks({ ends }: FloatOutcome): Check[] {
  if (!ends) return []
  const { floatMm, marginMm, needsMm, centreMm, couplingMm } = ends
  if (centreMm !== null && centreMm > floatMm)
    return [now('centre', 'watch', words.centreOutside(centreMm, floatMm), { field: 'float.centreMm' })]
  if (couplingMm !== null && couplingMm >= floatMm)
    return [now('coupling', 'stop', words.unlimited(couplingMm, floatMm), { field: 'float.couplingFloatMm' })]
  if (needsMm > marginMm)
    return [
      now('ends', 'stop', words.collarsTouch(marginMm, needsMm, centreMm !== null), { field: 'float.endFloatMm' }),
    ]
  return []
}
