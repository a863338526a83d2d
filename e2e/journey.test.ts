import {
  assess,
  emptyPosition,
  formatQuantity,
  RollingPosition,
  thinSpace,
  type RollingAssessment,
  type Lens,
  type UnitSystem,
} from '@yardfrost/core'
import { catalogue } from '@yardfrost/core/test/references.ts'
import { assert } from 'chai'
import { describePage } from './describe-page.ts'

/** What the technician enters in this journey, as core takes it: 900 lbf, 68 °F. */
function expectedInputs(): RollingPosition {
  const empty = emptyPosition()
  return RollingPosition.parse({
    ...empty,
    bearing: { ...empty.bearing, designation: '6214-C3', requiredClearance: 'C3' },
    load: { ...empty.load, radialN: 900 * 4.4482216152605, axialN: 500, speedRpm: 1480 },
    seat: { ...empty.seat, loadCase: 'inner-turns', slides: 'outer' },
    float: { ...empty.float, innerC: 60, outerC: 52 },
    mount: { ...empty.mount, roomC: 30 },
    grease: { ...empty.grease, runningC: 60, nu40Cst: 110 },
  })
}

/** What a figure of core reads like on the page. */
function figureText(assessment: RollingAssessment, lens: Lens, name: string, system: UnitSystem = 'metric'): string {
  const { value, quantity, precision } = assessment.lenses[lens].figures[name]!
  const text = (amount: number) => formatQuantity(amount, quantity, system, precision)
  assert.isNotNull(value, name)
  if (value.kind === 'range') return `${text(value.from)} … ${text(value.to)}`
  return value.kind === 'number' ? text(value.number) : value.text
}

