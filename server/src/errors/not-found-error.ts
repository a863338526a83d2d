/** There is no such thing on this site. */
export class NotFoundError extends Error {
  override readonly name = 'NotFoundError'

  constructor(kind: string, id: string) {
    super(`There is no ${kind} ${id} on this site`)
  }
}
