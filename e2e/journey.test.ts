import {
  assess,
  emptyPosition,
  formatQuantity,
  RollingPosition,
  readCatalogue,
  thinSpace,
  type RollingAssessment,
  type Lens,
  type UnitSystem,
} from '@yardfrost/core'
import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { By, type WebDriver } from 'selenium-webdriver'
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
  seeGone,
  seeText,
  signIn,
  type Browser,
} from './browser.ts'

const csv = createRequire(import.meta.url).resolve('@yardfrost/core/data/dimensions.csv')
const catalogue = readCatalogue(readFileSync(csv, 'utf8'))

/** What the technician enters in this journey, as core takes it: 900 lbf, 68 °F. */
function expectedInputs(): RollingPosition {
  const empty = emptyPosition()
  return RollingPosition.parse({
    ...empty,
    bearing: { ...empty.bearing, designation: '6214-C3', requiredClearance: 'C3' },
    load: { ...empty.load, radialN: 900 * 4.4482216152605, axialN: 500, speedRpm: 1480 },
    seat: { ...empty.seat, loadCase: 'inner-turns', slides: 'outer' },
    float: { ...empty.float, innerC: 60, outerC: 52 },
    mount: { ...empty.mount, roomC: 30 },
    grease: { ...empty.grease, runningC: 60, nu40Cst: 110 },
  })
}

/** What a figure of core reads like on the page. */
function figureText(assessment: RollingAssessment, lens: Lens, name: string, system: UnitSystem = 'metric'): string {
  const { value, quantity, precision } = assessment.lenses[lens].figures[name]!
  const text = (amount: number) => formatQuantity(amount, quantity, system, precision)
  assert.isNotNull(value, name)
  if (value?.kind === 'range') return `${text(value.from)} … ${text(value.to)}`
  return value?.kind === 'number' ? text(value.number) : (value?.text ?? '')
}

