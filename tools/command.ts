import { AlreadyRunning } from './instance-lock.ts'
import { SettingError } from './settings.ts'

/** How much of what was written or read, in words. */
export const countsIn = (counts: Readonly<Record<string, number>>): string =>
  Object.entries(counts)
    .map(([name, count]) => `${count} ${name}`)
    .join(', ')

export const say = (text: string): void => console.log(`yardfrost: ${text}`)

/** What a person can put right about a machine, by the code of the system or the database. */
const systemWords: Record<string, string> = {
  EACCES: 'may not be read or written by this user',
  EPERM: 'may not be changed by this user',
  EROFS: 'is on a disk that cannot be written',
  ENOTDIR: 'runs through something that is no folder',
  EEXIST: 'is there already and is no folder',
  ENOENT: 'is not there',
  ENOSPC: 'is on a disk that is full',
}
const databaseWords: Record<string, string> = {
  ECONNREFUSED: 'nothing answers there',
  ENOTFOUND: 'there is no such machine',
  EAI_AGAIN: 'the name of the machine cannot be looked up',
  ETIMEDOUT: 'nothing answers there in time',
  '28P01': 'the password is refused',
  '28000': 'this user may not come in',
  '3D000': 'there is no such database',
}

/** One sentence for a fault that whoever typed the command can put right; null for a fault of ours. */
export function inOneSentence(error: unknown): string | null {
  if (error instanceof SettingError || error instanceof AlreadyRunning) return error.message
  if (!(error instanceof Error)) return null
  if (error instanceof AggregateError) return inOneSentence(error.errors[0])
  if (error.message.startsWith('PostgreSQL')) return error.message
  const code = 'code' in error ? String(error.code) : ''
  const path = 'path' in error ? String(error.path) : ''
  if (path && systemWords[code]) return `${path} ${systemWords[code]}.`
  if (databaseWords[code]) return `The database cannot be used: ${databaseWords[code]}. Look at DATABASE_URL.`
  return null
}

/** Runs a command to its end. A fault the person can put right is told in a sentence, any other with all there is to know. */
export async function command(
  work: () => Promise<void>,
  cleanUp: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  try {
    await work()
  } catch (error) {
    const sentence = inOneSentence(error)
    console.error(sentence === null ? error : `yardfrost: ${sentence}`)
    await cleanUp()
    process.exit(1)
  }
}
