import { assert } from 'chai'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { AppUnderTest } from './app-under-test.ts'
import {
  appUrl,
  choose,
  click,
  fill,
  openBrowser,
  see,
  seeGone,
  seeText,
  setSize,
  signIn,
  type Browser,
} from './browser.ts'

describe('the register', () => {
  let app: AppUnderTest
  let browser: Browser
  let driver: WebDriver

  before(async () => {
    app = await AppUnderTest.start()
    browser = await openBrowser()
    driver = browser.driver
    await signIn(driver)
  })
  after(async () => {
    await browser?.quit()
    await app?.remove()
  })

  const open = async () => {
    await driver.get(`${appUrl()}/register`)
    await see(driver, '[data-test="register-count"]')
  }
  const shown = async () =>
    Promise.all((await driver.findElements(By.css('[data-machine]'))).map((row) => row.getAttribute('data-machine')))

  it('opens from the Yard with every machine, area by area', async () => {
    await driver.get(appUrl())
    await click(driver, '[data-test="to-register"]')
    await seeText(driver, '[data-test="register-count"]', /^15 machines, 3\d positions$/)
    assert.include(await shown(), 'TG-2')
  })

  it('finds machines by words and kind, and keeps the search in the address', async () => {
    await fill(driver, '[data-test="register-search"]', 'dryer 22216')
    await seeText(driver, '[data-test="register-count"]', /^1 machine, 2 positions$/)
    assert.deepEqual(await shown(), ['DF-41'])
    await driver.navigate().refresh()
    await seeText(driver, '[data-test="register-count"]', /^1 machine,/)
    await fill(driver, '[data-test="register-search"]', 'no such thing')
    await seeText(driver, '.empty', /Words are looked for in tag, name, area/)
    await fill(driver, '[data-test="register-search"]', '')
    await choose(driver, '[data-test="register-kind"]', 'spindle')
    await seeText(driver, '[data-test="register-count"]', /^2 machines,/)
  })

  it('names what is missing, puts the cursor there, and loses nothing when the tab is closed', async () => {
    await open()
    await click(driver, '[data-test="add-machine"]')
    await fill(driver, '[data-test="entry.tag"]', 'LP-7')
    await click(driver, '[data-test="save-entry"]')
    await seeText(driver, '[data-test="entry.area-error"]', /Area is missing; it must be text of at most 60 characters/)
    assert.equal(await (await driver.switchTo().activeElement()).getAttribute('data-test'), 'entry.area')
    await driver.executeScript('window.onbeforeunload = null')
    await driver.navigate().refresh()
    await driver
      .switchTo()
      .alert()
      .accept()
      .catch(() => undefined)
    await see(driver, '[data-test="restored"]')
    assert.equal(await (await see(driver, '[data-test="entry.tag"]')).getAttribute('value'), 'LP-7')
  })

  it('adds a pump from nothing and lands on it; its shaft is drawn and its loads read in the same minute', async () => {
    await fill(driver, '[data-test="entry.area"]', 'Lye store')
    await fill(driver, '[data-test="entry.name"]', 'Lye pump')
    await fill(driver, '[data-test="entry.positions.0.designation"]', '6310-C3')
    await choose(driver, '[data-test="entry.hoursSource"]', 'hours a week')
    await fill(driver, '[data-test="entry.hoursPerWeek"]', 'many')
    await click(driver, '[data-test="save-entry"]')
    await seeText(driver, '[data-test="entry.hoursPerWeek-error"]', /above 0 to 168 h/)
    await fill(driver, '[data-test="entry.hoursPerWeek"]', '37,5')
    await (await see(driver, '[data-test="entry.tag"]')).sendKeys(Key.ENTER)
    await seeText(driver, 'h1', /LP-7 Lye pump/)
    await click(driver, '[data-test="shaft-line"]')
    await click(driver, '[data-test="draw-shaft"]')
    await seeText(driver, '[data-carried="Coupling end"]', /\d/)
    await click(driver, '[data-test="save"]')
    await seeText(driver, '[data-test="save-state"]', /Saved/)
  })

  it('copies it with its shaft, and refuses the tag that is taken', async () => {
    await driver.navigate().back()
    await click(driver, '[data-test="copy-machine"]')
    await fill(driver, '[data-test="entry.tag"]', 'LP-7')
    await click(driver, '[data-test="save-entry"]')
    await seeText(driver, '[data-test="save-trouble"]', /LP-7.*no other machine of this site has/)
    await fill(driver, '[data-test="entry.tag"]', 'LP-8')
    await click(driver, '[data-test="save-entry"]')
    await seeText(driver, 'h1', /LP-8/)
    await click(driver, '[data-test="shaft-line"]')
    await see(driver, '[data-test="shaft-sheet"]')
    await driver.navigate().back()
  })

  it('renames a position in the entry, and the shaft follows', async () => {
    await click(driver, '[data-test="to-entry"]')
    await fill(driver, '[data-test="entry.positions.1.name"]', 'Wet end')
    await click(driver, '[data-test="save-entry"]')
    await see(driver, '[data-position="Wet end"]')
    await click(driver, '[data-test="shaft-line"]')
    await see(driver, '[data-support="Wet end"]')
    await driver.navigate().back()
  })

  it('retires a machine and finds it among the retired', async () => {
    await click(driver, '[data-test="retire"]')
    await seeText(driver, '[data-test="retired"]', /its history stays/)
    await open()
    await fill(driver, '[data-test="register-search"]', 'LP-8')
    await seeText(driver, '[data-test="register-count"]', /^0 machines/)
    await click(driver, '[data-test="register-retired"]')
    await click(driver, '[data-machine="LP-8"]')
    await click(driver, '[data-test="retire"]')
    await seeGone(driver, '[data-test="retired"]')
  })

  it('gives an area another name and another place in the walk', async () => {
    await open()
    const area = (name: string, what: string) => `[data-area="${name}"] [data-test="${what}"]`
    await click(driver, area('Tool room', 'change-area'))
    await fill(driver, area('Tool room', 'area-name'), 'Dryer house')
    await click(driver, area('Tool room', 'keep-area'))
    await seeText(driver, area('Tool room', 'area-trouble'), /no other area of this site has.*move the machines/s)
    await fill(driver, area('Tool room', 'area-name'), 'Tool room, upper floor')
    await click(driver, area('Tool room', 'keep-area'))
    await see(driver, area('Tool room, upper floor', 'change-area'))
    await click(driver, area('Brine intake', 'change-area'))
    assert.isFalse(await (await see(driver, area('Brine intake', 'area-earlier'))).isEnabled())
    await click(driver, area('Brine intake', 'area-later'))
    await driver.wait(async () => (await shown())[0] === 'CP-31', 5000, 'the walk does not begin in the hall')
    await click(driver, area('Brine intake', 'area-earlier'))
    await driver.wait(async () => (await shown())[0] === 'BP-11', 5000, 'the walk does not begin at the intake')
  })

  it('tries a file line by line before it saves the good ones', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'machines.csv')
    writeFileSync(
      file,
      'area;tag;name;kind;duty;position;bearing\nLye store;LF-1;Hood fan;fan;one-shift;Fan end;6208\nLye store;LF-2;Odd;boat;one-shift;;\n',
    )
    await open()
    await click(driver, '[data-test="to-import"]')
    await (await see(driver, '[data-test="import-file"]')).sendKeys(file)
    await seeText(driver, '[data-line="3"]', /refused.*boat/s)
    await click(driver, '[data-test="import-save"]')
    await seeText(driver, '[data-test="import-saved"]', /One machine is in the register/)
    await open()
    await fill(driver, '[data-test="register-search"]', 'LF-')
    await seeText(driver, '[data-test="register-count"]', /^1 machine, 1 position$/)
  })

  it('says why a file cannot be read', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'wrong.csv')
    writeFileSync(file, 'machine,place\nA,B\n')
    await click(driver, '[data-test="to-import"]')
    await (await see(driver, '[data-test="import-file"]')).sendKeys(file)
    await seeText(driver, '[data-test="import-failure"]', /without the column area, tag, name/)
  })

  it('holds on a narrow screen, and shows a viewer nothing to change', async () => {
    await setSize(driver, 480, 800)
    await open()
    const overflow = 'return document.documentElement.scrollWidth - document.documentElement.clientWidth'
    assert.equal(await driver.executeScript(overflow), 0)
    await setSize(driver, 1280, 800)
    await click(driver, '[data-test="sign-out"]')
    await signIn(driver, 'viewer', 'salt-air')
    await open()
    assert.isEmpty(
      await driver.findElements(
        By.css('[data-test="add-machine"], [data-test="to-import"], [data-test="change-area"]'),
      ),
    )
  })
})
