import type { PositionDetail } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import { getPosition } from '../store/positions.ts'
import type { Db } from '../store/database.ts'
import { withMaker } from './with-maker.ts'

/** One position of a site, with what a maker's list says of its bearing. @throws NotFoundError */
export async function openPosition(
  db: Db,
  references: Pick<References, 'catalogue'>,
  siteId: string,
  positionId: string,
): Promise<PositionDetail> {
  const position = await getPosition(db, siteId, positionId)
  return { ...position, machine: await withMaker(db, references, siteId, position.machine, position.inputs) }
}
