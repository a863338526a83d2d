import { assert } from 'chai'
import {
  jobKinds,
  holdings,
  isOutOfLimits,
  JobStep,
  jobProgress,
  SiteGivens,
  type JobReading,
} from '../../src/index.ts'
import { type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

import { base, id, job, position, read, readingOf, stepOf } from './pump-job.ts'

describe('the steps of a job', () => {
  it('go in working order: safe, off, gauged, on, closed, run up, handed over', () => {
    assert.deepEqual(
      job().map(({ key }) => key.split(':')[0]),
      ['lock-out', 'arrival', 'evidence', 'take-off', 'came-out', 'gauge', 'check-new', 'mount', 'lock', 'float', 'fill', 'close', 'run-up', 'hand-over'], // prettier-ignore
    )
  })

  it('are what their schema says, whatever is known of the position', () => {
    for (const holding of [null, ...holdings])
      for (const designation of ['', 'nonsense', '6204', '22216 EK-C3', 'UC212', 'NU313-C3', '32214'])
        for (const step of job({ bearing: { designation }, mount: { roomC: 20, holding } })) {
          const { success, error } = JobStep.safeParse(step)
          assert.isTrue(success, `${designation} ${holding} ${step.key}: ${error?.message}`)
        }
  })

  it('do every position whole, between one lock-out and one run-up', () => {
    const two = jobKinds['bearing-change'].compose(
      [position(), { ...position(), id: id.replace(/1$/, '2'), name: 'Fan end' }],
      catalogue,
    )
    assert.lengthOf(two, 4 + 2 * 10)
    assert.equal(new Set(two.map(({ key }) => key)).size, two.length)
    assert.match(stepOf(two, 'mount').title, /coupling end/)
    assert.isTrue(stepOf(two, 'run-up').readings.some(({ label }) => /fan end/.test(label)))
  })

  it('run up within the limits of the site, where it has its own', () => {
    const limitsOn = (limits: object) => {
      const site = SiteGivens.parse({ limits })
      const runUp = stepOf(
        jobKinds['bearing-change'].compose([{ ...position(), machine: { ...position().machine, site } }], catalogue),
        'run-up',
      )
      return ['after-60', 'vibration'].map((key) => readingOf(runUp, `${key}:${id}`).high)
    }
    assert.deepEqual(limitsOn({}), [77, 4.5])
    assert.deepEqual(limitsOn({ warmC: 70, roughMmPerS: 2.8 }), [70, 2.8])
    assert.deepEqual(limitsOn({ warmC: 95, roughMmPerS: 7.1 }), [77, 7.1], 'hotter than it ran before is looked at')
  })

  const ways: [why: string, changes: Changes, title: RegExp, heated: boolean][] = [
    ['a tight cylindrical seat is heated', {}, /^Heat and mount$/, true],
    ['a tapered bore is driven up', { bearing: { designation: '22216 EK-C3' } }, /^Drive it up$/, false],
    [
      'a self-aligning ball bearing on a taper by the turn of its nut',
      { bearing: { designation: '1212 K' } },
      /^Turn the nut on$/,
      false,
    ],
    ['a small bore is pressed', { bearing: { designation: '6204' } }, /^Press it home$/, false],
    [
      'a ring that slides is not heated',
      {
        seat: {
          loadCase: 'inner-turns',
          shaftReadingsMm: [
            [64.97, 64.97],
            [64.97, 64.97],
          ],
        },
      },
      /^Slide it on$/,
      false,
    ],
  ]
  for (const [why, changes, title, heated] of ways)
    it(why, () => {
      const mount = stepOf(job(changes), 'mount')
      assert.match(mount.title, title)
      assert.equal(mount.heat !== null, heated)
    })

  it('hold the heat clock to the fit: it slides at 65 mm · 12e-6 a degree, and is never over its limit', () => {
    const { heat } = stepOf(job(), 'mount')
    // j6: 27 µm at the tightest over 0.78 µm a degree, from 20 °C; lifted with 6.5 µm of room left after 10 K are lost.
    assert.equal(heat?.aimC, 110)
    assert.approximately(heat?.slidesC ?? 0, 20 + 27 / 0.78, 0.01)
    assert.approximately(heat?.liftC ?? 0, 20 + (27 + 6.5) / 0.78 + 10, 0.01)
    assert.equal(heat?.limitC, 120)
    assert.equal(heat?.differenceK, 50)
  })

  it('heat no inner ring where there is none', () => {
    const roller: Changes = { bearing: { designation: 'NU313-C3' }, load: { radialN: 9000, speedRpm: 1475 } }
    const bare = job({ ...roller, mount: { roomC: 20, holding: 'no-inner-ring' } })
    const mount = stepOf(bare, 'mount')
    assert.isNull(mount.heat)
    assert.equal(mount.title, 'Fit it over the raceway')
    assert.match(stepOf(bare, 'lock').title, /no inner ring/)
    // The shaft is the raceway there, ground to h5 on the diameter the rollers run on: 77 mm over F, −13 … 0 µm.
    const raceway = readingOf(stepOf(bare, 'gauge'), 'shaft-0')
    assert.equal(raceway.label, 'Raceway on the shaft, plane 1, upright')
    assert.approximately((raceway.high ?? 0) - (raceway.low ?? 0), 0.013, 1e-9)
    assert.isNotNull(readingOf(stepOf(bare, 'gauge'), 'housing-0').low)
    const heated = job({ ...roller, mount: { roomC: 20, holding: 'shoulder' } })
    assert.isNotNull(stepOf(heated, 'mount').heat)
  })

  it('take the limits of the seats from Seat, and the drive-up from its table', () => {
    const shaft = readingOf(stepOf(job(), 'gauge'), 'shaft-0')
    assert.isAbove(shaft.high ?? 0, shaft.low ?? 0)
    assert.approximately(shaft.low ?? 0, 65, 0.05)
    const { readings } = stepOf(job({ bearing: { designation: '22216 EK-C3' } }), 'mount')
    const lost = readings.find(({ key }) => key === 'lost')
    assert.deepEqual([lost?.low, lost?.high], [40, 50])
  })

  for (const [why, endPlayMm, low, high, title] of [
    ['the usual where nobody has said', null, 0.05, 0.15, /end play/],
    ['what was said, near it', 0.1, 0.07, 0.13, /end play/],
    ['a preload, to the maker’s torque', -0.02, -0.05, 0.01, /preload/],
  ] as const)
    it(`set a pair to ${why}`, () => {
      const pair = job({
        bearing: { designation: '32214' },
        load: { arrangement: 'face-to-face' },
        float: { endPlayMm },
      })
      const float = stepOf(pair, 'float')
      assert.match(float.title, title)
      const play = readingOf(float, 'end-play')
      assert.deepEqual([play.low, play.high], [low, high])
      assert.equal(readingOf(float, 'torque').needed, endPlayMm !== null && endPlayMm < 0)
    })

  it('stand with a caution where it hurts: locked out, hot, pulled, first start', () => {
    const steps = job()
    for (const [key, word] of [
      ['lock-out', /locked out/],
      ['take-off', /Pullers/],
      ['mount', /pacemaker/],
      ['run-up', /first start/],
    ] as const)
      // prettier-ignore
      assert.match(stepOf(steps, key).cautions.join(' '), word)
  })
})

describe('a reading', () => {
  const number = (low: number | null, high: number | null, decimals = 0): JobReading => ({ key: 'k', label: 'K', kind: 'number', quantity: 'length', decimals, low, high, expected: null, needed: true, gives: null }) // prettier-ignore
  for (const [why, reading, value, out] of [
    ['on its lower limit', number(10, 20), 10, false],
    ['under it', number(10, 20), 9.9, true],
    ['over the upper one', number(10, 20), 20.2, true],
    ['without limits', number(null, null), 1e6, false],
    ['over by less than is shown', number(null, 65.012, 3), 65.01204, false],
    ['over by a digit that is shown', number(null, 65.012, 3), 65.013, true],
  ] as const)
    it(`${out ? 'out' : 'within'}: ${why}`, () =>
      assert.equal(isOutOfLimits(reading, { value, text: null }, catalogue), out))

  for (const [text, out] of [
    ['6313-C3', false],
    ['6313 c3', false],
    ['6313/C3', false],
    ['6313', true],
    ['6313-C4', true],
  ] as const)
    // prettier-ignore
    it(`${text} on a box that should say 6313-C3 is ${out ? 'out' : 'right'}`, () => {
      const reading = { ...number(null, null), kind: 'designation', expected: '6313-C3' } as const
      assert.equal(isOutOfLimits(reading, { value: null, text }, catalogue), out)
    })
})

describe('what a finished job leaves', () => {
  const steps = job()
  const gaugeKey = `gauge:${id}`
  const entries = [
    read(`check-new:${id}`, 'number', { text: '6313-C4', reason: 'none else in stock' }),
    read(gaugeKey, 'shaft-0', { value: 65.008 }),
    read(gaugeKey, 'shaft-2', { value: 65.006 }),
  ]

  it('is the number that went in and the seats as gauged; the rest stays', () => {
    const before = position({
      bearing: { ...base.bearing, makerDynamicN: 95_000 },
      diagnose: { seen: ['rust'] },
    }).inputs
    const after = jobKinds['bearing-change'].asLeft(before, id, jobProgress(steps, entries, catalogue))
    assert.equal(after.bearing.designation, '6313-C4')
    assert.isNull(after.bearing.makerDynamicN)
    assert.deepEqual(after.seat.shaftReadingsMm, [
      [65.008, null],
      [65.006, null],
    ])
    assert.isEmpty(after.diagnose.seen)
    assert.deepEqual(after.load, before.load)
  })

  it('is spelt as the machine calls for it, however it was typed', () => {
    const typed = [read(`check-new:${id}`, 'number', { text: ' 6313/c3 ' })]
    assert.equal(
      jobKinds['bearing-change'].asLeft(position().inputs, id, jobProgress(steps, typed, catalogue)).bearing
        .designation,
      '6313-C3',
    )
  })

  it('is as it was where nothing was read', () => {
    const { inputs } = position()
    const after = jobKinds['bearing-change'].asLeft(inputs, id, jobProgress(steps, [], catalogue))
    assert.deepEqual(after.bearing, inputs.bearing)
    assert.deepEqual(after.seat, inputs.seat)
  })
})
