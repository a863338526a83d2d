import { findBearing, seeInside } from '@yardfrost/core'
import { catalogue } from '@yardfrost/core/test/references.ts'
import { assert } from 'chai'
import { Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'

/** Life of a cylindrical roller bearing under 25 kN at 1480 r/min, h. */
const lifeOf = (tiltArcmin: number, clearanceUm = 0): number => {
  const bearing = findBearing('NU313-C3', catalogue)
  if (!bearing) throw new Error('NU313-C3 is not in the tables')
  const load = { radialN: 25000, axialN: 0, speedRpm: 1480, dynamicRatingN: null, rotatingRing: 'inner' as const }
  return seeInside(bearing, { ...load, clearanceUm, tiltArcmin }).life?.hoursH ?? Number.NaN
}
/** Digits of a text, without what stands between thousands. */
const digits = (text: string): number => Number(/\d[\d\s\u2060]*/.exec(text)?.[0].replace(/\D/g, ''))

describePage('looking inside', { as: 'technician' }, ({ page }) => {
  const near = (shown: number, expected: number) => assert.approximately(shown / expected, 1, 0.06)
  const slide = async (what: string, key: string, times: number) => {
    const handle = await page.see(`[data-test="try-${what}"] [role="slider"]`)
    await handle.sendKeys(...Array.from({ length: times }, () => key))
  }
  const life = async () => digits(await page.read('[data-figure="insideLife"] [data-test="digits"]'))

  it('asks for a load, and then shows who carries it', async () => {
    await page.openPosition('WM-91', 'Drive end')
    await page.fill('[data-test="bearing.designation"]', 'NU313-C3')
    await page.lens('carry')
    await page.turnTo('inside')
    await page.seeText('[data-test="inside-open"]', /needs a load first/)
    await page.turnTo('life')
    await page.fill('[data-test="load.radialN"]', '25000')
    await page.fill('[data-test="load.speedRpm"]', '1480')
    await page.turnTo('inside')
    await page.seeText('.heads', /\d+\s*of \d+ rollers carry/)
    const carry = Number(await page.read('[data-test="carrying"]'))
    assert.lengthOf(await page.all('[data-test="inside-sheet"] [data-carries="true"]'), carry)
    near(await life(), lifeOf(0))
    await page.see('[data-test="clearance-curve"]')
    await page.see('[data-test="slices"]')
  })

  it('shows the working of what it tells, and its practices side by side', async () => {
    const told = await page.read('[data-figure="insideLife"] [data-test="digits"]')
    await page.seeText('[data-practice="reference"]', new RegExp(told))
    await page.see('[data-practice="iso281"]')
    await page.click('[data-figure="insideLife"] .how')
    await page.seeExactly('[data-test="working-digits"]', told)
    await page.seeText('[data-test="working"]', /dynamic rating.*ISO\/TS 16281/s)
    await page.clickWords('[data-test="working"] [role="tab"]', 'Best clearance')
    await page.seeText('[data-test="working"]', /lasts longest at/)
    await page.click('[data-test="close-working"]')
  })

  it('loses life by a tilt that is slid in by keyboard, as core has it, and by too much clearance', async () => {
    await slide('tilt', Key.ARROW_RIGHT, 20)
    await page.eventually(async () => near(await life(), lifeOf(2)))
    await page.click('[data-test="as-it-runs"]')
    await page.eventually(async () => near(await life(), lifeOf(0)))
    await slide('clearance', Key.ARROW_RIGHT, 40)
    await page.eventually(async () => {
      const um = digits(await page.read('[data-test="tried-clearance"]'))
      assert.isAbove(um, 10)
      near(await life(), lifeOf(0, um))
      assert.isBelow(lifeOf(0, um), lifeOf(0))
    })
  })
})
