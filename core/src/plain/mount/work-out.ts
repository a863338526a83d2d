import type { PlainPosition } from '../../kinds/plain/position.ts'
import { boltTorques, type Torque } from '../../mount/force/bolt-torques.ts'
import { bushMaterialOf } from '../bush-materials.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import type { SeatOutcome } from '../seat/work-out.ts'

/** How a plain bearing goes in. */
export type PlainWay = 'pressed' | 'chilled' | 'warm-housing' | 'laid-in'

export interface MountOutcome {
  way: PlainWay | null
  /** To press it home, oiled to dry, N. */
  pressN: { low: number; high: number } | null
  /** It slides in at so much below its housing, K. */
  slidesK: number | null
  strip: Strip | null
  /** Clearance the strip shall show, mm. */
  wanted: { lowMm: number; highMm: number } | null
  /** Of the cap bolts; null where their thread is not known. */
  bolts: Torque | null
}

/** What strip or feeler told of the clearance, mm. */
export interface Strip {
  leastMm: number
  mostMm: number
  meanMm: number
  /** Most less least. */
  apartMm: number
}

/** Nobody presses beyond this by hand: N, mm outside. */
const [mostPressN, largestPressedMm] = [50_000, 150]
const friction = { oiled: 0.1, dry: 0.2 }
/** Room to slide in by hand: so much and a thousandth of a tenth of the size, mm. */
const slides = (odMm: number) => 0.02 + 0.0002 * odMm
/** A strip may show so much less or more than a new clearance, as shares of it. */
const [stripLow, stripHigh] = [0.75, 1.4]

/** How it goes in, and what strip and bolts say when it is closed. */
export function workOutMount({ bearing, mount, oil }: PlainPosition, { sizes, name }: IdentifyOutcome, carry: CarryOutcome, seat: SeatOutcome): MountOutcome {
  const made = seat.sized?.value ?? null
  const odMm = made?.odMm ?? sizes?.odMm ?? null
  const pressureMPa = seat.gauged?.pressureMPa ?? made?.fitPressureMPa ?? null
  const tightMm = seat.gauged?.interferenceMm ?? made?.interferenceMm ?? null
  const push = (mu: number) => (pressureMPa !== null && odMm !== null && sizes ? mu * pressureMPa * Math.PI * odMm * sizes.lengthMm : null)
  const [low, high] = [push(friction.oiled), push(friction.dry)]
  const pressN = low !== null && high !== null && low > 0 ? { low, high } : null
  const material = name && bushMaterialOf(name)
  const clearance = carry.clearance
  return {
    way: sizes === null || name === null ? null : bearing.form === 'split' ? 'laid-in' : name === 'carbon-graphite' ? 'warm-housing' : odMm !== null && (odMm > largestPressedMm || (pressN?.high ?? 0) > mostPressN) ? 'chilled' : 'pressed',
    pressN,
    slidesK: material && tightMm !== null && tightMm > 0 && odMm !== null && bearing.form !== 'split' ? (tightMm + slides(odMm)) / (material.expansion * odMm) : null,
    strip: stripOf(mount.stripMm),
    wanted: clearance && oil.lubrication !== null ? { lowMm: stripLow * clearance.newMm, highMm: stripHigh * clearance.newMm } : null,
    bolts: boltTorques.find(({ threadMm }) => threadMm === mount.boltMm) ?? null,
  }
} // prettier-ignore

function stripOf(readings: readonly number[]): Strip | null {
  if (readings.length === 0) return null
  const [leastMm, mostMm] = [Math.min(...readings), Math.max(...readings)]
  return {
    leastMm,
    mostMm,
    meanMm: readings.reduce((sum, one) => sum + one, 0) / readings.length,
    apartMm: mostMm - leastMm,
  }
}
