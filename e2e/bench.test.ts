import { assert } from 'chai'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { AppUnderTest } from './app-under-test.ts'
import {
  appUrl,
  choose,
  click,
  fill,
  keepDownloads,
  openBrowser,
  openPosition,
  press,
  see,
  seeGone,
  seeText,
  signIn,
  type Browser,
} from './browser.ts'

describe('at the bench', () => {
  let app: AppUnderTest
  let browser: Browser
  let driver: WebDriver
  const read = async (css: string) => (await see(driver, css)).getText()
  const figure = (name: string) => read(`[data-figure="${name}"] [data-test="digits"]`)
  const lens = (name: string) => click(driver, `[data-lens="${name}"]`)
  const page = (name: string) => click(driver, `[data-page="${name}"]`)
  const open = async (tag: string, name: string) => {
    await driver.get(appUrl())
    await openPosition(driver, tag, name)
  }
  const discard = async () => {
    await click(driver, '[data-test="save-state"]').catch(() => undefined)
    await driver.executeScript('localStorage.clear()')
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
  afterEach(discard)

  it('identifies a worn bearing without a number from nine readings', async () => {
    await open('WM-91', 'Drive end')
    await page('measure')
    const readings = {
      boreMm: ['60.04', '60.03', '2.3643 in'],
      odMm: ['109,97', '109.98', '109.97'],
      widthMm: ['21.93', '21.95', '21.94'],
    }
    for (const [field, values] of Object.entries(readings))
      for (const [place, text] of values.entries()) await fill(driver, `[data-test="identify.${field}.${place}"]`, text)
    await choose(driver, '[data-test="identify.rollingElement"]', 'balls')
    assert.equal(await figure('built'), '6212')
    // Look-alikes of one size stand side by side, to one scale.
    for (const name of ['6212', '7212', '1212']) assert.match(await read('[data-test="look-alikes"]'), new RegExp(name))
    // A closure that is seen goes into the number; nothing else does.
    await click(driver, '[data-test="identify.leftClosure"] [data-closure="shield"]')
    await click(driver, '[data-test="identify.rightClosure"] [data-closure="shield"]')
    assert.equal(await figure('built'), '6212-2Z')
    await click(driver, '[data-candidate="6212-2Z"]')
    await seeText(driver, '[data-lens="identify"]', /6212-2Z/)
    await click(driver, '[data-test="undo"]')
    await seeText(driver, '[data-lens="identify"]', /not complete/)
  })

  it('takes readings from the simulated calliper and moves on by itself', async () => {
    await open('WM-91', 'Drive end')
    await page('measure')
    await (await see(driver, '[data-test="identify.boreMm.0"]')).click()
    for (let pressed = 0; pressed < 9; pressed++) {
      const field = await driver.switchTo().activeElement()
      await field.sendKeys('g')
      await driver.wait(
        async () => (await field.getAttribute('value')) !== '',
        4000,
        `reading ${pressed} did not arrive`,
      )
    }
    const candidates = await driver.findElements(By.css('[data-candidate]'))
    assert.isNotEmpty(candidates)
  })

  it('says what is wrong with a reading, and keeps the others', async () => {
    await open('WM-91', 'Drive end')
    await page('measure')
    await fill(driver, '[data-test="identify.boreMm.0"]', 'about 60')
    assert.match(await read('[role="alert"]'), /Bore, place 1 is "about 60"; it must be a number/)
    await fill(driver, '[data-test="identify.boreMm.0"]', '60.04')
    await seeGone(driver, '.measure [role="alert"]')
  })

  it('finds that a clearance class that is too small is a stop, and orders the right one', async () => {
    await open('BP-12', 'Coupling end')
    await seeText(
      driver,
      '[data-check="clearance"][data-verdict="stop"]',
      /calls for C3, and the designation says none/,
    )
    assert.equal(await read('[data-test="to-order"]'), '6313-C3')
    await click(driver, '[data-test="put-order"]')
    await see(driver, '[data-check="clearance"][data-verdict="go"]')
  })

  it('sees the clearance run out from the box to running, and the class that keeps some', async () => {
    await open('BP-12', 'Coupling end')
    await lens('float')
    await fill(driver, '[data-test="float.innerC"]', '85')
    await fill(driver, '[data-test="float.outerC"]', '70')
    await seeText(
      driver,
      '[data-check="clearance"][data-verdict="stop"]',
      /At the least probable it runs at −\d+\sµm: preloaded, with \d+ % of the basic rating life/,
    )
    assert.match(await read('[data-test="classes"]'), /CN, in the box.*probably preloaded.*keeps clearance/s)
  })

  it('sweeps the catalogue, chooses one, and the bench follows; undo takes it back', async () => {
    await open('BP-11', 'Coupling end')
    await lens('carry')
    await page('sweep')
    await fill(driver, '[data-test="sweep-largestOdMm"]', '130')
    await click(driver, '[data-test="sweep"]')
    await seeText(driver, '[data-test="sweep-count"]', /\d+ of \d+ can do it/)
    await see(driver, '.apexcharts-svg')
    const rows = await driver.findElements(By.css('[data-sweep]'))
    assert.isAtLeast(rows.length, 10)
    const first = (await rows[0]?.getAttribute('data-sweep')) ?? ''
    await click(driver, `[data-sweep="${first}"]`)
    // It is ordered as the machine calls for it, where its type has the class.
    await seeText(driver, '[data-lens="identify"]', new RegExp(first))
    await click(driver, '[data-test="undo"]')
    await seeText(driver, '[data-lens="identify"]', /6313-C3/)
  })

  it('a sweep of everything can be stopped', async () => {
    await open('BP-11', 'Coupling end')
    await lens('carry')
    await page('sweep')
    await fill(driver, '[data-test="sweep-boreMm"]', '')
    await click(driver, '[data-test="sweep"]')
    // It may be done before a person can press: then there is a result instead.
    const stop = await driver.findElements(By.css('[data-test="sweep-stop"]'))
    await stop[0]?.click().catch(() => undefined)
    await see(driver, '[data-test="sweep"]')
  })

  it('gauges a seat that is out of taper and gets a reject with what may be done', async () => {
    await open('BP-11', 'Coupling end')
    await lens('seat')
    await page('gauge')
    const planes = [
      ['65.011', '65.012', '65.011', '65.012'],
      ['65.003', '65.004', '65.003', '65.004'],
      ['64.994', '64.995', '64.994', '64.995'],
    ]
    for (const [plane, values] of planes.entries())
      for (const [direction, text] of values.entries())
        await fill(driver, `[data-test="seat.shaftReadingsMm.${plane}.${direction}"]`, text)
    assert.match(await read('[data-test="shaft-verdict"]'), /reject/)
    await seeText(driver, '[data-check="shaftGauge"][data-verdict="stop"]', /tapers 17\sµm, allowed 7\sµm/)
    assert.match(await read('[data-remedy="rework"]'), /Build up and grind/)
    assert.match(await read('[data-remedy="fit"]'), /The seat is rejected/)
    await seeText(driver, '[data-lens="seat"]', /Seat/)
    assert.equal(await (await see(driver, '[data-lens="seat"]')).getAttribute('data-state'), 'stop')
  })

  it('discovers the fan with both ends held: thrust, life, way out', async () => {
    await driver.get(appUrl())
    await seeText(driver, '[data-position="DF-41 Fan end"]', /22216/)
    await openPosition(driver, 'DF-41', 'Fan end')
    await seeText(
      driver,
      '[data-test="finding"]',
      /Both ends are located: 1.03\smm of growth has nowhere to go.*locating rings out/s,
    )
    await click(driver, '[data-test="finding"] button')
    await see(driver, '[data-page="growth"][aria-selected="true"]')
    assert.match(await figure('thrust'), /^\d/)
    assert.equal(await figure('lifeLeft'), 'none')
    assert.match(
      await read('[data-test="practices"]'),
      /physics and a margin.*1\.28.*inches per foot.*whole temperature/s,
    )
    // What the shaft line says is not typed over; it is taken in hand first.
    await click(driver, '[data-test="type-loads"]')
    await choose(driver, '[data-test="float.locatedEnds"]', 'one')
    await fill(driver, '[data-test="float.roomTowardMm"]', '2')
    await fill(driver, '[data-test="float.roomAwayMm"]', '20 thou')
    await see(driver, '[data-check="growth"][data-verdict="go"]')
  })

  it('loads it in steps, and is told when the shares do not make a whole', async () => {
    await open('BP-11', 'Coupling end')
    await lens('carry')
    const steady = await figure('life')
    await page('duty')
    await click(driver, '[data-test="begin-steps"]')
    assert.equal(await figure('life'), steady)
    await fill(driver, '[data-test="load.steps.1.radialN"]', '1500 lbf')
    assert.notEqual(await figure('life'), steady)
    await fill(driver, '[data-test="load.steps.1.share"]', '50')
    assert.match(await read('[data-test="load.steps"]'), /together 120\s%, must be 100 %/)
    await seeText(driver, '[data-check="refused"][data-verdict="stop"]', /together make 1/)
    await fill(driver, '[data-test="load.steps.1.share"]', 'half')
    assert.match(await read('[data-test="load.steps"] [role="alert"]'), /Share of step 2 is "half"/)
    await fill(driver, '[data-test="load.steps.1.share"]', '30')
  })

  it('shows what each mishap would cost beside the life as it stands', async () => {
    await open('DC-45', 'Far side')
    await lens('carry')
    await page('what-if')
    for (const one of ['double', 'belt', 'dirtier', 'hotter', 'thinner'])
      assert.match(await read(`[data-case="${one}"]`), /% of it/)
  })

  it('strikes out the types that cannot do the duty, with the reason', async () => {
    await open('BP-11', 'Coupling end')
    await page('types')
    assert.match(await read('[data-test="types"]'), /Needle roller[\s\S]*carries no axial load/)
    await see(driver, '[data-type="deep-groove-ball"].here')
  })

  it('keeps the drawing as SVG and the figures as CSV', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'yardfrost-files-'))
    try {
      await keepDownloads(driver, folder)
      await open('BP-11', 'Coupling end')
      await lens('seat')
      await see(driver, '[data-test="half-section"]')
      await click(driver, '[data-test="save-drawing"]')
      await click(driver, '[data-test="save-figures"]')
      const file = async (name: string) => {
        const path = join(folder, name)
        await driver.wait(() => existsSync(path), 5000, `no ${name}`)
        return readFileSync(path, 'utf8')
      }
      const svg = await file('bp-11-coupling-end-seat.svg')
      assert.match(svg, /^<svg[^>]+xmlns/)
      assert.match(svg, /stroke: rgb/)
      const csv = await file('bp-11-coupling-end-seat.csv')
      assert.match(csv, /^lens,key,label,value,unit/)
      assert.match(csv, /seat,shaftFit,Fit on the shaft/)
    } finally {
      rmSync(folder, { recursive: true, force: true })
    }
  })

  it('compares a save with what is on the bench and brings it back', async () => {
    await open('TL-1', 'Tail end')
    await lens('carry')
    await fill(driver, '[data-test="load.radialN"]', '2500')
    await click(driver, '[data-test="save"]')
    await seeText(driver, '[data-test="save-state"]', /^Saved/)
    await click(driver, '[data-test="history"]')
    await click(driver, '[data-version="1"] [data-test="compare"]')
    assert.match(await read('[data-test="difference"]'), /Radial load\s+1900\sN\s+2500\sN/)
    await click(driver, '[data-version="1"] [data-test="bring-back"]')
    assert.equal(await (await see(driver, '[data-test="load.radialN"]')).getAttribute('value'), '1900')
    await seeText(driver, '[data-test="save-state"]', /Unsaved draft/)
  })

  it('goes through the pages of a lens by keyboard alone', async () => {
    await open('BP-11', 'Coupling end')
    await press(driver, '2')
    await (await see(driver, '[data-page="life"]')).sendKeys(Key.ARROW_RIGHT)
    await see(driver, '[data-page="duty"][aria-selected="true"]')
    assert.equal(await driver.executeScript('return document.activeElement.dataset.page'), 'duty')
  })
})
