import { assert } from 'chai'
import fc from 'fast-check'
import {
  jobKinds,
  holdings,
  isOutOfLimits,
  JobStep,
  jobProgress,
  runUpPoints,
  settledCheck,
  type JobEntry,
  type JobPosition,
  type JobReading,
  type SignedEntry,
} from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const id = '00000000-0000-4000-8000-000000000001'
const base: Changes = {
  bearing: { designation: '6313-C3', requiredClearance: 'C3' },
  load: { radialN: 3000, axialN: 500, speedRpm: 1475 },
  seat: { loadCase: 'inner-turns' },
  mount: { roomC: 20, coolingC: 10 },
  grease: { nu40Cst: 110, runningC: 62, cleanliness: 'normal' },
}
const position = (changes: Changes = {}): JobPosition => ({
  id,
  name: 'Coupling end',
  inputs: positionWith({ ...base, ...changes }),
  machine: { kind: 'pump', duty: 'round-the-clock', position: 'Coupling end' },
})
const job = (changes: Changes = {}) => jobKinds['bearing-change'].compose([position(changes)], catalogue)
const stepOf = (steps: JobStep[], key: string) => {
  const found = steps.find((step) => step.key.split(':')[0] === key)
  if (!found) throw new Error(`no step ${key}`)
  return found
}
const readingOf = (step: JobStep, key: string) => {
  const found = step.readings.find((one) => one.key === key)
  if (!found) throw new Error(`no reading ${key}`)
  return found
}

let made = 0
const entry = <K extends JobEntry['kind']>(step: string, kind: K, rest: object = {}): SignedEntry =>
  ({
    id: `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`,
    step,
    at: '2026-03-02T08:00:00.000Z',
    kind,
    by: 'Una',
    ...rest,
  }) as SignedEntry
const read = (step: string, reading: string, answer: { value?: number; text?: string; reason?: string }) =>
  entry(step, 'reading', { reading, value: null, text: null, reason: null, ...answer })

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

