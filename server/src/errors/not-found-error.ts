/** There is no such thing on this site. */
export class NotFoundError extends Error {
  override readonly name = 'NotFoundError'
  readonly fix: string

  /** @param id - null for a thing whose name is kept to itself: a link */
  constructor(kind: string, id: string | null, fix = 'It may have been removed; go back to the Yard.') {
    super(id === null ? `This ${kind} is good no more` : `There is no ${kind} ${id} on this site`)
    this.fix = fix
  }
}
