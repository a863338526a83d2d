import { weekNumber } from '@yardfrost/core'
import { assert } from 'chai'
import { describePage } from './describe-page.ts'
import { Page } from './page.ts'
import { pictureFile } from './picture-file.ts'

describePage('a round with a tablet', { as: 'technician', size: [1180, 820] }, ({ page }) => {
  const beside = new Page()
  after(() => beside.close())

  const take = (gun: string) => page.click(`[data-test="gun"] option[value="${gun}"]`)
  const counted = async () => Number(await page.read('[data-test="round-count"] strong'))
  /** Names of the points of a kind of work on the round, in walking order. */
  const listed = async (kind: string): Promise<string[]> => {
    const all = await page.all(`[data-listed$=" ${kind}"]`)
    return Promise.all(all.map(async (one) => (await one.getAttribute('data-listed')) ?? ''))
  }
  const at = (name: string) => `[data-listed="${name}"]`
  const is = (on: Page, name: string, state: string) => on.see(`${at(name)}[data-state="${state}"]`)
  let grease: string[] = []

  it('is made of six points of the weeks ahead, taken along by hand', async () => {
    await page.click('[data-test="to-rounds"]')
    await page.see('[data-row="DF-41"]')
    await page.click('[data-test="begin-round"]')
    for (const area of await page.all('[data-area]')) await area.click()
    await page.seeText('[data-test="round-count"]', /^0 points/)
    for (const row of ['DF-41', 'BM-12', 'DC-45', 'CP-31', 'CG-33'])
      for (let mark = 0; mark < 3; mark++) {
        const marks = await page.all(`[data-row="${row}"] .mark`)
        await marks[mark]?.click()
        for (const button of await page.all('[data-test="take"]'))
          if ((await counted()) < 6 && (await button.getText()) === 'Take it along') await button.click()
      }
    await page.seeText('[data-test="round-count"]', /^6 points/)
    await page.fill('[data-test="round-title"]', 'Six of them')
    await page.click('[data-test="make-round"]')
    await page.seeText('[data-test="far"]', /^0 of 6 done/)
    grease = await listed('grease')
    assert.isAtLeast(grease.length, 3)
  })

  it('stops at a gun that holds another thickener, and takes the strokes of the right one', async () => {
    const [first = ''] = grease
    await page.click(at(first))
    await take('Kiln gun')
    await page.seeText('[data-test="wrong-gun"]', /stop.*Kiln gun holds .*lithium is in the bearing/s)
    assert.isFalse(await (await page.see('[data-test="point-done"]')).isEnabled())
    await take('Brass gun')
    await page.seeGone('[data-test="wrong-gun"]')
    await page.fill('[data-test="read.before"]', '136 °F')
    await page.seeValue('[data-test="read.before"]', '57.78')
    await page.click('[data-came="hard"]')
    const strokes = await page.read('[data-test="strokes"]')
    await page.click('[data-test="point-done"]')
    await is(page, first, 'done')
    await page.seeText(at(first), new RegExp(`read it again at \\d\\d:\\d\\d\\s+${strokes}`))
  })

  it('takes another number of strokes, and a word on what was not done', async () => {
    const [, second = '', third = ''] = grease
    await page.click(at(second))
    const strokes = Number(await page.read('[data-test="strokes"]'))
    await page.click('[data-test="another"]')
    await page.click('[data-test="fewer"]')
    await page.click('[data-test="fewer"]')
    await page.click('[data-test="number-done"]')
    await page.seeText(`${at(second)} strong`, new RegExp(`^${strokes - 2}$`))
    await page.click(at(third))
    await page.click('[data-test="not-done"]')
    await page.fill('[data-test="point-note"]', 'scaffold')
    await page.click('[data-skip="no-access"]')
    await is(page, third, 'skipped')
    await page.seeText('[data-test="far"]', /^2 of 6 done/)
  })

  it('goes on through a lost network, and sends what was done once it is back', async () => {
    const looks = await listed('look')
    const [look = grease[3] ?? ''] = looks
    await page.setOffline(true)
    try {
      await page.click(at(look))
      await page.click('[data-test="point-done"]')
      await is(page, look, 'done')
      await page.seeText('[data-test="network"]', /No network.*1 to send/)
      await page.click(at(look))
      await page.click('[data-test="undo-point"]')
      await is(page, look, 'open')
      await page.click('[data-test="point-done"]')
      await page.seeText('[data-test="network"]', /3 to send/)
    } finally {
      await page.setOffline(false)
    }
    await page.seeText('[data-test="network"]', /^All sent$/)
    await page.driver.executeScript('window.onbeforeunload = null')
    await page.refresh()
    await is(page, look, 'done')
    await page.seeText('[data-test="far"]', /^3 of 6 done/)
  })

  it('takes what was seen, a photograph and the reading of a probe, and the bench shows it with its day', async () => {
    const [, second = ''] = grease
    await page.click(at(second))
    await page.click('[data-test="undo-point"]')
    await page.click('[data-test="also-seen"]')
    await page.click('[data-noticed="two-colours"]')
    await page.fill('[data-test="point-note"]', 'from last week')
    await page.attach('[data-test="photo"]', pictureFile('drain.png'))
    await page.click('[data-probe="vibration"]')
    await page.eventually(async () =>
      assert.match((await (await page.see('[data-test="read.vibration"]')).getAttribute('value')) ?? '', /^\d/),
    )
    await page.click('[data-test="point-done"]')
    await page.click(at(second))
    await page.seeText('[data-test="told"]', /two colours of grease, from last week/)
    await page.see('.photos img')
    await page.seeText('[data-test="network"]', /^All sent$/)
    const [tag = ''] = second.split(' ')
    await page.go('/rounds')
    await page.click(`[data-tag="${tag}"]`)
    await page.clickWords(`[data-point^="${second.replace(/ grease$/, '')}"] .link`, 'Bench')
    await page.see('[data-figure]')
    await page.press('7')
    await page.seeText('[data-reported="grease-colours-mixed"]', /\d.*Two colours or kinds of grease, on a round/s)
    await page.see('[data-test="causes"]')
    await page.clickWords('[data-reported="grease-colours-mixed"] button', 'strike out')
    await page.seeText('[data-reported="grease-colours-mixed"]', /count again/)
    await page.go('/rounds')
    await page.click('[data-round]')
  })

  it('is shared: what a second person does is seen within a second', async () => {
    const address = new URL(await page.driver.getCurrentUrl())
    await beside.open()
    await beside.signIn('planner')
    await beside.go(address.pathname)
    const open = await beside.see('[data-state="open"]')
    const name = (await open.getAttribute('data-listed')) ?? ''
    await open.click()
    await beside.click('[data-test="point-done"]')
    await is(page, name, 'done')
    await page.seeText(at(name), /Tobias/)
  })

  it('is changed while it is walked: another name, and a point taken off or put on', async () => {
    const [first = ''] = grease
    await page.click('[data-test="change-round"]')
    await page.see(`[data-off="${first}"]:disabled`)
    await page.fill('[data-test="round-name"]', 'Six of them, and one')
    await page.click('[data-test="save-round"]')
    await page.seeText('[data-test="far"]', /of 6 done/)
    await page.go('/rounds')
    await page.click('[data-row="BP-11"] .mark')
    await page.clickWords('[data-onto]', 'Onto round 3')
    await page.seeText('[data-onto]', /On round 3/)
    await page.go('/rounds')
    await page.clickWords('[data-round]', 'Six of them, and one')
    await page.seeText('[data-test="far"]', /of 7 done/)
    await page.see('[data-listed^="BP-11"]')
  })

  it('is opened at a point by the code on its label', async () => {
    const [, second = ''] = grease
    const [tag = ''] = second.split(' ')
    await page.click('[data-test="to-rounds"]')
    await page.click(`[data-tag="${tag}"]`)
    await page.clickWords('[data-point] .link', 'Labels')
    const code = await page.read('[data-label] .typed')
    await page.click('[data-test="to-rounds"]')
    await page.fill('[data-test="point-code"]', code.toLowerCase().replace('-', ''))
    await (await page.see('[data-test="point-code"]')).sendKeys('\uE007')
    await page.see('[data-point]')
    await page.go('/points/0000-0000')
    await page.seeText('h1', /No point has this code/)
    await page.go('/rounds')
    await page.click('[data-round]')
  })

  it('stands on a sheet with boxes, and moves the due dates on', async () => {
    await page.click('[data-test="to-sheet"]')
    await page.seeText('[data-test="sheet"]', /Six of them.*strokes.*scaffold.*Signed/s)
    await page.click('[data-test="to-rounds"]')
    await page.click('[data-round]')
    await page.click('[data-test="close-round"]')
    await page.seeGone('[data-test="close-round"]')
    await page.go('/rounds')
    const [first = ''] = grease
    const [row = ''] = first.split(' ')
    await page.see(`[data-row="${row}"]`)
    assert.isEmpty(await page.all(`[data-mark="${row} overdue"]`))
  })

  it('learns from what came out, once a person takes it', async () => {
    const [first = ''] = grease
    const [tag = ''] = first.split(' ')
    const proposal = `[data-proposal^="${tag}"]`
    await page.seeText(
      proposal,
      /Stiff grease came out: shorten from [\d\s\u2060]+h to [\d\s\u2060]+h.*why it runs so warm/s,
    )
    await page.click(`${proposal} [data-test="take-proposal"]`)
    await page.seeGone(proposal)
    await page.click(`[data-tag="${tag}"]`)
    await page.seeText(`[data-point^="${tag}"][data-point$="grease"]`, /learned here: Stiff grease came out/)
    await page.click(`[data-point^="${tag}"][data-point$="grease"] [data-test="past-of"]`)
    await page.seeText('[data-test="past"]', /→.*Stiff grease came out.*Una/s)
  })
})

