import type { MachineKind } from '../model/machine.ts'
import { ShaftLine } from '../model/shaft-line.ts'

/** A few sizes that say most of a shaft; the rest follows in the usual proportions. */
export interface ShaftSketch {
  /** Bore of the bearings at either end, mm. */
  boreMm: number
  spanMm: number
  speedRpm: number
  powerKw: number
}

/** Sizes to begin with where nobody has said any, by kind of machine. */
export const usualSketch: Record<MachineKind, ShaftSketch> = {
  motor: { boreMm: 70, spanMm: 520, speedRpm: 1480, powerKw: 55 },
  pump: { boreMm: 60, spanMm: 320, speedRpm: 1480, powerKw: 30 },
  fan: { boreMm: 80, spanMm: 900, speedRpm: 1480, powerKw: 75 },
  conveyor: { boreMm: 100, spanMm: 1200, speedRpm: 60, powerKw: 15 },
  mill: { boreMm: 130, spanMm: 1400, speedRpm: 300, powerKw: 110 },
  agitator: { boreMm: 70, spanMm: 500, speedRpm: 60, powerKw: 7.5 },
  gearbox: { boreMm: 70, spanMm: 240, speedRpm: 960, powerKw: 40 },
  spindle: { boreMm: 80, spanMm: 380, speedRpm: 900, powerKw: 11 },
  other: { boreMm: 60, spanMm: 500, speedRpm: 1480, powerKw: 15 },
}

/**
 * A shaft line of a kind of machine from a few sizes, to be corrected by hand.
 *
 * The first position stands at the coupling or drive end, of a spindle at the chuck, and holds the shaft; the last one floats.
 *
 * @param positions - names of the positions from the coupling end on; the first two are taken, or made up
 */
export function sketchShaft(kind: MachineKind, sketch: ShaftSketch, positions: readonly string[]): ShaftLine {
  const { boreMm: d, spanMm: span, speedRpm, powerKw } = sketch
  const overhang = Math.max(1.6 * d, 0.12 * span)
  const [first = 'Drive end', last = 'Far end'] = [positions[0], positions[positions.length - 1]]
  const a = overhang
  const b = overhang + span
  const seat = 0.6 * d
  const sections = [
    { lengthMm: a - seat, diameterMm: round(0.85 * d), boreMm: 0 },
    { lengthMm: 2 * seat, diameterMm: d, boreMm: 0 },
    { lengthMm: span - 2 * seat, diameterMm: round(1.2 * d), boreMm: 0 },
    { lengthMm: 2 * seat, diameterMm: d, boreMm: 0 },
    { lengthMm: overhang - seat, diameterMm: round(0.85 * d), boreMm: 0 },
  ].map((one) => ({ ...one, lengthMm: round(one.lengthMm) }))
  const inside = kind === 'pump' || kind === 'spindle'
  return ShaftLine.parse({
    sections,
    supports: [
      { position: first, xMm: round(a), holds: 'both' },
      {
        position: last === first ? 'Far end' : last,
        xMm: round(b),
        holds: 'none',
        floatsIn: inside ? 'bearing' : 'housing',
        roomLeftMm: 0.5,
        roomRightMm: 1.5,
      },
    ],
    parts: partsOf(kind, d, round(a), round(b), round(overhang)),
    speedRpm,
    powerKw,
    shockFactor: roughKinds.has(kind) ? 1.3 : 1.1,
    hottestC: kind === 'fan' ? 90 : 65,
  })
}

/** Driven machines that jolt their bearings. */
const roughKinds: ReadonlySet<MachineKind> = new Set(['conveyor', 'mill', 'gearbox'])

const round = (mm: number) => Math.max(1, Math.round(mm))

function partsOf(kind: MachineKind, d: number, a: number, b: number, overhang: number): object[] {
  const coupling = {
    kind: 'coupling',
    id: 'coupling',
    xMm: round(0.35 * overhang),
    massKg: round(d * 0.12),
    diameterMm: round(2.2 * d),
  }
  const middle = round((a + b) / 2)
  const end = round(b + 0.6 * overhang)
  switch (kind) {
    case 'motor':
      return [
        coupling,
        {
          kind: 'rotor',
          id: 'rotor',
          xMm: middle,
          massKg: round(d * 1.8),
          gradeMmPerS: 2.5,
          diameterMm: round(3.6 * d),
          lengthMm: round((b - a) * 0.6),
        },
      ]
    case 'pump':
      return [
        coupling,
        {
          kind: 'impeller',
          id: 'impeller',
          xMm: end,
          massKg: round(d * 0.2),
          diameterMm: round(4 * d),
          widthMm: round(0.7 * d),
          flowShare: 0.8,
          headM: 25,
          thrustN: 1200,
        },
      ]
    case 'fan':
      return [
        coupling,
        {
          kind: 'wheel',
          id: 'wheel',
          xMm: end,
          massKg: round(d * 1.4),
          diameterMm: round(8 * d),
          inletMm: round(4 * d),
          pressurePa: 2500,
          thrustWay: 'left',
        },
      ]
    case 'conveyor':
      return [
        {
          kind: 'pulley',
          id: 'drive',
          xMm: round(0.35 * overhang),
          massKg: round(d * 0.3),
          drive: 'chain',
          diameterMm: round(3 * d),
        },
        { kind: 'force', id: 'belt', xMm: middle, massKg: round(d * 3), radialN: 24_000, angleDeg: 90 },
      ]
    case 'mill':
      return [
        {
          kind: 'pulley',
          id: 'drive',
          xMm: round(0.35 * overhang),
          massKg: round(d * 2),
          drive: 'v-belt',
          diameterMm: round(6 * d),
        },
        {
          kind: 'rotor',
          id: 'rotor',
          xMm: middle,
          massKg: round(d * 8),
          gradeMmPerS: 16,
          pullShare: 0,
          diameterMm: round(7 * d),
        },
      ]
    case 'agitator':
      return [coupling, { kind: 'force', id: 'blades', xMm: end, massKg: round(d * 0.8), radialN: 600, angleDeg: 90 }]
    case 'gearbox':
      return [
        coupling,
        {
          kind: 'gear',
          id: 'pinion',
          xMm: middle,
          massKg: round(d * 0.12),
          gear: 'helical',
          diameterMm: round(1.8 * d),
          helixDeg: 12,
          axialWay: 'right',
        },
      ]
    case 'spindle':
      // The end that holds is the one at the work.
      return [
        {
          kind: 'chuck',
          id: 'chuck',
          xMm: round(0.35 * overhang),
          massKg: round(d * 0.3),
          diameterMm: round(2.6 * d),
        },
        {
          kind: 'pulley',
          id: 'belt',
          xMm: end,
          massKg: round(d * 0.1),
          drive: 'v-belt',
          diameterMm: round(2.5 * d),
        },
      ]
    case 'other':
      return [coupling]
    default:
      return kind satisfies never
  }
}
