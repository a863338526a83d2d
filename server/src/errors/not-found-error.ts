/** There is no such thing on this site. */
export class NotFoundError extends Error {
  override readonly name = 'NotFoundError'
  readonly fix: string

  constructor(kind: string, id: string, fix = 'It may have been removed; go back to the Yard.') {
    super(`There is no ${kind} ${id} on this site`)
    this.fix = fix
  }
}