describe('the technician’s journey', () => {
  let app: AppUnderTest
  let browser: Browser
  let driver: WebDriver
  const expected = assess(expectedInputs(), { kind: 'motor', duty: 'round-the-clock' }, catalogue)
  const read = async (css: string) => (await see(driver, css)).getText()
  const figure = (name: string) => read(`[data-figure="${name}"] [data-test="digits"]`)
  const lens = (name: Lens) => click(driver, `[data-lens="${name}"]`)

  before(async () => {
    app = await AppUnderTest.start()
    browser = await openBrowser()
    driver = browser.driver
  })
  after(async () => {
    await browser?.quit()
    await app?.remove()
  })

  it('is asked to sign in, and told when that fails', async () => {
    await driver.get(appUrl())
    await fill(driver, '[data-test="login"]', 'technician')
    await fill(driver, '[data-test="password"]', 'guess')
    await click(driver, '[data-test="sign-in"]')
    await seeText(driver, '[data-test="trouble"]', /do not go together/)
  })

  it('signs in and sees the Yard in walking order', async () => {
    await signIn(driver)
    const tags = await driver.findElements(By.css('[data-machine]'))
    const order = await Promise.all(tags.map((tag) => tag.getAttribute('data-machine')))
    assert.deepEqual(order.slice(0, 3), ['BP-11', 'BP-12', 'BM-11'])
    assert.isAtLeast(order.length, 14)
  })

  it('opens a machine and an empty position, which teaches what to do', async () => {
    await openPosition(driver, 'WM-91', 'Drive end')
    assert.match(await read('.empty'), /Type the number from the ring or the box/)
  })

  it('types the number from the box and is told what it is', async () => {
    await fill(driver, '[data-test="bearing.designation"]', '6214-C3')
    await seeText(driver, '[data-lens="identify"]', /6214-C3/)
    assert.match(await read('[data-test="size"]'), /70.*125.*24/s)
    await see(driver, '[data-test="half-section"]')
    assert.equal(await figure('clearance'), figureText(expected, 'identify', 'clearance'))
  })

  it('is stopped by the wrong clearance and let go by the right one', async () => {
    await choose(driver, '[data-test="bearing.requiredClearance"]', 'C4')
    await seeText(driver, '[data-check="clearance"][data-verdict="stop"]', /calls for C4, and the designation says C3/)
    await choose(driver, '[data-test="bearing.requiredClearance"]', 'C3')
    await see(driver, '[data-check="clearance"][data-verdict="go"]')
  })

  it('types the load in pounds and is told the life', async () => {
    await lens('carry')
    await fill(driver, '[data-test="load.radialN"]', '900 lbf')
    await fill(driver, '[data-test="load.axialN"]', '500')
    await fill(driver, '[data-test="load.speedRpm"]', '1480')
    assert.equal(await figure('life'), figureText(expected, 'carry', 'life'))
    assert.equal(await figure('equivalent'), figureText(expected, 'carry', 'equivalent'))
    assert.equal(await figure('staticSafety'), figureText(expected, 'carry', 'staticSafety'))
    assert.equal(await read('strong[data-figure="doubled"]'), figureText(expected, 'carry', 'doubled'))
  })

  it('drags the load and sees the life fall as it happens', async () => {
    const lifeOf = async () => Number((await figure('life')).replace(new RegExp(thinSpace, 'g'), ''))
    const before = await lifeOf()
    const handle = await see(driver, '[data-test="load-slider"] [role="slider"]')
    const actions = driver.actions().move({ origin: handle }).press()
    const seen: number[] = []
    await actions.perform()
    for (const step of [15, 15, 15]) {
      await driver
        .actions()
        .move({ origin: 'pointer' as never, x: step, y: 0 })
        .perform()
      seen.push(await lifeOf())
    }
    await driver.actions().release().perform()
    for (const [index, life] of seen.entries()) assert.isBelow(life, seen[index - 1] ?? before)
    await fill(driver, '[data-test="load.radialN"]', '900 lbf')
    assert.equal(await lifeOf(), before)
  })

  it('says how the load turns and is told the seats', async () => {
    await lens('seat')
    await click(driver, '[data-case="inner-turns"]')
    await choose(driver, '[data-test="seat.slides"]', 'outer')
    assert.equal(await read('[data-figure="shaftZone"] [data-test="zone"]'), figureText(expected, 'seat', 'shaftZone'))
    assert.equal(
      await read('[data-figure="housingZone"] [data-test="zone"]'),
      figureText(expected, 'seat', 'housingZone'),
    )
    assert.equal(await read('[data-figure="shaftLimits"]'), figureText(expected, 'seat', 'shaftLimits'))
    assert.equal(await read('[data-figure="housingLimits"]'), figureText(expected, 'seat', 'housingLimits'))
    assert.equal(await read('[data-figure="shaftFit"]'), figureText(expected, 'seat', 'shaftFit'))
    assert.match(await read('[data-test="half-section"]'), /tight/)
  })

  it('says how warm the shaft is and is told how hot to heat the ring, with the cautions beside it', async () => {
    await lens('mount')
    await fill(driver, '[data-test="mount.roomC"]', '86 F')
    assert.equal(await figure('ring'), figureText(expected, 'mount', 'ring'))
    assert.equal(await figure('limit'), '120')
    assert.match(await read('[data-test="cautions"]'), /pacemaker/)
    assert.match(await read('[data-test="cautions"]'), /Site rules/)
  })

  it('flips the units anywhere', async () => {
    await press(driver, 'u')
    assert.equal(await figure('ring'), figureText(expected, 'mount', 'ring', 'inch'))
    await lens('carry')
    assert.equal(await (await see(driver, '[data-test="load.radialN"]')).getAttribute('value'), '900')
    await press(driver, 'u')
  })

  it('opens the working of a figure: formula, given values, source', async () => {
    await press(driver, 'w')
    await seeText(driver, '[data-test="working"]', /ISO 281/)
    const panel = await read('[data-test="working"]')
    for (const part of [/dynamic rating/, /equivalent load/, /1480/, /Holds for/]) assert.match(panel, part)
    await see(driver, '[data-test="working"] .katex')
    assert.equal(await read('[data-test="working-digits"]'), figureText(expected, 'carry', 'life'))
    await press(driver, 'w')
    await seeGone(driver, '[data-test="working"]')
  })

  it('says how warm the rings run and is told what clearance is left', async () => {
    await lens('float')
    await fill(driver, '[data-test="float.innerC"]', '140 F')
    await fill(driver, '[data-test="float.outerC"]', '52')
    assert.equal(await figure('operating'), figureText(expected, 'float', 'operating'))
  })

  it('says what oil is in the grease and is told how often and how much', async () => {
    await lens('grease')
    await fill(driver, '[data-test="grease.runningC"]', '60')
    await fill(driver, '[data-test="grease.nu40Cst"]', '110')
    assert.equal(await figure('interval'), figureText(expected, 'grease', 'interval'))
    assert.equal(await figure('quantity'), figureText(expected, 'grease', 'quantity'))
    assert.equal(await figure('kappa'), figureText(expected, 'grease', 'kappa'))
  })

  it('enters a mark, answers the next question and sees the causes change', async () => {
    await lens('diagnose')
    const field = await see(driver, '[data-test="diagnose.seen"]')
    await field.sendKeys('fluting')
    await click(driver, '[role="option"]')
    await seeText(driver, '[data-test="marks"]', /seen.*Washboard fluting/s)
    const before = await seeText(driver, '[data-test="causes"]', /Electric current/)
    await click(driver, '[data-test="questions"] [data-no]')
    await seeText(driver, '[data-test="marks"]', /not seen/)
    assert.notEqual(await read('[data-test="causes"]'), before)
    for (const mark of ['fluting', 'the other'])
      await click(driver, '[data-test="marks"] button').catch(() => assert.fail(`no mark left to take out: ${mark}`))
    await seeGone(driver, '[data-test="marks"]')
  })

  it('sees that the work is not saved, saves it, and finds it after a reload and a restart', async () => {
    await seeText(driver, '[data-test="save-state"]', /Unsaved draft/)
    await click(driver, '[data-test="save"]')
    await seeText(driver, '[data-test="save-state"]', /^Saved/)
    for (const again of [
      () => driver.navigate().refresh(),
      () => app.restart().then(() => driver.navigate().refresh()),
    ]) {
      await again()
      await lens('carry')
      assert.equal(await figure('life'), figureText(expected, 'carry', 'life'))
      assert.equal(await (await see(driver, '[data-test="load.speedRpm"]')).getAttribute('value'), '1480')
      await seeText(driver, '[data-test="save-state"]', /^Saved/)
    }
  })

  it('finds every save in the history, with who and when', async () => {
    await click(driver, '[data-test="history"]')
    await see(driver, '[data-version="2"]')
    assert.match(await read('[data-version="2"]'), /6214-C3\s+\d+ \w+ \d{4}.*Una Varga/s)
    assert.match(await read('[data-version="1"]'), /no bearing/)
  })

  it('sees the position’s new state in the Yard', async () => {
    await click(driver, '.home')
    await seeText(driver, '[data-position="WM-91 Drive end"]', /6214-C3/)
  })
})
