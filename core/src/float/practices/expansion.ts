import growthTable from '../../../data/growth.json' with { type: 'json' }
import type { GrowthInput } from '../growth.schema.ts'

/** Expansion of a shaft material per mm and °F, and its share of the length in the inches-per-foot practice. */
export function expansionOf(material: GrowthInput['material']): { perF: number; perLength: number } {
  const row = growthTable.rows.find(([name]) => name === material)
  if (!row) throw new Error(`no growth for ${material}`)
  return { perF: Number(row[1]), perLength: Number(row[2]) }
}
