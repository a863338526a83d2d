import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Decoded } from '../catalogue/decode-designation.ts'
import { now, unknown, type Check } from '../working/check.ts'
import { refusalOf } from '../working/figure.ts'
import { isAmong, type Measured } from './measured.ts'
import * as words from './words.ts'
import type { IdentifyOutcome } from './work-out.ts'

/** The verdicts of Identify. */
export function identifyChecks(position: RollingPosition, outcome: IdentifyOutcome): Check[] {
  return [
    ...designationChecks(outcome),
    ...clearanceChecks(position, outcome),
    ...outcome.differences.map(({ check }) => check),
    ...measuredChecks(position, outcome),
    ...agreementChecks(outcome),
  ]
}

function designationChecks({ lookup }: IdentifyOutcome): Check[] {
  const rest = { field: 'bearing.designation' }
  if (lookup.kind === 'none') return []
  if (lookup.kind === 'refused') {
    const { decoded, refusal } = lookup
    const said = decoded ? words.notInTables(decoded.normal, refusal.fix) : words.refused(refusal.allowed, refusal.fix)
    return [now('designation', 'stop', said, rest)]
  }
  const { unknown: parts, assumed } = lookup.bearing.decoded
  return parts.length === 0
    ? []
    : [now('unread', 'watch', words.partsUnread(parts, assumed), { ...rest, values: { parts: parts.join(' ') } })]
}

/** What is said of the clearance where nothing is called for or nothing is in the box. */
function clearanceChecks({ bearing: given }: RollingPosition, { lookup }: IdentifyOutcome): Check[] {
  if (lookup.kind !== 'found') return []
  const { decoded } = lookup.bearing
  if (decoded.clearanceClass === null)
    return [
      now(
        'clearance',
        'go',
        decoded.features.includes('no-inner-ring') ? words.clearanceByShaft : words.clearanceSetOnMounting,
      ),
    ]
  return given.requiredClearance === null
    ? [unknown('clearance', words.clearanceNotCalledFor, { field: 'bearing.requiredClearance' })]
    : []
}

/** Readings of one diameter that differ by more are measured again, mm. */
const mostSpreadMm = 0.1

/** An inch set is known by the numbers on its rings; until they are entered or read, the size alone does not tell it. */
function onlyBySize(lookup: IdentifyOutcome['lookup'], { marked, fitting: [best] }: Measured): string | null {
  const entered = lookup.kind === 'found' ? lookup.bearing.decoded : null
  const isInch = (decoded: Decoded | null) => decoded?.features.includes('inch-size') ?? false
  return best?.inch && !isInch(entered) && !isInch(marked) ? best.designation : null
}

function measuredChecks(position: RollingPosition, { lookup, measured }: IdentifyOutcome): Check[] {
  const { matched, refusal, marked, fitting } = measured
  const rest = { field: 'identify.boreMm' }
  if (refusal) {
    const { message, fix } = refusalOf(refusal)
    const side = refusal.field === 'closedSides' || refusal.field === 'closure'
    return [now('readings', 'stop', words.refused(message, fix), { field: `identify.${side ? 'leftClosure' : refusal.field}` })] // prettier-ignore
  }
  if (!matched) return []
  const checks: Check[] = []
  const { leftClosure, rightClosure } = position.identify
  const closed = [leftClosure, rightClosure].filter((one) => one !== null && one !== 'open')
  if (closed.length === 2 && leftClosure !== rightClosure)
    checks.push(now('sides', 'watch', words.sidesDiffer, { field: 'identify.rightClosure' }))
  if (marked && fitting.length > 0 && !isAmong(marked.size, fitting))
    checks.push(now('marking', 'watch', words.markingDisagrees(marked.normal), { field: 'identify.marking' }))
  if (matched.spreadMm > mostSpreadMm)
    checks.push(now('spread', 'watch', words.readingsSpread(1000 * matched.spreadMm), rest))
  const [nearest] = matched.candidates
  if (matched.inchSuspected) checks.push(now('inch', 'watch', words.perhapsInch, rest))
  const inch = onlyBySize(lookup, measured)
  if (inch) checks.push(now('inch', 'watch', words.inchBySize(inch), rest))
  if (!matched.inchSuspected && fitting.length === 0)
    checks.push(
      now('candidates', 'watch', words.nothingFits(nearest?.designation ?? null, nearest?.misfitUm ?? 0), rest),
    )
  return checks
}

/** The number on the box against the readings. */
function agreementChecks({ lookup, measured: { matched, fitting } }: IdentifyOutcome): Check[] {
  if (lookup.kind !== 'found' || !matched || matched.candidates.length === 0) return []
  const { size } = lookup.bearing.decoded
  if (isAmong(size, fitting)) return []
  const said = words.numberDisagrees(size, fitting[0]?.designation ?? null)
  return [now('agrees', 'stop', said, { field: 'bearing.designation' })]
}
