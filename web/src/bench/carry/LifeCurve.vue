<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { formatNumber } from '@yardfrost/core'
import { computed } from 'vue'
import VueApexCharts from 'vue3-apexcharts'
import { acrossAt, decadesOf, lifeChart, roundReach, useChartColours } from '../../figures/use-chart.ts'
import { useSettings } from '../../shell/settings.ts'

/** Life against load, with the present point, twice the load, and the life required. */
const { loadN, lifeH, wantedH, exponent, toLoad, unit } = defineProps<{
  loadN: number
  lifeH: number
  wantedH: number
  exponent: number
  /** Newtons in the unit on the axis. */
  toLoad: (newton: number) => number
  unit: string
}>()

const settings = useSettings()

const points = 40
/** From a third of the load to two and a half times, evenly on a log scale. */
const curve = computed(() =>
  Array.from({ length: points + 1 }, (_, index): [number, number] => {
    const share = (1 / 3) * 7.5 ** (index / points)
    return [toLoad(loadN * share), lifeH * share ** -exponent]
  }),
)

/** The axis ends at a round load, so that its ticks are round too. */
const reach = computed(() => roundReach(toLoad(loadN * 2.5)))

const decades = computed(() => decadesOf([...curve.value.map(([, life]) => life), wantedH]))

const colours = useChartColours()

const options = computed((): ApexOptions => {
  const { ink, quiet, emberText, sheet } = colours.value
  const point = (x: number, y: number, text: string, colour: string, below = false) => ({
    x: toLoad(x),
    y,
    marker: { size: 5, fillColor: colour, strokeColor: sheet },
    label: {
      text,
      offsetY: below ? 26 : -4,
      // Below the falling curve there is room to the left, above it to the right.
      textAnchor: below ? ('end' as const) : ('start' as const),
      offsetX: below ? -8 : 8,
      borderWidth: 0,
      style: {
        background: 'transparent',
        color: colour,
        fontFamily: 'Sofia Sans Condensed Variable',
        fontSize: '15px',
      },
    },
  })
  const common = lifeChart(
    colours.value,
    settings.night,
    { title: `equivalent load, ${unit}`, reach: reach.value },
    decades.value,
  )
  return {
    ...common,
    stroke: { width: 2.5, curve: 'straight' },
    colors: [ink],
    dataLabels: { enabled: false },
    legend: { show: false },
    tooltip: {
      ...common.tooltip,
      x: { formatter: (value: number) => `${formatNumber(value, { figures: 3 })} ${unit}` },
      y: { formatter: (value: number) => `${formatNumber(value, { figures: 2 })} h`, title: { formatter: () => '' } },
    },
    annotations: {
      yaxis: [acrossAt(wantedH, 'required', quiet, 'left')],
      points: [
        point(loadN, lifeH, 'now', ink),
        point(2 * loadN, lifeH * 2 ** -exponent, 'twice the load', emberText, true),
      ],
    },
  }
})
</script>

<template>
  <div class="curve" role="img" aria-label="Life against load">
    <VueApexCharts type="line" height="190" :options="options" :series="[{ name: 'life', data: curve }]" />
  </div>
</template>

<style scoped>
.curve {
  min-height: 190px;
}
</style>
