import { z } from 'zod'

export const shortestPassword = 12
const longestPassword = 200

/**
 * What common passwords are made of, in the letters they stand for: a password that is one or two of these with digits or
 * signs about it is one that guessers try first. Passwords of the demo are printed at its start, and are none.
 */
const commonWords = [
  'abcdef', 'access', 'admin', 'administrator', 'asdf', 'asdfgh', 'asdfghjkl', 'autumn', 'baseball', 'basketball', 'bearing',
  'bearings', 'brine-and-grease', 'changeme', 'changethis', 'chocolate', 'computer', 'correcthorsebatterystaple', 'default',
  'dragon', 'engineer', 'engineering', 'factory', 'football', 'grease', 'guest', 'hello', 'helloworld', 'iloveyou',
  'itsasecret', 'letmein', 'letmeinnow', 'login', 'machine', 'maintenance', 'marram-grass', 'master', 'monday', 'monkey',
  'mypassword', 'ninja', 'nopassword', 'operator', 'pass', 'passphrase', 'passwort', 'password', 'planner', 'plant',
  'plantmaintenance', 'princess', 'qazwsx', 'qwer', 'qwerty', 'qwertyuiop', 'root', 'salt-air', 'secret', 'shadow',
  'sharepoint', 'spring', 'starwars', 'summer', 'sunshine', 'superman', 'supervisor', 'system', 'technician', 'temp',
  'temporary', 'test', 'testing', 'thisisapassword', 'thispassword', 'trustno', 'user', 'viewer', 'welcome', 'winter',
  'workshop', 'yardfrost', 'zxcvbn', 'zxcvbnm',
] // prettier-ignore

const signsFor: Record<string, string> = { 0: 'o', 1: 'i', 3: 'e', 4: 'a', 5: 's', 7: 't', '@': 'a', $: 's', '!': 'i' }
const lettersOf = (text: string) =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}]/gu, '')
/** The letters of a password: as they stand, and with the signs that are written for letters undone. */
const readings = (password: string): string[] => {
  const lower = password.normalize('NFKC').toLowerCase()
  const undone = (text: string) =>
    lettersOf(
      Array.from(text)
        .map((sign) => signsFor[sign] ?? sign)
        .join(''),
    )
  return [lettersOf(lower), undone(lower), undone(lower.replace(/^[^\p{L}]+|[^\p{L}]+$/gu, ''))]
}

/** Whether a text is these words and nothing else, some of them, in any order. */
function isMadeOf(text: string, words: readonly string[]): boolean {
  if (text === '') return true
  return words.some((word) => word !== '' && text.startsWith(word) && isMadeOf(text.slice(word.length), words))
}

/** Longest run of signs that follow one another by the same small step: aaaa, 1234, 4321. */
function longestRun(password: string): number {
  const codes = Array.from(password).map((sign) => sign.codePointAt(0) ?? 0)
  let longest = 1
  let run = 1
  for (let at = 1; at < codes.length; at++) {
    const step = (codes[at] ?? 0) - (codes[at - 1] ?? 0)
    const before = at > 1 ? (codes[at - 1] ?? 0) - (codes[at - 2] ?? 0) : step
    if (Math.abs(step) > 1) run = 1
    else run = step === before ? run + 1 : 2
    longest = Math.max(longest, run)
  }
  return longest
}

/**
 * Why a password will not do; null for one that will.
 *
 * @param of - sign-in name, name and site of the person: a password made of them is none
 */
export function passwordTrouble(password: string, of: readonly string[] = []): string | null {
  const length = Array.from(password).length
  if (length < shortestPassword) return `${shortestPassword} characters or more; this has ${length}`
  if (length > longestPassword) return `${longestPassword} characters at most; this has ${length}`
  const own = of
    .flatMap((text) => [lettersOf(text), ...text.split(/\s+/).map(lettersOf)])
    .filter((word) => word.length > 2)
  const common = commonWords.map(lettersOf)
  const read = readings(password)
  if (/^(.{1,4})\1+.{0,3}$/u.test(password)) return 'more than one piece over and over again'
  if (longestRun(password) >= 8) return 'more than a row of signs that follow one another'
  if (own.length > 0 && read.some((letters) => letters !== '' && isMadeOf(letters, own)))
    return 'more than the name of the person or the site'
  if (read.some((letters) => letters.length < 3 || isMadeOf(letters, [...common, ...own])))
    return 'something that is not on the list of common ones; three or four words that nobody would put together are good'
  return null
}

/** A password somebody chooses. Whether it is a common one is judged with their name at hand, see passwordTrouble. */
export const NewPassword = z
  .string()
  .min(1)
  .max(400)
  .meta({ description: `New password, ${shortestPassword} characters or more` })
