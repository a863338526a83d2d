import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'
import { reportedKey, type Reported } from '../model/reported.ts'

/** Signs that rounds and readings told, and that nobody has struck out or answered at the bench. */
export function reportedOf(
  { diagnose: { seen, notSeen, struckOut } }: Pick<RollingPosition, 'diagnose'>,
  { reported = [] }: Pick<Machine, 'reported'>,
): Reported[] {
  const answered = new Set([...seen, ...notSeen])
  return reported.filter((one) => !answered.has(one.sign) && !struckOut.includes(reportedKey(one)))
}

/** A position with the signs that rounds and readings told of it. */
export function withReported(position: RollingPosition, machine: Machine): RollingPosition {
  const told = reportedOf(position, machine)
  if (told.length === 0) return position
  const seen = [...position.diagnose.seen, ...told.map(({ sign }) => sign)]
  return { ...position, diagnose: { ...position.diagnose, seen } }
}
