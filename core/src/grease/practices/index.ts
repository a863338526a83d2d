import type { MachineKind } from '../../model/machine.ts'
import type { IntervalPractice } from '../../model/site-practices.ts'
import type { Practice } from '../../working/practice.ts'
import type { IntervalGiven } from '../interval.schema.ts'
import type { Worked } from './conditions.ts'
import { formula } from './formula.ts'
import { speedFactor } from './speed-factor.ts'

/** Every way of reckoning a relubrication interval. */
export const intervalPracticeList: readonly Practice<IntervalPractice, IntervalGiven, Worked>[] = [formula, speedFactor]

const byKey = new Map(intervalPracticeList.map((one) => [one.key, one]))

export function intervalPractice(key: IntervalPractice): Practice<IntervalPractice, IntervalGiven, Worked> {
  const found = byKey.get(key)
  if (!found) throw new Error(`no interval practice ${key}`)
  return found
}

/** The practice that leads by the kind of machine: dirty slow plant by the formula, clean fast machines by the curve. */
export const usualIntervalPractice: Record<MachineKind, IntervalPractice> = {
  fan: 'formula',
  conveyor: 'formula',
  mill: 'formula',
  agitator: 'formula',
  motor: 'speed-factor',
  pump: 'speed-factor',
  spindle: 'speed-factor',
  gearbox: 'speed-factor',
  other: 'speed-factor',
}
