import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import { lineLoads, type LineLoads } from './support-loads.ts'
import { spanDiameterMm } from '../float/span-diameter.ts'

const known = new WeakMap<ShaftLine, LineLoads>()
const knownSteps = new WeakMap<ShaftLine, LineLoads[]>()

/** Loads of a shaft line at full work, worked out once a line. */
export function loadsOf(line: ShaftLine): LineLoads {
  const loads = known.get(line) ?? lineLoads(line)
  known.set(line, loads)
  return loads
}

/** The same for every step of its duty, in their order. */
function stepLoadsOf(line: ShaftLine): LineLoads[] {
  const loads = knownSteps.get(line) ?? line.steps.map((step) => lineLoads(line, step))
  knownSteps.set(line, loads)
  return loads
}

/** The support of a shaft line that stands for a position; null where the line has none of that name. */
export function supportOf({ shaft, position }: Machine) {
  if (!shaft || position === undefined) return null
  const index = shaft.supports.findIndex((one) => one.position === position)
  const load = loadsOf(shaft).supports[index]
  const support = shaft.supports[index]
  return load && support ? { load, support, index } : null
}

/**
 * A position with its loads, speed, ends and growth taken from the shaft line, where it says so and the machine has one.
 *
 * What is taken replaces what was typed for as long as `load.from` says `shaft-line`; the typed values stay in the document.
 */
export function withShaftLine(position: RollingPosition, machine: Machine): RollingPosition {
  const found = position.load.from === 'shaft-line' ? supportOf(machine) : null
  const { shaft } = machine
  if (!found || !shaft) return position
  const { load, support, index } = found
  const held = shaft.supports.filter(({ holds }) => holds === 'both').length
  const other = shaft.supports.find((one) => one !== support)
  return {
    ...position,
    load: {
      ...position.load,
      radialN: load.radialN,
      axialN: Math.abs(load.axialN),
      axialWay: load.axialN < 0 ? 'left' : 'right',
      speedRpm: shaft.speedRpm,
      // Tilt and shock are in the line's loads already.
      tiltDeg: null,
      rotorKg: null,
      shockFactor: null,
      steps: stepLoadsOf(shaft).map(({ supports }, step) => ({
        radialN: supports[index]?.radialN ?? 0,
        axialN: Math.abs(supports[index]?.axialN ?? 0),
        speedRpm: shaft.steps[step]?.speedRpm ?? 0,
        share: shaft.steps[step]?.share ?? 0,
      })),
    },
    float: {
      ...position.float,
      role: support.holds === 'none' ? 'floating' : 'locating',
      floatsIn: support.floatsIn,
      locatedEnds: held === 0 || held === 1 ? held : 2,
      spanMm: other ? Math.abs(other.xMm - support.xMm) : null,
      assemblyC: shaft.assemblyC,
      hottestC: shaft.hottestC,
      shaftMaterial: shaft.material,
      housingStiffnessNPerMm: shaft.housingStiffnessNPerMm,
      shaftDiameterMm: spanDiameterMm(shaft),
      ...roomsOf(shaft),
    },
    ends: { ...position.ends, ...couplingOf(shaft, index) },
  }
}

/** Where the coupling of a line stands, seen from one of its supports, and its gap. */
function couplingOf({ parts, supports }: ShaftLine, index: number): Partial<RollingPosition['ends']> {
  const coupling = parts.find((part) => part.kind === 'coupling')
  if (!coupling) return { coupling: 'none' }
  const awayMm = supports.map(({ xMm }) => Math.abs(xMm - coupling.xMm))
  const nearest = awayMm.indexOf(Math.min(...awayMm))
  return {
    coupling: nearest === index ? 'this' : 'other',
    overhangMm: awayMm[nearest] ?? null,
    couplingGapMm: coupling.gapMm,
    leastGapMm: coupling.leastGapMm,
    otherGrowthMm: coupling.otherGrowthMm,
  }
}

/** Rooms of the floating end toward and away from the growth, which runs from the end that holds. */
export function roomsOf({ supports }: ShaftLine): { roomTowardMm: number | null; roomAwayMm: number | null } {
  const held = supports.find(({ holds }) => holds === 'both')
  const floating = supports.find(({ holds }) => holds === 'none')
  if (!held || !floating) return { roomTowardMm: null, roomAwayMm: null }
  // A bearing that floats inside itself has the room of its rollers, which is more than any shaft here grows.
  if (floating.floatsIn === 'bearing')
    return { roomTowardMm: floating.roomRightMm ?? insideMm, roomAwayMm: floating.roomLeftMm ?? insideMm }
  const toRight = floating.xMm > held.xMm
  return {
    roomTowardMm: toRight ? floating.roomRightMm : floating.roomLeftMm,
    roomAwayMm: toRight ? floating.roomLeftMm : floating.roomRightMm,
  }
}

/** Displacement that a roller bearing takes inside itself at the least, mm: a small one gives about so much either way. */
const insideMm = 1
