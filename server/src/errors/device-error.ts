/** An instrument that does not answer, or answers what cannot be. The person can go on by hand. */
export class DeviceError extends Error {
  override readonly name = 'DeviceError'
  readonly fix: string

  constructor(message: string, fix = 'Check the instrument and its cable, or type the reading.') {
    super(message)
    this.fix = fix
  }
}
