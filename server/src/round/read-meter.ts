import type { MeterReadings, ReadMeter } from '@yardfrost/contract'
import { daysBetween, InputError } from '@yardfrost/core'
import type pg from 'pg'
import type { z } from 'zod'
import { recordEvent, type Who } from '../store/audit.ts'
import { getMeter, insertMeterReading } from '../store/points.ts'
import { reckonDue } from './reckon-due.ts'
import { today } from './today.ts'

/** A meter does not run faster than the clock, with a day's grace for the hour of reading. */
const graceH = 24

/**
 * Takes a reading of an hour meter. A new meter goes on from where the old one stood.
 *
 * @throws InputError on `shownH` or `replacedAt` for hours that fall or run ahead of the clock, on `day` after today
 * @throws NotFoundError
 */
export async function readMeter(
  db: pg.PoolClient,
  who: Who,
  { machineId, day, shownH, replacedAt }: z.output<typeof ReadMeter> & { machineId: string },
): Promise<MeterReadings> {
  const { readings } = await getMeter(db, who.siteId, machineId)
  if (day > today()) throw refused('day', day, `no later than today, ${today()}`)
  const before = readings.find((one) => one.day <= day)
  const after = readings.findLast((one) => one.day > day)
  // Hours the meters before had run: what was counted over what was shown.
  const offset = before ? before.hoursH - before.shownH : 0
  if (replacedAt !== null && before && replacedAt < before.shownH)
    throw refused('replacedAt', replacedAt, `at least what it showed on ${before.day}, ${before.shownH} h`)
  const hoursH = replacedAt === null ? offset + shownH : offset + replacedAt + shownH
  if (before && hoursH < before.hoursH)
    throw refused(
      'shownH',
      shownH,
      `at least what it showed on ${before.day}, ${before.shownH} h; say if the meter is a new one`,
    )
  if (before && hoursH - before.hoursH > 24 * daysBetween(before.day, day) + graceH)
    throw refused('shownH', shownH, `no more than 24 h a day over ${before.shownH} h on ${before.day}`)
  if (after && (hoursH > after.hoursH || after.hoursH - hoursH > 24 * daysBetween(day, after.day) + graceH))
    throw refused('shownH', shownH, `such that ${after.shownH} h on ${after.day} can follow`)
  await insertMeterReading(db, who, { machineId, day, shownH, hoursH })
  await reckonDue(db, who.siteId, { machineId })
  await recordEvent(db, who, { kind: 'meter.read', subjectId: machineId, detail: { day, shownH, hoursH, replacedAt } })
  return getMeter(db, who.siteId, machineId)
}

const refused = (field: string, value: unknown, allowed: string): InputError =>
  new InputError({ code: 'OUT_OF_RANGE', field, value, allowed, fix: 'Read the meter again.' })
