import { heatingTools, type HeatingTool } from '../kinds/rolling/choices.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Verdict } from '../working/check.ts'
import { toolWords } from '../words/vocabulary.ts'
import { padMassKg } from './pad/work-out.ts'
import { methodWords as words } from './words.ts'
import { largestPressedMm, mostPressN } from './press.ts'
import { isHeater, mayPress, smallBoreMm, type MountOutcome } from './work-out.ts'

/** One way to get a ring on its seat, and whether it will do here. */
export interface MountingMethod {
  tool: HeatingTool
  label: string
  /** `go` does it, `watch` can when nothing better is there, `stop` must not be used. */
  verdict: Verdict
  reason: string
  inShop: boolean
}

/** From here up a hot ring is too heavy and too slow for anything but oil under its bore, or a heater and a crane. */
const largeBoreMm = 200

type Judged = readonly [verdict: Verdict, reason: string]

/**
 * Every way of mounting a ring, each with its reason; first the one that Mount has chosen, with a tool that the shop has.
 *
 * @see mounting practice: small bores are pressed, middling ones heated by induction, tapers driven up
 */
export function mountingMethods({ mount }: RollingPosition, outcome: MountOutcome): MountingMethod[] {
  if (!outcome.bearing || outcome.cannotHold) return []
  const rank = { go: 0, watch: 1, stop: 2 }
  const small = outcome.bearing.row.boreMm < smallBoreMm
  const preferred: readonly HeatingTool[] = small
    ? ['cold', 'press', 'pad', 'induction']
    : ['cold', 'induction', 'oil-injection', 'oven']
  const place = (tool: HeatingTool) => (preferred.includes(tool) ? preferred.indexOf(tool) : preferred.length)
  // The nut that holds a tapered ring is what drives it up, and hands are always there.
  const inShop = (tool: HeatingTool) => mount.tools.includes(tool) || (outcome.taper !== null && tool === 'cold')
  return heatingTools
    .map((tool): MountingMethod => {
      const [verdict, reason] = judge(tool, outcome)
      return { tool, label: toolWords[tool], verdict, reason, inShop: inShop(tool) }
    })
    .sort(
      (a, b) =>
        Number(a.verdict === 'stop') - Number(b.verdict === 'stop') ||
        Number(serves(b.tool, outcome)) - Number(serves(a.tool, outcome)) ||
        Number(b.inShop) - Number(a.inShop) ||
        rank[a.verdict] - rank[b.verdict] ||
        place(a.tool) - place(b.tool),
    )
}

/** Whether a tool is one for the way that was chosen. */
function serves(tool: HeatingTool, { way }: MountOutcome): boolean {
  switch (way) {
    case 'heated':
    case 'heated-shaft-chilled':
      return isHeater(tool)
    case 'pressed':
    case 'by-hand':
      return tool === 'press'
    case 'oil-injected':
      return tool === 'oil-injection'
    case 'driven-up':
    case 'nut-turned':
      return tool === 'cold'
    case 'over-raceway':
    case 'none':
    case null:
      return false
    default:
      return way satisfies never
  }
}

function judge(tool: HeatingTool, outcome: MountOutcome): Judged {
  if (outcome.way === 'over-raceway') return ['stop', words.raceway]
  switch (tool) {
    case 'press':
      return judgePress(outcome)
    case 'oil-injection': {
      const large = (outcome.bearing?.row.boreMm ?? 0) >= largeBoreMm
      return outcome.taper !== null || large || outcome.way === 'oil-injected'
        ? ['go', words.oil]
        : ['stop', words.oilNot]
    }
    case 'cold':
      return outcome.taper !== null ? ['go', words.nut] : ['stop', words.nutNot]
    default:
      return judgeHeater(tool, outcome)
  }
}

function judgePress({ bearing, taper, way, pressN }: MountOutcome): Judged {
  const boreMm = bearing?.row.boreMm ?? 0
  if (taper !== null) return ['stop', words.taperPress]
  if (way === 'by-hand') return ['go', words.handPush]
  if (boreMm > largestPressedMm) return ['stop', words.pressTooLarge(largestPressedMm)]
  if (pressN !== null && pressN > mostPressN) return ['stop', words.pressTooHard(pressN)]
  if (boreMm < smallBoreMm) return ['go', words.pressSmall]
  return way === 'pressed' && mayPress(boreMm, pressN) ? ['go', words.pressInstead] : ['watch', words.pressSecond]
}

function judgeHeater(tool: HeatingTool, { bearing, taper, way, hot }: MountOutcome): Judged {
  if (!bearing) return ['stop', '']
  if (taper !== null) return ['stop', words.taperHeat]
  if (way === 'by-hand') return ['stop', words.slides]
  const iced = way === 'heated-shaft-chilled'
  if (hot && hot.leftUm < 0 && !iced) return ['stop', words.tooSmall(hot.aimC, hot.leftUm)]
  const [verdict, reason] = heaterAlone(tool, bearing.interior.massKg, bearing.decoded.closure !== 'open')
  if (verdict === 'stop') return [verdict, reason]
  if (iced) return [verdict, `${reason}; ${words.withChilledShaft}`]
  return hot && hot.leftUm < hot.wantedUm ? ['watch', words.littleRoom(hot.leftUm)] : [verdict, reason]
}

function heaterAlone(tool: HeatingTool, massKg: number, closed: boolean): Judged {
  switch (tool) {
    case 'induction':
      return ['go', words.induction]
    case 'pad':
      return massKg <= padMassKg ? ['go', words.pad] : ['stop', words.padTooHeavy(padMassKg)]
    case 'hot-plate':
      return ['watch', words.hotPlate]
    case 'oven':
      return closed ? ['watch', words.ovenClosed] : ['go', words.oven]
    default:
      return closed ? ['stop', words.oilBathClosed] : ['watch', words.oilBath]
  }
}
