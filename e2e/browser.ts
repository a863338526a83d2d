import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Builder, By, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js'

/** Address of the application under test. */
export function appUrl(): string {
  const url = process.env['YARDFROST_URL']
  if (!url) throw new Error('YARDFROST_URL says which application to drive')
  return url
}

export interface Browser {
  driver: WebDriver
  quit: () => Promise<void>
}

/** Debian's Chromium without a window, with a profile of its own. */
export async function openBrowser(width = 1280, height = 800): Promise<Browser> {
  const profile = mkdtempSync(join(tmpdir(), 'yardfrost-chromium-'))
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
    `--user-data-dir=${profile}`,
    `--window-size=${width},${height}`,
  )
  const driver = await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build()
  await setSize(driver, width, height)
  return {
    driver,
    quit: async () => {
      await driver.quit()
      rmSync(profile, { recursive: true, force: true })
    },
  }
}

/** Size of the page itself, whatever the browser keeps for its own frame. */
export async function setSize(driver: WebDriver, width: number, height: number): Promise<void> {
  await (driver as unknown as { sendDevToolsCommand(name: string, params: object): Promise<void> }).sendDevToolsCommand(
    'Emulation.setDeviceMetricsOverride',
    { width, height, deviceScaleFactor: 1, mobile: false },
  )
}

/** Lets the page keep files in a folder. */
export async function keepDownloads(driver: WebDriver, folder: string): Promise<void> {
  await (driver as unknown as { sendDevToolsCommand(name: string, params: object): Promise<void> }).sendDevToolsCommand(
    'Browser.setDownloadBehavior',
    { behavior: 'allow', downloadPath: folder },
  )
}

const patienceMs = 10_000

/** Waits for an element and returns it. */
export async function see(driver: WebDriver, css: string): Promise<WebElement> {
  return driver.wait(until.elementLocated(By.css(css)), patienceMs, `no ${css} on the page`)
}

/** Waits until an element's text fits. */
export async function seeText(driver: WebDriver, css: string, pattern: RegExp): Promise<string> {
  let last = ''
  await driver
    .wait(
      async () => {
        const [element] = await driver.findElements(By.css(css))
        last = element ? await element.getText().catch(() => '') : ''
        return pattern.test(last)
      },
      patienceMs,
      `${css} does not say ${pattern}`,
    )
    .catch((error: unknown) => {
      throw new Error(`${css} says "${last}", not ${pattern}`, { cause: error })
    })
  return last
}

/** Waits until no such element is left. */
export async function seeGone(driver: WebDriver, css: string): Promise<void> {
  await driver.wait(
    async () => (await driver.findElements(By.css(css))).length === 0,
    patienceMs,
    `${css} is still there`,
  )
}

export async function click(driver: WebDriver, css: string): Promise<void> {
  const element = await see(driver, css)
  await driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element)
  await element.click()
}

/** Replaces what stands in a field and leaves it, as a person does with Tab. */
export async function fill(driver: WebDriver, css: string, text: string): Promise<void> {
  const field = await see(driver, css)
  await driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field)
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE)
  if (text) await field.sendKeys(text)
  await field.sendKeys(Key.TAB)
}

/** Chooses an option of a drop-down by its words. */
export async function choose(driver: WebDriver, css: string, words: string): Promise<void> {
  await click(driver, css)
  const option = await driver.wait(
    until.elementLocated(By.xpath(`//li[@role="option"][contains(., "${words}")]`)),
    patienceMs,
    `no option ${words}`,
  )
  await option.click()
}

/** A key pressed on the page, in no field. */
export async function press(driver: WebDriver, key: string): Promise<void> {
  await driver.executeScript('document.activeElement instanceof HTMLElement && document.activeElement.blur()')
  await driver.actions().sendKeys(key).perform()
}

export async function signIn(driver: WebDriver, login = 'technician', password = 'brine-and-grease'): Promise<void> {
  await driver.get(`${appUrl()}/sign-in`)
  await fill(driver, '[data-test="login"]', login)
  await fill(driver, '[data-test="password"]', password)
  await click(driver, '[data-test="sign-in"]')
  await see(driver, '[data-machine]')
}

/** From the Yard to a position, the way a person walks. */
export async function openPosition(driver: WebDriver, tag: string, name: string): Promise<void> {
  await click(driver, `[data-machine="${tag}"]`)
  await click(driver, `[data-position="${name}"]`)
  await see(driver, '[data-lens="identify"]')
}
