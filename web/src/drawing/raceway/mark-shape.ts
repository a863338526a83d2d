import type { MarkKind } from '@yardfrost/core'

/** How a painted mark is drawn: dark metal, what is coloured, or lines. */
export interface MarkShape {
  look: 'dark' | 'fill' | 'shade' | 'lines'
  d: string
}
interface Box {
  x: number
  y: number
  width: number
  height: number
}

const r = (value: number): string => value.toFixed(1)
/** A number from 0 to 1 that is the same for the same place. */
const chance = (seed: number): number => {
  const raw = Math.sin(seed * 12.9898) * 43_758.5453
  return raw - Math.floor(raw)
}
const steps = (length: number, apart: number, most = 160): number[] => {
  const count = Math.max(1, Math.min(most, Math.round(length / apart)))
  return Array.from({ length: count }, (_, index) => ((index + 0.5) * length) / count)
}

/** Broken out metal: an outline that is never smooth. */
function broken({ x, y, width, height }: Box): string {
  const [cx, cy] = [x + width / 2, y + height / 2]
  const teeth = Math.max(9, Math.min(60, Math.round(width / 5)))
  const points = Array.from({ length: teeth }, (_, index) => {
    const angle = (2 * Math.PI * index) / teeth
    const reach = 0.74 + 0.26 * chance(index + x)
    return `${r(cx + (reach * width * Math.cos(angle)) / 2)} ${r(cy + (reach * height * Math.sin(angle)) / 2)}`
  })
  return `M${points.join('L')}Z`
}

const ellipse = (x: number, y: number, rx: number, ry: number): string =>
  `M${r(x - rx)} ${r(y)}a${r(rx)} ${r(ry)} 0 1 0 ${r(2 * rx)} 0a${r(rx)} ${r(ry)} 0 1 0 ${r(-2 * rx)} 0Z`

const upright = ({ x, y, height }: Box, at: number): string => `M${r(x + at)} ${r(y)}v${r(height)}`

/** What a mark looks like in its place. */
export function markShape(kind: MarkKind, box: Box): MarkShape {
  const { x, y, width, height } = box
  switch (kind) {
    case 'spalling':
      return { look: 'dark', d: broken(box) }
    case 'dents':
      return width < 26
        ? { look: 'fill', d: ellipse(x + width / 2, y + height / 2, Math.max(width / 2, 3), Math.min(height / 2, 6)) }
        : { look: 'fill', d: steps(width, 11).map((at, index) => ellipse(x + at, y + height * (0.15 + 0.7 * chance(index + x)), 2.4 + 1.6 * chance(index), 1.8 + chance(index + 7))).join('') } // prettier-ignore
    case 'rust':
      return { look: 'fill', d: steps(width, 8).map((at, index) => broken({ x: x + at - 4, y: y + height * 0.8 * chance(index + y), width: 6 + 4 * chance(index), height: 3 + 3 * chance(index + 3) })).join('') } // prettier-ignore
    case 'etching':
      return { look: 'lines', d: steps(width, 30).map((at) => upright(box, at)).join('') } // prettier-ignore
    case 'flutes':
      return { look: 'lines', d: steps(width, 5, 300).map((at) => upright(box, at)).join('') } // prettier-ignore
    case 'heat-tint':
      return { look: 'shade', d: `M${r(x)} ${r(y)}h${r(width)}v${r(height)}h${r(-width)}Z` }
    case 'scoring':
      return { look: 'lines', d: steps(Math.max(height, 4), 4, 20).map((at, index) => `M${r(x + width * 0.2 * chance(index))} ${r(y + at)}H${r(x + width * (0.8 + 0.2 * chance(index + 5)))}`).join('') } // prettier-ignore
    case 'creep':
      return { look: 'lines', d: steps(Math.max(height, 4), 5, 8).map((at) => `M${r(x)} ${r(y + at)}${steps(width, 14).map(() => `q3.5 -3 7 0t7 0`).join('')}`).join('') } // prettier-ignore
    default:
      return kind satisfies never
  }
}
