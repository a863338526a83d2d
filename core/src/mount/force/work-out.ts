import setScrews from '../../../data/set-screw-torque.json' with { type: 'json' }
import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { attempt } from '../../errors/input-error.ts'
import type { Holding, RollingPosition } from '../../kinds/rolling/position.ts'
import type { FitResult } from '../../seat/fit-result.ts'
import { largestPressedMm, mostPressN } from '../press.ts'
import { pressForce } from '../press-force.ts'
import { boltTorques, torques, type Torque } from './bolt-torques.ts'
import { nutTorque } from './nut-torque.ts'

/** What pushes, pulls and tightens at this seat. */
export interface ForceOutcome {
  /** From oiled to dry, at the tightest fit, N; null where the ring is not tight, is driven up, or its fit is not known. */
  pressN: { low: number; high: number } | null
  /** Press that is large enough, kN. */
  pressKn: number | null
  /** Tube on the ring that is fitted, mm: wider than the bore, no wider than its raceway. */
  sleeve: { insideMm: number; outsideMm: number }
  /** Tube on the outer ring, for its housing, mm. */
  housingSleeve: { insideMm: number; outsideMm: number }
  /** To get it off again, N: half as much again, and three times when fretted. */
  offN: { low: number; high: number } | null
  puller: { capacityKn: number; spreadMm: number; reachMm: number } | null
  holding: Holding
  /** Torque of the lock nut that pushes the ring home, oiled to dry, N·m. */
  nut: { pitchMm: number; low: number; high: number } | null
  bolts: readonly Torque[]
  setScrews: Torque[]
  mustHeat: boolean
}

const friction = { oiled: 0.1, dry: 0.2 }
const nutFriction = { oiled: 0.1, dry: 0.16 }
/** Pulling takes half as much again as pressing; a fretted ring takes more, by much. */
const offFactor = { least: 1.5, most: 3 }
/** Presses and pullers as they are made, kN. */
const presses = [10, 50, 100, 150, 250, 500, 1000]
const pullers = [20, 50, 100, 200, 300, 500, 1000]
/** A press works at no more than this of what it can, a puller too. */
const workingShare = 0.8
/** Room between tube and shaft, mm, and between puller arms and ring, times. */
const tubeRoomMm = 0.5
const spreadOver = 1.05

/** @param holding - how the ring is held, as it is taken to be */
export function forceOutcome(
  position: RollingPosition,
  bearing: ResolvedBearing | null,
  shaft: FitResult | null,
  holding: Holding,
  taper: 12 | 30 | null,
): ForceOutcome | null {
  if (!bearing) return null
  const { row, interior } = bearing
  const tightUm = shaft && taper === null && holding !== 'no-inner-ring' ? shaft.interferenceMaxUm : 0
  const force = (mu: number) => (tightUm > 0 ? pressForce(position, bearing, tightUm, mu) : null)
  const [low, high] = [force(friction.oiled), force(friction.dry)]
  const pressN = low !== null && high !== null ? { low, high } : null
  const offN = pressN && { low: offFactor.least * pressN.low, high: offFactor.most * pressN.high }
  return {
    pressN,
    pressKn: pressN && sizeFor(presses, pressN.high),
    sleeve: { insideMm: row.boreMm + tubeRoomMm, outsideMm: interior.innerRacewayMm },
    housingSleeve: { insideMm: interior.outerRacewayMm, outsideMm: row.odMm - tubeRoomMm },
    offN,
    puller: pressN && {
      capacityKn: sizeFor(pullers, offFactor.least * pressN.high) ?? Infinity,
      spreadMm: row.odMm * spreadOver,
      reachMm: row.widthMm * 1.5,
    },
    holding,
    nut: pressN && holding === 'nut' ? nutOf(row.boreMm, pressN) : null,
    bolts: boltTorques,
    setScrews: torques(setScrews.rows),
    mustHeat: pressN !== null && (row.boreMm > largestPressedMm || pressN.high > mostPressN),
  }
}

function nutOf(boreMm: number, { low, high }: { low: number; high: number }): ForceOutcome['nut'] {
  const oiled = attempt(() => nutTorque({ boreMm, forceN: low, friction: nutFriction.oiled })).value
  const dry = attempt(() => nutTorque({ boreMm, forceN: high, friction: nutFriction.dry })).value
  return oiled && dry ? { pitchMm: oiled.pitchMm, low: oiled.torqueNm, high: dry.torqueNm } : null
}

const sizeFor = (sizesKn: readonly number[], forceN: number): number | null =>
  sizesKn.find((size) => size * 1000 * workingShare >= forceN) ?? null
