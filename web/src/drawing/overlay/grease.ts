import { emptyOverlay, type Overlay } from './overlay.ts'
import type { Overlaid } from './overlaid.ts'
import { inWords } from './overlay-words.ts'

/** How much grease goes in, where. */
export function greaseOverlay({ assessment, section, words, name }: Overlaid): Overlay {
  const { figures } = assessment.lenses.grease
  const overlay = emptyOverlay(`Greasing of ${name}`)
  const [contact] = section.contacts
  const told = inWords(figures['quantity'], words)
  if (contact && told) {
    overlay.callouts.push({
      figure: 'quantity',
      at: [section.outer.to * 0.9, contact.at[1] + contact.radiusMm * 0.3],
      tone: 'ink',
      main: told,
      sub: 'each relubrication',
    })
  }
  return overlay
}