describePage('the weeks ahead', { as: 'planner' }, ({ page }) => {
  const daysAgo = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10)
  /** Days to a Thursday some weeks ahead: ten days of tolerance then reach the next week, and not the one after. */
  const thursday = 35 + ((4 - new Date(Date.now() + 35 * 86_400_000).getUTCDay() + 7) % 7)
  /** A day as its field has it, in whatever order this browser shows days. */
  const setDay = (css: string, day: string) =>
    page.driver.executeScript(
      `const field = document.querySelector(arguments[0]); field.value = arguments[1]; field.dispatchEvent(new Event('input', { bubbles: true }))`,
      css,
      day,
    )
  /** The mark of the point that is due on that Thursday, in its week or the next: another of the machine may come before it. */
  const settled = [0, 7].map((later) => `[data-mark="BP-12 ${weekNumber(daysAgo(-thursday - later))}"]`).join()
  const weekOf = async () => (await page.see(settled)).getAttribute('data-mark')

  it('take what a person settles, and refuse an interval without its reason', async () => {
    await page.go('/rounds')
    await page.click('[data-row="BP-12"] .mark')
    await page.click('[data-point^="BP-12"] [data-test="settle"]')
    await page.fill('[data-test="point.maxDays"]', '100')
    await setDay('[data-test="point.lastDone"]', daysAgo(100 - thursday))
    await page.click('[data-test="save-point"]')
    await page.seeText('[data-point^="BP-12"]', /100 days/)
    await page.click('[data-row="DF-41"] .mark')
    await page.click('[data-point^="DF-41"][data-point$="grease"] [data-test="settle"]')
    await page.fill('[data-test="point.intervalH"]', '400')
    await page.click('[data-test="save-point"]')
    await page.seeText('[data-test="point-trouble"]', /reason/)
    await page.fill('[data-test="point.reason"]', 'manual, page 14')
    await page.click('[data-test="save-point"]')
    await page.seeText('[data-point^="DF-41"]', /Every 400 h of running.*manual, page 14/s)
  })

  it('take at once when many points were last done', async () => {
    await page.go('/rounds')
    await page.click('[data-tag="TG-2"]')
    await page.seeText('[data-test="due"]', /Nobody has said/)
    await page.click('[data-test="save-all-done"]')
    await page.seeText('[data-test="due"]', /^Last done/)
  })

  it('leave the days free on which the plant stands', async () => {
    await page.go('/rounds')
    await page.fill('[data-test="stop-title"]', 'Overhaul')
    await setDay('[data-test="stop-from"]', daysAgo(-30))
    await setDay('[data-test="stop-to"]', daysAgo(-20))
    await page.click('[data-test="add-stop"]')
    await page.seeText('[data-test="stop-trouble"]', /no sooner than it begins/)
    await setDay('[data-test="stop-to"]', daysAgo(-44))
    await page.click('[data-test="add-stop"]')
    await page.see('[data-stop="Overhaul"]')
    await page.see('.cell.stands')
    await page.click('[data-stop="Overhaul"] button')
    await page.seeGone('[data-stop="Overhaul"]')
  })

  it('are subscribed to by an address of one’s own, until it is given up', async () => {
    await page.click('[data-test="to-me"]')
    await page.click('[data-test="make-calendar"]')
    const address = await page.seeText('[data-test="calendar-address"]', /\/api\/calendars\/.+\.ics$/)
    const read = () => fetch(address)
    assert.match(await (await read()).text(), /^BEGIN:VCALENDAR/)
    await page.click('[data-test="drop-calendar"]')
    await page.seeGone('[data-test="calendar-address"]')
    assert.equal((await read()).status, 404)
    await page.go('/rounds')
  })

  it('are moved by keys within a tolerance, and no further; and levelled', async () => {
    const before = await weekOf()
    const arrow = async (key: string) => (await page.see(settled)).sendKeys(key)
    const [left, right] = ['\uE012', '\uE014']
    await arrow(right)
    await page.eventually(async () => assert.notEqual(await weekOf(), before))
    const moved = await weekOf()
    for (let times = 0; times < 3; times++) await arrow(right)
    assert.equal(await weekOf(), moved)
    await arrow(left)
    await page.eventually(async () => assert.equal(await weekOf(), before))
    await page.click('[data-test="level"]')
    await page.seeText('[data-test="weeks-told"]', /points? moved|as even as/)
  })
})
