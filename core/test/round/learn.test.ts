import { assert } from 'chai'
import { PointOwn, PointWork } from '../../src/round/point.ts'
import { proposalOf, proposalWords } from '../../src/round/learn.ts'
import { seenAt, type Seen } from '../../src/round/observed.ts'
import { codeRead, isCodeOf, pointCode } from '../../src/round/point-code.ts'
import { gunCheck } from '../../src/round/gun-check.ts'
import { lastDoneOf, roundProgress } from '../../src/round/progress.ts'
import type { RoundEntry } from '../../src/round/entry.ts'
import { plainSentence } from '../../src/model/sentence.ts'

const work = PointWork.parse({ intervalH: 900, quantityG: 17 })
const own = (change: object = {}) => PointOwn.parse(change)
const seen = (...all: [day: string, came: Seen['came']][]): Seen[] =>
  all.map(([day, came]) => ({ day, came, temperature: null, ultrasound: null }))

describe('what a point learns', () => {
  for (const [came, toH, verdict] of [
    ['hard', 450, 'shorten'],
    ['water', 450, 'shorten'],
    ['oily', 630, 'shorten'],
    ['nothing', 900, 'keep'],
  ] as const)
    it(`${came}: ${verdict}, ${toH} h`, () =>
      assert.deepInclude(proposalOf('grease', work, own(), seen(['2026-11-20', came])), { toH, verdict, fromH: 900 }))

  it('nothing of dark and soft grease, and of fresh only the second time in a row', () => {
    assert.isNull(proposalOf('grease', work, own(), seen(['2026-11-20', 'darkened'])))
    assert.isNull(proposalOf('grease', work, own(), seen(['2026-11-20', 'fresh'])))
    const twice = proposalOf('grease', work, own(), seen(['2026-10-20', 'fresh'], ['2026-11-20', 'fresh']))
    assert.deepInclude(twice, { toH: 1100, verdict: 'lengthen' })
  })

  it('nothing twice: what was judged is over', () => {
    const settled = own({ intervalH: 450, from: 'learned', reason: 'stiff', settledOn: '2026-11-20' })
    assert.isNull(proposalOf('grease', work, settled, seen(['2026-11-20', 'hard'])))
    assert.deepInclude(proposalOf('grease', work, settled, seen(['2026-11-20', 'hard'], ['2026-12-01', 'hard'])), { fromH: 450, toH: 230 }) // prettier-ignore
  })

  it('by how warm it ran, before and a day after', () => {
    const warm = (beforeC: number, settledC: number) => ({ ...seen(['2026-11-20', null])[0]!, temperature: { beforeC, peakC: beforeC + 8, settledC } }) // prettier-ignore
    const dry = proposalOf('grease', work, own(), [warm(66, 58)])
    assert.deepInclude(dry, { toH: 630, verdict: 'shorten' })
    assert.equal(plainSentence(dry ? proposalWords(dry) : ''), 'It ran 8 K cooler a day after greasing: shorten from 900 h to 630 h.') // prettier-ignore
    assert.isNull(proposalOf('grease', work, own(), [warm(58, 57)]))
  })

  it('by how it sounds, before and five minutes after', () => {
    const loud = { ...seen(['2026-11-20', null])[0]!, ultrasound: { baselineDb: 20, beforeDb: 34, afterDb: 24 } }
    const found = proposalOf('grease', work, own(), [loud])
    assert.deepInclude(found, { toH: 540, verdict: 'shorten', signs: ['hf-fell-after-greasing'] })
    assert.match(
      plainSentence(found ? proposalWords(found) : ''),
      /^It stood 14 dB over its quiet, and 4 dB after greasing: shorten/,
    )
  })

  it('is told with what to look into, in one sentence and the figures it would settle', () => {
    const found = proposalOf('grease', work, own(), seen(['2026-11-20', 'water']))
    assert.equal(
      plainSentence(found ? proposalWords(found) : ''),
      'Water came out with it: shorten from 900 h to 450 h. Find where the water comes in.',
    )
  })
})

