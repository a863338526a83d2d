import { emptyOverlay, type Callout, type Overlay } from './overlay.ts'
import type { Overlaid } from './overlaid.ts'
import { contactPoint, inWords } from './overlay-words.ts'

/** What is in the box: clearance and inside. */
export function identifyOverlay({ assessment, bearing: { decoded }, section, words, name }: Overlaid): Overlay {
  const { figures } = assessment.lenses.identify
  const [contact] = section.contacts
  const callouts: Callout[] = []
  const clearance = inWords(figures['clearance'], words)
  if (contact && clearance) {
    callouts.push({
      figure: 'clearance',
      at: contactPoint(contact, 1),
      tone: 'frost',
      main: clearance,
      sub: decoded.clearanceClass ? `initial clearance, ${decoded.clearanceClass}` : 'clearance, none in the box',
    })
  }
  const inside = inWords(figures['interior'], words)
  if (contact && inside) {
    const [x, y] = contact.at
    callouts.push({
      figure: 'interior',
      at: [x + contact.radiusMm * 0.5, y - contact.radiusMm * 0.3],
      tone: 'ink',
      main: figures['interior']?.value?.kind === 'text' ? figures['interior'].value.text : inside,
      sub: 'rolling elements, estimated',
    })
  }
  return { ...emptyOverlay(`Half-section of ${name} on its shaft in its housing`), callouts }
}
