import table from '../../data/service-temperatures.json' with { type: 'json' }
import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'

/** A part of the bearing that bears no more than so much heat in service. */
export interface ServiceLimit {
  part: 'seal' | 'grease' | 'cage'
  /** Material of the seal or cage, thickener of the grease. */
  kind: string
  limitC: number
  /** Nobody has said which it is: the usual one is taken. */
  assumed: boolean
}

/**
 * What limits the temperature a bearing may run at: the lips of its seals, its grease, its cage.
 *
 * A seal nobody has described is nitrile; the grease inside a closed bearing is lithium.
 *
 * @see general practice for continuous service
 */
export function serviceLimits({ grease }: RollingPosition, { decoded, row }: ResolvedBearing): ServiceLimit[] {
  const limits: ServiceLimit[] = []
  const insert = factsOf(row.type).insertUnit
  const sealed = decoded.closure === 'contact-seal' || decoded.closure === 'low-friction-seal' || insert
  const closed = decoded.closedSides === 2
  if (sealed) limits.push(limit('seal', grease.sealMaterial ?? 'nitrile', grease.sealMaterial === null))
  if (grease.lubrication === 'grease' && (grease.thickener !== null || closed))
    limits.push(limit('grease', grease.thickener ?? 'lithium', grease.thickener === null))
  if (decoded.features.includes('polyamide-cage')) limits.push(limit('cage', 'polyamide', false))
  return limits
}

function limit(part: ServiceLimit['part'], kind: string, assumed: boolean): ServiceLimit {
  const row = table.rows.find(([of, name]) => of === part && name === kind)
  if (!row) throw new Error(`no service temperature of ${part} ${kind}`)
  return { part, kind, limitC: Number(row[2]), assumed }
}
