import { assert } from 'chai'
import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
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
  setSize,
  signIn,
  type Browser,
} from './browser.ts'

/** A tablet held across. */
const tablet = [1280, 800] as const
const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==', 'base64') // prettier-ignore

describe('a job at the machine', () => {
  let app: AppUnderTest
  let browser: Browser
  let driver: WebDriver
  const cdp = (name: string, params: object) =>
    (driver as unknown as { sendAndGetDevToolsCommand(name: string, params: object): Promise<Record<string, unknown>> }).sendAndGetDevToolsCommand(name, params) // prettier-ignore
  const offline = (away: boolean) =>
    cdp('Network.emulateNetworkConditions', { offline: away, latency: 0, downloadThroughput: -1, uploadThroughput: -1 })
  const read = async (css: string) => (await see(driver, css)).getText()
  const step = (key: string) => click(driver, `[data-step^="${key}:"]`)
  const acknowledge = async () => {
    for (;;) {
      const [next] = await driver.findElements(By.css('[data-test^="acknowledge-"]'))
      if (!next) return
      await next.click()
    }
  }
  const done = async () => {
    await driver.wait(
      async () => (await see(driver, '[data-test="step-done-button"]')).isEnabled(),
      5000,
      'the step cannot be done',
    )
    await click(driver, '[data-test="step-done-button"]')
  }
  /** Number of the job on the page. */
  let number = ''
  const numberOf = async () => (await read('.steps .state strong')).replace(/\D/g, '')
  const yes = (reading: string) => click(driver, `[data-reading="${reading}"] [data-answer="yes"]`)
  const make = async (tag: string, name: string) => {
    await driver.get(appUrl())
    await click(driver, `[data-machine="${tag}"]`)
    await click(driver, '[data-test="new-job"]')
    await click(driver, `[data-choose="${name}"]`)
    await click(driver, '[data-test="make-job"]')
    await see(driver, '[data-test="network"]')
  }

  before(async () => {
    process.env['YARDFROST_HEATER_RATE'] = '25'
    app = await AppUnderTest.start()
    browser = await openBrowser(...tablet)
    driver = browser.driver
    await cdp('Network.enable', {})
    await signIn(driver)
  })
  after(async () => {
    await browser?.quit()
    await app?.remove()
    delete process.env['YARDFROST_HEATER_RATE']
  })

  it('is made from a machine and stands at lock-out, which is not passed without its caution and its proof', async () => {
    await make('BP-11', 'Coupling end')
    assert.match(await read('[data-test="blockers"]'), /a caution is not acknowledged; Proven dead is missing/)
    assert.isFalse(await (await see(driver, '[data-test="step-done-button"]')).isEnabled())
    await acknowledge()
    await yes('dead')
    await done()
    await seeText(driver, 'h1', /Ask what was done before/)
    await seeText(driver, '[data-test="job-state"]', /under way/)
  })

  it('is led on step by step, with a note and a photograph', async () => {
    await fill(driver, '[data-test="reading.asked"]', 'Day shift')
    await done()
    await seeText(driver, 'h1', /Mark and photograph/)
    await fill(driver, '[data-test="note"]', 'Grease black at the relief port')
    // A tab that is closed in the middle of a note has it still.
    await seeText(driver, '[data-test="network"]', /^All sent$/)
    await driver.navigate().refresh()
    assert.equal(
      await (await see(driver, '[data-test="note"]')).getAttribute('value'),
      'Grease black at the relief port',
    )
    await click(driver, '[data-test="keep-note"]')
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'cap.png')
    writeFileSync(file, png)
    await (await see(driver, '[data-test="photo"]')).sendKeys(file)
    await see(driver, '.photos img')
    await done()
    await acknowledge()
    await done()
    await fill(driver, '[data-test="reading.number"]', '6313')
    await done()
    await seeText(driver, 'h1', /Gauge the seats/)
  })

  it('refuses a photograph that is none, and says so', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'virus.jpg')
    writeFileSync(file, Buffer.concat([Buffer.from('7f454c46', 'hex'), Buffer.alloc(300)]))
    await (await see(driver, '[data-test="photo"]')).sendKeys(file)
    await seeText(driver, '[data-test="refused"]', /must be a photograph: jpeg, png, webp/)
    await click(driver, '[data-test="refused"] button')
  })

  it('does not let a reading out of limits pass without a reason, and keeps it marked', async () => {
    for (const [key, value] of [
      ['shaft-0', '65,02'],
      ['shaft-2', '65.005'],
      ['housing-0', '5.5119 in'],
      ['housing-2', '140.010'],
    ] as const)
      // prettier-ignore
      await fill(driver, `[data-test="reading.${key}"]`, value)
    await seeText(driver, '[data-test="blockers"]', /Shaft, plane 1, upright is out of limits and has no reason/)
    await fill(driver, '[data-test="reason.shaft-0"]', 'Within what the sleeve allows')
    await click(driver, '[data-test="keep.shaft-0"]')
    await done()
    await see(driver, '[data-step^="gauge"][data-state="watch"]')
  })

  it('says what on the box is not what the machine calls for', async () => {
    await seeText(driver, 'h1', /Check the new one/)
    await fill(driver, '[data-test="reading.number"]', '6313')
    await seeText(driver, '[data-reading="number"]', /should be 6313-C3.*Out of limits/s)
    await fill(driver, '[data-test="reading.number"]', '6313 c3')
    await fill(driver, '[data-test="reading.clearance"]', 'C3')
    await acknowledge()
    await done()
    await seeText(driver, 'h1', /Heat and mount/)
  })

  it('heats the ring only after its cautions, says when to lift it, counts down, and knows a ring that stopped short', async () => {
    assert.isFalse(await (await see(driver, '[data-test="heat-start"]')).isEnabled())
    await acknowledge()
    await click(driver, '[data-test="heat-start"]')
    await seeText(driver, '[data-test="heat-says"]', /Heating|waits for the outer ring/)
    await seeText(driver, '[data-test="heat-says"]', /^Lift it now/)
    await click(driver, '[data-test="point"]')
    // Bright steel at 65 °C looks like some 28.
    await seeText(driver, '[data-test="infrared"]', /It shows (2[5-9]|3\d)\s°C.*at about ([5-9]\d)\s°C/s)
    await click(driver, '[data-test="heat-lift"]')
    await seeText(driver, '[data-test="heat-left"]', /^\d+:\d\d$/)
    await click(driver, '[data-test="heat-short"]')
    await seeText(driver, '[data-test="heat-says"]', /no hammer/)
    await click(driver, '[data-test="heat-start"]')
    await seeText(driver, '[data-test="heat-says"]', /^Lift it now/)
    await click(driver, '[data-test="heat-lift"]')
    await click(driver, '[data-test="heat-home"]')
    await done()
    await seeText(driver, 'h1', /Lock it/)
  })

  it('says when the heater breaks off, and goes on with the next one', async () => {
    await step('mount')
    await click(driver, '[data-test="heat-start"]')
    // The plug is pulled once it is really heating: a sample has come.
    await driver.wait(async () => (await see(driver, '[data-test="heat-lift"]')).isEnabled(), 10_000, 'no sample came')
    app.killHeater()
    await seeText(driver, '[data-test="heat-trouble"]', /broke off|broke, and it has switched off/)
    await driver.wait(
      async () => {
        const [start] = await driver.findElements(By.css('[data-test="heat-start"]'))
        if (start) await start.click()
        await driver.sleep(700)
        return (await driver.findElements(By.css('[data-test="heat-trouble"]'))).length === 0
      },
      10_000,
      'no heater came back',
    )
    await click(driver, '[data-test="heat-stop"]')
  })

  it('goes on through a lost network, keeps what is entered, and sends it once when it is back', async () => {
    await step('lock')
    await offline(true)
    try {
      await yes('seated')
      await seeText(driver, '[data-test="network"]', /No network, 1 entry kept here/)
      await done()
      await seeText(driver, 'h1', /Hold this end/)
      await yes('held')
      await done()
      await seeText(driver, '[data-test="network"]', /4 entries kept here/)
    } finally {
      await offline(false)
    }
    await seeText(driver, '[data-test="network"]', /^All sent$/)
    await driver.executeScript('window.onbeforeunload = null')
    await driver.navigate().refresh()
    await see(driver, '[data-step^="float"][data-state="go"]')
    await see(driver, '[data-step^="lock:"][data-state="go"]')
  })

  it('opens where it was without a network, says so, and keeps what is entered then', async () => {
    // The page is kept on the device by its worker, once that has everything.
    await driver.executeAsyncScript('navigator.serviceWorker.ready.then(arguments[arguments.length - 1])')
    /** When the kept job was last heard from the server. */
    const keptAt = () =>
      driver.executeAsyncScript<string>(
        `const done = arguments[arguments.length - 1]
         const id = /jobs.([^/]+)/.exec(location.pathname)[1]
         indexedDB.open('yardfrost').onsuccess = ({ target: { result } }) => {
           result.transaction('answers').objectStore('answers').get('/jobs/' + id).onsuccess = (event) => {
             result.close()
             done(event.target.result.at)
           }
         }`,
      )
    const heard = await keptAt()
    await offline(true)
    try {
      await driver.navigate().refresh()
      await seeText(driver, '[data-test="kept"]', /cannot be reached.*stood on this device at/s)
      await see(driver, '[data-step^="float"][data-state="go"]')
      await step('fill')
      await fill(driver, '[data-test="note"]', 'Written in the pit, no signal')
      await click(driver, '[data-test="keep-note"]')
      await driver.navigate().refresh()
      await seeText(driver, '[data-test="network"]', /1 entry kept here/)
      assert.equal(await keptAt(), heard, 'looking at a kept job does not make it younger')
      // To the machine and back, as one does to look something up.
      await click(driver, '.crumbs a:last-of-type')
      await click(driver, '[data-job]')
      await seeText(driver, '[data-test="network"]', /1 entry kept here/)
    } finally {
      await offline(false)
    }
    await seeText(driver, '[data-test="network"]', /^All sent$/)
    await seeGone(driver, '[data-test="kept"]')
    await step('fill')
    await seeText(driver, '.extras', /Written in the pit/)
  })

  it('is where it was after the server was killed under it', async () => {
    await step('fill')
    await fill(driver, '[data-test="reading.grease"]', 'Lithium, VG 100')
    await app.restart()
    await fill(driver, '[data-test="reading.grams"]', '115')
    await seeText(driver, '[data-test="network"]', /^All sent$/)
    await done()
    await yes('free')
    await done()
    await seeText(driver, 'h1', /Run up/)
  })

  it('keeps what is entered while the database is stopped, and sends it when it is back', async () => {
    await app.stopDatabase()
    try {
      await fill(driver, '[data-test="note"]', 'Written without a database')
      await click(driver, '[data-test="keep-note"]')
      await seeText(driver, '[data-test="network"]', /No network, 1 entry kept here/)
    } finally {
      await app.startDatabase()
    }
    await seeText(driver, '[data-test="network"]', /^All sent$/)
    await driver.navigate().refresh()
    await seeText(driver, '.extras', /Written without a database/)
  })

  it('shows two people each other’s entries within a second', async () => {
    const other = await openBrowser(...tablet)
    try {
      await signIn(other.driver, 'planner', 'marram-grass')
      await other.driver.get(await driver.getCurrentUrl())
      await see(other.driver, '[data-test="network"]')
      await fill(driver, '[data-test="note"]', 'Runs quiet')
      await click(driver, '[data-test="keep-note"]')
      const began = Date.now()
      await seeText(other.driver, '.extras', /Runs quiet.*Una Varga/s)
      assert.isBelow(Date.now() - began, 2000)
    } finally {
      await other.quit()
    }
  })

  it('is closed when all is done, and leaves the position as it was read', async () => {
    await acknowledge()
    await fill(driver, '[data-test^="reading.after-15:"]', '48')
    await fill(driver, '[data-test^="reading.after-60:"]', '136 F')
    await done()
    await fill(driver, '[data-test="reading.told"]', 'Control room')
    await done()
    await driver.wait(async () => (await see(driver, '[data-test="close-job"]')).isEnabled(), 5000)
    await click(driver, '[data-test="close-job"]')
    await seeText(driver, '[data-test="job-state"]', /^done$/)
    number = await numberOf()
    await see(driver, '[data-test="ended"]')
    await driver.get(appUrl())
    await openPosition(driver, 'BP-11', 'Coupling end')
    await click(driver, '[data-lens="seat"]')
    await click(driver, '[data-page="gauge"]')
    const values = 'return [...document.querySelectorAll("input")].map((input) => input.value).join(" ")'
    assert.match(await driver.executeScript<string>(values), /65\.020? /)
  })

  it('is on paper as pages with drawing, limits, readings and room to sign', async () => {
    await driver.get(appUrl())
    await click(driver, '[data-machine="BP-11"]')
    await click(driver, `[data-job="${number}"]`)
    await click(driver, '[data-test="to-card"]')
    await see(driver, '[data-test="job-card"] svg')
    const { data } = await cdp('Page.printToPDF', { printBackground: true, preferCSSPageSize: true })
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'card.pdf')
    writeFileSync(file, Buffer.from(String(data), 'base64'))
    const folder = process.env['YARDFROST_SHOTS']
    if (folder) writeFileSync(join(folder, 'card.pdf'), Buffer.from(String(data), 'base64'))
    assert.match(
      await read('[data-test="job-card"]'),
      /As left.*6313-C3.*65\.020.*out: Within what the sleeve allows.*Checked by/s,
    )
    await seeText(driver, '[data-test="as-found-as-left"]', /as found as left.*Shaft, gauged empty 65\.020, 65\.005/s)
    if (existsSync('/usr/bin/pdftotext')) {
      const text = execFileSync('/usr/bin/pdftotext', ['-layout', file, '-']).toString()
      assert.match(text, /As left/)
      assert.match(text, /Handed over to/)
    }
  })

  it('drives a taper up by what the feelers say', async () => {
    await make('DF-41', 'Fan end')
    await acknowledge()
    await yes('dead')
    await done()
    await step('mount')
    await acknowledge()
    await fill(driver, '[data-test="reading.before"]', '105')
    await fill(driver, '[data-test="reading.after"]', '30')
    await seeText(driver, '[data-reading="after"]', /at least 40.*Out of limits/s)
    await fill(driver, '[data-test="reading.after"]', '60')
    await fill(driver, '[data-test="reading.lost"]', '45')
    await seeGone(driver, '[data-test="blockers"]')
  })

  it('is planned for a day', async () => {
    await click(driver, '[data-test="plan"]')
    await driver.executeScript(
      `const day = document.querySelector('[data-test="planned-day"]')
       day.value = '2031-03-01'
       day.dispatchEvent(new Event('input', { bubbles: true }))`,
    )
    await click(driver, '[data-test="state-confirm"]')
    await seeText(driver, '[data-test="planned-for"]', /for Sat,? 1 Mar/)
  })

  it('waits with a reason, is cancelled with one, and stands in the Yard meanwhile', async () => {
    await click(driver, '[data-test="wait"]')
    await fill(driver, '[data-test="state-reason"]', 'Lock washer on order')
    await click(driver, '[data-test="state-confirm"]')
    await seeText(driver, '[data-test="job-state"]', /waiting/)
    number = await numberOf()
    await driver.get(appUrl())
    await seeText(driver, `[data-job="${number}"]`, /DF-41.*waiting/s)
    await click(driver, `[data-job="${number}"]`)
    await click(driver, '[data-test="cancel"]')
    await fill(driver, '[data-test="state-reason"]', 'Fan stays until the stop')
    await click(driver, '[data-test="state-confirm"]')
    await seeText(driver, '[data-test="job-state"]', /cancelled/)
  })

  it('keeps what came too late on the device, with the reason, until it has been read', async () => {
    await make('BM-11', 'Drive end')
    await step('evidence')
    await offline(true)
    try {
      await fill(driver, '[data-test="note"]', 'Fan cover rubs')
      await click(driver, '[data-test="keep-note"]')
      await seeText(driver, '[data-test="network"]', /1 entry kept here/)
      await app.query(`update job set state = 'cancelled', reason = 'doubled' where number = ${await numberOf()}`)
    } finally {
      await offline(false)
    }
    const told = /Not taken: Mark and photograph: note “Fan cover rubs”.*takes nothing more.*Make a new job/s
    await seeText(driver, '[data-test="refused"]', told)
    await driver.navigate().refresh()
    await seeText(driver, '[data-test="refused"]', told)
    await seeText(driver, '[data-test="job-state"]', /cancelled/)
    await click(driver, '[data-test="refused"] button')
    await driver.navigate().refresh()
    await see(driver, '[data-test="ended"]')
    assert.isEmpty(await driver.findElements(By.css('[data-test="refused"]')))
  })

  it('holds on a narrow screen and by keyboard', async () => {
    await make('WM-90', 'Drive end')
    await press(driver, '\uE015')
    await seeText(driver, 'h1', /Ask what was done before/)
    await setSize(driver, 600, 900)
    const overflow = 'return document.documentElement.scrollWidth - document.documentElement.clientWidth'
    assert.equal(await driver.executeScript(overflow), 0)
    await setSize(driver, ...tablet)
  })

  it('is shown to a viewer, who enters nothing', async () => {
    const url = await driver.getCurrentUrl()
    await click(driver, '[data-test="sign-out"]')
    await signIn(driver, 'viewer', 'salt-air')
    await driver.get(url)
    await see(driver, '[data-test="network"]')
    assert.isEmpty(
      await driver.findElements(By.css('[data-test="step-done-button"], [data-test="cancel"], [data-test="photo"]')),
    )
  })

  it('names the ways of mounting on the bench, with what must not be struck out', async () => {
    await driver.get(appUrl())
    await openPosition(driver, 'BP-11', 'Coupling end')
    await click(driver, '[data-lens="mount"]')
    await click(driver, '[data-page="way"]')
    await see(driver, '[data-way="induction heater"].go')
    await seeText(driver, '[data-way="oil injection"] s', /oil injection/)
    await choose(driver, '[data-test="mount.holding"]', 'lock nut')
    await see(driver, '[data-test="half-section"] [data-held]')
    await click(driver, '[data-page="clock"]')
    await see(driver, '[data-test="heat-clock"]')
  })
})
