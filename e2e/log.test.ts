import { assert } from 'chai'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describePage } from './describe-page.ts'

describePage('the log, and what was found', { as: 'technician' }, ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'yardfrost-log-'))
  before(() => page.keepDownloads(folder))

  it('shows two years of bearings, a line a position, and says what they say together', async () => {
    await page.click('[data-test="to-log"]')
    await page.see('[data-log="DF-41 fan end"] [data-ended="failed"]')
    await page.seeText('[data-test="log-counts"]', /\d+ fitted, \d+ came out/)
    await page.seeText('[data-test="life-verdict"]', /They|Too few/)
    assert.isAtLeast((await page.all('[data-log]')).length, 30)
  })

  it('names the position that eats bearings: they die young, and its rated life is far', async () => {
    await page.clickWords('[data-log] .name', 'DF-41 fan end')
    await page.seeText('[data-test="log-of"]', /DF-41 fan end eats bearings/)
    await page.seeExactly('[data-test="failed"]', '4')
    await page.seeText('[data-test="life-verdict"]', /They die young/)
    await page.seeText('[data-test="why-out"]', /no float.*3/s)
    await page.see('[data-test="life-plot"] .apexcharts-svg')
  })

  it('gives the plot away as numbers', async () => {
    await page.click('[data-test="keep-plot"]')
    const file = await page.driver.wait(() => readdirSync(folder).find((name) => name === 'life.csv'), 20_000)
    const csv = readFileSync(join(folder, String(file)), 'utf8')
    assert.match(csv, /^what,hours,percent_failed,hours_low,hours_high\nfailed,[\d.]+,[\d.]+,,\n/)
    assert.match(csv, /\nline,[\d.]+,10\.00,[\d.]+,[\d.]+\n/)
    rmSync(join(folder, String(file)))
  })

  it('opens the story of a bearing', async () => {
    await page.click('[data-log="DF-41 fan end"] [data-bearing]')
    await page.seeText('[data-test="story"]', /22216.*it failed: Thermal growth/s)
    await page.click('[data-test="close-story"]')
  })

  it('takes one of an old book, and refuses one where another was, naming it', async () => {
    await page.click('[data-test="add-old"]')
    await page.fill('[data-test="log.designation"]', '22216 EK')
    const typeDay = async (css: string, day: string) =>
      page.driver.executeScript(
        'arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event("input", { bubbles: true }))',
        await page.see(css),
        day,
      )
    const daysAgo = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10)
    await typeDay('[data-test="log.fittedOn"]', daysAgo(650))
    await typeDay('[data-test="log.outOn"]', daysAgo(610))
    await page.choose('[data-test="log.ended"]', 'it failed')
    await page.click('[data-test="keep-bearing"]')
    await page.seeText('[data-test="log-error"]', /a time when no other was.*22216/s)
    await page.seeValue('[data-test="log.designation"]', '22216 EK')
    await typeDay('[data-test="log.fittedOn"]', daysAgo(900))
    await typeDay('[data-test="log.outOn"]', daysAgo(760))
    await page.fill('[data-test="log.hoursH"]', 'many')
    await page.click('[data-test="log.note"]')
    await page.seeText('[data-test="log.hoursH-error"]', /“many”; it must be/)
    assert.isFalse(await (await page.see('[data-test="keep-bearing"]')).isEnabled())
    await page.fill('[data-test="log.hoursH"]', '3100,5')
    await page.click('[data-test="log.note"]')
    await page.click('[data-test="keep-bearing"]')
    await page.seeText('[data-test="story"]', /22216 EK.*3.?100 h.*nobody said why/s)
    await page.click('[data-test="close-story"]')
    await page.seeExactly('[data-test="failed"]', '5')
  })

  it('is filtered, keeps its filter over a reload, and goes out as a file that comes in again', async () => {
    await page.click('[data-test="log-all"]')
    await page.click('[data-test="log-area"] option[value="Dryer house"]')
    await page.eventually(async () => assert.isBelow((await page.all('[data-log]')).length, 12))
    await page.refresh()
    await page.see('[data-log]')
    assert.isBelow((await page.all('[data-log]')).length, 12)
    await page.clickWords('a.link', 'Keep as CSV')
    const file = await page.driver.wait(() => readdirSync(folder).find((name) => name.endsWith('.csv')), 20_000)
    const csv = readFileSync(join(folder, String(file)), 'utf8')
    assert.match(csv, /DF-41,Fan end,22216/)
    const more = join(folder, 'old.csv')
    writeFileSync(more, `machine,position,bearing,fitted_on,out_on,ended\nDF-41,Fan end,22216 EK,2023-01-05,2023-09-01,sound\nDF-41,Attic,6313,2023-01-05,,\n`) // prettier-ignore
    await page.attach('[data-test="log-file"]', more)
    await page.seeText('[data-test="log-taken"]', /1 would be taken in.*1 refused.*Line 3.*no position “Attic”/s)
    await page.click('[data-test="log-save"]')
    await page.seeText('[data-test="log-taken"]', /1 taken in/)
  })

  it('tells on the bench what this position really reached, and of one machine alone', async () => {
    await page.click('.home')
    await page.openPosition('DF-41', 'Fan end')
    await page.lens('carry')
    await page.seeText('[data-test="reached"]', /5 of \d+ failed, half of them by .* h/)
    await page.click('.home')
    await page.click('[data-machine="DF-41"]')
    await page.click('[data-test="to-machine-log"]')
    await page.see('[data-log="DF-41 fan end"]')
    assert.lengthOf(await page.all('[data-log]'), 2)
    await page.click('[data-test="log-machine"] option[value=""]')
    await page.eventually(async () => assert.isAbove((await page.all('[data-log]')).length, 20))
  })

  it('keeps what was found, with what was painted, and prints it on one page', async () => {
    await page.click('.home')
    await page.openPosition('CM-31', 'Drive end')
    await page.lens('diagnose')
    await page.seeText('[data-test="causes"]', /Electric current/)
    await page.turnTo('finding')
    await page.fill('[data-test="finding-why"]', 'Washboard, and a converter feeds it')
    await page.click('[data-test="keep"]')
    await page.openFinding()
    await page.seeText('[data-test="finding-page"] h1', /Electric current/)
    await page.seeText('[data-test="clearance"]', /found C3, called for C3/)
    await page.seeText(
      '[data-test="finding-page"]',
      /Washboard, and a converter feeds it.*Una Varga|Una Varga.*converter/s,
    )
    await page.see('[data-test="finding-page"] .signs svg')
  })

  it('links it to the bearing that runs', async () => {
    await page.go('/log')
    await page.click('[data-log="CM-31 drive end"] [data-ended="runs"]')
    await page.click('[data-test="to-finding"]')
    await page.see('[data-test="finding-page"]')
  })
})
