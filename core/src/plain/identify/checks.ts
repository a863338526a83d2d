import type { PlainPosition } from '../../kinds/plain/position.ts'
import { atFitting, now, type Check } from '../../working/check.ts'
import type { IdentifyOutcome } from './work-out.ts'
import * as words from './words.ts'

/** Longer than this over its journal a bearing bears on its edges. */
const longest = 2

/** The verdicts of Identify. */
export function identifyChecks({ bearing }: PlainPosition, outcome: IdentifyOutcome): Check[] {
  const { name, formSays, sizes, looked } = outcome
  const own = looked.find(({ material }) => material === name)
  const [likest] = looked
  const checks: Check[] = []
  if (formSays && name) checks.push(now('material', 'watch', words.formSaysOther(bearing.form, formSays, name), { field: 'bearing.material' })) // prettier-ignore
  if (own && likest && own.against.length > likest.against.length)
    checks.push(now('looks', 'watch', words.looksLike(own, likest), { field: 'bearing.material' }))
  if (sizes && sizes.ratio > longest)
    checks.push(atFitting('length', 'watch', words.tooLong(sizes), { field: 'bearing.lengthMm', values: { ratio: sizes.ratio } })) // prettier-ignore
  if (sizes && bearing.flangeMm !== null && bearing.flangeMm <= sizes.odMm)
    checks.push(now('flange', 'watch', words.flangeSmall(bearing.flangeMm, sizes.odMm), { field: 'bearing.flangeMm' }))
  return checks
}
