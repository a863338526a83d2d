import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import type { HeatTarget } from '../../model/job.ts'
import type { RollingPosition } from '../../kinds/rolling/position.ts'
import { transferWindow } from '../window.ts'
import type { FlatHeater } from './flat-heaters.ts'
import { heatingTime, type HeatingTime } from './heating-time.ts'
import { infrared, type Infrared } from './infrared.ts'
import { surfaces, type Surface } from './surfaces.ts'

/** What heating on a flat pad or plate comes to. */
export interface PadOutcome {
  heater: FlatHeater
  powerW: number
  /** Nobody said the power. */
  assumed: boolean
  time: HeatingTime
  aimC: number
  limitC: number
  /** What an infrared thermometer set to 0.95 shows at the aim, by what it is pointed at. */
  shows: Record<Surface, Infrared>
  /** From lifting until it would seize, in still air, and within what the ring is to be home, s. */
  windowS: number
  homeS: number
  tooHeavy: boolean
}

/** Power where nobody has said it, kW. */
const usualW: Record<FlatHeater, number> = { pad: 1000, 'hot-plate': 1500 }
/** What a pad heats evenly. */
export const padMassKg = 5

/** @param target - what a heat clock would aim at; null where the ring is not heated */
export function padOutcome(
  { mount }: RollingPosition,
  bearing: ResolvedBearing | null,
  target: HeatTarget | null,
): PadOutcome | null {
  if (!bearing || !target || target.aimC <= target.roomC) return null
  const { aimC, roomC, limitC, massKg, areaMm2, slidesC } = target
  const powerW = mount.padW ?? usualW[mount.padTool]
  const windowS =
    slidesC > roomC && slidesC < aimC
      ? transferWindow({ ringMassKg: massKg, ringAreaMm2: areaMm2, startC: aimC, neededC: slidesC, roomC }).windowS
      : 0
  const shows = Object.fromEntries(surfaces.map((surface) => [surface, infrared({ trueC: aimC, roomC, surface })]))
  return {
    heater: mount.padTool,
    powerW,
    assumed: mount.padW === null,
    time: heatingTime({ heater: mount.padTool, powerW, massKg, areaMm2, roomC, aimC }),
    aimC,
    limitC,
    shows: shows as Record<Surface, Infrared>,
    windowS,
    homeS: windowS / 2,
    tooHeavy: mount.padTool === 'pad' && massKg > padMassKg,
  }
}
