import { assert } from 'chai'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describePage } from './describe-page.ts'

describePage('the shelf', { as: 'technician' }, ({ page }) => {
  const line = (number: string) => `[data-stock="${number}"]`
  const open = async () => {
    await page.click('[data-test="to-counter"]')
    await page.click('[data-test="to-shelf"]')
    await page.see('[data-stock]')
  }

  it('shows what lies where, and says what is missing, old, and fits nowhere', async () => {
    await open()
    await page.seeText(`${line('6314-C3')} [data-test="stock-count"]`, /^4$/)
    await page.seeText('[data-low="6316-C3"]', /1 here, no fewer than 2/)
    await page.seeText('[data-old="UC212"]', /3\.9 years/)
    await page.seeText('[data-missing="6313-C3"]', /none here.*BP-12 job \d+ for/s)
    await page.see('[data-nowhere="6212-2RS"]')
    await page.fill('[data-test="shelf-search"]', 'b 1 22218')
    await page.see(line('22218 E'))
    await page.seeGone(line('6314-C3'))
    await page.fill('[data-test="shelf-search"]', '')
  })

  it('counts one out and one in, and what was counted by hand', async () => {
    const count = (many: RegExp) => page.seeText(`${line('6319-C3')} [data-test="stock-count"]`, many)
    await page.click(`${line('6319-C3')} [data-test="stock-out"]`)
    await count(/^1$/)
    await page.click(`${line('6319-C3')} [data-test="stock-in"]`)
    await count(/^2$/)
    await page.click(`${line('6319-C3')} [data-test="stock-counted"]`)
    await page.fill('[data-test="counted"]', '7')
    await page.click('[data-test="counted-keep"]')
    await count(/^7$/)
  })

  it('takes a new line by keyboard, refuses what lies there already, and keeps what was typed', async () => {
    await page.click('[data-test="add-stock"]')
    await page.fill('[data-test="stock.designation"]', '6319-C3')
    await page.fill('[data-test="stock.place"]', 'A 4')
    await page.fill('[data-test="stock.count"]', '1.5')
    await page.press('Enter')
    await page.seeText('[data-test="stock-form"] .error', /whole number|1.5/)
    await page.fill('[data-test="stock.count"]', '3')
    await page.click('[data-test="keep-stock"]')
    await page.seeText('[data-test="stock-error"]', /Where it lies|A 4/)
    await page.fill('[data-test="stock.place"]', 'A 5')
    await page.click('[data-test="keep-stock"]')
    await page.seeText('[data-place="A 5"] [data-test="stock-count"]', /^3$/)
  })

  it('takes a file in, each bad line with its reason', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'yardfrost-shelf-'))
    const bad = ['6008,,1', '6008,E 1,some', ',E 1,2', '6008,E 1,-1']
    writeFileSync(join(folder, 'shelf.csv'), ['bearing,place,count', 'NU1012-C2,E 1,2', ...bad].join('\n'))
    await (await page.driver.findElement({ css: '[data-test="shelf-file"]' })).sendKeys(join(folder, 'shelf.csv'))
    const told = await page.seeText('[data-test="shelf-taken"]', /1 would be taken in, 0 are there already, 4 refused/)
    assert.lengthOf(told.match(/Line \d+/g) ?? [], bad.length)
    await page.click('[data-test="shelf-save"]')
    await page.seeText(`${line('NU1012-C2')} [data-test="stock-count"]`, /^2$/)
    rmSync(folder, { recursive: true })
  })

  it('prints labels whose codes open the counter, and the band finds a number no machine has', async () => {
    await page.click('[data-test="shelf-labels"]')
    await page.seeText('[data-label="UC212"]', /insert.*C 1/s)
    await page.fill('[data-test="search"]', '16 x 35')
    await page.fill('[data-test="search"]', '7206 B')
    await page.clickWords('.p-autocomplete-option', '7206B')
    await page.seeValue('[data-test="counter.here"]', '7206B')
  })

  it('gives a bearing to a job, and the count falls', async () => {
    await page.go()
    await page.click('[data-machine="BM-11"]')
    await page.click('[data-test="new-job"]')
    await page.click('[data-choose="Drive end"]')
    await page.click('[data-test="make-job"]')
    await page.click('[data-step^="check-new:"]')
    await page.click('[data-test="from-shelf"] [data-take="A 3"]')
    await page.see('[data-test="shelf-taken-for"]')
    await open()
    await page.eventually(async () => {
      const counts = await page.all('[data-place="A 3"] [data-test="stock-count"]')
      const sum = await Promise.all(counts.map((one) => one.getText()))
      assert.equal(
        sum.map(Number).reduce((a, b) => a + b, 0),
        4,
      )
    })
  })
})

describePage('a maker’s list', { as: 'planner' }, ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'yardfrost-list-'))
  after(() => rmSync(folder, { recursive: true }))

  it('is taken in with its own headings, ten bad rows told, and judges a position', async () => {
    const bad = ['x,1,1', '6314,0,1', '6314,-2,1', '6314,a,1', '6314,,', ',8,8', '6314 QQ,104,68', '6314,104000,1', '6314,104,0.01', '6316-C3,142,96'] // prettier-ignore
    writeFileSync(join(folder, 'list.csv'), ['Type,dyn,stat', '6316-C3,141,95', ...bad].join('\n'))
    await page.click('[data-test="to-site"]')
    await page.click('[data-test="site-lists"]')
    await page.fill('[data-test="list-name"]', 'List of spring')
    await (await page.driver.findElement({ css: '[data-test="maker-file"]' })).sendKeys(join(folder, 'list.csv'))
    const told = await page.seeText('[data-test="maker-taken"]', /1 would be taken in, 0 are there already, 10 refused/)
    assert.lengthOf(told.match(/Line \d+/g) ?? [], bad.length)
    // Another unit makes it impossible, and says so.
    await page.driver.executeScript(
      `const unit = document.querySelector('[data-test="unit-force"]'); unit.value = 'N'; unit.dispatchEvent(new Event('change'))`,
    )
    await page.seeText('[data-test="maker-taken"]', /0 would be taken in.*6316-C3.*unit/s)
    await page.driver.executeScript(
      `const unit = document.querySelector('[data-test="unit-force"]'); unit.value = 'kN'; unit.dispatchEvent(new Event('change'))`,
    )
    await page.click('[data-test="maker-save"]')
    await page.seeText('[data-list="List of spring"]', /1 number$/m)
    await page.go()
    await page.openPosition('BM-11', 'Drive end')
    await page.seeText('[data-test="maker"]', /List of spring has 6316-C3:\s+C 141\D+000\D+C0 95/)
    await page.lens('carry')
    await page.click('[data-test="ratings"]')
    await page.seeText('[data-site="bearing.makerDynamicN"]', /141.*List of spring, 6316-C3/s)
  })
})
