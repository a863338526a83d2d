import { assert } from 'chai'
import { assess } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const run = (identify: Changes['identify'], designation = '') =>
  assess(positionWith({ identify, bearing: { designation } }), { kind: 'motor', duty: 'one-shift' }, catalogue).lenses
    .identify
const worn = { boreMm: [45.04, 45.03, 45.05], odMm: [84.98, 84.97, 84.98], widthMm: [18.93, 18.95, 18.94] }
const checks = (...given: Parameters<typeof run>) => run(...given).checks.map(({ key, verdict }) => `${key} ${verdict}`)

describe('assess: a measured bearing', () => {
  it('finds 6209 from nine worn readings, and adds nothing that was not seen', () => {
    const { figures } = run({ ...worn, rollingElement: 'ball' })
    assert.deepEqual(figures['built']?.value, { kind: 'text', text: '6209' })
    assert.isAbove(figures['built']?.givens.filter(({ label }) => label === 'not added').length ?? 0, 2)
  })

  it('adds a closure that was seen, with the evidence that put it there', () => {
    const { figures } = run({ ...worn, rollingElement: 'ball', leftClosure: 'shield', rightClosure: 'shield' })
    assert.deepEqual(figures['built']?.value, { kind: 'text', text: '6209-2Z' })
    assert.include(
      (figures['built']?.givens ?? []).map(({ label, from }) => `${label}: ${from}`),
      '2Z: seen on the bearing',
    )
  })

  const cases: [why: string, identify: Changes['identify'], designation: string, said: string][] = [
    ['the two sides differ', { ...worn, leftClosure: 'shield', rightClosure: 'contact-seal' }, '', 'sides watch'],
    ['readings that spread', { ...worn, boreMm: [45.0, 45.2] }, '', 'spread watch'],
    ['an inch bore', { boreMm: [38.1, 38.1], odMm: [73.03] }, '', 'inch watch'],
    ['no such size', { boreMm: [47], odMm: [60], widthMm: [90] }, '', 'candidates watch'],
    ['swapped fields', { boreMm: [85], odMm: [45], widthMm: [19] }, '', 'readings stop'],
    ['a sealed cone and cup', { ...worn, ringShape: 'cone-and-cup', leftClosure: 'shield' }, '', 'readings stop'],
    ['a marking that the readings do not fit', { ...worn, marking: '6210 C3' }, '', 'marking watch'],
    ['the box says another size', worn, '6210', 'agrees stop'],
  ] // prettier-ignore
  for (const [why, identify, designation, said] of cases)
    it(`${said}: ${why}`, () => assert.include(checks(identify, designation), said))

  it('takes a marking that the readings bear out, suffixes and all', () => {
    const { figures } = run({ ...worn, marking: '6209 C3' })
    assert.deepEqual(figures['built']?.value, { kind: 'text', text: '6209-C3' })
  })

  it('is not led astray by scratches', () =>
    assert.deepEqual(run({ ...worn, rollingElement: 'ball', marking: 'II/ /' }).figures['built']?.value, {
      kind: 'text',
      text: '6209',
    }))

  it('has no quarrel with a number that fits', () => assert.notInclude(checks(worn, '6209').join(), 'agrees'))

  it('asks for two sizes before it answers', () => assert.isUndefined(run({ boreMm: [45.04] }).figures['matched']))
})
