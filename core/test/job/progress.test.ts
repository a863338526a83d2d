import { assert } from 'chai'
import fc from 'fast-check'
import type { JobStep } from '../../src/index.ts'
import { jobProgress, runUpPoints, settledCheck, type SignedEntry } from '../../src/index.ts'
import { catalogue } from '../references.ts'

import { entry, id, job, read, readingOf, stepOf } from './pump-job.ts'

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
    assert.equal(out.state, 'begun')
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
