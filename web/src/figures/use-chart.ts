import { formatNumber } from '@yardfrost/core'
import type { ApexOptions } from 'apexcharts'
import { computedWithControl } from '@vueuse/core'
import { useSettings } from '../shell/settings.ts'

/** The roles of the page as colours a chart can take; read anew when the theme flips. */
export function useChartColours() {
  const settings = useSettings()
  return computedWithControl(
    () => settings.night,
    () => {
      const role = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()
      return {
        ink: role('--ink'),
        quiet: role('--ink-2'),
        hair: role('--hair'),
        ember: role('--ember'),
        emberText: role('--ember-text'),
        frost: role('--frost'),
        sheet: role('--sheet'),
        go: role('--go'),
        watch: role('--watch'),
      }
    },
  )
}

/** The end of an axis that holds `furthest` and has round ticks at each fifth of it. */
export function roundReach(furthest: number): number {
  const step = 10 ** Math.floor(Math.log10(furthest / 5))
  const steps = [1, 2, 2.5, 5, 10].find((times) => times * step * 5 >= furthest) ?? 10
  return steps * step * 5
}

/** How a chart writes its axes. */
export const chartLabel = (colour: string) => ({
  colors: colour,
  fontFamily: 'Sofia Sans Condensed Variable',
  fontSize: '14px',
})

type Colours = ReturnType<typeof useChartColours>['value']

/** What every chart here has in common: no motion, no tools, a numeric axis below and decades of hours beside it. */
export function lifeChart(
  { quiet, hair }: Colours,
  night: boolean,
  below: { title: string; reach: number },
  decades: { from: number; to: number; count: number },
) {
  const label = chartLabel(quiet)
  return {
    chart: {
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      fontFamily: 'inherit',
      parentHeightOffset: 0,
    },
    grid: { borderColor: hair, padding: { top: -12, bottom: -4, right: 20, left: 4 } },
    tooltip: { theme: night ? 'dark' : 'light' },
    xaxis: {
      type: 'numeric',
      min: 0,
      max: below.reach,
      tickAmount: 5,
      labels: { style: label, formatter: (value: string) => formatNumber(Number(value), { figures: 3 }) },
      axisBorder: { color: quiet },
      axisTicks: { color: quiet },
      title: { text: below.title, offsetY: -6, style: { ...label, color: quiet, fontWeight: 400 } },
      tooltip: { enabled: false },
    },
    yaxis: {
      logarithmic: true,
      min: decades.from,
      max: decades.to,
      tickAmount: decades.count,
      labels: { style: label, minWidth: 52, formatter: (value: number) => formatNumber(value, { decimals: 0 }) },
    },
  } satisfies ApexOptions
}

/** A dashed line across a chart, with its word. */
export const acrossAt = (y: number, word: string, quiet: string, position: 'left' | 'right') => ({
  y,
  borderColor: quiet,
  strokeDashArray: 5,
  label: {
    text: word,
    position,
    textAnchor: position === 'left' ? 'start' : 'end',
    borderWidth: 0,
    style: { background: 'transparent', color: quiet, fontFamily: 'Sofia Sans Condensed Variable', fontSize: '14px' },
  },
})

/** Whole decades that hold some lives, h. */
export function decadesOf(lives: readonly number[]): { from: number; to: number; count: number } {
  const from = Math.floor(Math.log10(Math.min(...lives)))
  const to = Math.max(from + 1, Math.ceil(Math.log10(Math.max(...lives))))
  return { from: 10 ** from, to: 10 ** to, count: to - from }
}
