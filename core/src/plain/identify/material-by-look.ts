import table from '../../../data/material-looks.json' with { type: 'json' }
import type { MaterialLook, PlainMaterial } from '../../kinds/plain/choices.ts'

/** A material as far as looks tell. */
export interface LookedAt {
  material: PlainMaterial
  /** Looks that speak for it, and against it. */
  agrees: MaterialLook[]
  against: MaterialLook[]
}

/**
 * Materials by how a bush looks: those nothing speaks against, most agreements first.
 *
 * @returns every material, likeliest first; empty where nothing was looked at
 * @see workshop practice, core/data/material-looks.json
 */
export function materialByLook(looks: readonly MaterialLook[]): LookedAt[] {
  if (looks.length === 0) return []
  const rows = new Map(table.rows.map(([look, ...says]) => [look as MaterialLook, says as number[]]))
  const said = (look: MaterialLook, index: number) => rows.get(look)?.[index] ?? 0
  return (table.columns.slice(1) as PlainMaterial[])
    .map((material, index) => ({
      material,
      agrees: looks.filter((look) => said(look, index) > 0),
      against: looks.filter((look) => said(look, index) < 0),
    }))
    .sort((a, b) => a.against.length - b.against.length || b.agrees.length - a.agrees.length)
}
