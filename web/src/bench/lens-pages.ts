import type { Lens } from '@yardfrost/core'
import { carryPages } from './carry/pages.ts'
import { diagnosePages } from './diagnose/pages.ts'
import { floatPages } from './float/pages.ts'
import { greasePages } from './grease/pages.ts'
import { identifyPages } from './identify/pages.ts'
import type { LensPage } from './lens-page.ts'
import { mountPages } from './mount/pages.ts'
import { seatPages } from './seat/pages.ts'

/** Pages of every lens; a lens opens with its first. */
export const lensPages: Record<Lens, readonly LensPage[]> = {
  identify: identifyPages,
  carry: carryPages,
  seat: seatPages,
  float: floatPages,
  mount: mountPages,
  grease: greasePages,
  diagnose: diagnosePages,
}

/** Page of its lens that a field is entered on. */
export function pageOfField(lens: Lens, path: string): string | null {
  const pages = lensPages[lens]
  const found = pages.find(({ fields }) => fields.some((start) => path.startsWith(start)))
  return (found ?? pages[0])?.key ?? null
}
