/** What is asked cannot be as things stand: the last planner, a person of other sites, a site that is there already. */
export class RefusedError extends Error {
  override readonly name = 'RefusedError'
  readonly fix: string

  constructor(message: string, fix: string) {
    super(message)
    this.fix = fix
  }
}
