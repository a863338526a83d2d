import { seededRandom } from '@yardfrost/core'
import { createHash } from 'node:crypto'

/** Chance that is the same for the same words. */
export function chanceFor(...words: (string | number)[]): () => number {
  return seededRandom(createHash('sha256').update(words.join(' ')).digest().readUInt32BE(0))
}
