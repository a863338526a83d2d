import { assert } from 'chai'
import { describePage } from './describe-page.ts'

describePage('point, line and barrel', { as: 'technician' }, ({ page }) => {
  const pressure = async (kind: string) =>
    Number((await page.read(`[data-kind="${kind}"] [data-test="contact-pressure"]`)).replace(/\D/g, ''))

  it('sets ball, roller and barrel of the bore side by side under the load of the position', async () => {
    await page.openPosition('CM-31', 'Drive end')
    await page.lens('carry')
    await page.turnTo('contact')
    await page.seeText('[data-kind="line"]', /NU319/)
    assert.lengthOf(await page.all('[data-foot] .foot'), 3)
    assert.isAbove(await pressure('point'), await pressure('line'))
  })

  it('presses harder under twice the load, by keyboard', async () => {
    const before = await pressure('line')
    await page.driver.executeScript(`document.querySelector('[data-try="twice the load"]').focus()`)
    await page.driver.actions().sendKeys(' ').perform()
    await page.eventually(async () => assert.isAbove(await pressure('line'), before))
  })

  it('tells what tilt does to each, and what a grain does', async () => {
    await page.click('[data-try="tilted by 4′"]')
    await page.seeText('[data-kind="barrel"] [data-test="contact-says"]', /swivels/)
    await page.seeText('[data-kind="line"] [data-test="contact-says"]', /One end is pressed \d+ % harder/)
    await page.click('[data-try="of 100 µm"]')
    await page.seeText('[data-kind="barrel"] [data-test="contact-says"]', /\d+ % of what the footprint is long/)
    assert.lengthOf(await page.all('.grain'), 3)
  })

  it('keeps nothing of what was tried', async () => {
    await page.seeText('[data-test="save-state"]', /^Saved/)
  })
})