describe('the progress of a job', () => {
  const steps = job()
  /** Everything that lets a step pass, in the middle of its limits. */
  const whole = ({ key, cautions, readings, heat }: JobStep): SignedEntry[] => [
    ...cautions.map((_, caution) => entry(key, 'acknowledged', { caution })),
    ...readings.map(({ key: name, kind, low, high, expected }) => {
      const middle = low !== null && high !== null ? (low + high) / 2 : (low ?? high ?? 1)
      return read(
        key,
        name,
        kind === 'number' ? { value: middle } : { text: expected ?? (kind === 'yes' ? 'yes' : 'seen') },
      )
    }),
    ...(heat ? [entry(key, 'heat', { event: 'home', innerC: 100, outerC: 80, seconds: 140 })] : []),
    entry(key, 'done'),
  ]
  const lockOut = [entry('lock-out', 'acknowledged', { caution: 0 }), read('lock-out', 'dead', { text: 'yes' })]
  const locked = [...lockOut, entry('lock-out', 'done')]

  it('stands at the first step, which says what is in the way', () => {
    const { current, steps: states } = jobProgress(steps, [], catalogue)
    assert.equal(current, 'lock-out')
    assert.deepEqual(states[0]?.blockers, ['a caution is not acknowledged', 'Proven dead is missing'])
  })

  it('goes on when the step is done', () => {
    const { current, steps: states } = jobProgress(steps, locked, catalogue)
    assert.isEmpty(states[0]?.blockers)
    assert.equal(states[0]?.state, 'go')
    assert.equal(current, 'arrival')
  })

  it('asks a reason for a reading out of limits, and keeps it marked', () => {
    const key = `gauge:${id}`
    const low = readingOf(stepOf(steps, 'gauge'), 'shaft-0').low ?? 0
    const state = (answer: { value: number; reason?: string }) =>
      jobProgress(
        steps,
        [...locked, ...whole(stepOf(steps, 'gauge')), read(key, 'shaft-0', answer), entry(key, 'done')],
        catalogue,
      ).steps.find(({ step }) => step.key === key)
    assert.include(state({ value: low - 0.01 })?.blockers.join(), 'out of limits and has no reason')
    const reasoned = state({ value: low - 0.01, reason: 'Sleeve is on order' })
    assert.notInclude(reasoned?.blockers.join(), 'no reason')
    assert.equal(reasoned?.state, 'watch')
  })

  it('takes the last of several readings, and keeps the others', () => {
    const entries = [read('arrival', 'asked', { text: 'shift' }), read('arrival', 'asked', { text: 'fitter' })]
    const state = jobProgress(steps, entries, catalogue).steps[1]
    assert.equal(state?.readings[0]?.entry?.text, 'fitter')
  })

  it('does not let a hot ring go before it is home', () => {
    const key = `mount:${id}`
    const heat = (event: string) => entry(key, 'heat', { event, innerC: 108, outerC: 80, seconds: 140 })
    const blockers = (...entries: SignedEntry[]) =>
      jobProgress(steps, entries, catalogue)
        .steps.find(({ step }) => step.key === key)
        ?.blockers.join()
    assert.include(blockers(heat('lifted')), 'not seated')
    assert.include(blockers(heat('lifted'), heat('short')), 'not seated')
    assert.notInclude(blockers(heat('lifted'), heat('short'), heat('lifted'), heat('home')), 'not seated')
  })

  it('opens a step again with a reason', () => {
    const entries = [...locked, entry('lock-out', 'reopened', { reason: 'lock was off' })]
    assert.equal(jobProgress(steps, entries, catalogue).current, 'lock-out')
  })

  it('opens a step again by a reading that no longer passes, until it has a reason', () => {
    const entries = [...locked, ...whole(stepOf(steps, 'gauge'))]
    const state = (...later: SignedEntry[]) =>
      jobProgress(steps, [...entries, ...later], catalogue).steps.find(({ step }) => step.key === `gauge:${id}`)
    assert.equal(state()?.state, 'go')
    const out = state(read(`gauge:${id}`, 'shaft-0', { value: 1 }))
    assert.isNull(out?.done)
    assert.equal(out?.state, 'begun')
    assert.equal(state(read(`gauge:${id}`, 'shaft-0', { value: 1, reason: 'sleeved later' }))?.state, 'watch')
  })

  it('opens a step again by a ring that is heated once more', () => {
    const entries = [...locked, ...whole(stepOf(steps, 'mount'))]
    const lifted = entry(`mount:${id}`, 'heat', { event: 'lifted', innerC: 108, outerC: 80, seconds: 140 })
    const stateOf = (all: SignedEntry[]) =>
      jobProgress(steps, all, catalogue).steps.find(({ step }) => step.key === `mount:${id}`)?.state
    assert.equal(stateOf(entries), 'go')
    assert.equal(stateOf([...entries, lifted]), 'begun')
  })

  it('is complete when every step is done, in whatever order', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(
          steps.map(({ key }) => key),
          { minLength: steps.length },
        ),
        (keys) => {
          const byStep = keys.map((key) => whole(steps.find((step) => step.key === key)!))
          assert.isTrue(jobProgress(steps, byStep.flat(), catalogue).complete)
          assert.isFalse(jobProgress(steps, byStep.slice(1).flat(), catalogue).complete)
        },
      ),
      { numRuns: 30 },
    )
  })

  describe('and its order', () => {
    const stateOf = (entries: SignedEntry[], key: string) =>
      jobProgress(steps, entries, catalogue).steps.find(({ step }) => step.key === key)
    const takeOff = whole(stepOf(steps, 'take-off'))

    for (const key of ['evidence', 'take-off', 'gauge', 'mount', 'lock', 'close', 'run-up'])
      it(`${key} waits for the lock-out`, () => {
        const { key: step } = stepOf(steps, key)
        assert.deepEqual(stateOf([], step)?.waits, ['Lock out is not done'])
        assert.isEmpty(stateOf(locked, step)?.waits)
      })

    it('lets the bench work go ahead: the new bearing may be looked at before anything is locked', () =>
      assert.isEmpty(stateOf([], stepOf(steps, 'check-new').key)?.waits))

    it('counts nothing as done that was done before the machine was safe', () => {
      const { key } = stepOf(steps, 'take-off')
      assert.isNull(stateOf(takeOff, key)?.done)
      assert.isNotNull(stateOf([...takeOff, ...locked], key)?.done)
    })

    it('goes ahead where somebody says why the lock-out is left out, and it stays marked', () => {
      const skipped = [entry('lock-out', 'skipped', { reason: 'the machine lies in the workshop' })]
      assert.equal(stateOf(skipped, 'lock-out')?.state, 'skipped')
      assert.isEmpty(stateOf(skipped, stepOf(steps, 'take-off').key)?.waits)
    })

    it('closes again behind a lock-out that is opened again', () => {
      const reopened = [...locked, ...takeOff, entry('lock-out', 'reopened', { reason: 'another lock came off' })]
      assert.isNull(stateOf(reopened, stepOf(steps, 'take-off').key)?.done)
    })

    it('keeps the hand-over for the end: every step done, or skipped with its reason', () => {
      const [last, ...others] = [...steps].reverse()
      const before = others.reverse().flatMap(whole)
      const [missing] = others.filter(({ key }) => key.startsWith('evidence'))
      const without = before.filter(({ step }) => step !== missing!.key)
      assert.deepEqual(stateOf([...without, ...whole(last!)], last!.key)?.waits, [
        `${missing!.title} is neither done nor skipped`,
      ])
      const said = entry(missing!.key, 'skipped', { reason: 'no camera on site' })
      assert.isTrue(jobProgress(steps, [...without, said, ...whole(last!)], catalogue).complete)
    })
  })
})

describe('a run-up', () => {
  const points = (...celsius: number[]) => celsius.map((value, index) => ({ minutes: 30 * index, celsius: value }))
  for (const [why, read, verdict, reason] of [
    ['one reading says nothing yet', points(30), undefined, /^$/],
    ['it holds', points(30, 50, 51), 'go', /has settled/],
    ['it has peaked', points(30, 62, 55), 'go', /falls by {14 K} an hour/],
    ['it still climbs', points(30, 40, 50), 'watch', /climbs by {20 K} an hour/],
    ['it runs away', points(30, 60, 95), 'stop', /does not settle by itself/],
  ] as const)
    it(`${verdict ?? 'nothing'}: ${why}`, () => {
      const check = settledCheck(read)
      assert.equal(check?.verdict, verdict)
      assert.match(check?.reason ?? '', reason)
    })

  it('is read from the readings of its step, position by position', () => {
    const key = 'run-up'
    const entries = [read(key, `after-15:${id}`, { value: 41 }), read(key, `after-60:${id}`, { value: 47 })]
    const state = jobProgress(job(), entries, catalogue).steps.find(({ step }) => step.key === key)
    assert.deepEqual(runUpPoints(state?.readings ?? []).get(id), [
      { minutes: 15, celsius: 41 },
      { minutes: 60, celsius: 47 },
    ])
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
