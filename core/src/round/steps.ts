import type { PointKind, PointOwn, PointWork } from './point.ts'

/** What is done at a point, in order, and the cautions that stand beside it. */
export interface PointSteps {
  steps: string[]
  cautions: string[]
}

const siteRules = 'Site rules and the machine’s manual come first.'
const outside = 'Running machine: no hand, sleeve, hose or gun inside a guard.'
const inside = 'The nipple is inside the guard: lock out, tag and prove dead first, or have it piped out.'
const injection = 'Grease under pressure goes through skin: no finger before the nozzle or a leaking hose.'
const hot = 'The housing and its oil burn from 60 °C on.'

/** How a point is served: running or stopped, half and half, drain open and closed. */
export function pointSteps(kind: PointKind, { housing }: Pick<PointWork, 'housing'>, own: PointOwn): PointSteps {
  const stopped = own.stopped || own.nippleInside
  const guard = own.nippleInside ? inside : stopped ? 'Lock out before the guard is opened.' : outside
  switch (kind) {
    case 'grease':
      return {
        steps: [
          stopped ? 'Machine stopped and locked out.' : 'Shaft turning, guards on.',
          own.drain ? 'Open the drain; wipe the nipple.' : 'Wipe the nipple.',
          stopped
            ? 'Give the strokes; turn the shaft by hand between them.'
            : 'Half the strokes, wait a minute, the other half.',
          'Stop when the gun pushes back.',
          ...(own.drain
            ? [`Look at what comes out. Close the drain after ${housing === 'motor-end' ? 'half an hour' : 'an hour'}.`]
            : ['Look at the seals for what comes out.']),
        ],
        cautions: [guard, injection, siteRules],
      }
    case 'oil-level':
      return {
        steps: [
          'Machine at standstill, oil settled.',
          'Read the level at the mark or the glass.',
          ...(own.oiler
            ? [
                'Oiler: breather open, arm at the mark, bottle at least a third full; fill the bottle, never the housing.',
              ]
            : ['Top up with the same oil only.']),
        ],
        cautions: [guard, hot, siteRules],
      }
    case 'oil-change':
      return {
        steps: ['Machine stopped and locked out, oil still warm.', 'Drain it; look at what comes out.', 'Flush, fill to the mark, turn by hand, look again.'], // prettier-ignore
        cautions: ['Lock out, tag and prove dead.', hot, siteRules],
      }
    case 'look':
      return {
        steps: ['Look: leaks, grease at the seals, loose bolts, colour.', 'Listen, with the rod or the probe on the housing.', 'Feel the housing with the back of the hand, or read it.'], // prettier-ignore
        cautions: [outside, siteRules],
      }
    default:
      return kind satisfies never
  }
}
