import { heatFor, infraredReading, type HeatedBearing, type RingTemperatures } from '@yardfrost/core'
import type { Socket } from 'node:net'
import { serveAsProcess } from './serve-lines.ts'

// The simulated induction heater, a process of its own: it prints the port it listens on, and heats what it is told to.
//
//   heat PIECE MASS_KG AREA_MM2 ROOM_C AIM_C LIMIT_C DIFFERENCE_K
//   infrared PIECE ROOM_C                                              answered by: shows C
//   sample SECONDS INNER_C OUTER_C POWER_W heating|holding|ready     every half second
//
// It pulses where the rings differ by too much, and holds its aim. Who hangs up switches it off, and it demagnetises; the piece
// stays on the bench and cools.

/** Emissivity of a ground ring. */
const brightSteel = 0.15
/** Times as fast as real, for tests. */
const rate = Number(process.env['YARDFROST_HEATER_RATE'] ?? 1)
const everyMs = 500
/** Power a heater of the shop gives: more for heavier pieces, within what its plug bears. */
const powerFor = (massKg: number) => Math.min(3600, 300 + 350 * massKg)
/** Rings that come this near to their greatest difference are left to even out, K. */
const evenOutK = 3
/** How far the inner ring may fall under the aim while it is held there, K. */
const holdsWithinK = 1
/** The heater looks at its probes this often, s. */
const controlS = 0.5

interface Piece {
  bearing: HeatedBearing
  rings: RingTemperatures
  at: number
}
const bench = new Map<string, Piece>()
const now = () => (performance.now() / 1000) * rate

/** The piece as it lies there now: what was left hot has cooled since. */
function pieceOf(name: string, roomC: number): RingTemperatures {
  const piece = bench.get(name)
  if (!piece) return { innerC: roomC, outerC: roomC }
  return heatFor(piece.bearing, piece.rings, 0, Math.min(now() - piece.at, 36_000))
}

function heat(socket: Socket, line: string): void {
  const [command, name = '', ...numbers] = line.split(' ')
  const [massKg, areaMm2, roomC, aimC, limitC, differenceK] = numbers.map(Number)
  if (command === 'infrared') {
    const roomC = Number(numbers[0]) || 20
    socket.end(`shows ${infraredReading(pieceOf(name, roomC).innerC, roomC, brightSteel).toFixed(0)}\n`)
    return
  }
  if (command !== 'heat' || numbers.length !== 6 || !numbers.every((one) => Number.isFinite(Number(one)))) {
    socket.end('error nothing to heat\n')
    return
  }
  const bearing = { massKg: massKg ?? 1, areaMm2: areaMm2 ?? 1, roomC: roomC ?? 20 }
  if (bearing.massKg <= 0 || (aimC ?? 0) > (limitC ?? 0)) {
    socket.end('error the aim is over the limit\n')
    return
  }
  const began = now()
  let rings = pieceOf(name, bearing.roomC)
  let last = began
  let pausing = false
  let ready = false
  /** Power for the next moment: pulsed where the rings differ too much, and at the aim to hold it. */
  const control = (): number => {
    const difference = rings.innerC - rings.outerC
    if (difference >= (differenceK ?? 35)) pausing = true
    else if (difference < (differenceK ?? 35) - evenOutK) pausing = false
    if (rings.innerC >= (aimC ?? 0)) ready = true
    const warmEnough = ready && rings.innerC >= (aimC ?? 0) - holdsWithinK
    return pausing || warmEnough ? 0 : powerFor(bearing.massKg)
  }
  const turn = setInterval(() => {
    let powerW = 0
    for (const until = now(); last < until;) {
      const seconds = Math.min(controlS, until - last)
      powerW = control()
      rings = heatFor(bearing, rings, powerW, seconds)
      last += seconds
    }
    bench.set(name, { bearing, rings, at: last })
    const how = ready ? 'ready' : pausing ? 'holding' : 'heating'
    socket.write(
      `sample ${(last - began).toFixed(1)} ${rings.innerC.toFixed(1)} ${rings.outerC.toFixed(1)} ${powerW} ${how}\n`,
    )
  }, everyMs)
  socket.on('close', () => clearInterval(turn))
}

serveAsProcess(heat)
