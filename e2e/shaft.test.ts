import type { ShaftLine } from '@yardfrost/core'
import { assessLine, formatQuantity, readCatalogue, sketchShaft, usualSketch } from '@yardfrost/core'
import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { AppUnderTest } from './app-under-test.ts'
import {
  appUrl,
  choose,
  click,
  fill,
  openBrowser,
  openPosition,
  press,
  see,
  seeText,
  signIn,
  type Browser,
} from './browser.ts'

const csv = createRequire(import.meta.url).resolve('@yardfrost/core/data/dimensions.csv')
const catalogue = readCatalogue(readFileSync(csv, 'utf8'))

describe('the shaft line', () => {
  let app: AppUnderTest
  let browser: Browser
  let driver: WebDriver
  const read = async (css: string) => (await see(driver, css)).getText()
  const open = async (tag: string) => {
    await driver.get(appUrl())
    await click(driver, `[data-machine="${tag}"]`)
    await click(driver, '[data-test="shaft-line"]')
  }
  /** What core says the bearings carry, as the page writes it. */
  const expected = (line: ShaftLine) =>
    assessLine(line, new Map(), catalogue).supports.map(({ radialN, downN }) =>
      formatQuantity(downN < 0 ? -radialN : radialN, 'force', 'metric'),
    )
  const carried = async () => {
    const rows = await driver.findElements(By.css('[data-carried] strong'))
    return Promise.all(rows.map((row) => row.getText()))
  }

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

  it('builds a pump from nothing and reads the loads on its bearings', async () => {
    await open('WM-91')
    await seeText(driver, 'h1', /Nobody has drawn this shaft yet/)
    await choose(driver, '[data-test="sketch-kind"]', 'pump')
    await fill(driver, '[data-test="sketch-spanMm"]', '15 in')
    await fill(driver, '[data-test="sketch-powerKw"]', '40')
    await click(driver, '[data-test="draw-shaft"]')
    await see(driver, '[data-test="shaft-sheet"]')
    const line = sketchShaft('pump', { ...usualSketch.pump, spanMm: 381, powerKw: 40 }, ['Drive end', 'Non-drive end'])
    assert.deepEqual(await carried(), expected(line))
  })

  it('drags the impeller out and sees the loads follow; one undo takes the whole drag back', async () => {
    const before = await carried()
    const impeller = await see(driver, '[data-part="impeller"]')
    await driver
      .actions()
      .move({ origin: impeller })
      .press()
      .move({ origin: 'pointer' as never, x: 20, y: 0 })
      .move({ origin: 'pointer' as never, x: 25, y: 0 })
      .release()
      .perform()
    const after = await carried()
    assert.notDeepEqual(after, before)
    await press(driver, 'z')
    assert.deepEqual(await carried(), before)
    await press(driver, 'y')
    assert.deepEqual(await carried(), after)
    await press(driver, 'z')
  })

  it('moves it by keyboard, and types the exact place', async () => {
    const impeller = await see(driver, '[data-part="impeller"]')
    await impeller.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT)
    const field = await see(driver, '[data-test="parts.impeller.xMm"]')
    const moved = Number(await field.getAttribute('value'))
    await fill(driver, '[data-test="parts.impeller.xMm"]', String(moved + 30))
    await seeText(driver, '[data-test="inspector"]', /impeller/i)
    assert.equal(
      await (await see(driver, '[data-test="parts.impeller.xMm"]')).getAttribute('value'),
      String(moved + 30),
    )
  })

  it('says what is wrong with a value, and keeps the last good one', async () => {
    const before = await carried()
    await fill(driver, '[data-test="parts.impeller.headM"]', 'deep')
    assert.match(await read('[data-test="inspector"] [role="alert"]'), /Head is “deep”; it must be a number/)
    assert.deepEqual(await carried(), before)
    await fill(driver, '[data-test="parts.impeller.headM"]', '20')
  })

  it('does not take a bore that is no smaller than the shaft, whichever of the two is typed', async () => {
    const before = await carried()
    const section = await see(driver, '[data-section="1"]')
    await driver.executeScript('arguments[0].focus()', section)
    const bore = '[data-test="sections.1.boreMm"]'
    const diameter = Number(await (await see(driver, '[data-test="sections.1.diameterMm"]')).getAttribute('value'))
    await fill(driver, bore, String(diameter))
    await seeText(driver, '[data-test="inspector"] [role="alert"]', /Bore is .*the bore is smaller than the diameter/)
    assert.deepEqual(await carried(), before)
    await fill(driver, bore, '20')
    assert.notDeepEqual(await carried(), before)
    await fill(driver, '[data-test="sections.1.diameterMm"]', '15')
    await seeText(driver, '[data-test="inspector"] [role="alert"]', /Diameter is “15”;.*smaller than the diameter/)
    await fill(driver, '[data-test="sections.1.diameterMm"]', String(diameter))
    await fill(driver, bore, '0')
    assert.deepEqual(await carried(), before)
  })

  it('puts a belt pulley on, and takes it off', async () => {
    const before = await carried()
    await choose(driver, '[data-test="add-part"]', 'pulley')
    assert.notDeepEqual(await carried(), before)
    await click(driver, '[data-test="take-off"]')
    assert.deepEqual(await carried(), before)
  })

  it('saves it, and the bench of the position takes its loads from here', async () => {
    await click(driver, '[data-test="save"]')
    await seeText(driver, '[data-test="save-state"]', /^Saved/)
    const [first] = await carried()
    await driver.get(appUrl())
    await openPosition(driver, 'WM-91', 'Drive end')
    await fill(driver, '[data-test="bearing.designation"]', '6312-C3')
    await click(driver, '[data-lens="carry"]')
    assert.match(await read('[data-test="load-source"]'), new RegExp(`^${first}\\sN radial`))
    await click(driver, '[data-test="type-loads"]')
    await see(driver, '[data-test="load.radialN"]')
    await click(driver, '[data-test="take-loads"]')
    await driver.executeScript('localStorage.clear()')
  })

  it('leans a machine over until a roller bearing that holds it is a stop', async () => {
    await open('CM-31')
    await see(driver, '[data-test="shaft-sheet"]')
    // The roller bearing at the drive end is made to hold, the ball bearing to float.
    await (await see(driver, '[data-support="Drive end"]')).sendKeys(Key.NULL)
    await choose(driver, '[data-test="supports.Drive end.holds"]', 'both ways')
    await (await see(driver, '[data-support="Non-drive end"]')).sendKeys(Key.NULL)
    await choose(driver, '[data-test="supports.Non-drive end.holds"]', 'floats')
    await press(driver, 't')
    await seeText(
      driver,
      '[data-check="thrust-0"][data-verdict="stop"]',
      /cylindrical roller bearing carries none: the machine leans over by 15°/,
    )
    await driver.executeScript('localStorage.clear()')
  })

  it('shows the fan with both ends held: thrust and the way out, and is free once one floats', async () => {
    await open('DF-41')
    await seeText(
      driver,
      '[data-test="shaft-finding"]',
      /both located: 1.03\smm of growth has nowhere to go, and pushes with up to .*locating rings out/,
    )
    await (await see(driver, '[data-support="Fan end"]')).sendKeys(Key.NULL)
    await choose(driver, '[data-test="supports.Fan end.holds"]', 'floats')
    await fill(driver, '[data-test="supports.Fan end.roomLeftMm"]', '0.5')
    await fill(driver, '[data-test="supports.Fan end.roomRightMm"]', '60 thou')
    await see(driver, '[data-check="growth"][data-verdict="go"]')
    await driver.executeScript('localStorage.clear()')
  })

  it('draws a load arrow out with the mouse, and takes it back in one', async () => {
    await open('DF-42')
    await see(driver, '[data-load="belt"]')
    const before = await carried()
    await driver
      .actions()
      .move({ origin: await see(driver, '[data-load="belt"] .grip') })
      .press()
      .move({ origin: 'pointer' as never, x: 0, y: -20 })
      .move({ origin: 'pointer' as never, x: 0, y: -10 })
      .release()
      .perform()
    const tension = await (await see(driver, '[data-test="parts.belt.tension"]')).getAttribute('value')
    assert.isAbove(Number(tension), 1.2)
    assert.notDeepEqual(await carried(), before)
    await press(driver, 'z')
    assert.deepEqual(await carried(), before)
  })

  it('names what buys most life, and a belt too tight among it', async () => {
    await click(driver, '[data-part="belt"]')
    await fill(driver, '[data-test="parts.belt.tension"]', '2.5')
    await seeText(driver, '[data-test="levers"]', /belt at its right tension/)
    assert.match(await read('[data-test="whole"]'), /Together .* h, required .* The weakest is/)
    await driver.executeScript('localStorage.clear()')
  })

  it('runs in steps: lighter work lengthens the life, shares that miss the whole are a stop', async () => {
    await open('BP-12')
    await click(driver, '[data-test="line.begin-steps"]')
    await seeText(driver, '[data-test="line.steps"]', /together 100\s%/)
    await fill(driver, '[data-test="line.steps.1.share"]', '10')
    await seeText(driver, '[data-check="duty"]', /make 80.0 % of the time.*together they make 100 %/s)
    await fill(driver, '[data-test="line.steps.1.share"]', '30')
    await driver.wait(
      async () => (await driver.findElements(By.css('[data-check="duty"]'))).length === 0,
      4000,
      'shares that make the whole are still a stop',
    )
    await driver.executeScript('localStorage.clear()')
  })

  it('says what is left of the coupling gap when it is hot', async () => {
    await open('CM-31')
    await click(driver, '[data-part="coupling"]')
    await fill(driver, '[data-test="parts.coupling.gapMm"]', '0.12 in')
    await fill(driver, '[data-test="parts.coupling.otherGrowthMm"]', '0,4')
    await seeText(driver, '[data-check="gap"]', /closes by .* is left when it is hot/s)
    await fill(driver, '[data-test="parts.coupling.leastGapMm"]', '3')
    await seeText(driver, '[data-check="gap"][data-verdict="stop"]', /where 3\.00\smm is needed/)
    await driver.executeScript('localStorage.clear()')
  })

  it('goes through the arrival list: answers judged at once, kept, saved, and told to the bench', async () => {
    await driver.get(appUrl())
    await click(driver, '[data-machine="BM-11"]')
    await click(driver, '[data-test="arrival"]')
    await seeText(driver, '[data-test="arrival-count"]', /^0 of \d+ answered$/)
    await click(driver, '[data-question="rings:Drive end"] [data-answer="both"]')
    await seeText(driver, '[data-question="rings:Drive end"] [data-verdict="stop"]', /which is to float/)
    await fill(driver, '[data-test="measure-push"]', 'far')
    assert.match(await read('[data-question="push"] [role="alert"]'), /Moves by is "far"; it must be/)
    await fill(driver, '[data-test="measure-push"]', '8 thou')
    await click(driver, '[data-question="push"] [data-answer="little"]')
    await seeText(driver, '[data-test="arrival-count"]', /^2 of \d+ answered,\s+stop\s+1 to stop for$/)
    await click(driver, '[data-test="save"]')
    await seeText(driver, '[data-test="save-state"]', /^Saved/)
    await driver.get(appUrl())
    await openPosition(driver, 'BM-11', 'Drive end')
    await click(driver, '[data-lens="float"]')
    await seeText(driver, '[data-check="arrival-rings:Drive end"]', /Locating rings stand on both sides at Drive end/)
  })

  it('keeps a draft of the shaft through a closed page', async () => {
    await open('BP-11')
    await see(driver, '[data-test="shaft-sheet"]')
    const before = await carried()
    await fill(driver, '[data-test="line.powerKw"]', '90')
    const changed = await carried()
    assert.notDeepEqual(changed, before)
    await driver.executeScript('window.onbeforeunload = null')
    await driver.navigate().refresh()
    await driver
      .switchTo()
      .alert()
      .accept()
      .catch(() => undefined)
    await see(driver, '[data-test="shaft-sheet"]')
    assert.deepEqual(await carried(), changed)
    await driver.executeScript('localStorage.clear()')
  })
})
