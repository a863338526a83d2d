import { assert } from 'chai'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Builder, By, error, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js'

/** Address of the application under test. */
export function appUrl(): string {
  const url = process.env['YARDFROST_URL']
  if (!url) throw new Error('YARDFROST_URL says which application to drive')
  return url
}

/** Accounts of the demo site. */
const passwords = { technician: 'brine-and-grease', planner: 'marram-grass', viewer: 'salt-air' }
export type Login = keyof typeof passwords

/** Long enough for a busy machine with a slow disk: what comes sooner is not waited for. */
const patienceMs = 30_000

/** What a person does at the page, in Debian's Chromium without a window and with a profile of its own. */
export class Page {
  #driver: WebDriver | null = null
  #profile = ''

  static async open(width?: number, height?: number): Promise<Page> {
    const page = new Page()
    await page.open(width, height)
    return page
  }

  async open(width = 1280, height = 800): Promise<void> {
    this.#profile = mkdtempSync(join(tmpdir(), 'yardfrost-chromium-'))
    const options = new Options()
    options.setChromeBinaryPath('/usr/bin/chromium')
    options.addArguments(
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--disable-dev-shm-usage',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--hide-scrollbars',
      '--force-prefers-reduced-motion',
      `--user-data-dir=${this.#profile}`,
      `--window-size=${width},${height}`,
    )
    this.#driver = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
      .build()
    await this.setSize(width, height)
  }

