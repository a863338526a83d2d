import { writeFileSync } from 'node:fs'
import { click, openBrowser, openPosition, press, see, setSize, signIn } from './browser.ts'
const out = process.env['SHOTS'] ?? '/tmp/shots'
const { driver, quit } = await openBrowser()
const shot = async (name: string) => { await driver.sleep(500); writeFileSync(`${out}/${name}.png`, await driver.takeScreenshot(), 'base64') }
try {
  await signIn(driver)
  await shot('yard')
  await openPosition(driver, 'BM-11', 'Drive end')
  for (const l of ['identify','carry','seat','mount']) { await click(driver, `[data-lens="${l}"]`); await driver.sleep(400); await shot(l) }
  const logs = await driver.manage().logs().get('browser'); console.log(logs.map(l=>l.message).join('\n'))
} finally { await quit() }
