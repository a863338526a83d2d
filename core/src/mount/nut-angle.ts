import table from '../../data/nut-angle.json' with { type: 'json' }

/**
 * How far the nut of a self-aligning ball bearing on a taper 1:12 is turned after it stands hand-tight.
 *
 * @returns degrees and the travel that goes with them, mm; null for a bore that the table has no row for
 * @example nutAngle(60) // { angleDeg: 75, travelMm: 0.4 }
 * @see general mounting practice
 */
export function nutAngle(boreMm: number): { angleDeg: number; travelMm: number } | null {
  const row = table.rows.find(([from, to]) => boreMm >= Number(from) && boreMm <= Number(to))
  return row ? { angleDeg: Number(row[2]), travelMm: Number(row[3]) } : null
}
