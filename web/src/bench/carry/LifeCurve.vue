<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { formatNumber } from '@yardfrost/core'
import { computed } from 'vue'
import VueApexCharts from 'vue3-apexcharts'
import { chartLabel, roundReach, useChartColours } from '../../figures/use-chart.ts'
import { useSettings } from '../../shell/settings.ts'

/** Life against load, with the present point, twice the load, and the life wanted. */
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

/** Whole decades that hold the curve and the wanted life. */
const decades = computed(() => {
  const lives = [...curve.value.map(([, life]) => life), wantedH]
  const from = Math.floor(Math.log10(Math.min(...lives)))
  const to = Math.ceil(Math.log10(Math.max(...lives)))
  return { from: 10 ** from, to: 10 ** to, count: to - from }
})

const colours = useChartColours()

const options = computed((): ApexOptions => {
  const { ink, quiet, hair, ember, sheet } = colours.value
  const label = chartLabel(quiet)
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
  return {
    chart: {
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      fontFamily: 'inherit',
      parentHeightOffset: 0,
    },
    stroke: { width: 2.5, curve: 'straight' },
    colors: [ink],
    grid: { borderColor: hair, padding: { top: -14, bottom: -4, right: 24, left: 4 } },
    dataLabels: { enabled: false },
    legend: { show: false },
    tooltip: {
      theme: settings.night ? 'dark' : 'light',
      x: { formatter: (value: number) => `${formatNumber(value, { figures: 3 })} ${unit}` },
      y: { formatter: (value: number) => `${formatNumber(value, { figures: 2 })} h`, title: { formatter: () => '' } },
    },
    xaxis: {
      type: 'numeric',
      min: 0,
      max: reach.value,
      tickAmount: 5,
      labels: { style: label, formatter: (value: string) => formatNumber(Number(value), { figures: 3 }) },
      axisBorder: { color: quiet },
      axisTicks: { color: quiet },
      title: {
        text: `equivalent load, ${unit}`,
        offsetY: -6,
        style: { color: quiet, fontFamily: 'Sofia Sans Condensed Variable', fontSize: '14px', fontWeight: 400 },
      },
      tooltip: { enabled: false },
    },
    yaxis: {
      logarithmic: true,
      min: decades.value.from,
      max: decades.value.to,
      tickAmount: decades.value.count,
      labels: { style: label, minWidth: 52, formatter: (value: number) => formatNumber(value, { decimals: 0 }) },
    },
    annotations: {
      yaxis: [
        {
          y: wantedH,
          borderColor: quiet,
          strokeDashArray: 5,
          label: {
            text: 'wanted',
            position: 'left',
            textAnchor: 'start',
            borderWidth: 0,
            style: {
              background: 'transparent',
              color: quiet,
              fontFamily: 'Sofia Sans Condensed Variable',
              fontSize: '14px',
            },
          },
        },
      ],
      points: [
        point(loadN, lifeH, 'now', ink),
        point(2 * loadN, lifeH * 2 ** -exponent, 'twice the load', ember, true),
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
