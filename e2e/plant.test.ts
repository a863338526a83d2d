import { readBackup, writeBackup } from '@yardfrost/tools/backup-file.ts'
import { assert } from 'chai'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describePage } from './describe-page.ts'
import { Page } from './page.ts'

const password = 'seven grey herons'
const machines = [
  'area,tag,name,kind,duty,criticality,hours_source,hours_per_week,position,bearing',
  'Weir house,WP-1,River pump,pump,round-the-clock,vital,clock,,Coupling end,6313-C3',
  'Weir house,WP-1,River pump,pump,round-the-clock,vital,clock,,Impeller end,NU313',
  'Weir house,WF-2,Screen fan,fan,round-the-clock,important,clock,,Coupling end,22214',
  'Weir house,WM-3,Hoist motor,motor,intermittent,minor,clock,,Drive end,6208',
].join('\n')

// A supervisor makes a plant of their own, lets somebody in, settles things, and gets it all back after a loss.
describePage('a plant of one’s own', { empty: true }, ({ app, page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'yardfrost-plant-'))
  const second = new Page()
  let address = ''
  after(async () => {
    await second.close()
    rmSync(folder, { recursive: true, force: true })
  })

  it('begins with the question for the first site, and refuses a common password', async () => {
    await page.go('/')
    await page.fill('[data-test="site-name"]', 'Heron Weir Works')
    await page.fill('[data-test="planner-name"]', 'Ines Kaur')
    await page.fill('[data-test="planner-login"]', 'ines')
    await page.fill('[data-test="new-password"]', 'password1234')
    await page.seeText('[data-test="new-password-error"]', /common/)
    await page.click('[data-test="go"]')
    await page.seeText('[data-test="trouble"]', /password/)
    await page.fill('[data-test="new-password"]', password)
    await page.click('[data-test="go"]')
    await page.see('[data-next="import"]')
    assert.isEmpty(await page.all('[data-test="demo"]'))
  })

  it('asks nobody for the first site again', async () => {
    await second.open()
    await second.go('/first')
    await second.seeText('[data-test="closed"]', /here already/)
  })

  it('lets a second person in by a link, who sets their own password', async () => {
    await page.click('[data-test="site-people"]')
    await page.fill('[data-test="new-name"]', 'Bo Adeyemi')
    await page.fill('[data-test="new-login"]', 'bo')
    await page.click('[data-test="add-person"]')
    address = await page.seeText('[data-test="given-address"]', /\/welcome#/)
    const path = new URL(address)
    await second.go(`${path.pathname}${path.hash}`)
    await second.seeText('[data-test="link-for"]', /Bo Adeyemi, you sign in as bo/)
    await second.fill('[data-test="new-password"]', 'quiet brass lantern')
    await second.click('[data-test="go"]')
    await second.seeText('[data-test="to-me"]', /^Bo$/)
    assert.isEmpty(await second.all('[data-test="to-site"]'), 'a technician has no site to settle')
  })

  it('takes areas and machines from a file', async () => {
    const file = join(folder, 'plant.csv')
    writeFileSync(file, machines)
    await page.go('/site/next')
    await page.click('[data-next="import"] a')
    await page.attach('[data-test="import-file"]', file)
    await page.seeText('[data-test="import-counts"]', /4 new/)
    await page.click('[data-test="import-save"]')
    await page.seeText('[data-test="import-saved"]', /3 machines/)
    await page.go('/')
    await page.see('[data-machine="WM-3"]')
  })

  it('settles a gun, a grease and a limit, and every position takes them', async () => {
    // A warm bearing that nobody minds yet.
    await page.openPosition('WP-1', 'Coupling end')
    await page.lens('grease')
    await page.fill('[data-test="grease.runningC"]', '72')
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /Saved/)
    await page.click('[data-test="to-site"]')
    await page.click('[data-test="site-settings"]')
    await page.click('[data-test="add-gun"]')
    await page.fill('[data-test="guns.0.name"]', 'Red gun')
    await page.fill('[data-test="guns.0.gramsPerStroke"]', '1,4')
    await page.click('[data-test="add-lubricant"]')
    await page.fill('[data-test="lubricants.0.name"]', 'Pale 220')
    await page.fill('[data-test="lubricants.0.nu40Cst"]', '220')
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="judging"]', /4 positions judged/)
    await page.go('/')
    await page.openPosition('WP-1', 'Coupling end')
    await page.lens('grease')
    await page.seeText('[data-site="grease.gramsPerStroke"]', /1[.,]40? ?g, the gun Red gun/)
    await page.choose('[data-test="grease.product"]', 'Pale 220')
    await page.seeText('[data-site="grease.nu40Cst"]', /220.*Pale 220/)
    await page.fill('[data-test="grease.nu40Cst"]', '150')
    await page.seeText('[data-site="grease.nu40Cst"]', /The site has 220/)
    await page.fill('[data-test="differs.grease.nu40Cst"]', 'an old drum is used up')
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /Saved/)
  })

  it('judges all of it anew by another limit and another practice, and tells what changed', async () => {
    await page.click('[data-test="to-site"]')
    await page.click('[data-test="site-settings"]')
    await page.fill('[data-test="limits.warmC"]', '60')
    await page.fill('[data-test="limits.hotC"]', '70')
    await page.choose('[data-test="practice.heating"]', 'near 95')
    await page.fill('[data-test="reason.heating"]', 'thermometers here err by 15 °C')
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="judging"]', /1 position went from \w+ to stop/)
    await page.go('/')
    await page.seeText('[aria-label="Today"]', /The housing runs at 72 °C; the site stops from 70 °C/)
  })

  it('lets go of somebody at once', async () => {
    await page.click('[data-test="to-site"]')
    await page.click('[data-test="retire-bo"]')
    await page.seeText('[data-person="bo"]', /left/)
    await second.go('/')
    await second.see('[data-test="login"]')
  })

  it('is backed up, lost, restored, and signed in to again', async () => {
    const file = join(folder, 'plant.backup')
    await writeBackup(app.database, file)
    await app.dropEverything((url) => readBackup(url, file))
    await page.go('/sign-in')
    await page.fill('[data-test="login"]', 'ines')
    await page.fill('[data-test="password"]', password)
    await page.click('[data-test="sign-in"]')
    await page.see('[data-machine="WP-1"]')
    await page.go('/site/settings')
    await page.seeValue('[data-test="guns.0.name"]', 'Red gun')
    await page.seeValue('[data-test="reason.heating"]', 'thermometers here err by 15 °C')
    await page.go('/site/people')
    await page.seeText('[data-person="bo"]', /left/)
    await page.click('[data-test="site-keeping"]')
    await page.see('[data-test="photo-room"]')
  })

  it('changes one’s own password, and is signed out everywhere when asked', async () => {
    await page.click('[data-test="to-me"]')
    await page.fill('[data-test="current-password"]', password)
    await page.fill('[data-test="new-password"]', 'amber rope ladder')
    await page.click('[data-test="change-password"]')
    await page.see('[data-test="changed"]')
    await page.click('[data-test="sign-out-everywhere"]')
    await page.see('[data-test="login"]')
  })
})

