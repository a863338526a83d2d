import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { above, atLeast, atMost } from './compare.ts'
import { refused } from './running-hours.ts'

export const machineGroups = ['group-1', 'group-2', 'small'] as const
export type MachineGroup = (typeof machineGroups)[number]
export const mountings = ['rigid', 'flexible'] as const
export type MachineMounting = (typeof mountings)[number]

export const VibrationSeverityInput = z.strictObject({
  velocityMmPerS: z.number().min(0).max(200).meta({ unit: 'mm/s', description: 'Velocity on the bearing housing, r.m.s.' }), // prettier-ignore
  displacementUm: z.number().min(0).max(5000).optional().meta({ unit: 'µm', description: 'Displacement, r.m.s.' }),
  baselineMmPerS: z.number().min(0).max(200).optional().meta({ unit: 'mm/s', description: 'Velocity when all was well' }), // prettier-ignore
  speedRpm: z.number().min(120).max(30_000).optional().meta({ unit: 'r/min', description: 'Speed' }),
  group: z.enum(machineGroups).optional().meta({ description: 'Group of machines' }),
  shaftHeightMm: z.number().min(10).max(2000).optional().meta({ unit: 'mm', description: 'Shaft height of a motor' }),
  powerKw: z.number().gt(0).max(50_000).optional().meta({ unit: 'kW', description: 'Rated power' }),
  mounting: z.enum(mountings).optional().meta({ description: 'Support of the machine' }),
  supportHz: z
    .number()
    .gt(0)
    .max(1000)
    .optional()
    .meta({ unit: 'Hz', description: 'Lowest natural frequency on its support' }),
})
type Input = z.output<typeof VibrationSeverityInput>

export type VibrationZone = 'A' | 'B' | 'C' | 'D'
export interface Boundaries {
  ab: number
  bc: number
  cd: number
}
export interface VibrationSeverity {
  group: MachineGroup
  mounting: MachineMounting
  zone: VibrationZone
  velocityZone: VibrationZone
  displacementZone: VibrationZone | null
  boundaries: Boundaries
  displacementBoundaries: Boundaries | null
  alertMmPerS: number
  stopMmPerS: number
  changed: boolean
  verdict: 'ok' | 'watch' | 'stop'
  reasons: ('velocity-zone' | 'displacement-zone' | 'changed')[]
  remarks: ('older-general-class' | 'no-displacement-limits' | 'measure-from-2-hz' | 'displacement-too')[]
}

const zone = (ab: number, bc: number, cd: number): Boundaries => ({ ab, bc, cd })
/** Boundaries of velocity, mm/s, and of displacement, µm. ISO 20816-3; small machines by the older general class I. */
const limits: Record<
  MachineGroup,
  Record<MachineMounting, { velocity: Boundaries; displacement: Boundaries | null }>
> = {
  'group-1': {
    rigid: { velocity: zone(2.3, 4.5, 7.1), displacement: zone(29, 57, 90) },
    flexible: { velocity: zone(3.5, 7.1, 11), displacement: zone(45, 90, 140) },
  },
  'group-2': {
    rigid: { velocity: zone(1.4, 2.8, 4.5), displacement: zone(22, 45, 71) },
    flexible: { velocity: zone(2.3, 4.5, 7.1), displacement: zone(37, 71, 113) },
  },
  small: {
    rigid: { velocity: zone(0.71, 1.8, 4.5), displacement: null },
    flexible: { velocity: zone(0.71, 1.8, 4.5), displacement: null },
  },
}
/** A change by more than this share of the boundary B/C is looked into. */
const changeShare = 0.25
/** Slower machines are measured from 2 Hz on, r/min. */
const slowRpm = 600

/**
 * How rough a machine runs, by zones A (new) to D (does damage).
 *
 * @returns boundaries in mm/s and µm; C is `watch`, D `stop`; a change of a quarter of B/C is at least `watch`
 * @throws InputError on `group`, `mounting`, `speedRpm` where nothing says them
 * @see ISO 20816-3 (10816-3), in its manner; small machines ISO 10816-1, class I
 */
export function vibrationSeverity(input: Input): VibrationSeverity {
  const [group, mounting] = [groupOf(input), mountingOf(input)]
  const { velocity: boundaries, displacement: displacementBoundaries } = limits[group][mounting]
  const { velocityMmPerS, displacementUm, baselineMmPerS, speedRpm } = input
  const velocityZone = zoneOf(Math.round(velocityMmPerS * 100) / 100, boundaries)
  const displacementZone =
    displacementUm === undefined || !displacementBoundaries
      ? null
      : zoneOf(Math.round(displacementUm), displacementBoundaries)
  const worse = displacementZone !== null && displacementZone > velocityZone
  const worst = worse ? displacementZone : velocityZone
  const allowed = changeShare * boundaries.bc
  const changed = baselineMmPerS !== undefined && above(Math.abs(velocityMmPerS - baselineMmPerS), allowed)
  const slow = speedRpm !== undefined && speedRpm < slowRpm
  return {
    group,
    mounting,
    zone: worst,
    velocityZone,
    displacementZone,
    boundaries,
    displacementBoundaries,
    alertMmPerS:
      baselineMmPerS === undefined ? boundaries.bc : Math.min(baselineMmPerS + allowed, 1.25 * boundaries.bc),
    stopMmPerS: boundaries.cd,
    changed,
    verdict: worst === 'D' ? 'stop' : worst === 'C' || changed ? 'watch' : 'ok',
    reasons: [
      ...(worst < 'C' ? [] : [worse ? ('displacement-zone' as const) : ('velocity-zone' as const)]),
      ...(changed ? (['changed'] as const) : []),
    ],
    remarks: [
      ...(group === 'small' ? (['older-general-class'] as const) : []),
      ...(displacementUm !== undefined && !displacementBoundaries ? (['no-displacement-limits'] as const) : []),
      ...(slow ? (['measure-from-2-hz'] as const) : []),
      ...(slow && displacementUm === undefined ? (['displacement-too'] as const) : []),
    ],
  }
}

/** At a boundary it is the better zone. */
const zoneOf = (value: number, { ab, bc, cd }: Boundaries): VibrationZone =>
  atMost(value, ab) ? 'A' : atMost(value, bc) ? 'B' : atMost(value, cd) ? 'C' : 'D'

function groupOf({ group, shaftHeightMm, powerKw }: Input): MachineGroup {
  if (group) return group
  if (shaftHeightMm !== undefined && shaftHeightMm >= 160) return shaftHeightMm >= 315 ? 'group-1' : 'group-2'
  if (powerKw !== undefined) return powerKw > 300 ? 'group-1' : powerKw > 15 ? 'group-2' : 'small'
  if (shaftHeightMm !== undefined) return 'small'
  throw refused('group', undefined, 'given, or told by the power or the shaft height', 'MISSING')
}

function mountingOf({ mounting, supportHz, speedRpm }: Input): MachineMounting {
  if (mounting) return mounting
  if (supportHz === undefined) throw refused('mounting', undefined, 'given, or told by the support', 'MISSING')
  if (speedRpm === undefined)
    throw refused('speedRpm', undefined, 'given beside the frequency of the support', 'MISSING')
  return atLeast(supportHz, (1.25 * speedRpm) / 60) ? 'rigid' : 'flexible'
}

export const vibrationSeverityCalculation = calculation(
  'vibration.severity',
  'How rough a machine runs',
  'In the manner of ISO 20816-3',
  VibrationSeverityInput,
  vibrationSeverity,
)
