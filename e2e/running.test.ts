import { assert } from 'chai'
import { describePage } from './describe-page.ts'

describePage('how warm it runs', { as: 'technician' }, ({ page }) => {
  it('tells of a motor end by how much its housing is over what its friction explains', async () => {
    await page.openPosition('CM-31', 'Non-drive end')
    await page.lens('grease')
    await page.turnTo('running')
    const over = await page.figure('excess')
    assert.match(over, /^\d+$/)
    await page.seeText('[data-check="warmer"]', new RegExp(`76 °C.* ${over} K are over.*fresh fill run in`, 's'))
    await page.see('[data-test="measured-line"]')
    await page.see('[data-part="load"]')
  })

  it('says nothing once it has cooled into its band, with a comma and in Fahrenheit', async () => {
    await page.fill('[data-test="grease.runningC"]', '50,5')
    await page.seeGone('[data-check="warmer"]')
    await page.seeGone('[data-figure="excess"]')
    await page.press('u')
    await page.fill('[data-test="grease.roomC"]', '104')
    await page.seeText('[data-figure="expected"]', /°F/)
    await page.press('u')
    await page.seeValue('[data-test="grease.roomC"]', '40')
  })

  it('refuses a room that cannot be, and keeps what was entered', async () => {
    await page.fill('[data-test="grease.roomC"]', '900')
    await page.seeText('[data-test="grease.roomC-error"]', /Room around it.*100/s)
    await page.seeValue('[data-test="grease.roomC"]', '900')
    await page.fill('[data-test="grease.roomC"]', '28')
    await page.seeGone('[data-test="grease.roomC-error"]')
  })

  it('asks where it stands before it says anything, and shows the working of every figure', async () => {
    await page.choose('[data-test="grease.standsIn"]', 'not stated')
    await page.see('[data-test="running-open"]')
    await page.choose('[data-test="grease.standsIn"]', 'pillow block')
    await page.click('[data-figure="friction"] button')
    await page.seeText('[data-test="working"]', /of the lubricant/)
  })
})
