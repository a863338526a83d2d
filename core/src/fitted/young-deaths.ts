import type { Machine } from '../model/machine.ts'
import { now, type Check, type Saying } from '../working/check.ts'

/** Three of a kind are needed before one is named. */
const fewestNamed = 3

/** Whether a position eats bearings: three that died young are no bad luck. */
export const eatsBearings = ({ youngDeaths = 0 }: Pick<Machine, 'youngDeaths'>): boolean => youngDeaths >= fewestNamed

const saying = (count: number): Saying => ({
  reason: `${count} bearings failed here within a year, before a tenth of what they are rated for.`,
  wayOut: 'Ask why before the next one goes in: the log has their stories, the arrival list what to look at.',
})

/** What the history of a position says of it as it runs; nothing where few died young. */
export const youngDeathChecks = (machine: Pick<Machine, 'youngDeaths'>): Check[] =>
  eatsBearings(machine)
    ? [now('young-deaths', 'watch', saying(machine.youngDeaths ?? 0), { values: { count: machine.youngDeaths ?? 0 } })]
    : []
