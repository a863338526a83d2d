import type { Socket } from 'node:net'
import { chanceFor } from './chance-for.ts'
import { serveAsProcess } from './serve-lines.ts'

// A collector with probes on every housing. It is asked "collect ID ID ..." and sends
// "read ID QUANTITY VALUE ROOM MOMENT" for one after the other until the line is closed; ROOM is "-" where it is not read.

/** So many readings every so often: ten a second. */
const [atOnce, everyMs] = [2, 200]

/** The room over a day, °C. */
const roomC = (at: number): number => 21 + 5 * Math.sin((2 * Math.PI * (at % 86_400_000)) / 86_400_000)

/** What each probe shows of a sound bearing: over the room, or by itself. */
const probes = [
  { quantity: 'temperature', least: 22, span: 16, spread: 0.8, overRoom: true },
  { quantity: 'velocity', least: 0.9, span: 1.2, spread: 0.1, overRoom: false },
  { quantity: 'envelope', least: 0.4, span: 0.8, spread: 0.05, overRoom: false },
] as const

let made = 0
function reading(piece: string, { quantity, least, span, spread, overRoom }: (typeof probes)[number]): string {
  const at = Date.now()
  const usual = least + span * chanceFor(piece, quantity)()
  const off = spread * (2 * chanceFor(piece, quantity, ++made)() - 1)
  const value = usual + off + (overRoom ? roomC(at) : 0)
  return `read ${piece} ${quantity} ${value.toFixed(2)} ${overRoom ? roomC(at).toFixed(1) : '-'} ${new Date(at).toISOString()}`
}

function collect(socket: Socket, pieces: readonly string[]): void {
  let next = 0
  const turn = setInterval(() => {
    for (let sent = 0; sent < atOnce; sent++, next++) {
      const piece = pieces[Math.floor(next / probes.length) % pieces.length]
      const probe = probes[next % probes.length]
      if (piece && probe) socket.write(`${reading(piece, probe)}\n`)
    }
  }, everyMs)
  socket.on('close', () => clearInterval(turn))
}

serveAsProcess((socket, line) => {
  const [command, ...pieces] = line.split(' ')
  if (command === 'collect' && pieces.length > 0) collect(socket, pieces)
  else socket.end('error nothing to collect\n')
})
