import { assert } from 'chai'
import { plainSentence } from '../../src/model/sentence.ts'
import { oftenSaid, pointPlan } from '../../src/round/plan.ts'
import { PointOwn, PointWork, type PointKind } from '../../src/round/point.ts'

const said = (kind: PointKind, work: object, own: object = {}) =>
  plainSentence(oftenSaid(pointPlan(kind, PointWork.parse(work), PointOwn.parse(own))))

describe('how often a point comes round', () => {
  for (const [sentence, kind, work, own] of [
    ['Every 900 h of running, by formula.', 'grease', { intervalH: 900, why: 'by formula' }, {}],
    [
      'Every 260 h of running, every year at the least, by formula.',
      'grease',
      { intervalH: 260, maxDays: 365, why: 'by formula' },
      {},
    ],
    ['Every week, by custom.', 'oil-level', { maxDays: 7, why: 'by custom' }, {}],
    ['Every 4 weeks, by custom.', 'look', { maxDays: 28, why: 'by custom' }, {}],
    ['Every 100 days, by custom.', 'look', { maxDays: 28, why: 'by custom' }, { maxDays: 100 }],
    [
      'Every 400 h of running, from the manual: page 14.',
      'grease',
      { intervalH: 900, why: 'by formula' },
      { intervalH: 400, from: 'manual', reason: 'page 14' },
    ],
  ] as const)
    // prettier-ignore
    it(sentence, () => assert.equal(said(kind, work, own), sentence))
})
