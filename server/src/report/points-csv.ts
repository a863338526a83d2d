import type { PlantPoint } from '@yardfrost/contract'
import { pointPlan } from '@yardfrost/core'
import { stringify } from 'csv-stringify/sync'

/** Points of a plant as CSV: one line a point, what is done there, how often, why, and when it is due. */
export function pointsCsv(points: readonly PlantPoint[]): string {
  const rows = points.map(({ machine, position, kind, work, own, lastDone, dueOn, earlyOn, lateOn, movedTo }) => {
    const { intervalH, maxDays, quantityG, strokes, minutes, why } = pointPlan(kind, work, own)
    return {
      area: machine.area,
      machine: machine.tag,
      position: position.name,
      point: kind,
      bearing: work.designation ?? '',
      interval_h: intervalH === null ? '' : Math.round(intervalH),
      at_the_latest_days: maxDays ?? '',
      why,
      quantity_g: quantityG === null ? '' : Number(quantityG.toFixed(2)),
      strokes: strokes ?? '',
      gun: work.gun?.name ?? '',
      lubricant: work.lubricant,
      minutes,
      last_done: lastDone ?? '',
      due: dueOn ?? '',
      from: earlyOn ?? '',
      to: lateOn ?? '',
      moved_to: movedTo ?? '',
      access: own.access,
      unreachable: own.unreachable,
    }
  })
  return stringify(rows, { header: true, escape_formulas: true })
}
