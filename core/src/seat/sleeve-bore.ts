import table from '../../data/sleeve-bores.json' with { type: 'json' }

/**
 * Shaft under an adapter sleeve, mm, for a bearing of a tapered bore.
 *
 * @returns null for a bore the table has no sleeve for
 * @example sleeveBore(80) // 70
 * @see ISO 2982-1
 */
export function sleeveBore(bearingBoreMm: number): number | null {
  const row = table.rows.find(([code]) => 5 * Number(code) === bearingBoreMm)
  return row ? Number(row[1]) : null
}
