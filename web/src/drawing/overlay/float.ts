import { emptyOverlay, type Overlay } from './overlay.ts'
import type { Overlaid } from './overlaid.ts'
import { contactPoint, inWords } from './overlay-words.ts'

/** Clearance as it runs, and which way the shaft grows. */
export function floatOverlay({ assessment, section, words, name }: Overlaid): Overlay {
  const { figures } = assessment.lenses.float
  const overlay = emptyOverlay(`Clearance and growth of ${name}`)
  const [contact] = section.contacts
  const clearance = inWords(figures['operating'], words) ?? inWords(figures['mounted'], words)
  if (contact && clearance) {
    overlay.callouts.push({
      figure: figures['operating']?.value ? 'operating' : 'mounted',
      at: contactPoint(contact, 1),
      tone: 'frost',
      main: clearance,
      sub: figures['operating']?.value ? 'operating, probably' : 'clearance, mounted and cold',
    })
  }
  const growth = figures['growth']?.value
  if (growth?.kind === 'number') {
    const toward = growth.number >= 0 ? 1 : -1
    overlay.arrows.push({
      key: 'growth',
      to: [section.inner.to * 0.9 * toward, (section.boreMm / 2) * 0.55],
      along: [toward, 0],
      lengthPx: 110,
      text: `shaft expands ${inWords(figures['growth'], words) ?? ''}`,
      label: { dx: 0, dy: -10, anchor: toward > 0 ? 'start' : 'end' },
    })
  }
  return overlay
}
