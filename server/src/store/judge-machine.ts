import { assess, type Position, type References } from '@yardfrost/core'
import type pg from 'pg'
import { getPosition, listPositionsOfMachine, savePositionIn } from './positions.ts'

/**
 * Judges the positions of a machine anew after it or its shaft has changed, inside a transaction that is under way.
 *
 * @param change - the inputs to judge a position by from now on; null leaves it as it is
 */
export async function judgeMachine(
  db: pg.PoolClient,
  { catalogue, damage }: References,
  { siteId, accountId, machineId }: { siteId: string; accountId: string | null; machineId: string },
  change: (inputs: Position, name: string) => Position | null,
): Promise<void> {
  for (const { id, name, inputs: before, version } of await listPositionsOfMachine(db, siteId, machineId)) {
    const inputs = change(before, name)
    if (!inputs) continue
    // Its machine is read anew each time: the others' lives may have changed a moment ago.
    const { machine } = await getPosition(db, siteId, id)
    const assessment = assess(inputs, machine, catalogue, damage)
    await savePositionIn(db, { siteId, accountId, positionId: id, version, inputs, assessment })
  }
}
