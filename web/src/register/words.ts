import { criticalities, hoursSources, type Criticality, type HoursSource } from '@yardfrost/contract'
import { duties, machineKinds, wantedLife, type Duty, type MachineKind } from '@yardfrost/core'

/** Kinds of machine, in the words of the shop. */
export const kindWords: Record<MachineKind, string> = {
  motor: 'motor',
  pump: 'pump',
  fan: 'fan',
  conveyor: 'conveyor shaft',
  mill: 'mill or crusher',
  agitator: 'agitator',
  gearbox: 'gear shaft',
  spindle: 'spindle',
  other: 'something else',
}
export const criticalityWords: Record<Criticality, string> = {
  vital: 'vital: the plant stands',
  important: 'important: a line stands',
  minor: 'minor: there is another',
}
export const hoursWords: Record<HoursSource, string> = {
  clock: 'the calendar, it always runs',
  shifts: 'its shifts, so many hours a week',
  meter: 'an hour meter that is read',
}
/** Positions a machine of a kind usually has, from the coupling end on. */
export const usualPositions: Record<MachineKind, readonly string[]> = {
  motor: ['Drive end', 'Non-drive end'],
  pump: ['Coupling end', 'Impeller end'],
  fan: ['Coupling end', 'Fan end'],
  conveyor: ['Drive side', 'Far side'],
  mill: ['Drive side', 'Far side'],
  agitator: ['Drive end', 'Foot end'],
  gearbox: ['Coupling side', 'Far side'],
  spindle: ['Work end', 'Belt end'],
  other: ['Drive end', 'Far end'],
}

const optionsOf = <T extends string>(values: readonly T[], word: (value: T) => string) =>
  values.map((value) => ({ value, label: word(value) }))
export const kindOptions = optionsOf(machineKinds, (kind) => kindWords[kind])
export const dutyOptions = optionsOf(duties, (duty: Duty) => wantedLife(duty).label)
export const criticalityOptions = optionsOf(criticalities, (one) => criticalityWords[one])
export const hoursOptions = optionsOf(hoursSources, (source) => hoursWords[source])
