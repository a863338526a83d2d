import type { Page } from './page.ts'

/** A tablet held across. */
export const tablet = [1280, 800] as const

/** What a technician does again and again in a job. */
export function jobAt(page: Page) {
  return {
    /** Makes a job at one position of a machine. */
    make: async (tag: string, name: string): Promise<void> => {
      await page.go()
      await page.click(`[data-machine="${tag}"]`)
      await page.click('[data-test="new-job"]')
      await page.click(`[data-choose="${name}"]`)
      await page.click('[data-test="make-job"]')
      await page.see('[data-test="network"]')
    },
    /** Number of the job on the page. */
    number: async (): Promise<string> => (await page.read('.steps .state strong')).replace(/\D/g, ''),
    step: (key: string): Promise<void> => page.click(`[data-step^="${key}:"]`),
    acknowledge: async (): Promise<void> => {
      await page.see('[data-test^="acknowledge-"]')
      while ((await page.all('[data-test^="acknowledge-"]')).length > 0) await page.click('[data-test^="acknowledge-"]')
    },
    yes: (reading: string): Promise<void> => page.click(`[data-reading="${reading}"] [data-answer="yes"]`),
    done: async (): Promise<void> => {
      await page.seeEnabled('[data-test="step-done-button"]')
      await page.click('[data-test="step-done-button"]')
    },
  }
}
