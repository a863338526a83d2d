import { assert } from 'chai'
import { matchSpectrum, MatchInput } from '../../src/records/spectrum/match.ts'
import { EnvelopeInput, envelopeSpectrum } from '../../src/records/spectrum/envelope.ts'
import { SimulateInput, simulateSignal } from '../../src/records/spectrum/simulate.ts'
import { hear } from '../../src/records/spectrum/listen.ts'
import { bins } from '../../src/records/spectrum/transform.ts'

const bearing = { elements: 9, elementDiameterMm: 12, pitchDiameterMm: 60 }
const signal = (change: object) => ({ seed: 31, sampleRateHz: 12_800, samples: 16_384, speedRpm: 1470, fault: 'none', severity: 0.5, bearing, ...change }) // prettier-ignore
const match = (change: object, rest: object = {}) =>
  matchSpectrum(MatchInput.parse({ simulate: signal(change), speedRpm: 1475, bearing, ...rest }))

describe('a made-up signal', () => {
  const samples = (change: object) => simulateSignal(SimulateInput.parse(signal({ samples: 2048, ...change })))
  it('is the same for the same seed, and another for another', () => {
    assert.deepEqual(samples({}), samples({}))
    assert.notDeepEqual(samples({}).slice(0, 4), samples({ seed: 32 }).slice(0, 4))
  })
})

describe('the transform', () => {
  it('keeps the energy of a signal', () => {
    const x = simulateSignal(SimulateInput.parse(signal({ samples: 4096 })))
    const all = bins(x)
    const power = (k: number) => (all[2 * k] ?? 0) ** 2 + (all[2 * k + 1] ?? 0) ** 2
    const whole = power(0) + power(2048) + 2 * Array.from({ length: 2047 }, (_, k) => power(k + 1)).reduce((a, b) => a + b, 0) // prettier-ignore
    const given = x.reduce((sum, one) => sum + one ** 2, 0)
    assert.approximately(whole / 4096 / given, 1, 1e-9)
  })
})

describe('what a spectrum shows', () => {
  for (const fault of [
    'outer',
    'inner',
    'element',
    'cage',
    'unbalance',
    'misalignment',
    'looseness',
    'electrical',
  ] as const)
    it(`${fault}, and nothing else`, () =>
      assert.deepEqual(match({ fault, severity: 0.8, slipPercent: -0.8 }, { lineHz: 50 }).found, [fault]))

  it('nothing of a sound machine, whatever the chance', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const { found, verdict } = match({ seed, fault: 'none', severity: 0 })
      assert.isEmpty(found)
      assert.include(['nothing-found', 'possible'], verdict)
    }
  })
  it('signs that Diagnose knows, for and against', () => {
    const { evidence, absent } = match({ fault: 'outer', severity: 0.6 })
    assert.deepEqual(evidence, ['spectrum-outer-line'])
    assert.include(absent, 'spectrum-cage-line')
  })
  it('says when the record is too short to tell', () => {
    const { remarks } = envelopeSpectrum(EnvelopeInput.parse({ simulate: signal({ samples: 4096 }), speedRpm: 1470 }))
    assert.include(remarks, 'short-record')
  })
  it('louder faults more surely', () => {
    const sure = (severity: number) => match({ fault: 'unbalance', severity }).findings.find(({ fault }) => fault === 'unbalance')?.confidence ?? 0 // prettier-ignore
    assert.isAtMost(sure(0.1), sure(0.3))
    assert.isAtMost(sure(0.3), sure(0.9))
  })
})

describe('a record heard through', () => {
  const heard = (fault: string) =>
    hear(
      MatchInput.parse({ simulate: signal({ fault, samples: 32_768, sampleRateHz: 25_600 }), speedRpm: 1475, bearing }),
    )
  const top = ({ heights, resolutionHz }: { heights: Float64Array; resolutionHz: number }, from = 0, to = Infinity) => {
    let best = 0
    for (let bin = 0; bin < heights.length; bin++) {
      const hz = bin * resolutionHz
      if (hz >= from && hz <= to && (heights[bin] ?? 0) > (heights[best] ?? 0)) best = bin
    }
    return best * resolutionHz
  }

  it('draws the line that is named where it is named', () => {
    const { match: said, envelope, lines } = heard('outer')
    assert.include(said.found, 'outer')
    const bpfo = lines?.bpfoHz ?? 0
    assert.approximately(top(envelope, 0.6 * bpfo, 1.4 * bpfo), bpfo, 0.03 * bpfo)
  })
  it('draws once the shaft in the velocity of one that is out of balance', () => {
    const { match: said, velocity } = heard('unbalance')
    assert.include(said.found, 'unbalance')
    assert.approximately(top(velocity), 1470 / 60, 2)
  })
  it('names nothing in one that is sound, and draws numbers only', () => {
    const { match: said, velocity, envelope } = heard('none')
    assert.isEmpty(said.found)
    for (const { heights } of [velocity, envelope]) assert.isTrue(heights.every(Number.isFinite))
  })
})
