import { computed } from 'vue'
import { useSettings } from '../shell/settings.ts'

/** The roles of the page as colours a chart can take; read anew when the theme flips. */
export function useChartColours() {
  const settings = useSettings()
  return computed(() => {
    void settings.night
    const role = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()
    return {
      ink: role('--ink'),
      quiet: role('--ink-2'),
      hair: role('--hair'),
      ember: role('--ember'),
      frost: role('--frost'),
      sheet: role('--sheet'),
      go: role('--go'),
      watch: role('--watch'),
    }
  })
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
