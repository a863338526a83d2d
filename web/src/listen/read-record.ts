import { InputError } from '@yardfrost/core'

/** A record of vibration: samples in m/s², or in whatever the file has. */
export interface VibrationSamples {
  sampleRateHz: number
  samples: Float64Array
  name: string
}

const refuse = (value: string, allowed: string, fix: string): InputError =>
  new InputError({ code: 'UNREADABLE', field: 'file', value, allowed, fix })

const ascii = (view: DataView, at: number): string =>
  String.fromCharCode(...[0, 1, 2, 3].map((index) => view.getUint8(at + index)))

/**
 * Reads a WAV file: its first channel, of 16, 24 or 32 bits or of floats.
 *
 * @throws InputError on `file` for one that is no WAV, is packed, or holds nothing
 */
export function readWav(content: ArrayBuffer, name: string): VibrationSamples {
  const view = new DataView(content)
  if (content.byteLength < 44 || ascii(view, 0) !== 'RIFF' || ascii(view, 8) !== 'WAVE')
    throw refuse(name, 'a WAV file', 'Export the record as WAV or CSV.')
  let [format, channels, rate, bits] = [0, 1, 0, 16]
  for (let at = 12; at + 8 <= content.byteLength;) {
    const [kind, size] = [ascii(view, at), view.getUint32(at + 4, true)]
    const body = at + 8
    if (kind === 'fmt ') {
      format = view.getUint16(body, true)
      channels = view.getUint16(body + 2, true)
      rate = view.getUint32(body + 4, true)
      bits = view.getUint16(body + 14, true)
      // An extensible header says the format further on.
      if (format === 0xfffe) format = view.getUint16(body + 24, true)
    }
    if (kind === 'data') {
      const read = readerOf(format, bits, view)
      if (!read || channels < 1 || rate < 1) throw refuse(`${name}, format ${format}, ${bits} bits`, 'plain samples of 16, 24 or 32 bits', 'Export it unpacked.') // prettier-ignore
      const step = (bits / 8) * channels
      const count = Math.floor(Math.min(size, content.byteLength - body) / step)
      return { sampleRateHz: rate, samples: Float64Array.from({ length: count }, (_, index) => read(body + index * step)), name } // prettier-ignore
    }
    at = body + size + (size % 2)
  }
  throw refuse(name, 'a WAV file with samples in it', 'Record it again.')
}

function readerOf(format: number, bits: number, view: DataView): ((at: number) => number) | null {
  if (format === 3 && bits === 32) return (at) => view.getFloat32(at, true)
  if (format !== 1) return null
  if (bits === 16) return (at) => view.getInt16(at, true) / 32_768
  if (bits === 24) return (at) => ((view.getUint8(at) << 8) | (view.getUint8(at + 1) << 16) | (view.getUint8(at + 2) << 24)) / 2 ** 31 // prettier-ignore
  return bits === 32 ? (at) => view.getInt32(at, true) / 2 ** 31 : null
}

/**
 * Reads a CSV file: one column of samples, or time in seconds and samples.
 *
 * @param sampleRateHz - of a file of one column; that of time comes from the file
 * @throws InputError on `file` or `sampleRateHz`
 */
export function readCsv(text: string, name: string, sampleRateHz: number | null): VibrationSamples {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '')
  const semicolons = lines.some((line) => line.includes(';') || line.includes('\t'))
  const cells = (line: string) =>
    line
      .split(semicolons ? /[;\t]/ : ',')
      .map((cell) => Number(semicolons ? cell.trim().replace(',', '.') : cell.trim()))
  const first = lines.findIndex((line) => cells(line).every(Number.isFinite))
  if (first < 0)
    throw refuse(name, 'lines of numbers: samples, or seconds and samples', 'Save the record as CSV again.')
  const rows = lines.slice(first).map(cells)
  const bad = rows.findIndex((row) => !row.every(Number.isFinite))
  if (bad >= 0)
    throw refuse(`line ${first + bad + 1} of ${name}`, 'numbers only', 'Take the line out, or save it again.')
  if ((rows[0]?.length ?? 0) < 2) {
    if (sampleRateHz === null)
      throw new InputError({ code: 'MISSING', field: 'sampleRateHz', value: undefined, allowed: 'the sample rate of a file without times, Hz', fix: 'Type the sample rate first.' }) // prettier-ignore
    return { sampleRateHz, samples: Float64Array.from(rows, ([sample = 0]) => sample), name }
  }
  const seconds = (rows.at(-1)?.[0] ?? 0) - (rows[0]?.[0] ?? 0)
  const rate = (rows.length - 1) / seconds
  if (!(seconds > 0) || !Number.isFinite(rate)) throw refuse(`times of ${name}`, 'seconds that go up', 'Give a file with times in seconds.') // prettier-ignore
  return { sampleRateHz: rate, samples: Float64Array.from(rows, (row) => row[1] ?? 0), name }
}
