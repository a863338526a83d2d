import type { RoundDetail } from '@yardfrost/contract'
import { openPoint, pointPlan, roundProgress } from '@yardfrost/core'
import { stringify } from 'csv-stringify/sync'

/** A round as CSV: one line a point, what was asked, what was given, read and said, by whom and when. */
export function roundCsv({ number, day, points, entries }: RoundDetail): string {
  const progress = roundProgress(entries.map(({ entry, by }) => ({ ...entry, by })))
  const rows = points.map((point) => {
    const plan = pointPlan(point.kind, point.work, point.own)
    const { state, strokes, gramsPerStroke, gun, came, reason, note, by, at, readings } =
      progress.get(point.id) ?? openPoint
    return {
      round: number,
      day,
      area: point.machine.area,
      machine: point.machine.tag,
      position: point.position.name,
      point: point.kind,
      asked_strokes: plan.strokes ?? '',
      asked_g: plan.quantityG ?? '',
      state,
      strokes: strokes ?? '',
      g: strokes !== null && gramsPerStroke !== null ? Number((strokes * gramsPerStroke).toFixed(2)) : '',
      gun,
      came_out: came ?? '',
      before_c: readings.before ?? '',
      after_c: readings.after ?? '',
      vibration_mm_s: readings.vibration ?? '',
      ultrasound_db: readings.sound ?? '',
      not_done_because: reason ?? '',
      note,
      by,
      at: at ?? '',
    }
  })
  return stringify(rows, { header: true, escape_formulas: true })
}