describePage('settings of the made-up plant', { as: 'planner' }, ({ page }) => {
  it('judged anew by them no position is another one: a recommendation never warns of itself', async () => {
    await page.click('[data-test="to-site"]')
    await page.click('[data-test="site-settings"]')
    await page.choose('[data-test="practice.heating"]', 'near 95')
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="judging"]', /positions judged. No position has another state now/)
  })

  it('rounds a figure and the sentence that names it alike, as the site has it', async () => {
    const round = async (words: string, digits: number) => {
      await page.go('/site/settings')
      await page.choose('[data-test="customs.rounding"]', words)
      await page.click('[data-test="save"]')
      await page.see('[data-test="judging"]')
      await page.go()
      await page.openPosition('CP-31', 'Thrust end')
      await page.lens('grease')
      const kappa = await page.seeText(
        '[data-figure="kappa"] [data-test="digits"]',
        new RegExp(`^\\d+\\.\\d{${digits}}$`),
      )
      await page.seeText('main', new RegExp(`viscosity ratio κ is ${kappa.replace('.', '\\.')}\\D`))
    }
    await round('one digit more', 3)
    await round('as usual', 2)
    await page.go('/site/settings')
  })

  it('weighs a gun on the scale, and takes what it gives from there on', async () => {
    await page.click('[data-test="weigh-Brass gun"]')
    for (const set of [0, 1, 2]) await page.click(`[data-test="scale-${set}"]`)
    await page.seeText('[data-test="weighed"]', /(As it should be|Look at it).*% of what it gave.*Sets differ/s)
    await page.click('[data-test="take-weight"]')
    await page.eventually(async () => {
      const now = await (await page.see('[data-test="guns.0.gramsPerStroke"]')).getAttribute('value')
      assert.notEqual(now, '1.2')
    })
    const today = new Date().toISOString().slice(0, 10)
    await page.seeValue('[data-test="guns.0.weighedOn"]', today)
  })

  it('refuses a stop below the watch by its field, and says why it would not be saved', async () => {
    await page.fill('[data-test="limits.warmC"]', '158 °F')
    await page.seeValue('[data-test="limits.warmC"]', '70')
    await page.fill('[data-test="limits.hotC"]', '60')
    await page.seeText('[data-test="limits.hotC-error"]', /must be above the temperature that is watched from/)
    await page.fill('[data-test="guns.0.gramsPerStroke"]', 'a pinch')
    await page.seeText('[data-test="guns.0.gramsPerStroke-error"]', /Output per stroke/)
  })
})

describePage('a page that is open over an update', { as: 'technician' }, ({ page }) => {
  /** As if this page were of an older program than the server's. */
  const grow = () =>
    page.driver.executeScript(`
      window.older = true
      document.querySelector('script[type="module"][src]').setAttribute('src', '/assets/older.js')
      document.dispatchEvent(new Event('visibilitychange'))`)
  const isOlder = async () => (await page.driver.executeScript('return window.older === true')) === true

  it('begins again by itself when nobody has touched it for a while', async () => {
    await grow()
    await page.eventually(async () => assert.isFalse(await isOlder()))
    await page.see('[data-machine]')
  })

  it('waits while somebody types, loses nothing, and begins again as they turn the page', async () => {
    await page.openPosition('BP-11', 'Coupling end')
    await page.lens('carry')
    await grow()
    await page.fill('[data-test="load.radialN"]', '7777')
    await page.driver.sleep(7000)
    assert.isTrue(await isOlder(), 'unsaved work is not taken away')
    await page.click('.home')
    await page.click('[data-test="leaving"] button:nth-of-type(2)')
    await page.eventually(async () => assert.isFalse(await isOlder()))
    await page.openPosition('BP-11', 'Coupling end')
    await page.lens('carry')
    await page.eventually(async () => assert.match(String(await (await page.see('[data-test="load.radialN"]')).getAttribute('value')), /7\D?777/)) // prettier-ignore
  })
})
