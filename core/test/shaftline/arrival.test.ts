import { assert } from 'chai'
import { arrivalChecks, arrivalQuestions, assess, sketchShaft, usualSketch, type ShaftLine } from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const names = ['Coupling end', 'Impeller end']
const drawn = sketchShaft('pump', usualSketch.pump, names)
/** The impeller end floats in its housing here, so that rings beside it matter. */
const line = (arrival: Record<string, object>): ShaftLine => ({
  ...drawn,
  supports: drawn.supports.map((one, index) => (index === 1 ? { ...one, floatsIn: 'housing' } : one)),
  parts: drawn.parts.map((part) => (part.kind === 'coupling' ? { ...part, leastGapMm: 3 } : part)),
  arrival: Object.fromEntries(
    Object.entries(arrival).map(([key, found]) => [key, { answer: '', note: '', valueMm: null, ...found }]),
  ),
})
const inputs = positionWith({ bearing: { designation: '6312-C3', requiredClearance: 'C3' } })
const positions = names.map((name) => ({ name, inputs }))

describe('the arrival list', () => {
  it('asks of the machine first, then of each end', () => {
    const questions = arrivalQuestions(line({}), positions)
    assert.deepEqual(
      questions.map(({ key }) => key),
      ['work', 'grease', 'push', 'gap', ...names.flatMap((name) => ['rings', 'clamped', 'suffix'].map((key) => `${key}:${name}`))], // prettier-ignore
    )
    for (const { ask, why, answers } of questions) {
      assert.match(ask, /\?$/)
      assert.isNotEmpty(why)
      assert.isAtLeast(answers.length, 2)
    }
  })

  it('asks which way round only of bearings set in pairs', () => {
    const paired = positionWith({ load: { arrangement: 'face-to-face' } })
    const keys = arrivalQuestions(line({}), [{ name: 'Coupling end', inputs: paired }]).map(({ key }) => key)
    assert.include(keys, 'way:Coupling end')
    assert.notInclude(keys, 'way:Impeller end')
  })

  it('asks why where one bearing after the other died young, and only there', () => {
    const eaten = positions.map((one, index) => ({ ...one, youngDeaths: index === 0 ? 3 : 2 }))
    const asked = arrivalQuestions(line({}), eaten).filter(({ key }) => key.startsWith('young-deaths'))
    assert.deepEqual(
      asked.map(({ ask }) => ask),
      ['3 bearings died young at Coupling end: is it known why?'],
    )
    const told = (answer: string) => arrivalChecks(line({ 'young-deaths:Coupling end': { answer } }), eaten)
    assert.isEmpty(told('right'))
    assert.deepEqual(told('not').map(({ verdict, lens }) => [verdict, lens]), [['watch', 'diagnose']]) // prettier-ignore
    const again = assess(inputs, { kind: 'pump', duty: 'round-the-clock', shaft: line({ 'young-deaths:Coupling end': { answer: 'not' } }), position: 'Coupling end', youngDeaths: 3 }, catalogue) // prettier-ignore
    assert.include(again.lenses.diagnose.checks.map(({ key }) => key), 'arrival-young-deaths:Coupling end') // prettier-ignore
  })

  it('has nothing to complain of while nobody has answered, or all is well', () => {
    assert.isEmpty(arrivalChecks(line({}), positions))
    const well = { 'work': { answer: 'known' }, 'grease': { answer: 'same' }, 'push': { answer: 'little', valueMm: 0.2 }, 'gap': { answer: 'even', valueMm: 4 }, 'rings:Coupling end': { answer: 'both' }, 'rings:Impeller end': { answer: 'none' }, 'clamped:Impeller end': { answer: 'clear' }, 'suffix:Coupling end': { answer: 'C3' } } // prettier-ignore
    assert.isEmpty(arrivalChecks(line(well), positions))
  })

  const cases: [why: string, key: string, found: object, verdict: string, lens: string | null, reason: RegExp][] = [
    ['rings at the floating end too', 'rings:Impeller end', { answer: 'both' }, 'stop', 'float', /both sides at Impeller end, which is to float/],
    ['one ring at the floating end', 'rings:Impeller end', { answer: 'one' }, 'watch', 'float', /one side/],
    ['no rings where it is held', 'rings:Coupling end', { answer: 'none' }, 'watch', 'float', /No locating rings at Coupling end/],
    ['a cover that presses', 'clamped:Impeller end', { answer: 'presses' }, 'stop', 'float', /presses on the outer ring/],
    ['the wrong clearance', 'suffix:Impeller end', { answer: 'CN' }, 'stop', 'identify', /CN stands on .* C3 is called for/],
    ['a number that cannot be read', 'suffix:Impeller end', { answer: 'unread' }, 'watch', 'identify', /cannot be read/],
    ['another grease', 'grease', { answer: 'other' }, 'stop', 'grease', /on top of the old/],
    ['nothing holds it', 'push', { answer: 'far' }, 'stop', null, /Nothing holds the shaft/],
    ['no play at all', 'push', { answer: 'not' }, 'watch', null, /held at both ends/],
    ['halves too close', 'gap', { answer: 'even', valueMm: 2 }, 'stop', null, /2 mm~f3}, and {3 mm~f3} is the least/],
    ['nobody knows', 'work', { answer: 'unknown' }, 'watch', null, /Nobody knows/],
  ] // prettier-ignore
  for (const [why, key, found, verdict, lens, reason] of cases)
    it(`${verdict}: ${why}`, () => {
      const [check, ...others] = arrivalChecks(line({ [key]: found }), positions)
      assert.isEmpty(others)
      assert.deepEqual([check?.verdict, check?.lens], [verdict, lens])
      assert.match(check?.reason ?? '', reason)
      assert.isNotEmpty(check?.wayOut)
    })

  it('reaches the bench of the position it is about, and no other', () => {
    const machine = { kind: 'pump', duty: 'round-the-clock', shaft: line({ 'rings:Impeller end': { answer: 'both' }, 'grease': { answer: 'other' } }) } as const // prettier-ignore
    const keys = (position: string) =>
      assess(inputs, { ...machine, position }, catalogue)
        .findings.map(({ key }) => key)
        .filter((key) => key.startsWith('arrival'))
    assert.deepEqual(keys('Impeller end').sort(), ['arrival-grease', 'arrival-rings:Impeller end'])
    assert.deepEqual(keys('Coupling end'), ['arrival-grease'])
  })
})
