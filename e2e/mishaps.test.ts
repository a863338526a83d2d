import { assert } from 'chai'
import type { WebDriver } from 'selenium-webdriver'
import { AppUnderTest } from './app-under-test.ts'
import {
  appUrl,
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

describe('when something goes wrong', () => {
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

  const field = (path: string) => `[data-test="${path}"]`
  const valueOf = async (path: string) => (await see(driver, field(path))).getAttribute('value')
  async function openCarry(tag: string, name: string) {
    await driver.get(appUrl())
    await openPosition(driver, tag, name)
    await click(driver, '[data-lens="carry"]')
  }

  describe('awkward input', () => {
    before(() => openCarry('BM-11', 'Drive end'))

    const refused: [why: string, text: string, message: RegExp][] = [
      ['letters', 'heavy', /Radial load is “heavy”; it must be a number, alone \(N\) or with one of the units/],
      ['negative', '-5', /it must be a number from 0 to 100000000 N/],
      ['enormous', '1e9', /it must be a number from 0 to 100000000 N/],
      ['an ambiguous comma', '1,480', /cannot be taken two ways.*Write 1480 or 1\.480/],
      ['a length for a load', '3 in', /must be a number/],
    ]
    for (const [why, text, message] of refused)
      it(`${why}: says what is allowed, keeps the text and the last good figure`, async () => {
        await fill(driver, field('load.radialN'), '4000')
        const life = await seeText(driver, '[data-figure="life"] [data-test="digits"]', /\d/)
        await fill(driver, field('load.radialN'), text)
        await seeText(driver, field('load.radialN-error'), message)
        assert.equal(await valueOf('load.radialN'), text)
        assert.equal(await seeText(driver, '[data-figure="life"] [data-test="digits"]', /\d/), life)
        await click(driver, field('save'))
        await seeText(driver, field('save-trouble'), /One field cannot be read/)
        await fill(driver, field('load.radialN'), '4000')
        await seeGone(driver, field('load.radialN-error'))
      })

    it('a decimal comma is a decimal comma', async () => {
      await fill(driver, field('load.speedRpm'), '1475,5')
      assert.equal(await valueOf('load.speedRpm'), '1475.5')
    })

    it('an empty field: the figure says what it needs', async () => {
      await fill(driver, field('load.speedRpm'), '')
      await seeText(driver, '[data-figure="life"] [data-test="absent"]', /needs the speed/)
      await fill(driver, field('load.speedRpm'), '1475')
    })

    it('no load at all skids, with a way out', async () => {
      await fill(driver, field('load.radialN'), '0')
      await seeText(driver, '[data-check="minimum"][data-verdict="watch"]', /No load is on it.*springs/s)
    })

    it('thrust on a cylindrical roller bearing is a stop, and no life is shown', async () => {
      await openCarry('BP-12', 'Impeller end')
      await seeText(driver, '[data-check="refused"][data-verdict="stop"]', /carries no axial load/)
      await see(driver, '[data-figure="life"] [data-test="absent"]')
      await seeText(driver, '[data-test="finding"]', /Carry.*Take the axial load in a locating bearing/s)
    })

    it('a 400 mm bore is not in the tables, and the largest that is is named', async () => {
      await press(driver, '1')
      await click(driver, field('size-search'))
      await fill(driver, field('size-boreMm'), '400')
      await seeText(driver, field('size-none'), /largest bore in the tables is 300/)
      await fill(driver, field('size-boreMm'), '2 1/2 in')
      await seeText(driver, field('size-none'), /nearest bores in the tables are 65\.00.*60\.00/)
    })

    it('a size finds the numbers that have it', async () => {
      await fill(driver, field('size-boreMm'), '65')
      await fill(driver, field('size-odMm'), '140')
      await seeText(driver, field('size-found'), /6313.*NU313/s)
    })

    it('a number that is none says so and offers the way out', async () => {
      await fill(driver, field('bearing.designation'), 'blower')
      await seeText(
        driver,
        '[data-check="designation"][data-verdict="stop"]',
        /standard series.*look the bearing up by bore/s,
      )
    })
  })

  describe('unsaved work', () => {
    it('warns before leaving, and stays when asked to', async () => {
      await openCarry('BM-12', 'Drive end')
      await fill(driver, field('load.radialN'), '4321')
      await click(driver, '.home')
      await see(driver, field('leaving'))
      await click(driver, '[data-test="leaving"] button:last-child')
      await seeGone(driver, field('leaving'))
      assert.equal(await valueOf('load.radialN'), '4321')
    })

    it('survives a closed tab', async () => {
      const first = await driver.getWindowHandle()
      await driver.switchTo().newWindow('tab')
      const second = await driver.getWindowHandle()
      await driver.switchTo().window(first)
      const address = await driver.getCurrentUrl()
      await driver.close()
      await driver.switchTo().window(second)
      await driver.get(address)
      await seeText(driver, field('restored'), /your draft of/)
      assert.equal(await valueOf('load.radialN'), '4321')
      await seeText(driver, field('save-state'), /Unsaved draft/)
    })

    it('can be thrown away', async () => {
      await click(driver, field('discard'))
      await seeText(driver, field('save-state'), /^Saved/)
      assert.equal(await valueOf('load.radialN'), '3300')
    })
  })

  describe('the server', () => {
    it('a stopped database: the work stays and can be saved again', async () => {
      await openCarry('BM-12', 'Drive end')
      await fill(driver, field('load.radialN'), '3456')
      await app.stopDatabase()
      try {
        await click(driver, field('save'))
        await seeText(driver, field('save-trouble'), /database does not answer.*Nothing on the page is lost/s)
        assert.equal(await valueOf('load.radialN'), '3456')
      } finally {
        await app.startDatabase()
      }
      await click(driver, '[data-test="save-trouble"] button')
      await seeText(driver, field('save-state'), /^Saved/)
      await driver.navigate().refresh()
      await seeText(driver, field('save-state'), /^Saved/)
      assert.equal(await valueOf('load.radialN'), '3456')
    })

    it('a stopped database: what was seen before opens all the same, and is told to be old', async () => {
      await openCarry('BM-12', 'Drive end')
      await app.stopDatabase()
      try {
        await driver.navigate().refresh()
        await seeText(driver, field('kept'), /cannot be reached.*how it stood on this device at \d/s)
        await click(driver, '[data-lens="carry"]')
        assert.equal(await valueOf('load.radialN'), '3456')
        await click(driver, '.home')
        await see(driver, '[data-machine="BM-12"]')
        // What nobody looked at before is not there, and says so.
        await driver.get(`${appUrl()}/register`)
        await seeText(driver, '[role="alert"]', /database does not answer/)
      } finally {
        await app.startDatabase()
      }
      await driver.get(appUrl())
      await see(driver, '[data-machine="BM-12"]')
      await seeGone(driver, field('kept'))
    })

    it('an expired session: sign in again and the draft is there', async () => {
      await openCarry('BM-12', 'Drive end')
      await fill(driver, field('load.radialN'), '3555')
      await app.query('delete from session')
      await click(driver, field('save'))
      await seeText(driver, field('save-trouble'), /session has run out/)
      await click(driver, '[data-test="save-trouble"] button')
      await fill(driver, field('login'), 'technician')
      await fill(driver, field('password'), 'brine-and-grease')
      await click(driver, field('sign-in'))
      await see(driver, field('restored'))
      assert.equal(await valueOf('load.radialN'), '3555')
      await click(driver, field('save'))
      await seeText(driver, field('save-state'), /^Saved/)
    })
  })

  describe('two people on one position', () => {
    let other: Browser
    before(async () => {
      other = await openBrowser()
      await signIn(other.driver, 'planner', 'marram-grass')
    })
    after(() => other?.quit())

    async function bothChange(mine: string, theirs: string) {
      await openCarry('BM-11', 'Non-drive end')
      await openPosition(other.driver, 'BM-11', 'Non-drive end')
      await click(other.driver, '[data-lens="carry"]')
      await fill(other.driver, field('load.radialN'), theirs)
      await click(other.driver, field('save'))
      await seeText(other.driver, field('save-state'), /^Saved/)
      await fill(driver, field('load.radialN'), mine)
      await click(driver, field('save'))
      const told = await seeText(driver, field('conflict'), /Tobias Lindqvist saved this position/)
      assert.match(told, /Radial load/)
      await click(other.driver, '.home')
      return told
    }

    it('shows both versions; the second takes theirs', async () => {
      const told = await bothChange('2500', '2400')
      assert.match(told, /2500.*2400/s)
      await click(driver, field('take-theirs'))
      await seeGone(driver, field('conflict'))
      assert.equal(await valueOf('load.radialN'), '2400')
      await seeText(driver, field('save-state'), /^Saved/)
    })

    it('or puts theirs on top, knowingly', async () => {
      await bothChange('2700', '2600')
      await click(driver, field('keep-mine'))
      await seeText(driver, field('save-state'), /^Saved/)
      await driver.navigate().refresh()
      await see(driver, field('load.radialN'))
      assert.equal(await valueOf('load.radialN'), '2700')
    })
  })

  describe('a viewer', () => {
    it('can try everything and save nothing', async () => {
      await driver.get(appUrl())
      await click(driver, field('sign-out'))
      await signIn(driver, 'viewer', 'salt-air')
      await openCarry('BP-11', 'Coupling end')
      await fill(driver, field('load.radialN'), '9999')
      await seeText(driver, field('save-state'), /viewer/)
      assert.equal(await (await see(driver, field('save'))).getAttribute('disabled'), 'true')
    })
  })
})
