import { formatInput, unitSpace, unitSymbol, type JobEntry, type JobStep, type UnitSystem } from '@yardfrost/core'

/** What a person entered, in words with its step: shown when the server would not take it, so that it can be entered anew. */
export function entryWords(entry: JobEntry, steps: readonly JobStep[], units: UnitSystem): string {
  const step = steps.find(({ key }) => key === entry.step)
  return `${step?.title ?? entry.step}: ${told(entry, step, units)}`
}

function told(entry: JobEntry, step: JobStep | undefined, units: UnitSystem): string {
  switch (entry.kind) {
    case 'reading': {
      const reading = step?.readings.find(({ key }) => key === entry.reading)
      const quantity = reading?.quantity ?? 'ratio'
      const answer =
        entry.value === null
          ? (entry.text ?? '')
          : `${formatInput(entry.value, quantity, units)}${unitSpace}${unitSymbol(quantity, units)}`.trim()
      return `${reading?.label ?? entry.reading} ${answer}${entry.reason ? ` (${entry.reason})` : ''}`
    }
    case 'note':
      return `note “${entry.text}”`
    case 'photo':
      return `photograph ${entry.name}`
    case 'acknowledged':
      return 'caution acknowledged'
    case 'heat':
      return { lifted: 'ring lifted', home: 'ring seated', short: 'ring stopped short' }[entry.event]
    case 'done':
      return 'step done'
    case 'skipped':
      return `step skipped (${entry.reason})`
    case 'reopened':
      return `opened again (${entry.reason})`
    default:
      return entry satisfies never
  }
}
