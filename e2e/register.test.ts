import { assert } from 'chai'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'

describePage('the register', { as: 'technician' }, ({ page }) => {
  const open = async () => {
    await page.go('/register')
    await page.see('[data-test="register-count"]')
  }
  const shown = async () =>
    Promise.all((await page.all('[data-machine]')).map((row) => row.getAttribute('data-machine')))

  it('opens from the Yard with every machine, area by area', async () => {
    await page.go()
    await page.click('[data-test="to-register"]')
    await page.seeText('[data-test="register-count"]', /^17 machines, \d\d positions$/)
    await page.eventually(async () => assert.include(await shown(), 'TG-2'))
  })

  it('finds machines by words and kind, and keeps the search in the address', async () => {
    await page.fill('[data-test="register-search"]', 'dryer 22216')
    await page.seeText('[data-test="register-count"]', /^1 machine, 2 positions$/)
    await page.eventually(async () => assert.deepEqual(await shown(), ['DF-41']))
    await page.refresh()
    await page.seeText('[data-test="register-count"]', /^1 machine,/)
    await page.fill('[data-test="register-search"]', 'no such thing')
    await page.seeText('.empty', /Words are looked for in tag, name, area/)
    await page.fill('[data-test="register-search"]', '')
    await page.choose('[data-test="register-kind"]', 'spindle')
    await page.seeText('[data-test="register-count"]', /^2 machines,/)
  })

  it('names what is missing, puts the cursor there, and loses nothing when the tab is closed', async () => {
    await open()
    await page.click('[data-test="add-machine"]')
    await page.fill('[data-test="entry.tag"]', 'LP-7')
    await page.click('[data-test="save-entry"]')
    await page.seeText('[data-test="entry.area-error"]', /Area is missing; it must be text of at most 60 characters/)
    await page.see('[data-test="entry.area"]:focus')
    await page.refreshUnsaved()
    await page.see('[data-test="restored"]')
    await page.seeValue('[data-test="entry.tag"]', 'LP-7')
  })

  it('adds a pump from nothing and lands on it; its shaft is drawn and its loads read in the same minute', async () => {
    await page.fill('[data-test="entry.area"]', 'Lye store')
    await page.fill('[data-test="entry.name"]', 'Lye pump')
    await page.fill('[data-test="entry.positions.0.designation"]', '6310-C3')
    await page.choose('[data-test="entry.hoursSource"]', 'hours a week')
    await page.fill('[data-test="entry.hoursPerWeek"]', 'many')
    await page.click('[data-test="save-entry"]')
    await page.seeText('[data-test="entry.hoursPerWeek-error"]', /above 0 to 168 h/)
    await page.fill('[data-test="entry.hoursPerWeek"]', '37,5')
    await (await page.see('[data-test="entry.tag"]')).sendKeys(Key.ENTER)
    await page.seeText('h1', /LP-7 Lye pump/)
    await page.click('[data-test="shaft-line"]')
    await page.click('[data-test="draw-shaft"]')
    await page.seeText('[data-carried="Coupling end"]', /\d/)
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /Saved/)
  })

  it('copies it with its shaft, and refuses the tag that is taken', async () => {
    await page.driver.navigate().back()
    await page.click('[data-test="copy-machine"]')
    await page.fill('[data-test="entry.tag"]', 'LP-7')
    await page.click('[data-test="save-entry"]')
    await page.seeText('[data-test="save-trouble"]', /LP-7.*no other machine of this site has/)
    await page.fill('[data-test="entry.tag"]', 'LP-8')
    await page.click('[data-test="save-entry"]')
    await page.seeText('h1', /LP-8/)
    await page.click('[data-test="shaft-line"]')
    await page.see('[data-test="shaft-sheet"]')
    await page.driver.navigate().back()
  })

  it('renames a position in the entry, and the shaft follows', async () => {
    await page.click('[data-test="to-entry"]')
    await page.fill('[data-test="entry.positions.1.name"]', 'Wet end')
    await page.click('[data-test="save-entry"]')
    await page.see('[data-position="Wet end"]')
    await page.click('[data-test="shaft-line"]')
    await page.see('[data-support="Wet end"]')
    await page.driver.navigate().back()
  })

  it('retires a machine and finds it among the retired', async () => {
    await page.click('[data-test="retire"]')
    await page.click('[data-test="retire-no"]')
    await page.seeGone('[data-test="retire-asked"]')
    await page.click('[data-test="retire"]')
    await page.click('[data-test="retire-yes"]')
    await page.seeText('[data-test="retired"]', /its history stays/)
    await page.click('[data-test="retire-undo"]')
    await page.seeGone('[data-test="retired"]')
    await page.click('[data-test="retire"]')
    await page.click('[data-test="retire-yes"]')
    await page.see('[data-test="retired"]')
    await open()
    await page.fill('[data-test="register-search"]', 'LP-8')
    await page.seeText('[data-test="register-count"]', /^0 machines/)
    await page.click('[data-test="register-retired"]')
    await page.click('[data-machine="LP-8"]')
    await page.click('[data-test="retire"]')
    await page.seeGone('[data-test="retired"]')
  })

  it('gives an area another name and another place in the walk', async () => {
    await open()
    const area = (name: string, what: string) => `[data-area="${name}"] [data-test="${what}"]`
    await page.click(area('Tool room', 'change-area'))
    await page.fill(area('Tool room', 'area-name'), 'Dryer house')
    await page.click(area('Tool room', 'keep-area'))
    await page.seeText(area('Tool room', 'area-trouble'), /no other area of this site has.*move the machines/s)
    await page.fill(area('Tool room', 'area-name'), 'Tool room, upper floor')
    await page.click(area('Tool room', 'keep-area'))
    await page.see(area('Tool room, upper floor', 'change-area'))
    await page.click(area('Brine intake', 'change-area'))
    await page.see(`${area('Brine intake', 'area-earlier')}:disabled`)
    await page.click(area('Brine intake', 'area-later'))
    await page.eventually(async () => assert.equal((await shown())[0], 'CP-31'))
    await page.click(area('Brine intake', 'area-earlier'))
    await page.eventually(async () => assert.equal((await shown())[0], 'BP-11'))
  })

  it('tries a file line by line before it saves the good ones', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'machines.csv')
    writeFileSync(
      file,
      'area;tag;name;kind;duty;position;bearing\nLye store;LF-1;Hood fan;fan;one-shift;Fan end;6208\nLye store;LF-2;Odd;boat;one-shift;;\n',
    )
    await open()
    await page.click('[data-test="to-import"]')
    await page.attach('[data-test="import-file"]', file)
    await page.seeText('[data-line="3"]', /refused.*boat/s)
    await page.click('[data-test="import-save"]')
    await page.seeText('[data-test="import-saved"]', /One machine is in the register/)
    await open()
    await page.fill('[data-test="register-search"]', 'LF-')
    await page.seeText('[data-test="register-count"]', /^1 machine, 1 position$/)
  })

  it('says why a file cannot be read', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'wrong.csv')
    writeFileSync(file, 'machine,place\nA,B\n')
    await page.click('[data-test="to-import"]')
    await page.attach('[data-test="import-file"]', file)
    await page.seeText('[data-test="import-failure"]', /without the column area, tag, name/)
  })

  it('holds on a narrow screen, and shows a viewer nothing to change', async () => {
    await page.setSize(480, 800)
    await open()
    const overflow = 'return document.documentElement.scrollWidth - document.documentElement.clientWidth'
    await page.eventually(async () => assert.equal(await page.driver.executeScript(overflow), 0))
    await page.setSize(1280, 800)
    await page.click('[data-test="sign-out"]')
    await page.signIn('viewer')
    await open()
    assert.isEmpty(await page.all('[data-test="add-machine"], [data-test="to-import"], [data-test="change-area"]'))
  })
})
