import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { Page } from './page.ts'

// One picture of each main view, from the demo data, for the README.
const folder = process.env['YARDFROST_SHOTS'] ?? fileURLToPath(new URL('../docs/screenshots', import.meta.url))
mkdirSync(folder, { recursive: true })
const page = await Page.open()

async function picture(): Promise<string> {
  // Fonts, formulas and charts come a moment after the page.
  await page.driver.executeAsyncScript('document.fonts.ready.then(arguments[arguments.length - 1])')
  await page.driver.sleep(500)
  return page.driver.takeScreenshot()
}
const keep = (name: string, png: string) => writeFileSync(`${folder}/${name}.png`, png, 'base64')
const shoot = async (name: string) => keep(name, await picture())

/** Several pictures on one sheet, two beside one another, each half as large. */
async function shootSheet(name: string, pictures: readonly string[]): Promise<void> {
  await page.driver.get('about:blank')
  await page.setSize(1280, 400 * Math.ceil(pictures.length / 2))
  await page.driver.executeScript(
    `document.body.style = 'margin: 0; display: grid; grid-template-columns: 1fr 1fr'
     for (const one of arguments[0]) {
       const image = document.body.appendChild(document.createElement('img'))
       image.src = 'data:image/png;base64,' + one
       image.style = 'width: 100%; display: block'
     }`,
    pictures,
  )
  await shoot(name)
  await page.setSize(1280, 800)
}
const home = async () => {
  await page.go()
  await page.see('[data-machine]')
}

/** Back to the Yard without a draft. */
const forget = async () => {
  await page.driver.executeScript('localStorage.clear()')
  await home()
}

try {
  await page.signIn()
  await shoot('yard')
  await page.click('[data-test="to-register"]')
  await page.see('[data-machine]')
  await shoot('register')
  await page.click('[data-test="to-rounds"]')
  await page.see('[data-row]')
  await shoot('weeks')
  await page.click('[data-round="2"]')
  await page.see('[data-trend]')
  await page.press('n')
  await shoot('round-night')
  await page.press('n')
  await home()
  await page.openPosition('CP-31', 'Impeller end')
  await shoot('identify')
  await home()
  await page.openPosition('BP-11', 'Coupling end')
  await page.lens('carry')
  await page.see('.apexcharts-svg')
  await shoot('carry')
  await home()
  // A ball, a cylindrical, a spherical and a tapered roller bearing, by day and by night.
  const insides: string[] = []
  for (const [tag, name] of [['BP-11', 'Coupling end'], ['BP-11', 'Impeller end'], ['CP-31', 'Thrust end'], ['CG-33', 'Pinion, fixed side']] as const) {
    await page.openPosition(tag, name)
    await page.lens('carry')
    await page.turnTo('inside')
    await page.see('[data-figure="insideLife"]')
    await page.driver.sleep(700)
    for (const _theme of ['day', 'night']) {
      insides.push(await picture())
      await page.press('n')
    }
    await home()
  } // prettier-ignore
  await shootSheet('inside', insides)
  await home()
  // Every lens on a plain bearing, by day and by night.
  const sleeves: string[] = []
  await page.openPosition('BM-13', 'Drive end')
  for (const lens of ['identify', 'carry', 'seat', 'float', 'mount', 'oil', 'diagnose']) {
    await page.lens(lens)
    if (lens === 'diagnose') for (const sign of ['wiped', 'thrust-wiped']) await page.click(`[data-sign="${sign}"]`)
    for (const _theme of ['day', 'night']) {
      sleeves.push(await picture())
      await page.press('n')
    }
  }
  await forget()
  await shootSheet('plain', sleeves)
  await home()
  await page.openPosition('CP-31', 'Thrust end')
  await page.lens('seat')
  await shoot('seat')
  await home()
  await page.click('[data-machine="DF-41"]')
  await page.click('[data-test="shaft-line"]')
  await page.see('[data-test="levers"]')
  await shoot('shaft')
  await home()
  await page.openPosition('BM-11', 'Drive end')
  await page.lens('float')
  await shoot('float')
  await home()
  await page.openPosition('DF-42', 'Belt end')
  await page.lens('mount')
  const mounted = await picture()
  await home()
  await forget()
  await home()
  await page.openPosition('BP-11', 'Impeller end')
  await page.lens('grease')
  await shoot('grease')
  await home()
  await page.openPosition('CM-31', 'Drive end')
  await page.lens('diagnose')
  await page.see('[data-paint="outer"]')
  await shoot('diagnose')
  await forget()
  await page.go('/log')
  await page.clickWords('[data-log] .name', 'DF-41 fan end')
  await page.see('[data-test="life-plot"] .apexcharts-svg')
  await page.driver.executeScript('document.querySelector("#main").scrollTo(0, 620)')
  await page.driver.sleep(600)
  await shoot('log')
  await page.go('/counter?here=22218+EK&wanted=22218+E-C3')
  await page.see('[data-test="comparison"]')
  await shoot('counter')
  await page.go('/shelf')
  await page.see('[data-stock]')
  await shoot('shelf')
  await home()
  await page.click('[data-machine="DF-42"]')
  await page.click('[data-job]')
  await page.click('[data-step^="gauge:"]')
  await page.see('[data-reading="shaft-0"]')
  await page.driver.sleep(1000)
  await shoot('job')
  await home()
  await page.click('[data-machine="BP-11"]')
  await page.click('[data-test="new-job"]')
  await page.click('[data-choose="Coupling end"]')
  await page.click('[data-test="make-job"]')
  await page.click('[data-test="acknowledge-0"]')
  await page.click('[data-reading="dead"] [data-answer="yes"]')
  await page.click('[data-test="step-done-button"]')
  await page.see('[data-step="lock-out"][data-state="go"]')
  await page.click('[data-step^="mount:"]')
  for (const caution of [0, 1]) await page.click(`[data-test="acknowledge-${caution}"]`)
  await page.click('[data-test="heat-start"]')
  await page.seeText('[data-test="heat-says"]', /^Lift it now/)
  await shootSheet('mount', [mounted, await picture()])
  await home()
  await page.click('[data-machine="BM-11"]')
  await page.click('[data-job]')
  await page.click('[data-test="to-card"]')
  await page.see('[data-test="job-card"] svg')
  await page.setSize(800, 1130)
  await shoot('job-card')
  await home()
} finally {
  await page.close()
}
