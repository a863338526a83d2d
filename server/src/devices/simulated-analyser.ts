import { SimulateInput, simulateSignal } from '@yardfrost/core'
import { serveAsProcess } from './serve-lines.ts'

// A collector of waveforms that hangs on no machine: what it records is made up, for a bearing and a condition that it is told.

/** `record` and what to make up, as JSON; answered with the samples as base64 of floats, little-endian. */
serveAsProcess((socket, line) => {
  const [command, given] = [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)]
  try {
    if (command !== 'record') throw new Error('nothing to record')
    const input = SimulateInput.parse(JSON.parse(given))
    const samples = Float32Array.from(simulateSignal(input))
    socket.end(`wave ${input.sampleRateHz} ${Buffer.from(samples.buffer).toString('base64')}\n`)
  } catch (error) {
    socket.end(`error ${error instanceof Error ? error.message.replaceAll('\n', ' ') : 'unknown'}\n`)
  }
})
