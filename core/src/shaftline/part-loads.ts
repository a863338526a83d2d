import { standardGravity } from '../model/gravity.ts'
import type { ShaftLine, ShaftPart } from '../model/shaft-line.ts'
import driveFactors from '../../data/drive-factors.json' with { type: 'json' }

/** One load on the shaft, from one part of it. */
export interface ShaftLoad {
  /** Part it comes from; `shaft` for the shaft itself. */
  from: string
  /** What it is, in a word or two. */
  what: string
  xMm: number
  radialN: number
  /** Direction seen along the shaft: 0 down, 90 sideways. A load that turns has none of its own. */
  angleDeg: number
  /** Toward +x positive. */
  axialN: number
  /** Turns with the shaft, as unbalance does. */
  turns: boolean
}

/** How a machine runs for a while: work as a share of the full, and speed. */
export interface Running {
  work: number
  speedRpm: number
}

/** Density of steel, kg/mm³. */
const steelDensity = 7.85e-6
/** Density of what a pump moves, kg/m³: cold brine is a little heavier than water. */
const liquidDensity = 1000

/**
 * Loads that the parts of a shaft line put on it, weight and unbalance among them.
 *
 *     T = 9550 P/n,  Ft = 2000 T/d;   belt f·Ft;   gears Ft tan α / cos β, Ft tan β;   unbalance m e ω²
 *
 * The shock factor is on the working loads, not on the weight. Weight acts down and, on a machine leant over, along the shaft.
 *
 * @param running - otherwise than full work at full speed: what comes from the work goes with it, unbalance with the speed;
 *   weight, magnetic pull and the tension of a friction belt stay
 * @see handbook practice for drives and gears; ISO 21940-11 for balance grades; volute pump practice for impellers
 */
export function partLoads(line: ShaftLine, running: Running = { work: 1, speedRpm: line.speedRpm }): ShaftLoad[] {
  return [
    ...shaftWeight(line),
    ...line.parts.flatMap((part) => [
      ...weightOf(part, line),
      ...workOf(part, line).map((load) => (staysTight(part) ? load : atWork(load, running.work))),
      ...unbalanceOf(part, line, running.speedRpm),
    ]),
  ]
}

/** A V-belt or flat belt is as tight empty as it is loaded, and a rotor is pulled as soon as it is switched on. */
const staysTight = (part: ShaftPart): boolean =>
  part.kind === 'rotor' || (part.kind === 'pulley' && !['chain', 'toothed-belt'].includes(part.drive))

const atWork = (load: ShaftLoad, work: number): ShaftLoad => ({
  ...load,
  radialN: load.radialN * work,
  axialN: load.axialN * work,
})

/** Mass of each section at its middle. */
export function sectionMasses({ sections }: ShaftLine): { xMm: number; massKg: number }[] {
  let from = 0
  return sections.map(({ lengthMm, diameterMm, boreMm }) => {
    const xMm = from + lengthMm / 2
    from += lengthMm
    return { xMm, massKg: (steelDensity * Math.PI * (diameterMm ** 2 - boreMm ** 2) * lengthMm) / 4 }
  })
}

function shaftWeight(line: ShaftLine): ShaftLoad[] {
  const masses = sectionMasses(line)
  const massKg = masses.reduce((sum, one) => sum + one.massKg, 0)
  if (massKg === 0) return []
  const xMm = masses.reduce((sum, one) => sum + one.xMm * one.massKg, 0) / massKg
  return [weight('shaft', 'shaft', xMm, massKg, line)]
}

const radians = (degrees: number) => (degrees * Math.PI) / 180

function weight(from: string, what: string, xMm: number, massKg: number, { tiltDeg }: ShaftLine): ShaftLoad {
  const newton = massKg * standardGravity
  return {
    from,
    what,
    xMm,
    radialN: newton * (tiltDeg === 90 ? 0 : Math.cos(radians(tiltDeg))),
    angleDeg: 0,
    // The right end is up, so the weight slides to the left.
    axialN: tiltDeg === 0 ? 0 : -newton * Math.sin(radians(tiltDeg)),
    turns: false,
  }
}

const weightOf = (part: ShaftPart, line: ShaftLine): ShaftLoad[] =>
  part.massKg > 0 ? [weight(part.id, 'weight', part.xMm, part.massKg, line)] : []

