import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { heatingTools, type HeatingTool, type Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import type { Heat } from './heat.ts'

/** One way to get a ring on its seat, and whether it will do here. */
export interface MountingMethod {
  tool: HeatingTool
  label: string
  /** `go` does it, `watch` can when nothing better is there, `stop` must not be used. */
  verdict: 'go' | 'watch' | 'stop'
  reason: string
  inShop: boolean
}

const labels: Record<HeatingTool, string> = {
  induction: 'induction heater',
  pad: 'flat induction pad',
  'hot-plate': 'hot plate',
  oven: 'oven',
  'oil-bath': 'oil bath',
  press: 'press, cold',
  'oil-injection': 'oil injection',
  cold: 'nut or hydraulic nut, cold',
}

/** Above this bore, or this force, nobody presses by hand. */
const largestPressedMm = 80
const mostPressN = 50_000
/** What a pad heats evenly. */
const padMassKg = 5
/** From here up a hot ring is too heavy and too slow for anything but oil under its bore, or a heater and a crane. */
const largeBoreMm = 200

type Judged = readonly [verdict: MountingMethod['verdict'], reason: string]

/**
 * Every way of mounting a ring, each with its reason, the best that the shop has first.
 *
 * @param heated - what heating would take; null while the fit is not known
 * @param pressN - force that presses it home, N; null while not known
 * @see mounting practice: small bores are pressed, middling ones heated by induction, tapers driven up
 */
export function mountingMethods(
  { mount }: Position,
  { decoded, row, interior }: ResolvedBearing,
  heated: Heat | null,
  pressN: number | null,
): MountingMethod[] {
  const tapered = decoded.boreShape === 'tapered'
  const slides = heated?.verdict === 'no-heat'
  const tooHot = heated?.verdict === 'over-limit'
  const closed = decoded.closure !== 'open'
  const heat = (judged: Judged): Judged =>
    tapered
      ? ['stop', 'a tapered bore is driven up, and heat hides how far']
      : slides
        ? ['stop', 'the ring slides on cold']
        : tooHot
          ? ['stop', `it would have to be hotter than ${inSentence(heated.limitC, 'temperature')} allows`]
          : judged
  const judge: Record<HeatingTool, () => Judged> = {
    induction: () => heat(['go', 'even, clean, the probe on the inner ring; demagnetise at the end']),
    pad: () =>
      heat(
        interior.massKg <= padMassKg
          ? ['go', 'small enough for it; turn it over half way']
          : ['stop', `heavier than the ${inSentence(padMassKg, 'mass', 2)} that a pad heats through`],
      ),
    'hot-plate': () => heat(['watch', 'a spacer under the cage, a cover over it, and patience']),
    oven: () =>
      heat(
        closed
          ? ['watch', 'closed and greased: set it no higher than its closure bears']
          : ['go', 'slow and even; the best for several rings'],
      ),
    'oil-bath': () =>
      heat(
        closed
          ? ['stop', 'never for a sealed or greased bearing']
          : ['watch', 'the last choice: it drips, burns and soils'],
      ),
    press: () =>
      tapered
        ? ['stop', 'a tapered bore is driven up by its nut']
        : row.boreMm > largestPressedMm
          ? ['stop', `over ${inSentence(largestPressedMm, 'length', 2)} bore it is heated`]
          : pressN !== null && pressN > mostPressN
            ? ['stop', `${inSentence(pressN, 'force', 2)} is more than a hand press should give`]
            : slides || row.boreMm < 40 || tooHot
              ? ['go', slides ? 'it slides or taps on cold' : 'a small bore is pressed cold through its inner ring']
              : ['watch', 'it goes, but heat spares the seat'],
    'oil-injection': () =>
      tapered || row.boreMm >= largeBoreMm
        ? ['go', 'floats the ring on oil; needs ducts in the shaft or sleeve']
        : ['stop', 'for tapers and large bores with ducts'],
    cold: () => (tapered ? ['go', 'driven up by measured loss of clearance'] : ['stop', 'for tapered bores']),
  }
  const rank = { go: 0, watch: 1, stop: 2 }
  const preferred: readonly HeatingTool[] =
    row.boreMm < 40 ? ['cold', 'press', 'pad', 'induction'] : ['cold', 'induction', 'oil-injection', 'oven']
  const place = (tool: HeatingTool) => (preferred.includes(tool) ? preferred.indexOf(tool) : preferred.length)
  // The nut that holds a tapered ring is what drives it up: that tool is always there.
  const inShop = (tool: HeatingTool) => mount.tools.includes(tool) || (tapered && tool === 'cold')
  return heatingTools
    .map((tool): MountingMethod => {
      const [verdict, reason] = judge[tool]()
      return { tool, label: labels[tool], verdict, reason, inShop: inShop(tool) }
    })
    .sort(
      (a, b) =>
        Number(a.verdict === 'stop') - Number(b.verdict === 'stop') ||
        Number(b.inShop) - Number(a.inShop) ||
        rank[a.verdict] - rank[b.verdict] ||
        place(a.tool) - place(b.tool),
    )
}
