import {
  isHeated,
  type RollingAssessment,
  type Figure,
  type FigureValue,
  type Lens,
  type LensAssessment,
  type RollingPosition,
  type Precision,
  type Quantity,
  type ResolvedBearing,
} from '@yardfrost/core'
import { roundTimes } from '../drawing/elevation.ts'
import { boreAt, type HalfSection } from '../drawing/half-section.ts'
import { emptyOverlay, type Callout, type Overlay, type Surface, type Tone } from '../drawing/overlay.ts'
import type { Point } from '../drawing/outline.ts'

/** Words for values, in the units of the device. */
export interface Words {
  inline: (value: FigureValue, quantity: Quantity, precision?: Precision) => string
  digits: (value: number, quantity: Quantity, precision?: Precision) => string
  fit: (from: number, to: number) => { digits: string; word: string; tone: Tone }
}

/** What the lens in hand lays over the half-section. */
export function overlayFor(
  lens: Lens,
  assessment: RollingAssessment,
  inputs: RollingPosition,
  bearing: ResolvedBearing,
  section: HalfSection,
  words: Words,
  pxPerMm: number,
): Overlay {
  const name = bearing.decoded.normal
  switch (lens) {
    case 'identify':
      return identifyOverlay(assessment.lenses.identify, bearing, section, words, name)
    case 'carry':
      return carryOverlay(assessment, inputs.load.axialWay, section, words, name)
    case 'seat':
      return seatOverlay(assessment, section, words, name)
    case 'float':
      return floatOverlay(assessment.lenses.float, section, words, name)
    case 'grease':
      return greaseOverlay(assessment.lenses.grease, section, words, name)
    case 'diagnose':
      return emptyOverlay(`Half-section of ${name}`)
    case 'mount':
      return mountOverlay(assessment, section, words, name, pxPerMm)
    default:
      return lens satisfies never
  }
}

const inWords = (figure: Figure | undefined, words: Words): string | null =>
  figure?.value ? words.inline(figure.value, figure.quantity, figure.precision) : null

function identifyOverlay(
  { figures }: LensAssessment,
  { decoded }: ResolvedBearing,
  section: HalfSection,
  words: Words,
  name: string,
): Overlay {
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

type Contact = HalfSection['contacts'][number]

/** Where an element touches the outer (1) or the inner ring (−1). */
function contactPoint({ at: [x, y], angleRad, radiusMm }: Contact, side: 1 | -1): Point {
  return [x + side * radiusMm * Math.sin(angleRad), y + side * radiusMm * Math.cos(angleRad)]
}

const longestArrowPx = 130
const shortestArrowPx = 34

function carryOverlay(
  { lenses: { carry }, outcomes }: RollingAssessment,
  axialWay: RollingPosition['load']['axialWay'],
  section: HalfSection,
  words: Words,
  name: string,
): Overlay {
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

function seatOverlay(
  { lenses: { seat: lens }, outcomes }: RollingAssessment,
  section: HalfSection,
  words: Words,
  name: string,
): Overlay {
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

function floatOverlay({ figures }: LensAssessment, section: HalfSection, words: Words, name: string): Overlay {
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

function greaseOverlay({ figures }: LensAssessment, section: HalfSection, words: Words, name: string): Overlay {
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

/** About how far off the bore its grown line is drawn, px. */
const grownPx = 9

function mountOverlay(
  { lenses: { mount }, outcomes }: RollingAssessment,
  section: HalfSection,
  words: Words,
  name: string,
  pxPerMm: number,
): Overlay {
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
