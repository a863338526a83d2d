import { assert } from 'chai'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'

describePage('at the bench', { as: 'technician' }, ({ page }) => {
  const open = async (tag: string, name: string) => {
    await page.go()
    await page.openPosition(tag, name)
  }
  const discard = async () => {
    await page.click('[data-test="save-state"]').catch(() => undefined)
    await page.driver.executeScript('localStorage.clear()')
  }

  afterEach(discard)

  it('identifies a worn bearing without a number from nine readings', async () => {
    await open('WM-91', 'Drive end')
    await page.turnTo('measure')
    const readings = {
      boreMm: ['60.04', '60.03', '2.3643 in'],
      odMm: ['109,97', '109.98', '109.97'],
      widthMm: ['21.93', '21.95', '21.94'],
    }
    for (const [field, values] of Object.entries(readings))
      for (const [place, text] of values.entries()) await page.fill(`[data-test="identify.${field}.${place}"]`, text)
    await page.choose('[data-test="identify.rollingElement"]', 'balls')
    await page.seeFigure('built', '6212')
    // Look-alikes of one size stand side by side, to one scale.
    for (const name of ['6212', '7212', '1212']) await page.seeText('[data-test="look-alikes"]', new RegExp(name))
    // A closure that is seen goes into the number; nothing else does.
    await page.click('[data-test="identify.leftClosure"] [data-closure="shield"]')
    await page.click('[data-test="identify.rightClosure"] [data-closure="shield"]')
    await page.seeFigure('built', '6212-2Z')
    await page.click('[data-candidate="6212-2Z"]')
    await page.seeText('[data-lens="identify"]', /6212-2Z/)
    await page.click('[data-test="undo"]')
    await page.seeText('[data-lens="identify"]', /not complete/)
  })

  it('takes readings from the simulated calliper and moves on by itself', async () => {
    await open('WM-91', 'Drive end')
    await page.turnTo('measure')
    await (await page.see('[data-test="identify.boreMm.0"]')).click()
    for (let pressed = 0; pressed < 9; pressed++) {
      const field = await page.driver.switchTo().activeElement()
      await field.sendKeys('g')
      await page.driver.wait(
        async () => (await field.getAttribute('value')) !== '',
        4000,
        `reading ${pressed} did not arrive`,
      )
    }
    const candidates = await page.all('[data-candidate]')
    assert.isNotEmpty(candidates)
  })

  it('says what is wrong with a reading, and keeps the others', async () => {
    await open('WM-91', 'Drive end')
    await page.turnTo('measure')
    await page.fill('[data-test="identify.boreMm.0"]', 'about 60')
    await page.seeText('[role="alert"]', /Bore, place 1 is "about 60"; it must be a number/)
    await page.fill('[data-test="identify.boreMm.0"]', '60.04')
    await page.seeGone('.measure [role="alert"]')
  })

  it('finds that a clearance class that is too small is a stop, and orders the right one', async () => {
    await open('BP-12', 'Coupling end')
    await page.seeText('[data-check="clearance"][data-verdict="stop"]', /calls for C3, and the designation says none/)
    await page.seeExactly('[data-test="to-order"]', '6313-C3')
    await page.click('[data-test="put-order"]')
    await page.see('[data-check="clearance"][data-verdict="go"]')
  })

  it('sees the clearance run out from the box to running, and the class that keeps some', async () => {
    await open('BP-12', 'Coupling end')
    await page.lens('float')
    await page.fill('[data-test="float.innerC"]', '85')
    await page.fill('[data-test="float.outerC"]', '70')
    await page.seeText(
      '[data-check="clearance"][data-verdict="stop"]',
      /At the least probable it runs at −\d+\sµm: preloaded, with \d+ % of the basic rating life/,
    )
    await page.seeText('[data-test="classes"]', /CN, in the box.*probably preloaded.*keeps clearance/s)
  })

  it('sweeps the catalogue, chooses one, and the bench follows; undo takes it back', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('carry')
    await page.turnTo('sweep')
    await page.fill('[data-test="sweep-largestOdMm"]', '130')
    await page.click('[data-test="sweep"]')
    await page.seeText('[data-test="sweep-count"]', /\d+ of \d+ can do it/)
    await page.see('.apexcharts-svg')
    const rows = await page.all('[data-sweep]')
    assert.isAtLeast(rows.length, 10)
    const first = (await rows[0]?.getAttribute('data-sweep')) ?? ''
    await page.click(`[data-sweep="${first}"]`)
    // It is ordered as the machine calls for it, where its type has the class.
    await page.seeText('[data-lens="identify"]', new RegExp(first))
    await page.click('[data-test="undo"]')
    await page.seeText('[data-lens="identify"]', /6313-C3/)
  })

  it('a sweep of everything can be stopped', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('carry')
    await page.turnTo('sweep')
    await page.fill('[data-test="sweep-boreMm"]', '')
    await page.click('[data-test="sweep"]')
    // It may be done before a person can press: then there is a result instead.
    const stop = await page.all('[data-test="sweep-stop"]')
    await stop[0]?.click().catch(() => undefined)
    await page.see('[data-test="sweep"]')
  })

  it('gauges a seat that is out of taper and gets a reject with what may be done', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('seat')
    await page.turnTo('gauge')
    const planes = [
      ['65.011', '65.012', '65.011', '65.012'],
      ['65.003', '65.004', '65.003', '65.004'],
      ['64.994', '64.995', '64.994', '64.995'],
    ]
    for (const [plane, values] of planes.entries())
      for (const [direction, text] of values.entries())
        await page.fill(`[data-test="seat.shaftReadingsMm.${plane}.${direction}"]`, text)
    await page.seeText('[data-test="shaft-verdict"]', /reject/)
    await page.seeText('[data-check="shaftGauge"][data-verdict="stop"]', /tapers 17\sµm, allowed 7\sµm/)
    await page.seeText('[data-remedy="rework"]', /Build up and grind/)
    await page.seeText('[data-remedy="fit"]', /The seat is rejected/)
    await page.seeText('[data-lens="seat"]', /Seat/)
    await page.see('[data-lens="seat"][data-state="stop"]')
  })

  it('discovers the fan with both ends held: thrust, life, way out', async () => {
    await page.go()
    await page.seeText('[data-line^="DF-41"]', /1.03\smm of growth has nowhere to go/)
    await page.openPosition('DF-41', 'Fan end')
    await page.seeText(
      '[data-test="finding"]',
      /Both ends are located: 1.03\smm of growth has nowhere to go.*locating rings out/s,
    )
    await page.click('[data-test="finding"] button')
    await page.see('[data-page="growth"][aria-selected="true"]')
    await page.seeText('[data-figure="thrust"] [data-test="digits"]', /^\d/)
    await page.seeFigure('lifeLeft', 'none')
    await page.seeText('[data-test="practices"]', /physics and a margin.*1\.28.*inches per foot.*whole temperature/s)
    // What the shaft line says is not typed over; it is taken in hand first.
    await page.click('[data-test="type-loads"]')
    await page.choose('[data-test="float.locatedEnds"]', 'one')
    await page.fill('[data-test="float.roomTowardMm"]', '2')
    await page.fill('[data-test="float.roomAwayMm"]', '20 thou')
    await page.see('[data-check="growth"][data-verdict="go"]')
  })

  it('loads it in steps, and is told when the shares do not make a whole', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('carry')
    const steady = await page.figure('life')
    await page.turnTo('duty')
    await page.click('[data-test="begin-steps"]')
    await page.seeFigure('life', steady)
    await page.fill('[data-test="load.steps.1.radialN"]', '1500 lbf')
    await page.eventually(async () => assert.notEqual(await page.figure('life'), steady))
    await page.fill('[data-test="load.steps.1.share"]', '50')
    await page.seeText('[data-test="load.steps"]', /together 120\s%, must be 100 %/)
    await page.seeText('[data-check="refused"][data-verdict="stop"]', /together make 1/)
    await page.fill('[data-test="load.steps.1.share"]', 'half')
    await page.seeText('[data-test="load.steps"] [role="alert"]', /Share of step 2 is "half"/)
    await page.fill('[data-test="load.steps.1.share"]', '30')
  })

  it('shows what each mishap would cost beside the life as it stands', async () => {
    await open('DC-45', 'Far side')
    await page.lens('carry')
    await page.turnTo('what-if')
    for (const one of ['double', 'belt', 'dirtier', 'hotter', 'thinner'])
      await page.seeText(`[data-case="${one}"]`, /% of it/)
  })

  it('strikes out the types that cannot do the duty, with the reason', async () => {
    await open('BP-11', 'Coupling end')
    await page.turnTo('types')
    await page.seeText('[data-test="types"]', /Needle roller[\s\S]*carries no axial load/)
    await page.see('[data-type="deep-groove-ball"].here')
    await page.seeText(
      '[data-test="plain-or-rolling"]',
      /rolling.*a bush without a film burns at this speed.*thrust face.*Together −5/s,
    )
  })

  it('keeps the drawing as SVG and the figures as CSV', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'yardfrost-files-'))
    try {
      await page.keepDownloads(folder)
      await open('BP-11', 'Coupling end')
      await page.lens('seat')
      await page.see('[data-test="half-section"]')
      await page.click('[data-test="save-drawing"]')
      await page.click('[data-test="save-figures"]')
      const file = async (name: string) => {
        const path = join(folder, name)
        await page.driver.wait(() => existsSync(path), 5000, `no ${name}`)
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
    await page.lens('carry')
    await page.fill('[data-test="load.radialN"]', '2500')
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /^Saved/)
    await page.click('[data-test="history"]')
    await page.click('[data-version="1"] [data-test="compare"]')
    await page.seeText('[data-test="difference"]', /Radial load\s+1900\sN\s+2500\sN/)
    await page.click('[data-version="1"] [data-test="bring-back"]')
    await page.seeValue('[data-test="load.radialN"]', '1900')
    await page.seeText('[data-test="save-state"]', /Unsaved draft/)
  })

  it('goes through the pages of a lens by keyboard alone', async () => {
    await open('BP-11', 'Coupling end')
    await page.press('2')
    await (await page.see('[data-page="life"]')).sendKeys(Key.ARROW_RIGHT)
    await page.see('[data-page="inside"][aria-selected="true"]')
    await page.see('[data-page="inside"]:focus')
  })
})
