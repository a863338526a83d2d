import { thinSpace, type Assessment, type LensAssessment } from '@yardfrost/core'
import type { useFormat } from '../figures/use-format.ts'
import { keepFile, keepTable } from '../shell/keep-file.ts'

/** Style that a drawing takes from the page; outside the page it has to bring it along. */
const kept = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'font',
  'text-anchor',
  'letter-spacing',
]

/** The drawing on the page as an SVG file that looks the same anywhere. */
export function keepDrawing(drawing: SVGSVGElement, name: string): void {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  const originals = drawing.querySelectorAll<SVGElement>('*')
  copy.querySelectorAll<SVGElement>('*').forEach((element, index) => {
    const original = originals[index]
    if (!original) return
    const style = getComputedStyle(original)
    for (const property of kept) element.style.setProperty(property, style.getPropertyValue(property))
    element.removeAttribute('class')
    element.removeAttribute('tabindex')
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  keepFile(`${name}.svg`, 'image/svg+xml', new XMLSerializer().serializeToString(copy))
}

/** Digits as other programs read them: no spaces between thousands, a plain minus. */
const plain = (digits: string) => digits.replaceAll(thinSpace, '').replaceAll('−', '-')

/** Every figure of every lens with its value, unit, formula and source, as CSV in the units of this device. */
export function keepFigures(assessment: Assessment, format: ReturnType<typeof useFormat>, name: string): void {
  const rows = Object.values<LensAssessment>(assessment.lenses).flatMap(({ lens, figures }) =>
    Object.entries(figures).map(([key, figure]) => {
      const shown = format.figure(figure)
      return {
        lens,
        key,
        label: figure.label,
        value: plain(shown?.digits ?? ''),
        unit: shown?.unit ?? '',
        estimate: figure.estimate ? 'estimate' : '',
        formula: figure.formula,
        given: figure.givens
          .map((given) => `${given.label}: ${plain(format.inline(given.value, given.quantity, given.precision))}`)
          .join('; '),
        source: figure.source,
      }
    }),
  )
  keepTable(name, rows)
}
