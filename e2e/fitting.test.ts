import { assert } from 'chai'
import { Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'

/** Questions of fitting that are answered on the bench, by mouse and by keyboard, in both systems of units. */
describePage('fitting, asked at the bench', { as: 'technician' }, ({ page }) => {
  const field = (path: string) => `[data-test="${path}"]`
  const open = async (tag: string, name: string) => {
    await page.go()
    await page.openPosition(tag, name)
  }
  const fillAll = async (values: Record<string, string>) => {
    for (const [path, text] of Object.entries(values)) await page.fill(field(path), text)
  }
  /** Goes to a field with the keyboard’s focus, as far as a person would press Tab. */
  const focus = async (path: string) => {
    for (let pressed = 0; pressed < 60; pressed++) {
      const here = await page.driver.switchTo().activeElement().getAttribute('data-test')
      if (here === path) return
      await page.driver.actions().sendKeys(Key.TAB).perform()
    }
    assert.fail(`Tab never comes to ${path}`)
  }
  const type = (...keys: string[]) =>
    page.driver
      .actions()
      .sendKeys(...keys)
      .perform()

  afterEach(async () => {
    await page.driver.executeScript('localStorage.clear(); window.onbeforeunload = null')
  })

  describe('which end holds', () => {
    it('leads from another type of this size to what is machined off the cap, and where the ring is set', async () => {
      await open('WM-90', 'Drive end')
      await page.fill(field('bearing.designation'), '6319-C3')
      await page.click('.same summary')
      await page.click(field('to-ends'))
      await page.see('[data-page="ends"][aria-selected="true"]')
      await page.choose(field('ends.holds'), 'the other end')
      await page.choose(field('ends.coupling'), 'the other end')
      await fillAll({
        'float.spanMm': '700',
        'float.assemblyC': '20',
        'float.hottestC': '90',
        'ends.overhangMm': '120',
        'ends.couplingGapMm': '3',
        'ends.depthMm': '78',
        'ends.spigotMm': '33,1',
        'ends.otherDepthMm': '80',
        'ends.otherRingMm': '45',
        'ends.otherSpacerMm': '5',
        'ends.otherSpigotMm': '29.6',
      })
      // 12.06e-6 · 700 · 70 and 0.25 toward the growth, 0.5 on the other side, and 0.1 that the cap clamps.
      await page.seeFigure('cut', '1.44')
      await page.seeFigure('setFrom', '0.50')
      await page.seeFigure('heldGap', '0.40')
      await page.seeFigure('gapHot', '2.90')
      await page.see('[data-test="ends-sheet"] [data-cut]')
      await page.seeText('[data-check="cap-this"][data-verdict="stop"]', /clamps the outer ring by 0\.10/)
      await page.seeText('[data-check="usedUp"]', /used up at 120/)
      await page.click('[data-figure="cut"] button')
      await page.seeText('[data-test="working"]', /700.*20.*90.*whole temperature/s)
      await page.press('w')
      await page.press('u')
      await page.seeFigure('cut', '0.0567')
      await page.seeText('[data-check="usedUp"]', /used up at 2\d\d/)
      await page.press('u')
    })

    it('becomes a step of a job, with limits for the machined spigot', async () => {
      await open('WM-90', 'Drive end')
      await page.fill(field('bearing.designation'), '6319-C3')
      await page.lens('float')
      await page.turnTo('ends')
      await page.choose(field('ends.holds'), 'the other end')
      await fillAll({
        'float.spanMm': '700',
        'float.assemblyC': '20',
        'float.hottestC': '90',
        'ends.depthMm': '78',
        'ends.spigotMm': '33.1',
      })
      await page.click(field('save'))
      await page.seeText(field('save-state'), /^Saved/)
      await page.go()
      await page.click('[data-machine="WM-90"]')
      await page.click(field('new-job'))
      await page.click('[data-choose="Drive end"]')
      await page.click(field('make-job'))
      await page.click('[data-step^="ends:"]')
      await page.seeText('[data-reading="machined-this"]', /31\.16 … 31\.66/)
      await page.press('?')
      await page.seeText(field('keys'), /step done/)
      await page.press(Key.ESCAPE)
    })

    it('is filled in by keyboard alone, in inches', async () => {
      await open('WM-91', 'Drive end')
      await page.fill(field('bearing.designation'), '6312')
      await page.press('u')
      await page.press('4')
      await (await page.see('[data-page="clearance"]')).sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT)
      await page.see('[data-page="ends"][aria-selected="true"]')
      // The first of its fields is a choice: opened, stepped to, taken.
      await type(Key.TAB)
      await type(Key.ARROW_DOWN)
      await page.see('li[role="option"]')
      await type(Key.ARROW_DOWN, Key.ARROW_DOWN, Key.ENTER)
      await page.seeText('[data-test="ends-sheet"]', /holds the shaft/)
      // The other end floats: on which side its cap stands is asked.
      await page.see(field('ends.cap'))
      for (const [path, text] of [
        ['float.spanMm', '24 in'],
        ['float.assemblyC', '68'],
        ['float.hottestC', '180'],
        ['ends.otherDepthMm', '2 1/2'],
        ['ends.otherRingMm', '1.22'],
        ['ends.otherSpigotMm', '1.26'],
      ] as const) {
        await focus(path)
        await type(text, Key.TAB)
      }
      // 6.7e-6 · 24 · 112 = 0.0180, 0.0098 and 0.0197 beside it; 0.020 is there.
      await page.seeFigure('cut', '0.0275')
      await page.press('u')
      await page.seeFigure('cut', '0.70')
    })
  })

  it('says of split blocks which holds, and stops for rings in both', async () => {
    await open('DF-42', 'Fan end')
    await page.lens('float')
    await page.turnTo('ends')
    await page.choose(field('ends.kind'), 'split blocks')
    await fillAll({ 'ends.seatMm': '66', 'ends.ringMm': '46', 'ends.ringWidthMm': '10', 'ends.otherSeatMm': '66', 'ends.otherRingMm': '46', 'ends.otherRingWidthMm': '10' }) // prettier-ignore
    await page.choose(field('ends.rings'), '2')
    await page.choose(field('ends.otherRings'), '2')
    await page.eventually(async () => assert.lengthOf(await page.all('[data-test="ends-sheet"] [data-ring]'), 4))
    await page.seeText('.checks', /one fails within weeks|has nowhere to go/)
    await page.choose(field('ends.otherRings'), '0')
    await page.seeText('[data-test="ends-sheet"]', /held by its rings.*floats, 20\.00/s)
    await page.press('u')
    await page.seeText('[data-test="ends-sheet"]', /floats, 0\.7874/)
    await page.press('u')
  })

  it('heats it on a pad or a plate: how long, what infrared shows at the aim, how soon it has to be home', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('mount')
    await page.turnTo('pad')
    await page.seeText('[data-figure="padTime"] [data-test="digits"]', /^[\d.]+ … [\d.]+$/)
    await page.see('[data-test="pad-sheet"]')
    await page.seeText('[data-surface="bright"]', /34 … 46/)
    await page.seeText('[data-surface="taped"]', /109 … 111/)
    await page.choose(field('mount.padTool'), 'hot plate')
    await page.seeText(field('pad-steps'), /Spacer ring.*no hammer/s)
    await focus('mount.padW')
    await type('3 kW', Key.TAB)
    await page.seeValue(field('mount.padW'), '3000')
    await page.press('u')
    await page.seeText('[data-surface="bright"]', /93 … 115/)
    await page.press('u')
  })

  it('chills a bush, and its clock outlives a closed page', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('mount')
    await page.turnTo('cold')
    await page.choose(field('mount.chillPart'), 'a bush')
    await page.choose(field('mount.coolant'), 'liquid nitrogen')
    await page.seeText('[data-figure="coldGap"]', /needs its outside diameter/)
    await fillAll({ 'mount.chillOdMm': '90', 'mount.chillBoreMm': '75', 'mount.chillLengthMm': '2 1/2 in', 'mount.chillTightUm': '80' }) // prettier-ignore
    await page.seeFigure('coldGap', '99')
    await page.seeText('[data-check="cold"][data-verdict="go"]', /goes into the housing with 99/)
    await page.seeText('[data-test="cautions"]', /oxygen alarm/)
    await page.click(field('chill-put-in'))
    await page.seeText(field('chill-says'), /^Cooling/)
    await page.click(field('chill-take-out'))
    await page.seeText(field('chill-left'), /^\d+:\d\d$/)
    await page.refreshUnsaved()
    await page.lens('mount')
    await page.turnTo('cold')
    await page.seeText(field('chill-left'), /^\d+:\d\d$/)
    await page.press('u')
    await page.seeFigure('coldGap', '3.9')
    await page.press('u')
    await page.click(field('chill-home'))
    await page.seeText(field('chill-says'), /It is home/)
  })

  it('names press, tubes, puller and torque', async () => {
    await open('BP-11', 'Coupling end')
    await page.lens('mount')
    await page.turnTo('press')
    await page.seeText('[data-figure="pressForce"] [data-test="digits"]', /…/)
    await page.choose(field('mount.holding'), 'lock nut')
    await page.seeText('[data-figure="nutTorque"] [data-test="digits"]', /\d/)
    await page.seeText(field('press-steps'), /kN.*Tube of soft mild steel.*arms or a split plate/s)
    await page.choose(field('mount.holding'), 'set screws')
    await page.seeText(field('torques'), /maker’s table.*M8/s)
  })

  it('settles seats without a load, and shows what another load or machine would change', async () => {
    await open('WM-91', 'Drive end')
    await page.fill(field('bearing.designation'), '6312')
    await page.lens('seat')
    await page.click('[data-case="inner-turns"]')
    await page.seeText('[data-figure="shaftZone"]', /light, normal, heavy/)
    await page.choose(field('seat.loadClass'), 'normal')
    await page.seeExactly('[data-figure="shaftZone"] [data-test="zone"]', 'k5')
    await page.click('.alternatives summary')
    await page.seeText('[data-alternative="heavy load"]', /m5/)
    await page.choose(field('seat.application'), 'a machine tool')
    await page.seeText('[data-alternative="as for a machine tool"].here', /\w\d/)
    await page.press('u')
    await page.seeText('[data-figure="shaftLimits"]', /2\.36/)
    await page.press('u')
  })
})
