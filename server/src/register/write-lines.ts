import { RegisterLine, type MachineDetail } from '@yardfrost/contract'
import { stringify } from 'csv-stringify/sync'

/** Machines of the register as CSV, one line a position. */
export function writeLines(machines: readonly MachineDetail[]): string {
  const lines = machines.flatMap((machine): RegisterLine[] => {
    const { area, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek, positions } = machine
    const rows = positions.length > 0 ? positions : [{ name: '', designation: null, kind: 'rolling' as const }]
    return rows.map((position) => ({
      ...{ area, tag, name, kind, duty, criticality, hours_source: hoursSource, hours_per_week: hoursPerWeek },
      position: position.name,
      // What a plain one is called follows from its sizes.
      bearing: position.kind === 'plain' ? '' : (position.designation ?? ''),
      position_kind: position.kind,
    }))
  })
  return stringify(lines, { header: true, columns: Object.keys(RegisterLine.shape), escape_formulas: true })
}
