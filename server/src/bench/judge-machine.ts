import type { Position, References } from '@yardfrost/core'
import type pg from 'pg'
import type { Who } from '../store/audit.ts'
import { listPositionsOfMachine } from '../store/positions.ts'
import { savePosition } from './save-position.ts'

/**
 * Judges the positions of a machine anew after it or its shaft has changed.
 *
 * @param change - the inputs to judge a position by from now on; null leaves it as it is
 */
export async function judgeMachine(
  db: pg.PoolClient,
  references: References,
  who: Who,
  machineId: string,
  change: (inputs: Position, name: string) => Position | null,
): Promise<void> {
  for (const { id, name, inputs: before, version } of await listPositionsOfMachine(db, who.siteId, machineId)) {
    const inputs = change(before, name)
    // Its machine is read anew each time: the others' lives may have changed a moment ago.
    if (inputs) await savePosition(db, references, who, { positionId: id, version, inputs })
  }
}
