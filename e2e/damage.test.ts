import { assert } from 'chai'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { describePage } from './describe-page.ts'
import { pictureFile } from './picture-file.ts'

describePage('the damage bench', { as: 'technician' }, ({ page }) => {
  const ring = (name: string) => page.see(`[data-paint="${name}"]`)
  const leading = () => page.see('[data-test="causes"] li:first-child').then((li) => li.getAttribute('data-cause'))
  const leads = (cause: string) => page.eventually(async () => assert.equal(await leading(), cause))

  /** Draws along a strip, as a finger does: places in shares of its length and height, from its middle. */
  async function stroke(name: string, places: readonly (readonly [x: number, y: number])[]): Promise<void> {
    const strip = await ring(name)
    await page.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', strip)
    const { width, height } = await strip.getRect()
    const at = ([x, y]: readonly [number, number]) => ({
      origin: strip,
      x: Math.round(x * width),
      y: Math.round(y * height),
    })
    const [first = [0, 0] as const, ...rest] = places
    let moves = page.driver.actions({ async: true }).move(at(first)).press()
    for (const place of rest) moves = moves.move({ ...at(place), duration: 60 })
    await moves.release().perform()
  }

  async function openMarks(tag: string, position: string): Promise<void> {
    await page.click('.home')
    await page.openPosition(tag, position)
    await page.lens('diagnose')
    await ring('outer')
  }
  async function wipeAll(): Promise<void> {
    await page.driver.executeScript('window.onbeforeunload = null')
    await page.clickWords('button.link', 'Back to what is saved')
  }

  it('draws the track that this position should show, and asks nothing before something is seen', async () => {
    await openMarks('BP-11', 'Coupling end')
    await page.see('[data-test="nothing-yet"]')
    const dashed = await page.all('[data-test="raceways"] .expected')
    assert.isAtLeast(dashed.length, 2)
    assert.isEmpty(await page.all('[data-test="questions"]'))
  })

  it('paints a tilted track by pointer, and gets the housing out of line first', async () => {
    await stroke('outer', [[-0.3, -0.3], [-0.1, -0.14], [0.1, 0.02], [0.3, 0.16]]) // prettier-ignore
    await page.seeText('[data-test="raceways"] + .under ~ p, .match', /other ring too/)
    await page.click('[data-test="even"]')
    await leads('misalignment-housing')
    await page.seeText('[data-test="track-match"]', /against known patterns/)
    await page.see('[data-painted="track-tilted-stationary"]')
    await page.seeText('[data-test="causes"]', /strongly for/)
  })

  it('makes what to put right a step of the next job, and a question on arrival', async () => {
    await page.click('[data-step="refit"]')
    await page.click('[data-question="machine"]')
    await page.seeText('[data-step="refit"]', /take it out/)
    await page.seeText('[data-question="machine"]', /asked on arrival/)
  })

  it('says what a mark is, how long and where, and takes it back', async () => {
    await page.click('[data-brush="spalling"]')
    await stroke('outer', [[0.02, -0.15], [0.05, -0.15]]) // prettier-ignore
    await page.seeText('[data-test="mark-label"]', /spalled, \d+ mm long at 19\d°/)
    await page.see('[data-painted="at-outer-raceway"]')
    await page.click('[data-test="undo-paint"]')
    await page.seeGone('[data-painted="at-outer-raceway"]')
  })

  it('paints the same by keys alone', async () => {
    await wipeAll()
    await page.see('[data-test="nothing-yet"]')
    await page.click('[data-brush="track"]')
    const outer = await ring('outer')
    await page.driver.executeScript('arguments[0].focus({ focusVisible: true })', outer)
    const press = (...keys: string[]) => page.driver.actions().sendKeys(...keys).perform() // prettier-ignore
    await press(...Array.from({ length: 20 }, () => Key.ARROW_LEFT), ...Array.from({ length: 4 }, () => Key.ARROW_UP))
    await page.seeText('[data-test="paint-says"]', /^80°, raceway, 20 % up/)
    await press(' ')
    for (let step = 0; step < 8; step++)
      await press(...Array.from({ length: 5 }, () => Key.ARROW_RIGHT), Key.ARROW_DOWN)
    await press(' ')
    await page.seeText('[data-test="paint-says"]', /^280°, raceway, 20 % down$/)
    const inner = await ring('inner')
    await page.driver.executeScript('arguments[0].focus({ focusVisible: true })', inner)
    await press(...Array.from({ length: 6 }, () => ']'), 'a')
    await leads('misalignment-housing')
    await press('z')
    await page.seeGone('[data-test="track-match"]')
    await press('a')
    await leads('misalignment-housing')
  })

  it('gets misalignment from the four everyday signs, chosen by likeness, without a track', async () => {
    await wipeAll()
    await page.see('[data-test="nothing-yet"]')
    for (const [part, sign] of [
      ['raceways', 'worn-to-one-side'],
      ['cage', 'cage-broken'],
      ['seals', 'seal-worn-one-side'],
      ['lubricant', 'grease-out-one-side'],
    ]) {
      // prettier-ignore
      await page.click(`[data-part="${part}"]`)
      await page.click(`[data-sign="${sign}"]`)
      await page.click('[data-test="close-part"]')
    }
    await page.seeText('[data-part="cage"]', /Cage broken/)
    await page.eventually(async () => {
      const first = await page.all('[data-test="causes"] li')
      const two = await Promise.all(first.slice(0, 2).map((li) => li.getAttribute('data-cause')))
      assert.include(two, 'misalignment-housing')
    })
  })

  it('offers no roller ends on a ball bearing, and finds marks by what the shop calls them', async () => {
    await page.click('[data-part="elements"]')
    await page.see('[data-part-signs="elements"]')
    assert.isEmpty(await page.all('[data-sign="roller-ends-chipped"]'))
    await page.click('[data-test="close-part"]')
    const field = await page.see('[data-test="diagnose.seen"]')
    await field.sendKeys('washboard')
    await page.clickWords('[role="option"]', 'fluting')
    await page.seeText('[data-test="marks"]', /Washboard fluting/)
    await wipeAll()
  })

  it('names thrust where the ends of rollers are chipped on a machine that leans', async () => {
    await openMarks('BP-11', 'Impeller end')
    await page.click('[data-part="elements"]')
    await page.click('[data-sign="roller-ends-chipped"]')
    await page.click('[data-test="close-part"]')
    await page.turnTo('before')
    await page.click('[data-part="history"]')
    await page.click('[data-sign="leant-or-on-end"]')
    await leads('axial-on-non-axial-type')
    await page.turnTo('diagnose')
  })

  it('names moisture at standstill where lines lie at the spacing of the rollers', async () => {
    await wipeAll()
    await page.see('[data-test="nothing-yet"]')
    await page.click('[data-brush="etching"]')
    assert.isTrue(await (await page.see('[data-test="snap"]')).isSelected())
    await stroke('outer', [[-0.2, -0.1], [0.2, -0.1]]) // prettier-ignore
    await page.see('[data-painted="etched-lines-at-pitch"]')
    await leads('standstill-etching')
    await wipeAll()
  })

  it('puts both ends beside each other, and says more than either', async () => {
    const outward = async () => {
      await stroke('outer', [[-0.3, -0.25], [0.3, -0.25]]) // prettier-ignore
      await page.turnTo('both-ends')
      await page.choose('[data-test="diagnose.upperFaces"]', 'away from the other bearing')
    }
    await openMarks('DF-41', 'Fan end')
    await outward()
    await page.seeText('[data-test="ends-lack"]', /Nothing was seen of the other end yet/)
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /^Saved/)
    await page.clickWords('[data-test="ends"] a', 'To its bench')
    await page.seeText('.crumbs, nav', /Coupling end/)
    await ring('outer')
    await outward()
    await page.seeText('[data-alike="outward"]', /outward here and at Fan end.*end that should float/s)
    await leads('no-float')
    await page.turnTo('diagnose')
    await page.see('[data-painted="tracks-offset-opposed"]')
    await wipeAll()
    await openMarks('DF-41', 'Fan end')
    await page.click('[data-brush="wipe"]')
    await stroke('outer', [[-0.45, -0.25], [0.45, -0.25]]) // prettier-ignore
    await page.eventually(async () => assert.isEmpty(await page.all('[data-test="raceways"] .band')))
    await page.click('[data-test="save"]')
    await page.seeText('[data-test="save-state"]', /^Saved/)
  })

  it('paints the other bearing of a pair as well', async () => {
    await openMarks('TL-1', 'Thrust pair')
    await stroke('outer', [[-0.45, 0.1], [0.45, 0.1]]) // prettier-ignore
    await page.click('[data-mate="true"]')
    await page.eventually(async () => assert.isEmpty(await page.all('[data-test="raceways"] .band')))
    await page.click('[data-brush="flutes"]')
    await stroke('outer', [[-0.1, 0], [0.1, 0]]) // prettier-ignore
    await page.seeText('[data-painted="fluting"]', /of the other of the pair/)
    await page.click('[data-mate="false"]')
    await page.see('[data-test="raceways"] .band')
    await wipeAll()
  })

  it('pins a photograph to its place, measures in it by keys, and keeps a finding without a network', async () => {
    await openMarks('TL-1', 'Thrust pair')
    await page.click('[data-brush="spalling"]')
    await stroke('outer', [[-0.02, 0], [0.02, 0]]) // prettier-ignore
    await page.click('[data-test="pin"]')
    await stroke('outer', [[0, 0]])
    await page.seeText('[data-test="photo-panel"] h2', /of the outer ring at 18\d°/)
    await page.attach('[data-test="photo"]', pictureFile('spall.png'))
    await page.see('[data-test="photo-panel"] img')
    await page.click('[data-test="measure"]')
    await page.seeText('[data-test="measured"]', /Lay a known length first/)
    await page.click('[data-test="lay-known"]')
    // Both lines are laid as long as each other.
    await page.seeText('[data-test="measured"]', /^10\.0 mm within 0\.4 mm$/)
    await page.driver.executeScript('document.querySelector("[data-line=\'0\'] [data-end=to]").focus()')
    const ten = Array.from({ length: 10 }, () => Key.ARROW_LEFT)
    await page.driver.actions().sendKeys(...ten).perform() // prettier-ignore
    // Ten steps of 0.004 off a line of 0.4 of the width.
    await page.seeText('[data-test="measured"]', /^9\.0 mm/)
    await page.fill('[data-test="known.lengthMm"]', '1 in')
    await page.seeText('[data-test="measured"]', /^22\.9 mm|^23 mm/)
    await page.fill('[data-test="known.lengthMm"]', 'a coin')
    await page.click('[data-test="photo-panel"] h2')
    await page.seeText('[data-test="known.lengthMm-error"]', /a coin.*must be/)
    await page.click('[data-test="close-photo"]')
    await page.see('[data-pin="1"]')
    await page.turnTo('finding')
    await page.setOffline(true)
    try {
      await page.fill('[data-test="finding-why"]', 'Spalled on one side')
      await page.click('[data-test="keep"]')
      await page.seeText('[data-test="finding-waits"]', /waits on this device/)
      await page.seeText('[data-test="keep"]', /Kept/)
    } finally {
      await page.setOffline(false)
    }
    const address = await (await page.see('[data-test="kept-finding"]')).getAttribute('href')
    await wipeAll()
    await page.driver.get(String(address))
    await page.seeText('[data-test="finding-page"] figcaption', /outer ring at 18\d°; 22\.9 mm within 0\.8 mm/)
    const shown = () => page.driver.executeScript('return document.querySelector("figure img").naturalWidth')
    await page.eventually(async () => assert.equal(await shown(), 160))
  })

  it('hears the record of the collector through, names the ring that knocks, and takes it as evidence', async () => {
    await openMarks('CM-31', 'Drive end')
    await page.turnTo('listen')
    await page.click('[data-test="record"]')
    await page.seeText('[data-test="heard"] [data-fault="outer"].found', /outer ring (clear|likely)/)
    await page.seeText('[data-test="zone"]', /mm\/s r\.m\.s\., zone [A-D]/)
    await page.seeText('[data-test="marks"]', /Outer-ring line/)
    const sheet = await page.see('[data-spectrum="depth"]')
    const before = Number(await sheet.getAttribute('data-to'))
    await page.driver.executeScript('arguments[0].focus()', sheet)
    await page.driver.actions().sendKeys('+', '+', '+').perform()
    await page.eventually(async () => assert.isBelow(Number(await sheet.getAttribute('data-to')), 0.8 * before))
    await page.clickWords('[data-test="heard-taken"] button', 'take them back')
    await page.eventually(async () => assert.notMatch(await page.read('[data-test="marks"]'), /Outer-ring line/))
  })

  it('refuses a file that is no record, and says what it wants', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-wave-')), 'words.csv')
    writeFileSync(file, 'one\ntwo\n')
    await page.attach('[data-test="wave-file"]', file)
    await page.seeText('[data-test="listen-error"]', /words\.csv/)
  })

  it('stands in a narrow window: every brush can be pressed', async () => {
    await page.turnTo('diagnose')
    await ring('outer')
    await page.setSize(400, 820)
    for (const button of await page.driver.findElements(By.css('[data-brush]'))) {
      const { x, width } = await button.getRect()
      assert.isAtMost(x + width, 400)
    }
    await page.setSize(1280, 800)
  })
})
