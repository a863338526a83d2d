import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { appUrl, click, openBrowser, openPosition, press, see, setSize, signIn } from './browser.ts'

// One picture of each main view, from the demo data, for the README.
const folder = process.env['YARDFROST_SHOTS'] ?? fileURLToPath(new URL('../docs/screenshots', import.meta.url))
mkdirSync(folder, { recursive: true })
const { driver, quit } = await openBrowser()

async function shoot(name: string): Promise<void> {
  // Fonts, formulas and charts come a moment after the page.
  await driver.executeAsyncScript('document.fonts.ready.then(arguments[arguments.length - 1])')
  await driver.sleep(500)
  writeFileSync(`${folder}/${name}.png`, await driver.takeScreenshot(), 'base64')
}
const home = async () => {
  await driver.get(appUrl())
  await see(driver, '[data-machine]')
}
const lens = (name: string) => click(driver, `[data-lens="${name}"]`)

try {
  await signIn(driver)
  await shoot('yard')
  await click(driver, '[data-machine="CG-33"]')
  await shoot('machine')
  await home()
  await openPosition(driver, 'CP-31', 'Impeller end')
  await shoot('identify')
  await home()
  await openPosition(driver, 'BP-11', 'Coupling end')
  await lens('carry')
  await see(driver, '.apexcharts-svg')
  await shoot('carry')
  await press(driver, 'w')
  await see(driver, '.katex')
  await shoot('working')
  await home()
  await openPosition(driver, 'CP-31', 'Thrust end')
  await lens('seat')
  await shoot('seat')
  await press(driver, 'n')
  await shoot('seat-night')
  await press(driver, 'n')
  await home()
  await openPosition(driver, 'BM-11', 'Drive end')
  await lens('float')
  await shoot('float')
  await lens('mount')
  await shoot('mount')
  await home()
  await openPosition(driver, 'BP-11', 'Impeller end')
  await lens('grease')
  await shoot('grease')
  await home()
  await openPosition(driver, 'CM-31', 'Drive end')
  await lens('diagnose')
  await shoot('diagnose')
  await home()
  await openPosition(driver, 'BM-11', 'Drive end')
  await lens('mount')
  await setSize(driver, 768, 1100)
  await shoot('narrow')
} finally {
  await quit()
}
