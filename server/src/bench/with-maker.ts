import {
  attempt,
  decodeDesignation,
  type Machine,
  type MakerValues,
  type Position,
  type References,
} from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { findMakerValues } from '../store/maker-values.ts'

/**
 * Numbers under which a list may have a bearing, from its own spelling: with all its suffixes, without the last, and so on down to what
 * stands before the first dash. What is glued to the base number makes another bearing of it, but for a tapered bore.
 */
export function listedAs(normal: string): string[] {
  const parts = normal.split('-')
  const names = parts.map((_, index) => parts.slice(0, parts.length - index).join('-'))
  const straight = /^(.*\d[A-J]?)K(30)?$/.exec(parts[0] ?? '')?.[1]
  return straight === undefined ? names : [...names, straight]
}

/** What a maker's list of the site says of a designation; null where it cannot be read, or no list has it. */
export async function makerValuesOf(
  db: Db,
  siteId: string,
  designation: string,
  { catalogue }: Pick<References, 'catalogue'>,
): Promise<MakerValues | null> {
  const { value: decoded } = attempt(() => decodeDesignation(designation, catalogue))
  return decoded ? findMakerValues(db, siteId, listedAs(decoded.normal)) : null
}

/** A machine with what a maker's list says of the bearing that lies in one of its positions. */
export async function withMaker<M extends Machine>(
  db: Db,
  references: Pick<References, 'catalogue'>,
  siteId: string,
  machine: M,
  inputs: Position,
): Promise<M> {
  if (inputs.kind !== 'rolling') return machine
  const { designation } = inputs.bearing
  const values = await makerValuesOf(db, siteId, designation, references)
  return { ...machine, maker: values && { designation, values } }
}
