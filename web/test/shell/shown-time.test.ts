import { assert } from 'chai'
import { shownDay, shownTime, shownWithYear } from '../../src/shell/shown-time.ts'

describe('times as the page writes them', () => {
  it('a moment without its year, on a page of today', () =>
    assert.match(shownTime('2031-03-01T08:05:00.000Z'), /^(28 Feb|1 Mar|2 Mar), \d\d:05$/))

  it('a moment with its year, on paper', () =>
    assert.match(shownWithYear('2031-03-01T08:05:00.000Z'), /^\d{1,2} (Feb|Mar) 2031, \d\d:05$/))

  it('a day of this year without it, one of another with it', () => {
    const year = new Date().getFullYear()
    assert.notMatch(shownDay(`${year}-06-15`), new RegExp(String(year)))
    assert.match(shownDay(`${year - 1}-06-15`), new RegExp(String(year - 1)))
  })

  it('a day that is the same wherever it is read', () => {
    const zone = process.env['TZ']
    try {
      for (const place of ['Pacific/Kiritimati', 'UTC', 'Pacific/Pago_Pago']) {
        process.env['TZ'] = place
        assert.match(shownDay('2032-02-29'), /^Sun,? 29 Feb,? 2032$/)
      }
    } finally {
      if (zone === undefined) delete process.env['TZ']
      else process.env['TZ'] = zone
    }
  })
})
