import { createHash, randomBytes } from 'node:crypto'

/** A word that nobody guesses, for an address that is used once. */
export const newWord = (): string => randomBytes(24).toString('base64url')

/** What is kept of a word: whoever reads the database cannot use it. */
export const hashOfWord = (word: string): string => createHash('sha256').update(word).digest('base64url')
