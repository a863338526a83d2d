/** A job is not where it would have to be for what is asked. */
export class JobError extends Error {
  override readonly name = 'JobError'
  readonly code: 'JOB_CLOSED' | 'NOT_READY' | 'HEATER_BUSY'
  readonly fix: string

  constructor(code: JobError['code'], message: string, fix: string) {
    super(message)
    this.code = code
    this.fix = fix
  }
}
