import type { ShaftLine } from '@yardfrost/core'
import { catalogue } from '@yardfrost/core/test/references.ts'
import { assessLine, formatQuantity, sketchShaft, usualSketch } from '@yardfrost/core'
import { assert } from 'chai'
import { Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'

describePage('the shaft line', { as: 'technician' }, ({ page }) => {
  const open = async (tag: string) => {
    await page.go()
    await page.click(`[data-machine="${tag}"]`)
    await page.click('[data-test="shaft-line"]')
  }
  /** What core says the bearings carry, as the page writes it. */
  const expected = (line: ShaftLine) =>
    assessLine(line, new Map(), catalogue).supports.map(({ radialN, downN }) =>
      formatQuantity(downN < 0 ? -radialN : radialN, 'force', 'metric'),
    )
  const carried = async () => {
    const rows = await page.all('[data-carried] strong')
    return Promise.all(rows.map((row) => row.getText()))
  }

  it('builds a pump from nothing and reads the loads on its bearings', async () => {
    await open('WM-91')
    await page.seeText('h1', /Nobody has drawn this shaft yet/)
    await page.choose('[data-test="sketch-kind"]', 'pump')
    await page.fill('[data-test="sketch-spanMm"]', '15 in')
    await page.fill('[data-test="sketch-powerKw"]', '40')
    await page.click('[data-test="draw-shaft"]')
    await page.see('[data-test="shaft-sheet"]')
    const line = sketchShaft('pump', { ...usualSketch.pump, spanMm: 381, powerKw: 40 }, ['Drive end', 'Non-drive end'])
    await page.eventually(async () => assert.deepEqual(await carried(), expected(line)))
  })

  it('drags the impeller out and sees the loads follow; one undo takes the whole drag back', async () => {
    const before = await carried()
    const impeller = await page.see('[data-part="impeller"]')
    await page.driver
      .actions()
      .move({ origin: impeller })
      .press()
      .move({ origin: 'pointer' as never, x: 20, y: 0 })
      .move({ origin: 'pointer' as never, x: 25, y: 0 })
      .release()
      .perform()
    await page.eventually(async () => assert.notDeepEqual(await carried(), before))
    const after = await carried()
    await page.press('z')
    await page.eventually(async () => assert.deepEqual(await carried(), before))
    await page.press('y')
    await page.eventually(async () => assert.deepEqual(await carried(), after))
    await page.press('z')
  })

  it('moves it by keyboard, and types the exact place', async () => {
    const impeller = await page.see('[data-part="impeller"]')
    await impeller.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT)
    const field = await page.see('[data-test="parts.impeller.xMm"]')
    const moved = Number(await field.getAttribute('value'))
    await page.fill('[data-test="parts.impeller.xMm"]', String(moved + 30))
    await page.seeText('[data-test="inspector"]', /impeller/i)
    await page.seeValue('[data-test="parts.impeller.xMm"]', String(moved + 30))
  })

  it('says what is wrong with a value, and keeps the last good one', async () => {
    const before = await carried()
    await page.fill('[data-test="parts.impeller.headM"]', 'deep')
    await page.seeText('[data-test="inspector"] [role="alert"]', /Head is “deep”; it must be a number/)
    await page.eventually(async () => assert.deepEqual(await carried(), before))
    await page.fill('[data-test="parts.impeller.headM"]', '20')
  })

  it('does not take a bore that is no smaller than the shaft, whichever of the two is typed', async () => {
    const before = await carried()
    const section = await page.see('[data-section="1"]')
    await page.driver.executeScript('arguments[0].focus()', section)
    const bore = '[data-test="sections.1.boreMm"]'
    const diameter = Number(await (await page.see('[data-test="sections.1.diameterMm"]')).getAttribute('value'))
    await page.fill(bore, String(diameter))
    await page.seeText('[data-test="inspector"] [role="alert"]', /Bore is .*the bore is smaller than the diameter/)
    await page.eventually(async () => assert.deepEqual(await carried(), before))
    await page.fill(bore, '20')
    await page.eventually(async () => assert.notDeepEqual(await carried(), before))
    await page.fill('[data-test="sections.1.diameterMm"]', '15')
    await page.seeText('[data-test="inspector"] [role="alert"]', /Diameter is “15”;.*smaller than the diameter/)
    await page.fill('[data-test="sections.1.diameterMm"]', String(diameter))
    await page.fill(bore, '0')
    await page.eventually(async () => assert.deepEqual(await carried(), before))
  })

  it('puts a belt pulley on, and takes it off', async () => {
    const before = await carried()
    await page.choose('[data-test="add-part"]', 'pulley')
    await page.eventually(async () => assert.notDeepEqual(await carried(), before))
    await page.click('[data-test="take-off"]')
    await page.eventually(async () => assert.deepEqual(await carried(), before))
  })

  it('saves it, and the bench of the position takes its loads from here', async () => {
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /^Saved/)
    const [first] = await carried()
    await page.go()
    await page.openPosition('WM-91', 'Drive end')
    await page.fill('[data-test="bearing.designation"]', '6312-C3')
    await page.click('[data-lens="carry"]')
    await page.seeText('[data-test="load-source"]', new RegExp(`^${first}\\sN radial`))
    await page.click('[data-test="type-loads"]')
    await page.see('[data-test="load.radialN"]')
    await page.click('[data-test="take-loads"]')
    await page.driver.executeScript('localStorage.clear()')
  })

  it('leans a machine over until a roller bearing that holds it is a stop', async () => {
    await open('CM-31')
    await page.see('[data-test="shaft-sheet"]')
    // The roller bearing at the drive end is made to hold, the ball bearing to float.
    await (await page.see('[data-support="Drive end"]')).sendKeys(Key.NULL)
    await page.choose('[data-test="supports.Drive end.holds"]', 'both ways')
    await (await page.see('[data-support="Non-drive end"]')).sendKeys(Key.NULL)
    await page.choose('[data-test="supports.Non-drive end.holds"]', 'floats')
    await page.press('t')
    await page.seeText(
      '[data-check="thrust-0"][data-verdict="stop"]',
      /cylindrical roller bearing carries none: the machine leans over by 15°/,
    )
    await page.driver.executeScript('localStorage.clear()')
  })

  it('shows the fan with both ends held: thrust and the way out, and is free once one floats', async () => {
    await open('DF-41')
    await page.seeText(
      '[data-test="shaft-finding"]',
      /both located: 1.03\smm of growth has nowhere to go, and pushes with up to .*locating rings out/,
    )
    await (await page.see('[data-support="Fan end"]')).sendKeys(Key.NULL)
    await page.choose('[data-test="supports.Fan end.holds"]', 'floats')
    await page.fill('[data-test="supports.Fan end.roomLeftMm"]', '0.5')
    await page.fill('[data-test="supports.Fan end.roomRightMm"]', '60 thou')
    await page.see('[data-check="growth"][data-verdict="go"]')
    await page.driver.executeScript('localStorage.clear()')
  })

  it('draws a load arrow out with the mouse, and takes it back in one', async () => {
    await open('DF-42')
    await page.see('[data-load="belt"]')
    const before = await carried()
    await page.driver
      .actions()
      .move({ origin: await page.see('[data-load="belt"] .grip') })
      .press()
      .move({ origin: 'pointer' as never, x: 0, y: -20 })
      .move({ origin: 'pointer' as never, x: 0, y: -10 })
      .release()
      .perform()
    const tension = await (await page.see('[data-test="parts.belt.tension"]')).getAttribute('value')
    assert.isAbove(Number(tension), 1.2)
    await page.eventually(async () => assert.notDeepEqual(await carried(), before))
    await page.press('z')
    await page.eventually(async () => assert.deepEqual(await carried(), before))
  })

  it('names what buys most life, and a belt too tight among it', async () => {
    await page.click('[data-part="belt"]')
    await page.fill('[data-test="parts.belt.tension"]', '2.5')
    await page.seeText('[data-test="levers"]', /belt at its right tension/)
    await page.seeText('[data-test="whole"]', /Together .* h, required .* The weakest is/)
    await page.driver.executeScript('localStorage.clear()')
  })

  it('runs in steps: lighter work lengthens the life, shares that miss the whole are a stop', async () => {
    await open('BP-12')
    await page.click('[data-test="line.begin-steps"]')
    await page.seeText('[data-test="line.steps"]', /together 100\s%/)
    await page.fill('[data-test="line.steps.1.share"]', '10')
    await page.seeText('[data-check="duty"]', /make 80.0 % of the time.*together they make 100 %/s)
    await page.fill('[data-test="line.steps.1.share"]', '30')
    await page.seeGone('[data-check="duty"]')
    await page.driver.executeScript('localStorage.clear()')
  })

  it('says what is left of the coupling gap when it is hot', async () => {
    await open('CM-31')
    await page.click('[data-part="coupling"]')
    await page.fill('[data-test="parts.coupling.gapMm"]', '0.12 in')
    await page.fill('[data-test="parts.coupling.otherGrowthMm"]', '0,4')
    await page.seeText('[data-check="gap"]', /closes by .* is left when it is hot/s)
    await page.fill('[data-test="parts.coupling.leastGapMm"]', '3')
    await page.seeText('[data-check="gap"][data-verdict="stop"]', /where 3\.00\smm is needed/)
    await page.driver.executeScript('localStorage.clear()')
  })

  it('goes through the arrival list: answers judged at once, kept, saved, and told to the bench', async () => {
    await page.go()
    await page.click('[data-machine="BM-11"]')
    await page.click('[data-test="arrival"]')
    await page.seeText('[data-test="arrival-count"]', /^0 of \d+ answered$/)
    await page.click('[data-question="rings:Drive end"] [data-answer="both"]')
    await page.seeText('[data-question="rings:Drive end"] [data-verdict="stop"]', /which is to float/)
    await page.fill('[data-test="measure-push"]', 'far')
    await page.seeText('[data-question="push"] [role="alert"]', /Moves by is "far"; it must be/)
    await page.fill('[data-test="measure-push"]', '8 thou')
    await page.click('[data-question="push"] [data-answer="little"]')
    await page.seeText('[data-test="arrival-count"]', /^2 of \d+ answered,\s+stop\s+1 to stop for$/)
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /^Saved/)
    await page.go()
    await page.openPosition('BM-11', 'Drive end')
    await page.click('[data-lens="float"]')
    await page.seeText('[data-check="arrival-rings:Drive end"]', /Locating rings stand on both sides at Drive end/)
  })

  it('keeps a draft of the shaft through a closed page', async () => {
    await open('BP-11')
    await page.see('[data-test="shaft-sheet"]')
    const before = await carried()
    await page.fill('[data-test="line.powerKw"]', '90')
    await page.eventually(async () => assert.notDeepEqual(await carried(), before))
    const changed = await carried()
    await page.refreshUnsaved()
    await page.see('[data-test="shaft-sheet"]')
    await page.eventually(async () => assert.deepEqual(await carried(), changed))
    await page.driver.executeScript('localStorage.clear()')
  })
})
