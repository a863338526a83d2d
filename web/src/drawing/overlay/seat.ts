import type { Point } from '../outline.ts'
import { emptyOverlay, type Overlay, type Surface } from './overlay.ts'
import type { Overlaid } from './overlaid.ts'
import { inWords } from './overlay-words.ts'

/** Fits along both seats, as they shall be or as they were gauged. */
export function seatOverlay({
  assessment: {
    lenses: { seat: lens },
    outcomes,
  },
  section,
  words,
  name,
}: Overlaid): Overlay {
  const { figures } = lens
  const overlay = emptyOverlay(`Seats of ${name}`)
  const { bare, gauged: onGauge } = outcomes.seat.shaft
  if (bare?.nominalMm != null && bare.limits) {
    const limits = inWords(figures['shaftLimits'], words) ?? ''
    const measured = onGauge.gauging ? ` gauged ${inWords(figures['shaftGauged'], words) ?? ''}` : ''
    const at: Point = [section.inner.to * 0.82, bare.nominalMm / 2]
    const sub = bare.kind === 'raceway' ? 'raceway on the shaft' : 'shaft under the sleeve'
    overlay.callouts.push({ figure: 'shaftLimits', at, tone: 'ink', main: limits, sub: `${sub}, ${bare.zone ?? ''}${measured}` }) // prettier-ignore
  }
  const seat = (which: 'shaft' | 'housing', y: number, ring: { from: number; to: number }) => {
    const fit = figures[`${which}Fit`]?.value
    const limits = figures[`${which}Limits`]
    const zone = figures[`${which}Zone`]?.value
    if (fit?.kind !== 'range' || !limits?.value || zone?.kind !== 'text') return
    // Once a seat is gauged the drawing shows what is there, not what was asked for.
    const actual = figures[`${which}Actual`]?.value
    const there =
      actual?.kind === 'range' ? actual : actual?.kind === 'number' ? { from: actual.number, to: actual.number } : fit
    const { digits, word, tone } = words.fit(there.from, there.to)
    const gauged = inWords(figures[`${which}Gauged`], words)
    const key = actual ? `${which}Actual` : `${which}Fit`
    const surface: Surface = { figure: key, tone, from: ring.from, to: ring.to, y }
    overlay.surfaces.push(surface)
    overlay.callouts.push({
      figure: key,
      at: [ring.to * 0.82, y],
      tone,
      main: `${digits} ${word}`,
      sub: actual ? `${which} gauged ${gauged ?? ''}` : `${which} ${zone.text}, ${inWords(limits, words) ?? ''}`,
    })
  }
  seat('housing', section.odMm / 2, section.outer)
  if (!bare) seat('shaft', section.boreMm / 2, section.inner)
  return overlay
}
