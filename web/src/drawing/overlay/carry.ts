import { emptyOverlay, type Overlay } from './overlay.ts'
import type { Overlaid } from './overlaid.ts'
import { contactPoint, inWords } from './overlay-words.ts'

const longestArrowPx = 130
const shortestArrowPx = 34

/** Loads on the ring, and the equivalent load at the contact. */
export function carryOverlay({
  assessment: {
    lenses: { carry },
    outcomes,
  },
  inputs,
  section,
  words,
  name,
}: Overlaid): Overlay {
  const { axialWay } = inputs.load
  const { figures } = carry
  const { carrying } = outcomes.carry
  // Of a duty in steps the one that asks most is drawn.
  const heaviest = carrying?.acting.reduce((most, one, index) =>
    (carrying.each[index]?.equivalentN ?? 0) > (carrying.each[carrying.acting.indexOf(most)]?.equivalentN ?? 0)
      ? one
      : most,
  )
  const { radialN, axialN } = heaviest ?? { radialN: 0, axialN: 0 }
  const longest = Math.max(radialN, axialN, 1)
  const length = (load: number) => Math.max(shortestArrowPx, (load / longest) * longestArrowPx)
  const overlay = emptyOverlay(
    `Loads on ${name}: ${words.inline({ kind: 'number', number: radialN }, 'force')} radial, ${words.inline({ kind: 'number', number: axialN }, 'force')} axial`,
  )
  const seatY = section.boreMm / 2
  if (radialN > 0) {
    overlay.arrows.push({
      key: 'radial',
      to: [0, seatY],
      along: [0, 1],
      lengthPx: length(radialN),
      text: words.inline({ kind: 'number', number: radialN }, 'force'),
      label: { dx: 12, dy: -4, anchor: 'start' },
    })
  }
  const ways = axialWay === 'both' ? (['right', 'left'] as const) : [axialWay]
  for (const way of axialN > 0 ? ways : []) {
    const right = way === 'right'
    overlay.arrows.push({
      key: `axial-${way}`,
      to: [right ? section.inner.from : section.inner.to, seatY * 0.82],
      along: [right ? 1 : -1, 0],
      lengthPx: length(axialN),
      text: words.inline({ kind: 'number', number: axialN }, 'force'),
      label: { dx: 0, dy: -10, anchor: right ? 'start' : 'end' },
    })
  }
  const carries = radialN > 0 || axialN > 0
  if (carries && !outcomes.carry.refusal)
    overlay.contactLines = section.contacts.map((contact) => ({
      from: contactPoint(contact, -1),
      to: contactPoint(contact, 1),
    }))
  const equivalent = inWords(figures['equivalent'], words)
  const [contact] = section.contacts
  if (equivalent && contact) {
    overlay.callouts.push({
      figure: 'equivalent',
      at: contactPoint(contact, 1),
      tone: 'ember',
      main: equivalent,
      sub: 'equivalent dynamic load P',
    })
  }
  return overlay
}
