import type { ShaftLine } from '../model/shaft-line.ts'
import { solveBeam } from './beam.ts'
import { partLoads, type Running, type ShaftLoad } from './part-loads.ts'
import { reactions } from './reactions.ts'

/** What one bearing of a shaft line carries. Loads on the bearing, N. */
export interface LineSupport {
  position: string
  xMm: number
  /** Standing load: weight, belt, gear and the like. */
  standingN: number
  /** Downward part of it; negative where the bearing is lifted. */
  downN: number
  sideN: number
  /** Load that turns with the shaft. */
  turningN: number
  /** Mean of both over a turn, as life feels it. */
  radialN: number
  /** Toward +x positive; the whole thrust where this one holds that way, else 0. */
  axialN: number
}

export interface LineLoads {
  loads: ShaftLoad[]
  supports: LineSupport[]
  /** All of the thrust, toward +x positive, N. */
  thrustN: number
}

/**
 * Loads on every bearing of a shaft line: by statics on two supports, by the beam on more.
 *
 * The loads that turn are taken in step with one another, the worst they can be. Thrust goes to the bearing that holds its way,
 * shared evenly where several do.
 *
 * @param running - otherwise than full work at full speed
 * @returns zero radial loads on a shaft with one support, which cannot stand: the arrangement says so
 */
export function lineLoads(line: ShaftLine, running?: Running): LineLoads {
  const loads = partLoads(line, running)
  const standing = loads.filter(({ turns }) => !turns)
  const turning = loads.filter(({ turns }) => turns)
  const radians = (degrees: number) => (degrees * Math.PI) / 180
  const plane = (some: readonly ShaftLoad[], part: (angle: number) => number) =>
    carried(
      line,
      some.map((load) => ({ xMm: load.xMm, forceN: load.radialN * part(radians(load.angleDeg)) })),
    )
  const down = plane(standing, Math.cos)
  const side = plane(standing, Math.sin)
  const round = plane(turning, () => 1)
  const thrustN = loads.reduce((sum, { axialN }) => sum + axialN, 0)
  const holders = line.supports.filter(({ holds }) => holdsAgainst(holds, thrustN))
  return {
    loads,
    thrustN,
    supports: line.supports.map((support, index) => {
      const standingN = Math.hypot(down[index] ?? 0, side[index] ?? 0)
      const turningN = Math.abs(round[index] ?? 0)
      return {
        position: support.position,
        xMm: support.xMm,
        standingN,
        downN: down[index] ?? 0,
        sideN: side[index] ?? 0,
        turningN,
        radialN: meanOfTurning(standingN, turningN),
        axialN: holders.includes(support) ? thrustN / holders.length : 0,
      }
    }),
  }
}

/** Whether a bearing stands against thrust the way it comes; any that holds at all while there is none. */
export function holdsAgainst(holds: ShaftLine['supports'][number]['holds'], thrustN: number): boolean {
  if (holds === 'none') return false
  return holds === 'both' || (thrustN > 0 ? holds === 'right' : thrustN < 0 ? holds === 'left' : true)
}

/** Load on each support in one plane, downward positive, in the order of the supports. */
function carried({ sections, supports }: ShaftLine, loads: { xMm: number; forceN: number }[]): number[] {
  if (supports.length < 2) return supports.map(() => 0)
  if (supports.length > 2) return solveBeam({ sections, supports, loads }).supportN
  const [a, b] = supports
  if (!a || !b || Math.abs(a.xMm - b.xMm) < 1) return supports.map(() => 0)
  const solved = reactions({
    supportsMm: [a.xMm, b.xMm],
    locating: 0,
    loads: loads.map(({ xMm, forceN }) => ({ xMm, radialN: Math.abs(forceN), angleDeg: forceN < 0 ? 180 : 0 })),
  })
  return solved.supports.map(({ downN }) => downN)
}

/** Exponent that lives go by, between balls and rollers. */
const meanExponent = 3
const angles = 36

/**
 * Steady load that uses a bearing up as a standing and a turning load together do, N: the mean of their sum over a turn, by the
 * third power.
 */
export function meanOfTurning(standingN: number, turningN: number): number {
  if (turningN === 0 || standingN === 0) return standingN + turningN
  let sum = 0
  for (let step = 0; step < angles; step++) {
    const angle = (2 * Math.PI * step) / angles
    sum += Math.hypot(standingN + turningN * Math.cos(angle), turningN * Math.sin(angle)) ** meanExponent
  }
  return (sum / angles) ** (1 / meanExponent)
}

/** How the load on a bearing stands to its rings, as Seat asks it. */
export function loadCaseOf({ standingN, turningN }: LineSupport): 'inner-turns' | 'load-turns' | 'both' {
  if (turningN <= clearlyLess * standingN) return 'inner-turns'
  return standingN <= clearlyLess * turningN ? 'load-turns' : 'both'
}

/** Below this share of the other a load does not change which ring it travels round. */
const clearlyLess = 0.7
