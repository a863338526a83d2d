import { isHeated } from '@yardfrost/core'
import { boreAt } from '../half-section.ts'
import type { Point } from '../outline.ts'
import { roundTimes } from '../shaft/elevation.ts'
import { emptyOverlay, type Overlay } from './overlay.ts'
import type { Overlaid } from './overlaid.ts'
import { inWords } from './overlay-words.ts'

/** About how far off the bore its grown line is drawn, px. */
const grownPx = 9

/** How the ring gets home: heated and grown, or driven up its taper. */
export function mountOverlay({
  assessment: {
    lenses: { mount },
    outcomes,
  },
  section,
  words,
  name,
  pxPerMm,
}: Overlaid): Overlay {
  const { figures, cautions } = mount
  const { way, hot, taper } = outcomes.mount
  const overlay = emptyOverlay(`Mounting of ${name}. ${cautions[0] ?? ''}`)
  const ring = figures['ring']
  const told = inWords(ring, words)
  if (told && taper !== null && way === 'driven-up') {
    // Driven up a taper: the clearance goes, the ring travels.
    const [contact] = section.contacts
    if (contact) {
      const at: Point = [contact.at[0], contact.at[1] + contact.radiusMm]
      overlay.callouts.push({ figure: 'ring', at, tone: 'ember', main: told, sub: 'off the clearance, by driving up' })
    }
    const travel = inWords(figures['travel'], words)
    if (travel) {
      const at: Point = [section.inner.from * 0.5, boreAt(section, section.inner.from * 0.5)]
      overlay.callouts.push({ figure: 'travel', at, tone: 'ink', main: travel, sub: 'along the taper' })
    }
    return overlay
  }
  if (way === null || taper !== null) return overlay
  const heated = hot !== null && isHeated(way)
  overlay.hotInner = heated
  const middleY = (section.boreMm / 2 + section.innerShoulderY) / 2
  const limit = inWords(figures['limit'], words)
  overlay.callouts.push({
    figure: heated ? 'ring' : 'method',
    at: [section.inner.to * 0.7, middleY],
    tone: heated ? 'ember' : 'ink',
    main: heated && told ? `heat to ${told}` : (inWords(figures['method'], words) ?? ''),
    sub: heated && limit ? `never over ${limit}` : '',
  })
  if (heated) {
    const { growthUm } = hot
    const truePx = (growthUm / 2000) * pxPerMm
    const times = roundTimes(truePx, grownPx)
    overlay.grownBore = { offsetPx: truePx * times }
    overlay.callouts.push({
      figure: 'room',
      at: [section.inner.from * 0.6, boreAt(section, section.inner.from * 0.6)],
      tone: 'ink',
      main: `bore grows ${words.inline({ kind: 'number', number: growthUm }, 'deviation')}`,
      sub: `dashed, drawn ${times} times`,
    })
  }
  return overlay
}