function workOf(part: ShaftPart, line: ShaftLine): ShaftLoad[] {
  const shock = line.shockFactor
  const load = (what: string, radialN: number, angleDeg: number, axialN = 0): ShaftLoad => ({
    from: part.id,
    what,
    xMm: part.xMm,
    radialN: shock * Math.abs(radialN),
    angleDeg: radialN < 0 ? angleDeg + 180 : angleDeg,
    axialN: shock * axialN,
    turns: false,
  })
  switch (part.kind) {
    case 'coupling': {
      const radialN = part.misalignShare * driveForce(line, part.diameterMm)
      // Misalignment pushes wherever it stands; down is where it adds to the weight.
      return radialN > 0 ? [load('misalignment', radialN, 0)] : []
    }
    case 'pulley':
      return [
        load('belt pull', driveFactor(part.drive) * part.tension * driveForce(line, part.diameterMm), part.angleDeg),
      ].filter(({ radialN }) => radialN > 0)
    case 'gear':
      return gearLoads(part, line, load)
    case 'impeller':
      return [load('volute', impellerRadial(part), 0, part.thrustN)].filter(
        ({ radialN, axialN }) => radialN > 0 || axialN !== 0,
      )
    case 'wheel': {
      const thrust = (part.pressurePa * Math.PI * (part.inletMm / 1000) ** 2) / 4
      return thrust > 0 ? [load('wheel thrust', 0, 0, part.thrustWay === 'right' ? thrust : -thrust)] : []
    }
    case 'rotor':
      return part.pullShare > 0 && part.massKg > 0
        ? [load('magnetic pull', part.pullShare * part.massKg * standardGravity, 0)]
        : []
    case 'chuck':
      return [load('cut', part.cuttingN, part.angleDeg, part.thrustN)]
    case 'force':
      return [load('force', part.radialN, part.angleDeg, part.axialN)]
    default:
      return part satisfies never
  }
}

/** Tangential force of the drive at a diameter, N. */
export const driveForce = ({ powerKw, speedRpm }: ShaftLine, diameterMm: number): number =>
  (19.1e6 * powerKw) / (diameterMm * speedRpm)

/** Pull on the shaft against the tangential force, by kind of drive. */
export function driveFactor(drive: string): number {
  const row = driveFactors.rows.find(([name]) => name === drive)
  if (!row) throw new Error(`no factor for ${drive}`)
  return Number(row[3])
}

function gearLoads(
  part: Extract<ShaftPart, { kind: 'gear' }>,
  line: ShaftLine,
  load: (what: string, radialN: number, angleDeg: number, axialN?: number) => ShaftLoad,
): ShaftLoad[] {
  const tangential = driveForce(line, part.diameterMm)
  if (tangential === 0) return []
  const [alpha, beta] = [radians(part.pressureDeg), radians(part.helixDeg)]
  const [separating, axial] =
    part.gear === 'bevel'
      ? [tangential * Math.tan(alpha) * Math.cos(beta), tangential * Math.tan(alpha) * Math.sin(beta)]
      : [(tangential * Math.tan(alpha)) / Math.cos(beta), part.gear === 'helical' ? tangential * Math.tan(beta) : 0]
  const sign = part.axialWay === 'right' ? 1 : -1
  return [
    load('tooth push', separating, part.angleDeg, sign * axial),
    load('tooth drive', tangential, part.angleDeg + 90),
    ...coupleOf(part, axial * sign, load),
  ]
}

/** The thrust of a gear acts at its pitch radius: a couple, as two opposite forces a short way apart. */
function coupleOf(
  part: Extract<ShaftPart, { kind: 'gear' }>,
  axialN: number,
  load: (what: string, radialN: number, angleDeg: number, axialN?: number) => ShaftLoad,
): ShaftLoad[] {
  if (axialN === 0) return []
  const apartMm = 10
  const pairN = (axialN * part.diameterMm) / 2 / apartMm
  return [-1, 1].map((side) => ({
    ...load('tooth couple', side * pairN, part.angleDeg),
    xMm: part.xMm + (side * apartMm) / 2,
  }))
}

/** Radial force of a single volute, greatest at shut-off, N. */
function impellerRadial({ flowShare, headM, diameterMm, widthMm }: Extract<ShaftPart, { kind: 'impeller' }>): number {
  return Math.abs(
    0.36 * (1 - flowShare ** 2) * liquidDensity * standardGravity * headM * (diameterMm / 1000) * (widthMm / 1000),
  )
}

/** Force of an unbalance, by the square of the speed; its grade holds at the speed of the line. */
function unbalanceOf(part: ShaftPart, line: ShaftLine, speedRpm: number): ShaftLoad[] {
  if (!('gradeMmPerS' in part)) return []
  const omega = (2 * Math.PI * speedRpm) / 60
  const graded = (2 * Math.PI * line.speedRpm) / 60
  const byGrade = ((part.massKg * part.gradeMmPerS) / 1000 / graded) * omega ** 2
  const byStuck = (part.stuckG / 1000) * (part.stuckRadiusMm / 1000) * omega ** 2
  const radialN = byGrade + byStuck
  return radialN > 0
    ? [{ from: part.id, what: 'unbalance', xMm: part.xMm, radialN, angleDeg: 0, axialN: 0, turns: true }]
    : []
}