describePage('the technician’s journey', {}, ({ app, page }) => {
  const expected = assess(expectedInputs(), { kind: 'motor', duty: 'round-the-clock' }, catalogue)

  it('is asked to sign in, and told when that fails', async () => {
    await page.go()
    await page.fill('[data-test="login"]', 'technician')
    await page.fill('[data-test="password"]', 'guess')
    await page.click('[data-test="sign-in"]')
    await page.seeText('[data-test="trouble"]', /do not go together/)
  })

  it('signs in and sees the Yard in walking order', async () => {
    await page.signIn()
    const tags = await page.all('[data-machine]')
    const order = await Promise.all(tags.map((tag) => tag.getAttribute('data-machine')))
    assert.deepEqual(order.slice(0, 3), ['BP-11', 'BP-12', 'BM-11'])
    assert.isAtLeast(order.length, 14)
  })

  it('opens a machine and an empty position, which teaches what to do', async () => {
    await page.openPosition('WM-91', 'Drive end')
    await page.seeText('.empty', /Type the number from the ring or the box/)
  })

  it('types the number from the box and is told what it is', async () => {
    await page.fill('[data-test="bearing.designation"]', '6214-C3')
    await page.seeText('[data-lens="identify"]', /6214-C3/)
    await page.seeText('[data-test="size"]', /70.*125.*24/s)
    await page.see('[data-test="half-section"]')
    await page.seeFigure('clearance', figureText(expected, 'identify', 'clearance'))
  })

  it('is stopped by the wrong clearance and let go by the right one', async () => {
    await page.choose('[data-test="bearing.requiredClearance"]', 'C4')
    await page.seeText('[data-check="clearance"][data-verdict="stop"]', /calls for C4, and the designation says C3/)
    await page.choose('[data-test="bearing.requiredClearance"]', 'C3')
    await page.see('[data-check="clearance"][data-verdict="go"]')
  })

  it('types the load in pounds and is told the life', async () => {
    await page.lens('carry')
    await page.fill('[data-test="load.radialN"]', '900 lbf')
    await page.fill('[data-test="load.axialN"]', '500')
    await page.fill('[data-test="load.speedRpm"]', '1480')
    await page.seeFigure('life', figureText(expected, 'carry', 'life'))
    await page.seeFigure('equivalent', figureText(expected, 'carry', 'equivalent'))
    await page.seeFigure('staticSafety', figureText(expected, 'carry', 'staticSafety'))
    await page.seeExactly('strong[data-figure="doubled"]', figureText(expected, 'carry', 'doubled'))
  })

  it('drags the load and sees the life fall as it happens', async () => {
    const lifeOf = async () => Number((await page.figure('life')).replace(new RegExp(thinSpace, 'g'), ''))
    const before = await lifeOf()
    const handle = await page.see('[data-test="load-slider"] [role="slider"]')
    const actions = page.driver.actions().move({ origin: handle }).press()
    const seen: number[] = []
    await actions.perform()
    for (const step of [15, 15, 15]) {
      await page.driver
        .actions()
        .move({ origin: 'pointer' as never, x: step, y: 0 })
        .perform()
      seen.push(await lifeOf())
    }
    await page.driver.actions().release().perform()
    for (const [index, life] of seen.entries()) assert.isBelow(life, seen[index - 1] ?? before)
    await page.fill('[data-test="load.radialN"]', '900 lbf')
    await page.eventually(async () => assert.equal(await lifeOf(), before))
  })

  it('says how the load turns and is told the seats', async () => {
    await page.lens('seat')
    await page.click('[data-case="inner-turns"]')
    await page.choose('[data-test="seat.slides"]', 'outer')
    await page.seeExactly('[data-figure="shaftZone"] [data-test="zone"]', figureText(expected, 'seat', 'shaftZone'))
    await page.seeExactly('[data-figure="housingZone"] [data-test="zone"]', figureText(expected, 'seat', 'housingZone'))
    await page.seeExactly('[data-figure="shaftLimits"]', figureText(expected, 'seat', 'shaftLimits'))
    await page.seeExactly('[data-figure="housingLimits"]', figureText(expected, 'seat', 'housingLimits'))
    await page.seeExactly('[data-figure="shaftFit"]', figureText(expected, 'seat', 'shaftFit'))
    await page.seeText('[data-test="half-section"]', /tight/)
  })

  it('says how warm the shaft is and is told how hot to heat the ring, with the cautions beside it', async () => {
    await page.lens('mount')
    await page.fill('[data-test="mount.roomC"]', '86 F')
    await page.seeFigure('ring', figureText(expected, 'mount', 'ring'))
    await page.seeFigure('limit', '120')
    await page.seeText('[data-test="cautions"]', /pacemaker/)
    await page.seeText('[data-test="cautions"]', /Site rules/)
  })

  it('flips the units anywhere', async () => {
    await page.press('u')
    await page.seeFigure('ring', figureText(expected, 'mount', 'ring', 'inch'))
    await page.lens('carry')
    await page.seeValue('[data-test="load.radialN"]', '900')
    await page.press('u')
  })

  it('opens the working of a figure: formula, given values, source', async () => {
    await page.press('w')
    await page.seeText('[data-test="working"]', /ISO 281/)
    const panel = await page.read('[data-test="working"]')
    for (const part of [/dynamic rating/, /equivalent load/, /1480/, /Holds for/]) assert.match(panel, part)
    await page.see('[data-test="working"] .katex')
    await page.seeExactly('[data-test="working-digits"]', figureText(expected, 'carry', 'life'))
    await page.press('w')
    await page.seeGone('[data-test="working"]')
  })

  it('says how warm the rings run and is told what clearance is left', async () => {
    await page.lens('float')
    await page.fill('[data-test="float.innerC"]', '140 F')
    await page.fill('[data-test="float.outerC"]', '52')
    await page.seeFigure('operating', figureText(expected, 'float', 'operating'))
  })

  it('says what oil is in the grease and is told how often and how much', async () => {
    await page.lens('grease')
    await page.fill('[data-test="grease.runningC"]', '60')
    await page.fill('[data-test="grease.nu40Cst"]', '110')
    await page.seeFigure('interval', figureText(expected, 'grease', 'interval'))
    await page.seeFigure('quantity', figureText(expected, 'grease', 'quantity'))
    await page.seeFigure('kappa', figureText(expected, 'grease', 'kappa'))
  })

  it('enters a mark, answers the next question and sees the causes change', async () => {
    await page.lens('diagnose')
    const field = await page.see('[data-test="diagnose.seen"]')
    await field.sendKeys('fluting')
    await page.click('[role="option"]')
    await page.seeText('[data-test="marks"]', /seen.*Washboard fluting/s)
    const before = await page.seeText('[data-test="causes"]', /Electric current/)
    await page.click('[data-test="questions"] [data-no]')
    await page.seeText('[data-test="marks"]', /not there/)
    await page.eventually(async () => assert.notEqual(await page.read('[data-test="causes"]'), before))
    for (const mark of ['fluting', 'the other'])
      await page.click('[data-test="marks"] button').catch(() => assert.fail(`no mark left to take out: ${mark}`))
    await page.seeGone('[data-test="marks"]')
  })

  it('sees that the work is not saved, saves it, and finds it after a reload and a restart', async () => {
    await page.seeText('[data-test="save-state"]', /Unsaved draft/)
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /^Saved/)
    for (const again of [() => page.refresh(), () => app.restart().then(() => page.refresh())]) {
      await again()
      await page.lens('carry')
      await page.seeFigure('life', figureText(expected, 'carry', 'life'))
      await page.seeValue('[data-test="load.speedRpm"]', '1480')
      await page.seeText('[data-test="save-state"]', /^Saved/)
    }
  })

  it('finds every save in the history, with who and when', async () => {
    await page.click('[data-test="history"]')
    await page.see('[data-version="2"]')
    await page.seeText('[data-version="2"]', /6214-C3\s+\d+ \w+ \d{4}.*Una Varga/s)
    await page.seeText('[data-version="1"]', /no bearing/)
  })

  it('sees the position’s new state in the Yard', async () => {
    await page.click('.home')
    const ring = await page.see('[data-machine="WM-91"]')
    assert.match((await ring.getAttribute('title')) ?? '', /drive end (go|watch|stop)/)
    await ring.click()
    await page.seeText('[data-position="Drive end"]', /6214-C3/)
  })
})
