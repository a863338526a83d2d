/** A request that asks for more work, or a longer answer, than one may. */
export class BudgetError extends Error {
  override readonly name = 'BudgetError'
  readonly fix: string

  constructor(message: string, fix: string) {
    super(message)
    this.fix = fix
  }
}
