import { assert } from 'chai'
import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describePage } from './describe-page.ts'
import { jobAt, tablet } from './job-at.ts'
import { Page } from './page.ts'
import { pictureFile } from './picture-file.ts'

describePage('a job at the machine', { as: 'technician', size: tablet, heaterRate: 25 }, ({ app, page }) => {
  const job = jobAt(page)
  /** Number of the job that is followed from lock-out to paper. */
  let number = ''

  it('is made from a machine and stands at lock-out, which is not passed without its caution and its proof', async () => {
    await job.make('BP-11', 'Coupling end')
    await page.seeText('[data-test="blockers"]', /a caution is not acknowledged; Proven dead is missing/)
    await page.see('[data-test="step-done-button"]:disabled')
    await job.acknowledge()
    await job.yes('dead')
    await job.done()
    await page.seeText('h1', /Ask what was done before/)
    await page.seeText('[data-test="job-state"]', /under way/)
  })

  it('is led on step by step, with a note and a photograph', async () => {
    await page.fill('[data-test="reading.asked"]', 'Day shift')
    await job.done()
    await page.seeText('h1', /Mark and photograph/)
    await page.fill('[data-test="note"]', 'Grease black at the relief port')
    // A tab that is closed in the middle of a note has it still.
    await page.seeText('[data-test="network"]', /^All sent$/)
    await page.refresh()
    await page.seeValue('[data-test="note"]', 'Grease black at the relief port')
    await page.click('[data-test="keep-note"]')
    await page.attach('[data-test="photo"]', pictureFile('cap.png'))
    await page.see('.photos img')
    await job.done()
    await job.acknowledge()
    await job.done()
    await page.fill('[data-test="reading.number"]', '6313')
    // Marks are the signs of Diagnose, by what they are called at the bench.
    for (const [called, sign] of [
      ['misaligned', 'Wear to one side'],
      ['cage', 'Cage broken'],
    ] as const) {
      await (await page.see('[data-test="reading.marks"]')).sendKeys(called)
      await page.clickWords('[role="option"]', sign)
      await page.seeText('[data-test="job-marks"]', new RegExp(sign))
    }
    // Or by likeness, from the drawings of a part.
    await page.click('[data-part="seals"]')
    await page.click('[data-sign="seal-worn-one-side"]')
    await page.click('[data-test="close-part"]')
    await page.seeText('[data-test="job-causes"]', /misalignment/i)
    await page.click('[data-reading="ended"] [data-answer="failed"]')
    await job.done()
    await page.seeText('h1', /Gauge the seats/)
  })

  it('refuses a photograph that is none, and says so', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'virus.jpg')
    writeFileSync(file, Buffer.concat([Buffer.from('7f454c46', 'hex'), Buffer.alloc(300)]))
    await page.attach('[data-test="photo"]', file)
    await page.seeText('[data-test="refused"]', /must be a photograph of .*: jpeg, png, webp/)
    await page.click('[data-test="refused"] button')
  })

  it('does not let a reading out of limits pass without a reason, and keeps it marked', async () => {
    for (const [key, value] of [
      ['shaft-0', '65,02'],
      ['shaft-2', '65.005'],
      ['housing-0', '5.5119 in'],
      ['housing-2', '140.010'],
    ] as const)
      // prettier-ignore
      await page.fill(`[data-test="reading.${key}"]`, value)
    await page.seeText('[data-test="blockers"]', /Shaft, plane 1, upright is out of limits and has no reason/)
    await page.fill('[data-test="reason.shaft-0"]', 'Within what the sleeve allows')
    await page.click('[data-test="keep.shaft-0"]')
    await job.done()
    await page.see('[data-step^="gauge"][data-state="watch"]')
  })

  it('says what on the box is not what the machine calls for', async () => {
    await page.seeText('h1', /Check the new one/)
    await page.fill('[data-test="reading.number"]', '6313')
    await page.seeText('[data-reading="number"]', /should be 6313-C3.*Out of limits/s)
    await page.fill('[data-test="reading.number"]', '6313 c3')
    await page.fill('[data-test="reading.clearance"]', 'C3')
    await job.acknowledge()
    await job.done()
    await page.seeText('h1', /Heat and mount/)
  })

  it('heats the ring only after its cautions, says when to lift it, counts down, and knows a ring that stopped short', async () => {
    await page.see('[data-test="heat-start"]:disabled')
    await job.acknowledge()
    await page.click('[data-test="heat-start"]')
    await page.seeText('[data-test="heat-says"]', /Heating|waits for the outer ring/)
    await page.seeText('[data-test="heat-says"]', /^Lift it now/)
    await page.click('[data-test="point"]')
    // Bright steel at 65 °C looks like some 28.
    await page.seeText('[data-test="infrared"]', /It shows (2[5-9]|3\d)\s°C.*at about ([5-9]\d|1\d\d)\s°C/s)
    await page.click('[data-test="heat-lift"]')
    await page.seeText('[data-test="heat-left"]', /^\d+:\d\d$/)
    await page.click('[data-test="heat-short"]')
    await page.seeText('[data-test="heat-says"]', /no hammer/)
    await page.click('[data-test="heat-start"]')
    await page.seeText('[data-test="heat-says"]', /^Lift it now/)
    await page.click('[data-test="heat-lift"]')
    await page.click('[data-test="heat-home"]')
    await job.done()
    await page.seeText('h1', /Lock it/)
  })

  it('says when the heater breaks off, and goes on with the next one', async () => {
    await job.step('mount')
    await page.click('[data-test="heat-start"]')
    // The plug is pulled once it is really heating: a sample has come.
    await page.seeEnabled('[data-test="heat-lift"]')
    app.killHeater()
    await page.seeText('[data-test="heat-trouble"]', /broke off|broke, and it has switched off/)
    // Switched on anew whenever it can be, until a ring is being heated again.
    await page.driver.wait(
      async () => {
        const [start] = await page.all('[data-test="heat-start"]:enabled')
        await start?.click().catch(() => undefined)
        return (await page.all('[data-test="heat-lift"]:enabled')).length > 0
      },
      15_000,
      'no heater came back',
    )
    await page.click('[data-test="heat-stop"]')
  })

  it('goes on through a lost network, keeps what is entered, and sends it once when it is back', async () => {
    await job.step('lock')
    await page.setOffline(true)
    try {
      await job.yes('seated')
      await page.seeText('[data-test="network"]', /No network, 1 entry kept here/)
      await job.done()
      await page.seeText('h1', /Hold this end/)
      await job.yes('held')
      await job.done()
      await page.seeText('[data-test="network"]', /4 entries kept here/)
    } finally {
      await page.setOffline(false)
    }
    await page.seeText('[data-test="network"]', /^All sent$/)
    await page.driver.executeScript('window.onbeforeunload = null')
    await page.refresh()
    await page.see('[data-step^="float"][data-state="go"]')
    await page.see('[data-step^="lock:"][data-state="go"]')
  })

  it('opens where it was without a network, says so, and keeps what is entered then', async () => {
    // The page is kept on the device by its worker, once that has everything.
    await page.driver.executeAsyncScript('navigator.serviceWorker.ready.then(arguments[arguments.length - 1])')
    /** When the kept job was last heard from the server. */
    const keptAt = () =>
      page.driver.executeAsyncScript<string>(
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
    await page.setOffline(true)
    try {
      await page.refresh()
      await page.seeText('[data-test="kept"]', /cannot be reached.*stood on this device at/s)
      await page.see('[data-step^="float"][data-state="go"]')
      await job.step('fill')
      await page.fill('[data-test="note"]', 'Written in the pit, no signal')
      await page.click('[data-test="keep-note"]')
      await page.refresh()
      await page.seeText('[data-test="network"]', /1 entry kept here/)
      assert.equal(await keptAt(), heard, 'looking at a kept job does not make it younger')
      // To the machine and back, as one does to look something up.
      await page.click('.crumbs a:last-of-type')
      await page.click('[data-job]')
      await page.seeText('[data-test="network"]', /1 entry kept here/)
    } finally {
      await page.setOffline(false)
    }
    await page.seeText('[data-test="network"]', /^All sent$/)
    await page.seeGone('[data-test="kept"]')
    await job.step('fill')
    await page.seeText('.extras', /Written in the pit/)
  })

  it('is where it was after the server was killed under it', async () => {
    await job.step('fill')
    await page.fill('[data-test="reading.grease"]', 'Lithium, VG 100')
    await app.restart()
    await page.fill('[data-test="reading.grams"]', '115')
    await page.seeText('[data-test="network"]', /^All sent$/)
    await job.done()
    await job.yes('free')
    await job.done()
    await page.seeText('h1', /Run up/)
  })

  it('keeps what is entered while the database is stopped, and sends it when it is back', async () => {
    await app.stopDatabase()
    try {
      await page.fill('[data-test="note"]', 'Written without a database')
      await page.click('[data-test="keep-note"]')
      await page.seeText('[data-test="network"]', /No network, 1 entry kept here/)
    } finally {
      await app.startDatabase()
    }
    await page.seeText('[data-test="network"]', /^All sent$/)
    await page.refresh()
    await page.seeText('.extras', /Written without a database/)
  })

  it('shows two people each other’s entries within a second', async () => {
    const other = await Page.open(...tablet)
    try {
      await other.signIn('planner')
      await other.driver.get(await page.driver.getCurrentUrl())
      await other.see('[data-test="network"]')
      await page.fill('[data-test="note"]', 'Runs quiet')
      await page.click('[data-test="keep-note"]')
      const began = Date.now()
      await other.seeText('.extras', /Runs quiet.*Una Varga/s)
      assert.isBelow(Date.now() - began, 2000)
    } finally {
      await other.close()
    }
  })

  it('is closed when all is done, and leaves the position as it was read', async () => {
    await job.acknowledge()
    // A slip is asked about before it is judged, and nothing says go beside it.
    await page.fill('[data-test^="reading.after-15:"]', '-5 F')
    await page.seeText('[data-test^="doubt.after-15:"]', /freezing/)
    await page.seeGone('[data-reading^="after-15:"] .verdict')
    await page.click('[data-test^="again.after-15:"]')
    await page.fill('[data-test^="reading.after-15:"]', '48')
    await page.fill('[data-test^="reading.after-60:"]', '136 F')
    await job.done()
    await page.fill('[data-test="reading.told"]', 'Control room')
    await job.done()
    await page.seeEnabled('[data-test="close-job"]')
    await page.click('[data-test="close-job"]')
    await page.seeText('[data-test="job-state"]', /^done$/)
    number = await job.number()
    await page.see('[data-test="ended"]')
    await page.go()
    await page.openPosition('BP-11', 'Coupling end')
    await page.click('[data-lens="seat"]')
    await page.click('[data-page="gauge"]')
    await page.seeValue('[data-test="seat.shaftReadingsMm.0.0"]', '65.020')
  })

  it('is on paper as pages with drawing, limits, readings and room to sign', async () => {
    await page.go()
    await page.click('[data-machine="BP-11"]')
    await page.click(`[data-job="${number}"]`)
    await page.click('[data-test="to-card"]')
    await page.see('[data-test="job-card"] svg')
    const { data } = await page.devTools('Page.printToPDF', { printBackground: true, preferCSSPageSize: true })
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-')), 'card.pdf')
    writeFileSync(file, Buffer.from(String(data), 'base64'))
    const folder = process.env['YARDFROST_SHOTS']
    if (folder) writeFileSync(join(folder, 'card.pdf'), Buffer.from(String(data), 'base64'))
    await page.seeText(
      '[data-test="job-card"]',
      /As left.*6313-C3.*65\.020.*out: Within what the sleeve allows.*Checked by/s,
    )
    await page.seeText('[data-test="as-found-as-left"]', /as found as left.*Shaft, gauged empty 65\.020, 65\.005/s)
    if (existsSync('/usr/bin/pdftotext')) {
      const text = execFileSync('/usr/bin/pdftotext', ['-layout', file, '-']).toString()
      assert.match(text, /As left/)
      assert.match(text, /Handed over to/)
    }
  })
})
