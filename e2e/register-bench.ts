import { seedLargeSite } from '@yardfrost/tools/demo/large-site.ts'
import type { Page } from './page.ts'
import type { Timed } from './timed.ts'

/** Times the register of a large site: the API alone, and on the page from the keystroke to the rows. */
export async function timeRegister(page: Page): Promise<Timed[]> {
  await seedLargeSite(process.env['YARDFROST_DATABASE'] ?? '')
  await page.go('/register')
  await page.see('[data-test="register-count"]')
  const timed: Timed[] = []
  for (const [field, path] of [
    ['areas API, to compare with', '/areas'],
    ['register API, first page', '/register'],
    ['register API, two words', '/register?q=fan%206311'],
    ['register API, last page', '/register?offset=1940'],
    ['register API, nothing found', '/register?q=zzz'],
  ] as const) {
    const times = await page.driver.executeAsyncScript<number[]>(
      `const [path, done] = arguments
       const run = async () => {
         const times = []
         for (let round = 0; round < 30; round++) {
           const began = performance.now()
           await (await fetch('/api' + path)).text()
           times.push(performance.now() - began)
         }
         return times
       }
       run().then(done)`,
      path,
    )
    timed.push({ field, times: times.slice(5), limitMs: 30 })
  }
  const typed = await page.driver.executeAsyncScript<number[]>(
    `const done = arguments[arguments.length - 1]
     const input = document.querySelector('[data-test="register-search"]')
     const count = document.querySelector('[data-test="register-count"]')
     const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
     // The pause in which more letters may come is not work; it is taken off.
     const pauseMs = 100
     const search = (text) => new Promise((found) => {
       const before = count.textContent
       const began = performance.now()
       const look = new MutationObserver(() => {
         if (count.textContent === before) return
         look.disconnect()
         setTimeout(() => {
           void document.body.offsetHeight
           found(performance.now() - began - pauseMs)
         }, 0)
       })
       look.observe(count, { characterData: true, childList: true, subtree: true })
       set.call(input, text)
       input.dispatchEvent(new Event('input', { bubbles: true }))
     })
     const run = async () => {
       const times = []
       for (let round = 0; round < 8; round++)
         for (const text of ['pump', 'pump 6313', 'fan', '']) times.push(await search(text))
       return times
     }
     run().then(done)`,
  )
  timed.push({ field: 'register, typed to rows', times: typed.slice(4), limitMs: 100 })
  return timed
}
