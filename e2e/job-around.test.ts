import { assert } from 'chai'
import { describePage } from './describe-page.ts'
import { jobAt, tablet } from './job-at.ts'

describePage('around a job', { as: 'technician', size: tablet }, ({ app, page }) => {
  const job = jobAt(page)

  it('drives a taper up by what the feelers say', async () => {
    await job.make('DF-41', 'Fan end')
    await job.acknowledge()
    await job.yes('dead')
    await job.done()
    await job.step('mount')
    await job.acknowledge()
    await page.fill('[data-test="reading.before"]', '105')
    await page.fill('[data-test="reading.after"]', '30')
    await page.seeText('[data-reading="after"]', /at least 40.*Out of limits/s)
    await page.fill('[data-test="reading.after"]', '60')
    await page.fill('[data-test="reading.lost"]', '45')
    await page.seeGone('[data-test="blockers"]')
  })

  it('is planned for a day', async () => {
    await page.click('[data-test="plan"]')
    await page.driver.executeScript(
      `const day = document.querySelector('[data-test="planned-day"]')
       day.value = '2031-03-01'
       day.dispatchEvent(new Event('input', { bubbles: true }))`,
    )
    await page.click('[data-test="state-confirm"]')
    await page.seeText('[data-test="planned-for"]', /for Sat,? 1 Mar/)
  })

  it('waits with a reason, is cancelled with one, and stands in the Yard meanwhile', async () => {
    await page.click('[data-test="wait"]')
    await page.fill('[data-test="state-reason"]', 'Lock washer on order')
    await page.click('[data-test="state-confirm"]')
    await page.seeText('[data-test="job-state"]', /waiting/)
    const number = await job.number()
    await page.go()
    await page.seeText('[data-line^="DF-41"]', /Waits at/)
    await page.click(`[data-job="${number}"]`)
    await page.click('[data-test="cancel"]')
    await page.fill('[data-test="state-reason"]', 'Fan stays until the stop')
    await page.click('[data-test="state-confirm"]')
    await page.seeText('[data-test="job-state"]', /cancelled/)
  })

  it('keeps what came too late on the device, with the reason, until it has been read', async () => {
    await job.make('BM-11', 'Drive end')
    await job.step('evidence')
    await page.setOffline(true)
    try {
      await page.fill('[data-test="note"]', 'Fan cover rubs')
      await page.click('[data-test="keep-note"]')
      await page.seeText('[data-test="network"]', /1 entry kept here/)
      await app.query(`update job set state = 'cancelled', reason = 'doubled' where number = ${await job.number()}`)
    } finally {
      await page.setOffline(false)
    }
    const told = /Not taken: Mark and photograph: note “Fan cover rubs”.*takes nothing more.*Make a new job/s
    await page.seeText('[data-test="refused"]', told)
    await page.refresh()
    await page.seeText('[data-test="refused"]', told)
    await page.seeText('[data-test="job-state"]', /cancelled/)
    await page.click('[data-test="refused"] button')
    await page.refresh()
    await page.see('[data-test="ended"]')
    assert.isEmpty(await page.all('[data-test="refused"]'))
  })

  it('holds on a narrow screen and by keyboard', async () => {
    await job.make('WM-90', 'Drive end')
    await page.press('\uE015')
    await page.seeText('h1', /Ask what was done before/)
    await page.setSize(600, 900)
    const overflow = 'return document.documentElement.scrollWidth - document.documentElement.clientWidth'
    await page.eventually(async () => assert.equal(await page.driver.executeScript(overflow), 0))
    await page.setSize(...tablet)
  })

  it('is shown to a viewer, who enters nothing', async () => {
    const url = await page.driver.getCurrentUrl()
    await page.click('[data-test="sign-out"]')
    await page.signIn('viewer')
    await page.driver.get(url)
    await page.see('[data-test="network"]')
    assert.isEmpty(await page.all('[data-test="step-done-button"], [data-test="cancel"], [data-test="photo"]'))
  })

  it('names the ways of mounting on the bench, with what must not be struck out', async () => {
    await page.go()
    await page.openPosition('BP-11', 'Coupling end')
    await page.click('[data-lens="mount"]')
    await page.click('[data-page="way"]')
    await page.see('[data-handling="pull-inner"] svg')
    await page.see('[data-way="induction heater"].go')
    await page.seeText('[data-way="oil injection"] s', /oil injection/)
    await page.choose('[data-test="mount.holding"]', 'lock nut')
    await page.see('[data-test="half-section"] [data-held]')
    await page.click('[data-page="clock"]')
    await page.see('[data-test="heat-clock"]')
  })
})
