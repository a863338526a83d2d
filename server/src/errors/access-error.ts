import type { ApiErrorCode } from '@yardfrost/contract'

/** The person may not do this: not signed in, not in this role, from a foreign page, or too often. */
export class AccessError extends Error {
  override readonly name = 'AccessError'
  readonly code: Extract<ApiErrorCode, 'SIGNED_OUT' | 'NOT_ALLOWED' | 'TOO_MANY'>
  readonly fix: string

  constructor(code: AccessError['code'], message: string, fix: string) {
    super(message)
    this.code = code
    this.fix = fix
  }
}
