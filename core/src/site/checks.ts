import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'
import { now, type Check, type Saying } from '../working/check.ts'
import { celsius } from '../words/quantities.ts'
import { lubricantOf } from './apply.ts'

const find = 'find what heats it: too much grease, too tight a fit, load, or heat from the machine'

const overStop = (runningC: number, hotC: number): Saying => ({
  reason: `The housing runs at ${celsius(runningC)}; the site stops from ${celsius(hotC)}.`,
  wayOut: `Stop it as the site’s rules have it, and ${find}.`,
})
const overWatch = (runningC: number, warmC: number): Saying => ({
  reason: `The housing runs at ${celsius(runningC)}; the site watches from ${celsius(warmC)}.`,
  wayOut: `Measure it again within days, and ${find}.`,
})
const tooHotFor = (runningC: number, name: string, highC: number): Saying => ({
  reason: `${name} is good to ${celsius(highC)}, and the housing runs at ${celsius(runningC)}.`,
  wayOut: 'Cool the bearing, or change to one of the site’s that is good to more, and look whether the two mix.',
})
const tooColdFor = (runningC: number, name: string, lowC: number): Saying => ({
  reason: `${name} is good from ${celsius(lowC)}, and the housing runs at ${celsius(runningC)}.`,
  wayOut: 'Change to one of the site’s that is good for this cold, and look whether the two mix.',
})

/** How a position stands by the limits of its site, and by those of the lubricant it has of the site’s. */
export function siteChecks(position: RollingPosition, { site }: Machine): Check[] {
  const { runningC } = position.grease
  if (!site || runningC === null) return []
  const { warmC, hotC } = site.limits
  const rest = { values: { runningC, warmC, hotC }, field: 'grease.runningC' }
  const lubricant = lubricantOf(position, site)
  return [
    ...(hotC !== null && runningC >= hotC
      ? [now('siteTemperature', 'stop', overStop(runningC, hotC), rest)]
      : warmC !== null && runningC >= warmC
        ? [now('siteTemperature', 'watch', overWatch(runningC, warmC), rest)]
        : []),
    ...(lubricant?.highC != null && runningC > lubricant.highC
      ? [now('lubricantRange', 'watch', tooHotFor(runningC, lubricant.name, lubricant.highC), rest)]
      : lubricant?.lowC != null && runningC < lubricant.lowC
        ? [now('lubricantRange', 'watch', tooColdFor(runningC, lubricant.name, lubricant.lowC), rest)]
        : []),
  ]
}
