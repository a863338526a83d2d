import { cpus } from 'node:os'
import { fileURLToPath } from 'node:url'
import { writeBenchmark } from '@yardfrost/tools/write-benchmark.ts'
import { Page } from './page.ts'
import { timeRegister } from './register-bench.ts'
import { reportLine, type Timed } from './timed.ts'

// How long the page works after each keystroke, field by field: from the input event until everything that follows from it
// stands in the page and is laid out. The browser paints it with the next frame.
const page = await Page.open()

const fields: [lens: string, page: string | null, field: string, texts: string[]][] = [
  ['identify', 'number', 'bearing.designation', ['6313', '6313-C3', '22218', 'NU2218 E-C3']],
  ['identify', 'measure', 'identify.boreMm.0', ['65.0', '65.04', '65.03']],
  ['carry', 'life', 'load.radialN', ['2950', '3100', '3400', '2900']],
  ['carry', 'life', 'grease.runningC', ['65', '72', '62']],
  ['seat', 'zones', 'seat.ringRiseC', ['10', '20', '30']],
  ['float', 'clearance', 'float.innerC', ['66', '72', '64']],
  ['float', 'growth', 'float.hottestC', ['70', '80', '66']],
  ['mount', null, 'mount.roomC', ['22', '25', '20']],
  ['grease', null, 'grease.nu40Cst', ['100', '150', '110']],
]

const timed: Timed[] = []
try {
  await page.signIn()
  await page.openPosition('BP-11', 'Coupling end')
  for (const [lens, turn, field, texts] of fields) {
    await page.lens(lens)
    if (turn) await page.turnTo(turn)
    await page.see(`[data-test="${field}"]`)
    await page.driver.sleep(400)
    const times = await page.driver.executeAsyncScript<number[]>(
      `const [test, texts, done] = arguments
       const input = document.querySelector('[data-test="' + test + '"]')
       const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
       const run = async () => {
         const times = []
         input.focus()
         for (let round = 0; round < 8; round++)
           for (const text of texts) {
             const began = performance.now()
             set.call(input, text)
             input.dispatchEvent(new Event('input', { bubbles: true }))
             // What Vue has to do is done in microtasks; asking for a size makes the browser lay it out.
             await Promise.resolve()
             await new Promise((flushed) => setTimeout(flushed, 0))
             void document.body.offsetHeight
             times.push(performance.now() - began)
             await new Promise((next) => requestAnimationFrame(() => setTimeout(next, 30)))
           }
         return times
       }
       run().then(done)`,
      field,
      texts,
    )
    // The first strokes warm the code up.
    timed.push({ field, times: times.slice(texts.length), limitMs: 50 })
  }
  // A drag redraws and solves anew at every movement of the pointer; a frame at 60 a second has 16.7 ms. With Ctrl it goes by
  // the millimetre; a movement that changes nothing is not counted.
  await page.go()
  await page.click('[data-machine="BP-11"]')
  await page.click('[data-test="shaft-line"]')
  await page.see('[data-part="impeller"]')
  await page.driver.sleep(500)
  const moves = await page.driver.executeAsyncScript<number[]>(
    `const done = arguments[arguments.length - 1]
     const part = document.querySelector('[data-part="impeller"]')
     const at = part.getBoundingClientRect()
     const send = (type, x) => part.dispatchEvent(
       new PointerEvent(type, { bubbles: true, ctrlKey: true, pointerId: 1, clientX: x, clientY: at.y + 5 }))
     part.setPointerCapture = () => undefined
     const run = async () => {
       const times = []
       send('pointerdown', at.x)
       for (let step = 0; step < 240; step++) {
         const before = part.getAttribute('transform')
         const began = performance.now()
         send('pointermove', at.x + 30 * Math.sin(step / 5))
         await new Promise((flushed) => setTimeout(flushed, 0))
         void document.body.offsetHeight
         const took = performance.now() - began
         if (part.getAttribute('transform') !== before) times.push(took)
         await new Promise((next) => requestAnimationFrame(() => setTimeout(next, 0)))
       }
       send('pointerup', at.x)
       return times
     }
     run().then(done)`,
  )
  timed.push({ field: 'drag on the shaft line', times: moves.slice(40), limitMs: 16.7 })
  timed.push(await timeRound())
  timed.push(...(await timeRegister(page)))
} finally {
  await page.close()
}
/** A round that is on this device, opened without a network: from the press until its strokes stand in the page. */
async function timeRound(): Promise<Timed> {
  const open = '[data-round="2"]'
  await page.go('/rounds')
  await page.click(open)
  await page.see('[data-test="strokes"]')
  await page.click('[data-test="to-rounds"]')
  await page.see(open)
  await page.setOffline(true)
  try {
    const times = await page.driver.executeAsyncScript<number[]>(
      `const [open, done] = arguments
       const there = (css) => new Promise((found) => {
         const look = () => (document.querySelector(css) ? found() : setTimeout(look, 1))
         look()
       })
       const run = async () => {
         const times = []
         for (let turn = 0; turn < 12; turn++) {
           await there(open)
           await new Promise((rest) => setTimeout(rest, 300))
           const began = performance.now()
           document.querySelector(open).click()
           await there('[data-test="strokes"]')
           void document.body.offsetHeight
           times.push(performance.now() - began)
           history.back()
         }
         return times
       }
       run().then(done)`,
      open,
    )
    return { field: 'round from the device', times: times.slice(2), limitMs: 300 }
  } finally {
    await page.setOffline(false)
  }
}

const lines = [
  `Chromium headless, ${cpus().length} cores; 2,000 machines and some 6,000 positions in the register`,
  ...timed.map(reportLine),
]
console.log(lines.join('\n'))
writeBenchmark(fileURLToPath(new URL('../docs/benchmarks.md', import.meta.url)), {
  heading: 'On the page',
  command: 'npm run bench:page',
  lines,
})
