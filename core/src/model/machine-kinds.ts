import { z } from 'zod'

export const machineKinds = [
  'motor',
  'pump',
  'fan',
  'conveyor',
  'mill',
  'agitator',
  'gearbox',
  'spindle',
  'other',
] as const
export const MachineKind = z.enum(machineKinds)
export type MachineKind = z.infer<typeof MachineKind>

export const duties = ['short-use', 'intermittent', 'one-shift', 'round-the-clock', 'main-process', 'spindle'] as const
export const Duty = z.enum(duties)
export type Duty = z.infer<typeof Duty>
