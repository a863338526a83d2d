import { hash, verify } from '@node-rs/argon2'
import { passwordTrouble, shortestPassword } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'

/** A hash of nothing anyone types: checked for unknown names, so that they take as long as wrong passwords. */
const nobodysHash = '$argon2id$v=19$m=19456,t=2,p=1$c29tZXNhbHRzb21lc2FsdA$nJ3t0yCEyyGGtW7JxzJLnNHcLwVvAt0JjIKhbX1bIsY'

/** Whether a password is the one of a hash; takes as long where there is none. A hash that cannot be read fits no password. */
export const passwordFits = (passwordHash: string | null, password: string): Promise<boolean> =>
  verify(passwordHash ?? nobodysHash, password).then(
    (fits) => fits && passwordHash !== null,
    () => false,
  )

/**
 * Hash of a password that somebody chooses.
 *
 * @param of - sign-in name, name and site: a password made of them is none
 * @throws InputError on `password`, which says what is wrong with it and never what it was
 */
export function hashNewPassword(password: string, of: readonly string[]): Promise<string> {
  const trouble = passwordTrouble(password, of)
  if (trouble !== null)
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'password',
      value: `one of ${Array.from(password).length} characters`,
      allowed: trouble,
      fix: `Choose one of ${shortestPassword} characters or more that nobody would guess first.`,
    })
  return hash(password)
}
