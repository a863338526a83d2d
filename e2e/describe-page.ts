import { AppUnderTest } from './app-under-test.ts'
import { Page, type Login } from './page.ts'

interface Setting {
  /** On an empty database, without the made-up plant. */
  empty?: boolean
  /** Who is signed in from the start; nobody where it is left out. */
  as?: Login
  /** Width and height of the page, px. */
  size?: readonly [number, number]
  /** How many times faster than real the simulated heater runs. */
  heaterRate?: number
}

/** A suite on an application of its own with the demo data, and a browser at it; both are there once its tests run. */
export function describePage(
  title: string,
  { as, size, heaterRate, empty = false }: Setting,
  suite: (under: { app: AppUnderTest; page: Page }) => void,
): void {
  describe(title, () => {
    const app = new AppUnderTest()
    const page = new Page()

    before(async () => {
      if (heaterRate) process.env['YARDFROST_HEATER_RATE'] = String(heaterRate)
      await app.start(!empty)
      await page.open(...(size ?? []))
      if (as) await page.signIn(as)
    })
    after(async () => {
      await page.close()
      await app.remove()
      if (heaterRate) delete process.env['YARDFROST_HEATER_RATE']
    })

    suite({ app, page })
  })
}