describe('a gun in hand', () => {
  const gun = (thickener: 'lithium' | 'polyurea' | 'lithium-complex' | null) => ({
    name: 'Red gun',
    lubricant: 'Dune',
    thickener,
  })
  it('is stopped where it holds another thickener, also one that may mix', () => {
    assert.match(gunCheck('lithium', gun('polyurea'))?.reason ?? '', /ruin each other/)
    assert.match(gunCheck('lithium', gun('polyurea'))?.wayOut ?? '', /open, take out, wash/)
    assert.match(gunCheck('lithium', gun('lithium-complex'))?.wayOut ?? '', /purge it/)
  })
  it('is left alone where it holds the same, or nobody knows', () => {
    assert.isNull(gunCheck('lithium', gun('lithium')))
    assert.isNull(gunCheck(null, gun('polyurea')))
    assert.isNull(gunCheck('lithium', gun(null)))
  })
})

describe('entries of a point', () => {
  let made = 0
  const at = (day: string) => `${day}T08:00:00.000Z`
  const entry = (kind: 'done' | 'skipped' | 'undone' | 'read', day: string, rest: object = {}): RoundEntry =>
    ({ kind, id: `e${++made}`, point: 'p', at: at(day), strokes: null, came: null, note: '', ...rest }) as RoundEntry

  it('say when it was last done: what was taken back was not, and a reading is no visit', () => {
    const done = entry('done', '2026-11-01')
    assert.equal(lastDoneOf([done]), '2026-11-01')
    assert.isNull(lastDoneOf([done, entry('undone', '2026-11-01')]))
    assert.equal(lastDoneOf([done, entry('skipped', '2026-11-20'), entry('read', '2026-11-21')]), '2026-11-01')
    assert.equal(lastDoneOf([done, entry('done', '2026-11-20'), entry('undone', '2026-11-20')]), '2026-11-01')
  })

  it('say what came out at each visit that stands', () => {
    const all = [entry('done', '2026-11-01', { came: 'hard' }), entry('done', '2026-11-09', { came: 'fresh' }), entry('undone', '2026-11-09')] // prettier-ignore
    assert.deepEqual(seenAt(all, { settledC: () => null, baselineDb: null }), seen(['2026-11-01', 'hard']))
  })

  it('keep readings when a visit is taken back', () => {
    const progress = roundProgress(
      [entry('read', '2026-11-01', { what: 'before', value: 58 }), entry('done', '2026-11-01'), entry('undone', '2026-11-01')].map((one) => ({ ...one, by: 'Una' })), // prettier-ignore
    ).get('p')
    assert.equal(progress?.state, 'open')
    assert.deepEqual(progress?.readings, { before: 58 })
  })
})

describe('the code of a point', () => {
  const id = '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a01'
  it('is read as it is typed, with or without its dash, large or small', () => {
    assert.equal(pointCode(id), '3F0C-6A52')
    for (const typed of ['3F0C-6A52', '3f0c6a52', ' 3f0c 6a52 ', id]) assert.isTrue(isCodeOf(id, typed), typed)
    for (const typed of ['3F0C', '3F0C-6A53', '']) assert.isFalse(isCodeOf(id, typed), typed)
  })
  it('stands in the address that a label holds, and in nothing else', () => {
    for (const text of [
      'https://plant.example/points/3F0C-6A52',
      'http://10.0.0.4:4800/points/3f0c-6a52/',
      '3F0C-6A52',
      ` https://a.b/yard/points/${id} `,
    ])
      assert.isTrue(isCodeOf(id, codeRead(text) ?? ''), text)
    for (const text of [
      'https://plant.example/rounds/3F0C-6A52',
      'https://plant.example/points/',
      'hello',
      'WIFI:S:x;;',
      '3F0C',
    ])
      assert.isNull(codeRead(text), text)
  })
})
