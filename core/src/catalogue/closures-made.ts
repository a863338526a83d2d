import type { Closure } from '../model/bearing-type.ts'
import type { CatalogueRow } from './catalogue.ts'

const fullyClosed = ['60', '62', '63', '618', '619', '160', '622', '623']

/** Closures a series is usually made with; none where it is only made open. */
export function closuresMade({ series, type }: Pick<CatalogueRow, 'series' | 'type'>): readonly Closure[] {
  if (fullyClosed.includes(series)) return ['contact-seal', 'shield', 'low-friction-seal']
  if (series === '32' || series === '33') return ['contact-seal', 'shield']
  if (series === '22' || series === '23' || series === 'NA49' || type === 'insert-ball') return ['contact-seal']
  return []
}
