/**
 * Waits until something holds, looking again and again.
 *
 * @throws when it does not within ten seconds, saying what was waited for
 */
export async function until(holds: () => boolean | Promise<boolean>, what: string, everyMs = 20): Promise<void> {
  const lastMs = Date.now() + 10_000
  while (!(await holds())) {
    if (Date.now() > lastMs) throw new Error(`waited too long for ${what}`)
    await new Promise((again) => setTimeout(again, everyMs))
  }
}
