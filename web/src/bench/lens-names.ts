import type { Lens } from '@yardfrost/core'

export const lensNames: Record<Lens, string> = {
  identify: 'Identify',
  carry: 'Carry',
  seat: 'Seat',
  float: 'Float',
  mount: 'Mount',
  grease: 'Grease',
  diagnose: 'Diagnose',
}
