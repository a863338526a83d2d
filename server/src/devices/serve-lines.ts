import { createServer, type AddressInfo, type Server, type Socket } from 'node:net'

/** Serves an instrument that is spoken to line by line: tells each line with the connection it came on. */
export const lineServer = (heard: (socket: Socket, line: string) => void): Server =>
  createServer((socket) => {
    let waiting = ''
    socket.on('error', () => socket.destroy())
    socket.on('data', (chunk: Buffer) => {
      waiting += chunk.toString('utf8')
      const lines = waiting.split('\n')
      waiting = lines.pop() ?? ''
      for (const line of lines) heard(socket, line.trim())
    })
  })

/** Serves one as a process of its own: prints its port, and ends with the server that started it. */
export function serveAsProcess(heard: (socket: Socket, line: string) => void): void {
  const server = lineServer(heard)
  server.listen(0, '127.0.0.1', () => console.log((server.address() as AddressInfo).port))
  // The server that started it is gone: nobody switches it off any more.
  process.on('disconnect', () => process.exit(0))
}
