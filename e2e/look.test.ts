import axe from 'axe-core'
import { assert } from 'chai'
import { Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'
import { appUrl } from './page.ts'

describePage('reach and look', {}, ({ page }) => {
  /** What a machine can find of barriers, serious ones. */
  async function barriers(): Promise<string[]> {
    await page.driver.executeScript(axe.source)
    const result = await page.driver.executeAsyncScript<axe.AxeResults>(
      'const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ["violations"] }).then(done)',
    )
    return result.violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)
  }

  const wide = () =>
    page.driver.executeScript<number>('return document.documentElement.scrollWidth - window.innerWidth')

  it('works with the keyboard alone: sign in, choose lenses, flip, help, search', async () => {
    await page.go('/sign-in')
    await page.see('[data-test="login"]')
    const type = (...keys: string[]) =>
      page.driver
        .actions()
        .sendKeys(...keys)
        .perform()
    await page.driver.wait(
      async () => (await page.driver.switchTo().activeElement().getAttribute('data-test')) === 'login',
      5000,
    )
    await type('technician', Key.TAB, 'brine-and-grease', Key.ENTER)
    await page.see('[data-machine]')
    await type('/')
    await type('impeller 313')
    await page.see('[role="option"]')
    // The first hit is at hand: Enter opens it.
    await type(Key.ENTER)
    await page.see('[data-lens="identify"][aria-current="step"]')
    for (const [key, lens] of [
      ['2', 'carry'],
      ['3', 'seat'],
      ['4', 'float'],
      ['5', 'mount'],
      ['6', 'grease'],
      ['7', 'diagnose'],
      ['1', 'identify'],
    ] as const) {
      await page.press(key)
      await page.see(`[data-lens="${lens}"][aria-current="step"]`)
    }
    await page.press('w')
    await page.see('[data-test="working"]')
    await type(Key.ESCAPE)
    await page.seeGone('[data-test="working"]')
    await page.press('?')
    await page.seeText('[data-test="keys"]', /choose the lens/)
    await type(Key.ESCAPE)
    await page.seeGone('[data-test="keys"]')
  })

  it('opens what was typed, though the answer to its last letters is still on its way', async () => {
    await page.go()
    await page.see('[data-machine]')
    await page.press('/')
    const slow = { offline: false, latency: 1500, downloadThroughput: -1, uploadThroughput: -1 }
    await page.devTools('Network.enable', {})
    const type = (...keys: string[]) =>
      page.driver
        .actions()
        .sendKeys(...keys)
        .perform()
    await type('i')
    await page.see('[role="option"]')
    await page.devTools('Network.emulateNetworkConditions', slow)
    await type('mpeller 313', Key.ENTER)
    await page.seeText('h1', /Impeller/i)
    await page.devTools('Network.emulateNetworkConditions', { ...slow, latency: 0 })
  })

  it('does not take digits typed into a field for commands', async () => {
    await page.press('2')
    const field = await page.see('[data-test="load.radialN"]')
    await field.sendKeys('34')
    await page.see('[data-lens="carry"][aria-current="step"]')
  })

  const views: [name: string, open: () => Promise<unknown>][] = [
    ['sign-in', async () => { await page.go(); await page.click('[data-test="sign-out"]'); await page.see('[data-test="login"]') }],
    ['yard', () => page.signIn()],
    ['machine', async () => { await page.click('[data-machine="CG-33"]'); await page.see('[data-position]') }],
    ['shaft line', async () => { await page.click('[data-test="shaft-line"]'); await page.see('[data-test="shaft-sheet"]') }],
    ['identify', async () => { await page.driver.navigate().back(); await page.click('[data-position="Pinion, fixed side"]'); await page.see('[data-test="half-section"]') }],
    ['carry', async () => { await page.click('[data-lens="carry"]'); await page.see('.apexcharts-svg') }],
    ['seat', () => page.click('[data-lens="seat"]')],
    ['working', async () => { await page.press('w'); await page.see('.katex') }],
    ['mount', async () => { await page.press('w'); await page.click('[data-lens="mount"]') }],
    ['float', () => page.click('[data-lens="float"]')],
    ['grease', () => page.click('[data-lens="grease"]')],
    ['diagnose', () => page.click('[data-lens="diagnose"]')],
    ['people', async () => { await page.click('[data-test="sign-out"]'); await page.see('[data-test="login"]'); await page.signIn('planner'); await page.click('[data-test="to-site"]'); await page.see('[data-person]') }],
    ['settings', async () => { await page.click('[data-test="site-settings"]'); await page.see('[data-gun]') }],
    ['keeping', async () => { await page.click('[data-test="site-keeping"]'); await page.see('[data-test="backup"]') }],
    ['what next', async () => { await page.click('[data-test="site-next"]'); await page.see('[data-next]') }],
    ['you', async () => { await page.click('[data-test="to-me"]'); await page.see('[data-test="change-password"]') }],
  ] // prettier-ignore
  for (const [name, open] of views)
    it(`${name}: no serious barriers by day and by night, nothing wider than the window`, async () => {
      await open()
      assert.deepEqual(await barriers(), [])
      await page.driver.executeScript('document.documentElement.classList.add("night")')
      assert.deepEqual(await barriers(), [])
      await page.driver.executeScript('document.documentElement.classList.remove("night")')
      for (const width of [768, 400, 1280]) {
        await page.setSize(width, 800)
        await page.driver.wait(async () => (await wide()) <= 0, 3000, `${name} is too wide at ${width}`)
      }
    })

  it('keeps the labels of the drawing apart and on the sheet', async () => {
    for (const [tag, name] of [
      ['BM-11', 'Drive end'],
      ['TL-1', 'Tail end'],
      ['DC-45', 'Snub pulley, left'],
      ['CG-33', 'Wheel, lower'],
    ] as const) {
      await page.go()
      await page.openPosition(tag, name)
      for (const lens of ['identify', 'carry', 'seat', 'float', 'mount', 'grease']) {
        await page.click(`[data-lens="${lens}"]`)
        const boxes = await page.driver.executeScript<{ top: number; bottom: number; right: number }[]>(
          `return [...document.querySelectorAll('.callout .main, .callout .sub')].map((text) => text.getBoundingClientRect().toJSON())`,
        )
        const sheet = await page.driver.executeScript<{ right: number }>(`return document.querySelector('.drawing').getBoundingClientRect().toJSON()`) // prettier-ignore
        for (const [index, box] of boxes.entries()) {
          assert.isAtMost(box.right, sheet.right + 1, `${tag} ${name} ${lens}`)
          for (const other of boxes.slice(index + 1))
            assert.isTrue(
              box.bottom <= other.top + 2 || other.bottom <= box.top + 2,
              `${tag} ${name} ${lens}: labels touch`,
            )
        }
      }
    }
  })

  it('asks nothing of any other host', async () => {
    const hosts = await page.driver.executeScript<string[]>(
      'return [...new Set(performance.getEntriesByType("resource").map((one) => new URL(one.name).host))]',
    )
    assert.deepEqual(hosts, [new URL(appUrl()).host])
  })

  it('has nothing to complain of in the console', async () => {
    const entries = await page.driver.manage().logs().get('browser')
    assert.deepEqual(
      entries.filter(({ level }) => level.name === 'SEVERE').map(({ message }) => message),
      [],
    )
    assert.isNotEmpty(await page.all('[data-lens]'))
  })
})
