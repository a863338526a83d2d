import type { InputError } from '../errors/input-error.ts'
import type { Figure } from '../working/figure.ts'

/** Fields of the calculations, in the words of the shop, and the input they come from. */
const fields: Record<string, { words: string; field: string }> = {
  diametralClearanceMm: { words: 'The clearance', field: 'float.measuredMm' },
  lengthMm: { words: 'The length', field: 'bearing.lengthMm' },
  journalDiameterMm: { words: 'The journal', field: 'bearing.journalMm' },
  temperatureC: { words: 'The temperature', field: 'oil.housingC' },
  housingOdMm: { words: 'The outside of the housing', field: 'seat.housingOdMm' },
  viscosityIndex: { words: 'The viscosity index', field: 'oil.viscosityIndex' },
  nu40Cst: { words: 'The oil', field: 'oil.nu40Cst' },
  speedRpm: { words: 'The speed', field: 'load.speedRpm' },
  loadN: { words: 'The load', field: 'load.radialN' },
  ambientC: { words: 'The room', field: 'oil.roomC' },
}

/** A refused input as a figure and a check of a plain bearing show it. */
export function plainRefusal({ field, allowed, fix }: InputError): NonNullable<Figure['refusal']> {
  const known = fields[field]
  return { field: known?.field ?? field, message: `${known?.words ?? field} must be ${allowed}`, fix }
}
