import axe from 'axe-core'
import { assert } from 'chai'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { AppUnderTest } from './app-under-test.ts'
import {
  appUrl,
  click,
  openBrowser,
  openPosition,
  press,
  see,
  seeGone,
  seeText,
  setSize,
  signIn,
  type Browser,
} from './browser.ts'

describe('reach and look', () => {
  let app: AppUnderTest
  let browser: Browser
  let driver: WebDriver

  before(async () => {
    app = await AppUnderTest.start()
    browser = await openBrowser()
    driver = browser.driver
  })
  after(async () => {
    await browser?.quit()
    await app?.remove()
  })

  /** What a machine can find of barriers, serious ones. */
  async function barriers(): Promise<string[]> {
    await driver.executeScript(axe.source)
    const result = await driver.executeAsyncScript<axe.AxeResults>(
      'const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ["violations"] }).then(done)',
    )
    return result.violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`)
  }

  const wide = () => driver.executeScript<number>('return document.documentElement.scrollWidth - window.innerWidth')

  it('works with the keyboard alone: sign in, choose lenses, flip, help, search', async () => {
    await driver.get(`${appUrl()}/sign-in`)
    await see(driver, '[data-test="login"]')
    const type = (...keys: string[]) =>
      driver
        .actions()
        .sendKeys(...keys)
        .perform()
    await driver.wait(async () => (await driver.switchTo().activeElement().getAttribute('data-test')) === 'login', 5000)
    await type('technician', Key.TAB, 'brine-and-grease', Key.ENTER)
    await see(driver, '[data-machine]')
    await type('/')
    await type('impeller 313')
    await see(driver, '[role="option"]')
    // The first hit is at hand: Enter opens it.
    await type(Key.ENTER)
    await see(driver, '[data-lens="identify"][aria-current="step"]')
    for (const [key, lens] of [
      ['2', 'carry'],
      ['3', 'seat'],
      ['4', 'float'],
      ['5', 'mount'],
      ['6', 'grease'],
      ['7', 'diagnose'],
      ['1', 'identify'],
    ] as const) {
      await press(driver, key)
      await see(driver, `[data-lens="${lens}"][aria-current="step"]`)
    }
    await press(driver, 'w')
    await see(driver, '[data-test="working"]')
    await type(Key.ESCAPE)
    await seeGone(driver, '[data-test="working"]')
    await press(driver, '?')
    await seeText(driver, '[data-test="keys"]', /choose the lens/)
    await type(Key.ESCAPE)
    await seeGone(driver, '[data-test="keys"]')
  })

  it('does not take digits typed into a field for commands', async () => {
    await press(driver, '2')
    const field = await see(driver, '[data-test="load.radialN"]')
    await field.sendKeys('34')
    await see(driver, '[data-lens="carry"][aria-current="step"]')
  })

  const views: [name: string, open: () => Promise<unknown>][] = [
    ['sign-in', async () => { await driver.get(appUrl()); await click(driver, '[data-test="sign-out"]'); await see(driver, '[data-test="login"]') }],
    ['yard', () => signIn(driver)],
    ['machine', async () => { await click(driver, '[data-machine="CG-33"]'); await see(driver, '[data-position]') }],
    ['shaft line', async () => { await click(driver, '[data-test="shaft-line"]'); await see(driver, '[data-test="shaft-sheet"]') }],
    ['identify', async () => { await driver.navigate().back(); await click(driver, '[data-position="Pinion, fixed side"]'); await see(driver, '[data-test="half-section"]') }],
    ['carry', async () => { await click(driver, '[data-lens="carry"]'); await see(driver, '.apexcharts-svg') }],
    ['seat', () => click(driver, '[data-lens="seat"]')],
    ['working', async () => { await press(driver, 'w'); await see(driver, '.katex') }],
    ['mount', async () => { await press(driver, 'w'); await click(driver, '[data-lens="mount"]') }],
    ['float', () => click(driver, '[data-lens="float"]')],
    ['grease', () => click(driver, '[data-lens="grease"]')],
    ['diagnose', () => click(driver, '[data-lens="diagnose"]')],
  ] // prettier-ignore
  for (const [name, open] of views)
    it(`${name}: no serious barriers by day and by night, nothing wider than the window`, async () => {
      await open()
      assert.deepEqual(await barriers(), [])
      await driver.executeScript('document.documentElement.classList.add("night")')
      assert.deepEqual(await barriers(), [])
      await driver.executeScript('document.documentElement.classList.remove("night")')
      for (const width of [768, 400, 1280]) {
        await setSize(driver, width, 800)
        await driver.sleep(150)
        assert.isAtMost(await wide(), 0, `${name} at ${width}`)
      }
    })

  it('keeps the labels of the drawing apart and on the sheet', async () => {
    for (const [tag, name] of [
      ['BM-11', 'Drive end'],
      ['TL-1', 'Tail end'],
      ['DC-45', 'Snub pulley, left'],
      ['CG-33', 'Wheel, lower'],
    ] as const) {
      await driver.get(appUrl())
      await openPosition(driver, tag, name)
      for (const lens of ['identify', 'carry', 'seat', 'float', 'mount', 'grease']) {
        await click(driver, `[data-lens="${lens}"]`)
        const boxes = await driver.executeScript<{ top: number; bottom: number; right: number }[]>(
          `return [...document.querySelectorAll('.callout .main, .callout .sub')].map((text) => text.getBoundingClientRect().toJSON())`,
        )
        const sheet = await driver.executeScript<{ right: number }>(`return document.querySelector('.drawing').getBoundingClientRect().toJSON()`) // prettier-ignore
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
    const hosts = await driver.executeScript<string[]>(
      'return [...new Set(performance.getEntriesByType("resource").map((one) => new URL(one.name).host))]',
    )
    assert.deepEqual(hosts, [new URL(appUrl()).host])
  })

  it('has nothing to complain of in the console', async () => {
    const entries = await driver.manage().logs().get('browser')
    assert.deepEqual(
      entries.filter(({ level }) => level.name === 'SEVERE').map(({ message }) => message),
      [],
    )
    assert.isNotEmpty(await driver.findElements(By.css('[data-lens]')))
  })
})
