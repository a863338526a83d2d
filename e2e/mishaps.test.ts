import { assert } from 'chai'
import { describePage } from './describe-page.ts'
import { Page } from './page.ts'

describePage('when something goes wrong', { as: 'technician' }, ({ app, page }) => {
  const field = (path: string) => `[data-test="${path}"]`
  async function openCarry(tag: string, name: string) {
    await page.go()
    await page.openPosition(tag, name)
    await page.click('[data-lens="carry"]')
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
        await page.fill(field('load.radialN'), '4000')
        const life = await page.seeText('[data-figure="life"] [data-test="digits"]', /\d/)
        await page.fill(field('load.radialN'), text)
        await page.seeText(field('load.radialN-error'), message)
        await page.seeValue(field('load.radialN'), text)
        await page.seeFigure('life', life)
        await page.click(field('save'))
        await page.seeText(field('save-trouble'), /One field cannot be read/)
        await page.fill(field('load.radialN'), '4000')
        await page.seeGone(field('load.radialN-error'))
      })

    it('a decimal comma is a decimal comma', async () => {
      await page.fill(field('load.speedRpm'), '1475,5')
      await page.seeValue(field('load.speedRpm'), '1475.5')
    })

    it('an empty field: the figure says what it needs', async () => {
      await page.fill(field('load.speedRpm'), '')
      await page.seeText('[data-figure="life"] [data-test="absent"]', /needs the speed/)
      await page.fill(field('load.speedRpm'), '1475')
    })

    it('no load at all skids, with a way out', async () => {
      await page.fill(field('load.radialN'), '0')
      await page.seeText('[data-check="minimum"][data-verdict="watch"]', /No load is on it.*springs/s)
    })

    it('thrust on a cylindrical roller bearing is a stop, and no life is shown', async () => {
      await openCarry('BP-12', 'Impeller end')
      await page.seeText('[data-check="refused"][data-verdict="stop"]', /carries no axial load/)
      await page.see('[data-figure="life"] [data-test="absent"]')
      await page.seeText('[data-test="finding"]', /Carry.*Take the axial load in a locating bearing/s)
    })

    it('a 400 mm bore is found, and beyond the tables the largest is named', async () => {
      await page.press('1')
      await page.click(field('size-search'))
      await page.fill(field('size-boreMm'), '400')
      await page.seeText(field('size-found'), /23080/)
      await page.fill(field('size-boreMm'), '600')
      await page.seeText(field('size-none'), /largest bore in the tables is 500/)
      await page.fill(field('size-boreMm'), '2 1/2 in')
      await page.seeText(field('size-found'), /395\/394A/)
      await page.fill(field('size-boreMm'), '2.6 in')
      await page.seeText(field('size-none'), /nearest bores in the tables are 66\.6\d.*65\.0\d/)
    })

    it('a size finds the numbers that have it', async () => {
      await page.fill(field('size-boreMm'), '65')
      await page.fill(field('size-odMm'), '140')
      await page.seeText(field('size-found'), /6313.*NU313/s)
    })

    it('a number that is none says so and offers the way out', async () => {
      await page.fill(field('bearing.designation'), 'blower')
      await page.seeText(
        '[data-check="designation"][data-verdict="stop"]',
        /standard series.*look the bearing up by bore/s,
      )
    })
  })

  describe('unsaved work', () => {
    it('warns before leaving, and stays when asked to', async () => {
      await openCarry('BM-12', 'Drive end')
      await page.fill(field('load.radialN'), '4321')
      await page.click('.home')
      await page.see(field('leaving'))
      await page.click('[data-test="leaving"] button:last-child')
      await page.seeGone(field('leaving'))
      await page.seeValue(field('load.radialN'), '4321')
    })

    it('survives a closed tab', async () => {
      const first = await page.driver.getWindowHandle()
      await page.driver.switchTo().newWindow('tab')
      const second = await page.driver.getWindowHandle()
      await page.driver.switchTo().window(first)
      const address = await page.driver.getCurrentUrl()
      await page.driver.close()
      await page.driver.switchTo().window(second)
      await page.driver.get(address)
      await page.seeText(field('restored'), /your draft of/)
      await page.seeValue(field('load.radialN'), '4321')
      await page.seeText(field('save-state'), /Unsaved draft/)
    })

    it('shows in the Yard and on the machine where it lies', async () => {
      const address = await page.driver.getCurrentUrl()
      await page.click('.home')
      await page.click('[data-test="leaving"] button:nth-of-type(2)')
      await page.seeText('[data-machine="BM-12"]', /draft/)
      await page.click('[data-machine="BM-12"]')
      await page.seeText('[data-position="Drive end"]', /draft of this device/)
      await page.driver.get(address)
      await page.see(field('restored'))
      await page.lens('carry')
    })

    it('can be thrown away', async () => {
      await page.click(field('discard'))
      await page.seeText(field('save-state'), /^Saved/)
      await page.seeValue(field('load.radialN'), '3300')
    })
  })

  describe('the server', () => {
    it('a stopped database: the work stays and can be saved again', async () => {
      await openCarry('BM-12', 'Drive end')
      await page.fill(field('load.radialN'), '3456')
      await app.stopDatabase()
      try {
        await page.click(field('save'))
        await page.seeText(field('save-trouble'), /database does not answer.*Nothing on the page is lost/s)
        await page.seeValue(field('load.radialN'), '3456')
      } finally {
        await app.startDatabase()
      }
      await page.click('[data-test="save-trouble"] button')
      await page.seeText(field('save-state'), /^Saved/)
      await page.refresh()
      await page.seeText(field('save-state'), /^Saved/)
      await page.seeValue(field('load.radialN'), '3456')
    })

    it('a stopped database: what was seen before opens all the same, and is told to be old', async () => {
      await openCarry('BM-12', 'Drive end')
      await app.stopDatabase()
      try {
        await page.refresh()
        await page.seeText(field('kept'), /cannot be reached.*how it stood on this device at \d/s)
        await page.click('[data-lens="carry"]')
        await page.seeValue(field('load.radialN'), '3456')
        await page.click('.home')
        await page.see('[data-machine="BM-12"]')
        // What nobody looked at before is not there, and says so.
        await page.go('/register')
        await page.seeText('[role="alert"]', /database does not answer/)
      } finally {
        await app.startDatabase()
      }
      await page.go()
      await page.see('[data-machine="BM-12"]')
      await page.seeGone(field('kept'))
    })

    it('an expired session: sign in again and the draft is there', async () => {
      await openCarry('BM-12', 'Drive end')
      await page.fill(field('load.radialN'), '3555')
      await app.query('delete from session')
      await page.click(field('save'))
      await page.seeText(field('save-trouble'), /session has run out/)
      await page.click('[data-test="save-trouble"] button')
      await page.fill(field('login'), 'technician')
      await page.fill(field('password'), 'brine-and-grease')
      await page.click(field('sign-in'))
      await page.see(field('restored'))
      await page.seeValue(field('load.radialN'), '3555')
      await page.click(field('save'))
      await page.seeText(field('save-state'), /^Saved/)
    })
  })

  describe('two people on one position', () => {
    const other = new Page()
    before(async () => {
      await other.open()
      await other.signIn('planner')
    })
    after(() => other.close())

    async function bothChange(mine: string, theirs: string) {
      await openCarry('BM-11', 'Non-drive end')
      await other.openPosition('BM-11', 'Non-drive end')
      await other.click('[data-lens="carry"]')
      await other.fill(field('load.radialN'), theirs)
      await other.click(field('save'))
      await other.seeText(field('save-state'), /^Saved/)
      await page.fill(field('load.radialN'), mine)
      await page.click(field('save'))
      const told = await page.seeText(field('conflict'), /Tobias Lindqvist saved this position/)
      assert.match(told, /Radial load/)
      await other.click('.home')
      return told
    }

    it('shows both versions; the second takes theirs', async () => {
      const told = await bothChange('2500', '2400')
      assert.match(told, /2500.*2400/s)
      await page.click(field('take-theirs'))
      await page.seeGone(field('conflict'))
      await page.seeValue(field('load.radialN'), '2400')
      await page.seeText(field('save-state'), /^Saved/)
    })

    it('is settled line by line, and what I did not touch is theirs', async () => {
      await openCarry('BM-11', 'Non-drive end')
      await other.openPosition('BM-11', 'Non-drive end')
      await other.lens('carry')
      await other.fill(field('load.radialN'), '2410')
      await other.fill(field('load.speedRpm'), '1450')
      await other.click(field('save'))
      await other.seeText(field('save-state'), /^Saved/)
      await page.fill(field('load.radialN'), '2510')
      await page.fill(field('load.axialN'), '120')
      await page.click(field('save'))
      await page.seeText('[data-line="load.speedRpm"]', /untouched.*1450.*Tobias Lindqvist/s)
      await page.seeText('[data-line="load.axialN"]', /120.*you/s)
      await page.seeText(field('conflict-open'), /One line|1 line/)
      await page.see(`${field('save-chosen')}:disabled`)
      await page.click('[data-line="load.radialN"] [data-take="mine"]')
      await page.click(field('save-chosen'))
      await page.seeText(field('save-state'), /^Saved/)
      await page.refresh()
      await page.lens('carry')
      await page.seeValue(field('load.radialN'), '2510')
      await page.seeValue(field('load.axialN'), '120')
      await page.seeValue(field('load.speedRpm'), '1450')
      await other.click('.home')
    })

    it('is settled line by line for a shaft line too', async () => {
      const openShaft = async (one: Page) => {
        await one.go()
        await one.click('[data-machine="CM-31"]')
        await one.click('[data-test="shaft-line"]')
        await one.see('[data-test="shaft-sheet"]')
      }
      await openShaft(page)
      await openShaft(other)
      await other.fill(field('line.powerKw'), '71')
      await other.fill(field('line.hottestC'), '66')
      await other.click(field('save'))
      await other.seeText(field('save-state'), /^Saved/)
      await page.fill(field('line.powerKw'), '73')
      await page.click(field('save'))
      await page.seeText('[data-line="hottestC"]', /untouched.*66/s)
      await page.click('[data-line="powerKw"] [data-take="mine"]')
      await page.click(field('save-chosen'))
      await page.seeGone(field('conflict'))
      await page.seeText(field('save-state'), /^Saved/)
      await page.refresh()
      await page.seeValue(field('line.powerKw'), '73')
      await page.seeValue(field('line.hottestC'), '66')
      await other.click('.home')
    })

    it('or puts theirs on top, knowingly', async () => {
      await bothChange('2700', '2600')
      await page.click(field('keep-mine'))
      await page.seeText(field('save-state'), /^Saved/)
      await page.refresh()
      await page.see(field('load.radialN'))
      await page.seeValue(field('load.radialN'), '2700')
    })
  })

  describe('a viewer', () => {
    it('can try everything and save nothing', async () => {
      await page.go()
      await page.click(field('sign-out'))
      await page.signIn('viewer')
      await openCarry('BP-11', 'Coupling end')
      await page.fill(field('load.radialN'), '9999')
      await page.seeText(field('save-state'), /viewer/)
      await page.see(`${field('save')}:disabled`)
    })
  })
})
