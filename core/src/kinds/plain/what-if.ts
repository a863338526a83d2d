import { onShaftLine } from '../../plain/on-shaft.ts'
import { workOutCarry } from '../../plain/carry/work-out.ts'
import { workOutIdentify } from '../../plain/identify/work-out.ts'
import type { PlainPosition } from './position.ts'
import type { Machine } from '../../model/machine.ts'
import { dirts } from '../../plain/compare.ts'

/** What a change would make of the film, its heat and the wear. */
export interface PlainWhatIf {
  key: 'now' | 'load' | 'slow' | 'fast' | 'thinner' | 'thicker' | 'worn' | 'hotter' | 'dirtier'
  label: string
  filmUm: number | null
  filmC: number | null
  lifeH: number | null
}

/** One grade of oil to the next is about half as thick again. */
const grade = 1.47
const [heavier, warmerK, wornTimes] = [1.5, 20, 2]

/** The usual mishaps of a plain bearing, and the other oils one may fill: the first is how it stands. */
export function plainWhatIfs(given: PlainPosition, machine: Machine): PlainWhatIf[] {
  const position = onShaftLine(given, machine)
  const carryOf = (changed: PlainPosition) => workOutCarry(changed, machine, workOutIdentify(changed))
  const of = (key: PlainWhatIf['key'], label: string, changed: PlainPosition): PlainWhatIf => {
    const carry = carryOf(changed)
    return { key, label, filmUm: carry.filmUm, filmC: carry.balance?.value?.filmC ?? null, lifeH: carry.wear?.lifeH ?? null }
  }
  const { load, oil, float } = position
  const carry = carryOf(position)
  if (carry.filmUm === null && carry.wear === null) return []
  const cold = carry.clearance?.coldMm ?? null
  const oiled = carry.onFilm && oil.nu40Cst !== null
  const nextDirt = dirts[dirts.indexOf(oil.dirt) + 1]
  const spun = (times: number): PlainPosition => ({ ...position, load: { ...load, speedRpm: load.speedRpm === null ? null : load.speedRpm * times, swingsPerMin: load.swingsPerMin === null ? null : load.swingsPerMin * times } }) // prettier-ignore
  const filled = (times: number): PlainPosition => ({ ...position, oil: { ...oil, nu40Cst: (oil.nu40Cst ?? 0) * times } })
  return [
    of('now', 'as it stands', position),
    of('load', 'half as much load again', { ...position, load: { ...load, radialN: (load.radialN ?? 0) * heavier } }),
    of('slow', 'half the speed', spun(0.5)),
    of('fast', 'twice the speed', spun(2)),
    ...(oiled ? [of('thinner', 'oil one grade thinner', filled(1 / grade)), of('thicker', 'oil one grade thicker', filled(grade))] : []),
    ...(cold === null ? [] : [of('worn', 'twice the clearance', { ...position, float: { ...float, measuredMm: cold * wornTimes } })]),
    ...(oil.roomC === null ? [] : [of('hotter', 'room {20 K} warmer', { ...position, oil: { ...oil, roomC: oil.roomC + warmerK, housingC: null } })]),
    ...(carry.onFilm || !nextDirt ? [] : [of('dirtier', 'dirtier', { ...position, oil: { ...oil, dirt: nextDirt } })]),
  ]
} // prettier-ignore
