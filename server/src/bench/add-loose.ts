import type { AddLoose } from '@yardfrost/contract'
import { emptyPosition, type Machine, type References } from '@yardfrost/core'
import type pg from 'pg'
import { withBearing } from '../register/positions-of-entry.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { insertLooseBench } from '../store/loose.ts'
import { addPosition } from './add-position.ts'
import { judgement } from './judgement.ts'
import { withMaker } from './with-maker.ts'

/** What a bearing without a machine is judged as. */
const nowhere: Machine = { kind: 'other', duty: 'round-the-clock' }

/** Puts a bearing on a bench of its own, with its number as far as it is known; returns the id of its position. */
export async function addLoose(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { name, designation = '', photos = [] }: AddLoose,
): Promise<string> {
  const machineId = await insertLooseBench(db, who.siteId, nowhere)
  const bare = withBearing(emptyPosition(), designation)
  const inputs = { ...bare, identify: { ...bare.identify, photos } }
  const machine = await withMaker(db, references, who.siteId, { ...nowhere, position: name }, inputs)
  const judged = judgement(inputs, machine, references)
  const id = await addPosition(db, { ...who, machineId, name, walkOrder: 0, inputs }, judged)
  await recordEvent(db, who, { kind: 'loose.added', subjectId: id, detail: { name, designation } })
  return id
}
