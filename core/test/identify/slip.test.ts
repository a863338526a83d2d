import { assert } from 'chai'
import { emptyPosition, slip, type RollingPosition } from '../../src/index.ts'
import { plainSentence } from '../../src/model/sentence.ts'
import { matchReadings } from '../../src/identify/measured.ts'
import { catalogue } from '../references.ts'

const measured = (identify: Partial<RollingPosition['identify']>) => {
  const base = emptyPosition()
  const position = { ...base, identify: { ...base.identify, ...identify } }
  const lines = slip(position, matchReadings(position, catalogue), catalogue)
  return Object.fromEntries(lines.map(({ about, text }) => [about, plainSentence(text)]))
}

describe('the slip of a measured bearing', () => {
  const sealed = {
    ...{ boreMm: [60.02, 60.03, 60.01], odMm: [109.98], widthMm: [21.95, 21.93] },
    ...{ rollingElement: 'ball' as const, leftClosure: 'contact-seal' as const, rightClosure: 'contact-seal' as const },
  }

  it('says the number as far as it was seen, and that the clearance was not', () => {
    const said = measured(sealed)
    assert.match(said['wanted'] ?? '', /^6212-2RS, as far as it was seen/)
    assert.match(said['measured'] ?? '', /bore 60\.02 mm, outside 109\.98 mm, width 21\.94 mm; the middle of 3, 1, 2/)
    assert.match(said['seen'] ?? '', /balls.*both sides contact seals?/)
    assert.match(said['not-seen'] ?? '', /Clearance/)
    assert.match(said['ask'] ?? '', /Which clearance/)
  })

  it('names the others that fit as well, and how to tell them', () => {
    const said = measured({ ...sealed, rollingElement: 'ball', leftClosure: null, rightClosure: null })
    assert.match(said['may-be'] ?? '', /7212 \([a-z][^.]+\)/)
    assert.match(said['seen'] ?? '', /both sides not looked at/)
  })

  it('asks for a number where the sizes are in no table, and whether it is inch', () => {
    const said = measured({ boreMm: [31.75], odMm: [69.85] })
    assert.match(said['measured'] ?? '', /one reading each/)
    assert.match(said['wanted'] ?? '', /No number/)
    assert.match(said['ask'] ?? '', /inch.*Is there a number/)
  })

  it('is empty before anything is measured', () => assert.deepEqual(measured({}), {}))
})
