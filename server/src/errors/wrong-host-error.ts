/** The server is asked for by a name it does not have. */
export class WrongHostError extends Error {
  override readonly name = 'WrongHostError'
  readonly fix = 'Use the address Yardfrost was set up for; whoever runs the server adds a name with YARDFROST_NAMES.'

  constructor(asked: string) {
    super(asked === '' ? 'A request has to say which server it is for' : `This server is not called ${asked}`)
  }
}
