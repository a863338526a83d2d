import { Measurable, type SenseHousing } from '@yardfrost/contract'
import type { AddressInfo } from 'node:net'
import { chanceFor } from './chance-for.ts'
import { lineServer } from './serve-lines.ts'

/** Sizes of the made-up worn bearings that lie on the benches, mm. */
const wornBearings = [
  { bore: 60, outside: 110, width: 22 },
  { bore: 45, outside: 85, width: 19 },
  { bore: 80, outside: 140, width: 26 },
  { bore: 35, outside: 72, width: 17 },
] as const

const instruments: Record<Measurable, string> = {
  bore: 'calliper (simulated)',
  outside: 'calliper (simulated)',
  width: 'calliper (simulated)',
  shaft: 'micrometer (simulated)',
  housing: 'bore gauge (simulated)',
}

/** Repeatability, mm: a calliper shows hundredths, the others tenths of a thousandth. */
const noiseMm: Record<Measurable, number> = { bore: 0.01, outside: 0.01, width: 0.01, shaft: 0.0005, housing: 0.0007 }

/**
 * Size of a made-up piece at one place, mm. A worn ring is larger in the bore and smaller outside and in width; a seat is off
 * its nominal by some micrometres, a little oval and a little tapered. The same piece gives the same sizes every time.
 */
export function pieceSize(
  piece: string,
  measurable: Measurable,
  nominalMm: number | null,
  plane: number,
  direction: number,
): number | null {
  const shape = chanceFor(piece, measurable)
  if (measurable === 'shaft' || measurable === 'housing') {
    if (nominalMm === null) return null
    const offMm = (measurable === 'shaft' ? 0.004 : 0.012) + 0.008 * shape()
    const ovalMm = 0.001 + 0.004 * shape()
    const taperMm = 0.001 + 0.005 * shape()
    const turn = 2 * Math.PI * shape()
    return nominalMm + offMm - taperMm * (plane / 2) + (ovalMm / 2) * Math.cos(2 * ((direction * Math.PI) / 4) + turn)
  }
  const worn = wornBearings[Math.floor(chanceFor(piece)() * wornBearings.length)] ?? wornBearings[0]
  const wearMm = { bore: 0.02 + 0.03 * shape(), outside: -0.01 - 0.02 * shape(), width: -0.03 - 0.03 * shape() }
  return worn[measurable] + wearMm[measurable]
}

/**
 * Starts the simulated gauges on a free port of loopback.
 *
 * @returns its port and how to stop it
 */
export async function startSimulatedGauge(): Promise<{ port: number; stop: () => Promise<void> }> {
  let pressed = 0
  const server = lineServer((socket, line) => socket.end(`${answer(line, ++pressed)}\n`))
  await new Promise<void>((listening, failed) => {
    server.once('error', failed)
    server.listen(0, '127.0.0.1', () => listening())
  })
  return {
    port: (server.address() as AddressInfo).port,
    stop: () => new Promise((stopped) => server.close(() => stopped())),
  }
}

/** What strokes of a made-up gun weigh: a little less than when it was new, and never twice the same. */
function weigh(gun: string, strokes: number, ratedG: number, pressed: number): string {
  if (!(strokes > 0 && ratedG > 0)) return 'error nothing on the scale'
  const wear = 0.9 + 0.12 * chanceFor(gun, 'wear')()
  const uneven = 1 + 0.03 * (chanceFor(gun, pressed)() - 0.5)
  return `weight ${(strokes * ratedG * wear * uneven).toFixed(2)} g scale (simulated)`
}

/** What made-up probes read where nobody has read before: least, span, decimals, name. */
const probes: Record<SenseHousing['what'], readonly [least: number, span: number, decimals: number, name: string]> = {
  vibration: [0.8, 1.4, 1, 'vibration pen (simulated)'],
  sound: [12, 8, 0, 'ultrasound probe (simulated)'],
  temperature: [42, 16, 0, 'contact thermometer (simulated)'],
}

/** A housing reads as it did last, within a few percent; one that nobody has read is a sound one. */
function sense(piece: string, what: string, around: string, pressed: number): string {
  const probe = Object.entries(probes).find(([name]) => name === what)?.[1]
  if (!probe) return 'error nothing to read'
  const [least, span, decimals, name] = probe
  const usual = around === '-' ? least + span * chanceFor(piece, what)() : Number(around)
  const value = usual * (1 + 0.06 * (chanceFor(piece, what, pressed)() - 0.5))
  return `sensed ${value.toFixed(decimals)} ${name}`
}

function answer(line: string, pressed: number): string {
  if (line.startsWith('weigh ')) {
    const [, gun = '', strokes, rated] = line.split(' ')
    return weigh(gun, Number(strokes), Number(rated), pressed)
  }
  if (line.startsWith('sense ')) {
    const [, piece = '', what = '', around = '-'] = line.split(' ')
    return sense(piece, what, around, pressed)
  }
  const [command, piece = '', what, nominal = '-', plane, direction] = line.split(' ')
  const measurable = Measurable.safeParse(what)
  if (command !== 'measure' || !measurable.success) return 'error nothing to measure'
  const nominalMm = nominal === '-' ? null : Number(nominal)
  const size = pieceSize(piece, measurable.data, nominalMm, Number(plane) || 0, Number(direction) || 0)
  if (size === null) return 'error set the gauge to a nominal size first'
  const noise = (chanceFor(piece, pressed)() - 0.5) * 2 * noiseMm[measurable.data]
  const decimals = noiseMm[measurable.data] > 0.005 ? 2 : 4
  return `reading ${(size + noise).toFixed(decimals)} mm ${instruments[measurable.data]}`
}
