import type { Catalogue, ReadingState } from '@yardfrost/core'
import type { JobDetail } from '@yardfrost/contract'
import { stringify } from 'csv-stringify/sync'
import { progressOf } from '../job/progress.ts'

/**
 * Readings of a job as CSV: what was asked, within what, what was read, by whom, when, and why it was accepted; a step that
 * was left out has a row even where it asks nothing.
 */
export function jobCsv(job: JobDetail, catalogue: Catalogue): string {
  const rows = progressOf(job, catalogue).steps.flatMap(({ step, readings, done, skipped }) =>
    rowsOf(readings, skipped !== null).map(({ reading, entry, isOut }) => ({
      job: job.number,
      machine: job.machine.tag,
      position: step.position?.name ?? '',
      step: step.title,
      reading: reading?.label ?? '',
      unit: reading?.kind === 'number' ? reading.quantity : '',
      low: reading?.low ?? '',
      high: reading?.high ?? '',
      expected: reading?.expected ?? '',
      value: entry?.value ?? entry?.text ?? '',
      verdict: entry ? (isOut ? 'out of limits' : 'within') : skipped ? 'left out' : 'not read',
      reason: entry?.reason ?? '',
      read_by: entry?.by ?? '',
      read_at: entry?.at ?? '',
      step_done_by: done?.by ?? '',
      step_done_at: done?.at ?? '',
      left_out_by: skipped?.by ?? '',
      left_out_because: skipped?.reason ?? '',
    })),
  )
  return stringify(rows, { header: true, escape_formulas: true })
}

const nothingAsked = { reading: null, entry: null, isOut: false } as const
const rowsOf = (readings: readonly ReadingState[], leftOut: boolean) =>
  readings.length === 0 && leftOut ? [nothingAsked] : readings
