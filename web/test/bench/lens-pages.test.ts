import { emptyPosition, lenses } from '@yardfrost/core'
import { assert } from 'chai'
import { lensPages, pageOfField } from '../../src/bench/lens-pages.ts'

describe('pages of the lenses', () => {
  it('have names of their own and each a question', () => {
    const keys = lenses.flatMap((lens) => lensPages[lens].map(({ key }) => key))
    assert.deepEqual(keys, [...new Set(keys)])
    for (const lens of lenses) for (const { question } of lensPages[lens]) assert.match(question, /\?$/)
  })

  const cases: [field: string, lens: (typeof lenses)[number], page: string][] = [
    ['bearing.designation', 'identify', 'number'],
    ['bearing.requiredCage', 'identify', 'called-for'],
    ['identify.boreMm', 'identify', 'measure'],
    ['load.radialN', 'carry', 'life'],
    ['load.steps', 'carry', 'duty'],
    ['load.partnerRadialN', 'carry', 'duty'],
    ['seat.loadCase', 'seat', 'zones'],
    ['seat.shaftReadingsMm', 'seat', 'gauge'],
    ['seat.coneAdjust', 'seat', 'system'],
    ['float.innerC', 'float', 'clearance'],
    ['float.locatedEnds', 'float', 'growth'],
    ['float.endPlayMm', 'float', 'pair'],
    ['ends.spigotMm', 'float', 'ends'],
    ['mount.roomC', 'mount', 'heat'],
    ['mount.holding', 'mount', 'way'],
    ['mount.padW', 'mount', 'pad'],
    ['mount.coolant', 'mount', 'cold'],
    ['mount.chillOdMm', 'mount', 'cold'],
    ['grease.nu40Cst', 'grease', 'grease'],
    ['grease.hotShaftMm', 'grease', 'running'],
    ['grease.coldStartC', 'grease', 'oil'],
  ]
  for (const [field, lens, page] of cases)
    it(`${field} is entered on ${page}`, () => assert.equal(pageOfField(lens, field), page))

  it('every field of a position leads to a page that is there', () => {
    const position = emptyPosition()
    for (const lens of lenses) {
      const pages = lensPages[lens].map(({ key }) => key)
      for (const [group, fields] of Object.entries(position))
        for (const field of Object.keys(fields)) assert.include(pages, pageOfField(lens, `${group}.${field}`))
    }
  })
})
