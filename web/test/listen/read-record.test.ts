import { attempt } from '@yardfrost/core'
import { assert } from 'chai'
import { readCsv, readWav } from '../../src/listen/read-record.ts'

/** A WAV file of one tone, as a recorder writes it. */
function wav(bits: 16 | 24 | 32, channels = 1, float = false, rate = 8000): ArrayBuffer {
  const count = 16
  const bytes = (bits / 8) * channels
  const view = new DataView(new ArrayBuffer(44 + count * bytes))
  const text = (at: number, word: string) => {
    for (let index = 0; index < word.length; index++) view.setUint8(at + index, word.charCodeAt(index))
  }
  text(0, 'RIFF')
  view.setUint32(4, 36 + count * bytes, true)
  text(8, 'WAVEfmt ')
  view.setUint32(16, 16, true)
  view.setUint16(20, float ? 3 : 1, true)
  view.setUint16(22, channels, true)
  view.setUint32(24, rate, true)
  view.setUint16(34, bits, true)
  text(36, 'data')
  view.setUint32(40, count * bytes, true)
  for (let index = 0; index < count; index++) {
    const at = 44 + index * bytes
    const value = index % 2 === 0 ? 0.5 : -0.25
    if (float) view.setFloat32(at, value, true)
    else if (bits === 16) view.setInt16(at, value * 32_768, true)
    else if (bits === 32) view.setInt32(at, value * 2 ** 31, true)
    else {
      const whole = value * 2 ** 23
      for (let byte = 0; byte < 3; byte++) view.setUint8(at + byte, (whole >> (8 * byte)) & 255)
    }
  }
  return view.buffer
}

describe('records of vibration', () => {
  for (const [bits, channels, float] of [
    [16, 1, false],
    [16, 2, false],
    [24, 1, false],
    [32, 1, false],
    [32, 1, true],
  ] as const)
    // prettier-ignore
    it(`are read from WAV of ${bits} bits${float ? ' as floats' : ''}, ${channels} channels`, () => {
      const { samples, sampleRateHz } = readWav(wav(bits, channels, float), 'a.wav')
      assert.equal(sampleRateHz, 8000)
      assert.lengthOf(samples, 16)
      assert.approximately(samples[0] ?? 0, 0.5, 1e-4)
      assert.approximately(samples[1] ?? 0, -0.25, 1e-4)
    })

  const csv: [why: string, text: string, rate: number | null, hz: number, first: number][] = [
    ['time and samples', 'time,value\n0,1.5\n0.001,2\n0.002,3\n', null, 1000, 1.5],
    ['semicolons and commas', '0;1,5\n0,001;2\n0,002;3\n', null, 1000, 1.5],
    ['one column', '1.5\n2\n3\n', 2560, 2560, 1.5],
  ]
  for (const [why, text, rate, hz, first] of csv)
    it(`are read from CSV: ${why}`, () => {
      const { samples, sampleRateHz } = readCsv(text, 'a.csv', rate)
      assert.approximately(sampleRateHz, hz, 1e-6)
      assert.deepEqual([samples.length, samples[0]], [3, first])
    })

  const wrong: [why: string, read: () => unknown, field: string, words: RegExp][] = [
    ['no WAV', () => readWav(new ArrayBuffer(60), 'a.wav'), 'file', /a\.wav/],
    ['no numbers', () => readCsv('one\ntwo\n', 'a.csv', null), 'file', /a\.csv/],
    ['a word among numbers', () => readCsv('1\n2\nx\n3\n', 'a.csv', 1000), 'file', /line 3/],
    ['one column without a rate', () => readCsv('1\n2\n', 'a.csv', null), 'sampleRateHz', /sample/],
    ['times that stand still', () => readCsv('0,1\n0,2\n', 'a.csv', null), 'file', /times/],
  ]
  for (const [why, read, field, words] of wrong)
    it(`are refused, naming what is wrong: ${why}`, () => {
      const { refusal } = attempt(read)
      assert.equal(refusal?.field, field)
      assert.match(refusal?.message ?? '', words)
    })
})
