import { assert } from 'chai'
import { emptyPosition, seenThings, slip, type RollingPosition } from '../../src/index.ts'
import { alsoSeen } from '../../src/identify/also-seen.ts'
import { matchReadings } from '../../src/identify/measured.ts'
import { plainSentence } from '../../src/model/sentence.ts'
import { catalogue } from '../references.ts'

const ball = { boreMm: [60.01], odMm: [109.99], widthMm: [21.95], rollingElement: 'ball' as const }
const barrel = { boreMm: [90.01], odMm: [159.99], widthMm: [39.9], rollingElement: 'barrel' as const }
const run = (identify: Partial<RollingPosition['identify']>) => {
  const base = emptyPosition()
  const position = { ...base, identify: { ...base.identify, ...identify } }
  const found = matchReadings(position, catalogue)
  return { built: found.built, slip: slip(position, found, catalogue) }
}
const cases: [seen: RollingPosition['identify']['alsoSeen'], of: object, number: string][] = [
  [[], ball, '6212'],
  [['snap-ring-groove'], ball, '6212-N'],
  [['snap-ring', 'brass-cage'], ball, '6212-NR-M'],
  [['tapered-bore', 'brass-cage'], barrel, '22218K-M'],
  [['polymer-cage', 'snap-ring'], { ...ball, leftClosure: 'shield', rightClosure: 'shield' }, '6212-2Z-NR-TN'],
  [['flange'], ball, '6212'],
  [['wide-inner', 'hexagon-bore'], ball, '6212'],
]

describe('what is also seen on a measured bearing', () => {
  for (const [seen, of, number] of cases)
    it(`makes ${number} of ${seen.join(' and ') || 'nothing'}`, () =>
      assert.equal(run({ ...of, alsoSeen: seen }).built?.designation, number))

  it('asks for what makes a number of its own, and leaves it out of this one', () => {
    const parts = run({ ...ball, alsoSeen: ['flange'] }).built?.parts ?? []
    const flange = parts.find(({ text }) => text === 'not added')
    assert.isDefined(flange)
    assert.isTrue(parts.some(({ says, inNumber }) => says.includes('flange') && !inNumber))
  })

  it('doubts what the type is not made with', () => {
    const parts = run({ ...barrel, alsoSeen: ['snap-ring'] }).built?.parts ?? []
    assert.isTrue(parts.some(({ from }) => /not made so: look again/.test(from)))
  })

  it('stands on the slip, and is no longer among what was not seen', () => {
    const lines = Object.fromEntries(run({ ...ball, alsoSeen: ['tapered-bore', 'brass-cage'] }).slip.map(({ about, text }) => [about, plainSentence(text)])) // prettier-ignore
    assert.match(lines['seen'] ?? '', /brass cage/)
    assert.equal(lines['not-seen'], 'Clearance, class, heat treatment.')
  })

  it('is told apart, every thing of it', () => {
    for (const thing of seenThings) assert.match(alsoSeen[thing].tell, /^[A-Z].*\.$/)
  })
})