  async close(): Promise<void> {
    await this.#driver?.quit()
    if (this.#profile) rmSync(this.#profile, { recursive: true, force: true })
  }

  get driver(): WebDriver {
    if (!this.#driver) throw new Error('the page is not open')
    return this.#driver
  }

  /** A command to the browser itself, and its answer. */
  devTools(name: string, params: object): Promise<Record<string, unknown>> {
    const { driver } = this as unknown as {
      driver: { sendAndGetDevToolsCommand(name: string, params: object): Promise<Record<string, unknown>> }
    }
    return driver.sendAndGetDevToolsCommand(name, params)
  }

  /** Size of the page itself, whatever the browser keeps for its own frame. */
  async setSize(width: number, height: number): Promise<void> {
    await this.devTools('Emulation.setDeviceMetricsOverride', { width, height, deviceScaleFactor: 1, mobile: false })
  }

  /** Lets the page keep files in a folder. */
  async keepDownloads(folder: string): Promise<void> {
    await this.devTools('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: folder })
  }

  /** Takes the network away from the page, or gives it back. */
  async setOffline(offline: boolean): Promise<void> {
    await this.devTools('Network.enable', {})
    const network = { offline, latency: 0, downloadThroughput: -1, uploadThroughput: -1 }
    await this.devTools('Network.emulateNetworkConditions', network)
  }

  go = (path = '/'): Promise<void> => this.driver.get(`${appUrl()}${path}`)
  refresh = (): Promise<void> => this.driver.navigate().refresh()
  /** Reloads a page with unsaved work, and says yes where the browser asks. */
  async refreshUnsaved(): Promise<void> {
    await this.driver.executeScript('window.onbeforeunload = null')
    await this.refresh()
    await this.driver
      .switchTo()
      .alert()
      .accept()
      .catch(() => undefined)
  }

  /** Every element there is now. */
  all = (css: string): Promise<WebElement[]> => this.driver.findElements(By.css(css))

  /** Waits for an element and returns it. */
  async see(css: string): Promise<WebElement> {
    return this.driver.wait(until.elementLocated(By.css(css)), patienceMs, `no ${css} on the page`)
  }

  /** Asks again until an assertion holds: what a page shows of a change may come a moment after it. */
  async eventually(assertion: () => Promise<void>): Promise<void> {
    let last: unknown
    const holds = () =>
      assertion().then(
        () => true,
        (refused: unknown) => {
          last = refused
          return false
        },
      )
    await this.driver.wait(holds, patienceMs).catch((error: unknown) => {
      throw last ?? error
    })
  }

  /** Waits until an element's text fits. */
  async seeText(css: string, pattern: RegExp): Promise<string> {
    let text = ''
    await this.eventually(async () => {
      const [element] = await this.all(css)
      text = (await element?.getText()) ?? ''
      assert.match(text, pattern, css)
    })
    return text
  }

  /** Waits until an element's text is just this. */
  seeExactly = (css: string, text: string): Promise<void> =>
    this.eventually(async () => assert.equal(await (await this.see(css)).getText(), text, css))
  /** Waits until the digits of a figure are these. */
  seeFigure = (name: string, digits: string): Promise<void> =>
    this.seeExactly(`[data-figure="${name}"] [data-test="digits"]`, digits)
  /** Waits until this stands in a field. */
  seeValue = (css: string, value: string): Promise<void> =>
    this.eventually(async () => assert.equal(await (await this.see(css)).getAttribute('value'), value, css))

  /** Waits until no such element is left. */
  async seeGone(css: string): Promise<void> {
    await this.driver.wait(async () => (await this.all(css)).length === 0, patienceMs, `${css} is still there`)
  }

  /** Waits until a button may be pressed. */
  async seeEnabled(css: string): Promise<void> {
    // The page may draw it anew between finding and asking.
    const isEnabled = async () => (await this.all(css))[0]?.isEnabled().catch(() => false) ?? false
    await this.driver.wait(isEnabled, patienceMs, `${css} is not to be pressed`)
  }

  /** Text of an element, once it is there. */
  read = async (css: string): Promise<string> => (await this.see(css)).getText()
  /** Digits of a figure, as they are written. */
  figure = (name: string): Promise<string> => this.read(`[data-figure="${name}"] [data-test="digits"]`)

  /** Does something to the element in the middle of the window; once more where the page drew it anew meanwhile. */
  async #act(
    css: string,
    act: (element: WebElement) => Promise<void>,
    { tries = 3, intoView = true } = {},
  ): Promise<void> {
    try {
      const element = await this.see(css)
      if (intoView) await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element)
      await act(element)
    } catch (cause) {
      if (!(cause instanceof error.StaleElementReferenceError) || tries === 1) throw cause
      await this.#act(css, act, { tries: tries - 1, intoView })
    }
  }

  click = (css: string): Promise<void> => this.#act(css, (element) => element.click())

  /** Replaces what stands in a field and leaves it, as a person does with Tab. */
  fill = (css: string, text: string): Promise<void> =>
    this.#act(css, async (field) => {
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE)
      if (text) await field.sendKeys(text)
      await field.sendKeys(Key.TAB)
    })

  /** Gives a file to a field that takes one. */
  attach = (css: string, file: string): Promise<void> =>
    this.#act(css, (field) => field.sendKeys(file), { intoView: false })

  /** Clicks the one of several elements that has these words. */
  async clickWords(css: string, words: string): Promise<void> {
    await this.eventually(async () => {
      for (const element of await this.all(css)) if ((await element.getText()).includes(words)) return element.click()
      assert.fail(`no ${css} says ${words}`)
    })
  }

  /** Chooses an option of a drop-down by its words. */
  async choose(css: string, words: string): Promise<void> {
    await this.click(css)
    const option = await this.driver.wait(
      until.elementLocated(By.xpath(`//li[@role="option"][contains(., "${words}")]`)),
      patienceMs,
      `no option ${words}`,
    )
    await option.click()
  }

  /** From the bench to the latest finding; the list comes a moment after it is kept, and moves what is below it. */
  openFinding = (): Promise<void> =>
    this.eventually(async () => {
      if ((await this.all('[data-test="finding-page"]')).length === 0) await this.click('[data-test="kept-finding"]')
      assert.isNotEmpty(await this.all('[data-test="finding-page"]'))
    })

  /** A key pressed on the page, in no field. */
  async press(key: string): Promise<void> {
    await this.driver.executeScript('document.activeElement instanceof HTMLElement && document.activeElement.blur()')
    await this.driver.actions().sendKeys(key).perform()
  }

  async signIn(login: Login = 'technician'): Promise<void> {
    await this.go('/sign-in')
    await this.fill('[data-test="login"]', login)
    await this.fill('[data-test="password"]', passwords[login])
    await this.click('[data-test="sign-in"]')
    await this.see('[data-machine]')
  }

  /** From the Yard to a position, the way a person walks. */
  async openPosition(tag: string, name: string): Promise<void> {
    await this.click(`[data-machine="${tag}"]`)
    await this.click(`[data-position="${name}"]`)
    await this.see('[data-lens="identify"]')
  }

  lens = (name: string): Promise<void> => this.click(`[data-lens="${name}"]`)
  /** A page of the lens. */
  turnTo = (name: string): Promise<void> => this.click(`[data-page="${name}"]`)
}
