<script setup lang="ts">
import type { LifeStatistics } from '@yardfrost/contract'
import { formatNumber } from '@yardfrost/core'
import type { ApexOptions } from 'apexcharts'
import { computed } from 'vue'
import VueApexCharts from 'vue3-apexcharts'
import { chartLabel, useChartColours } from '../figures/use-chart.ts'
import { useSettings } from '../shell/settings.ts'

/** Share that has failed against hours, so that a life of one shape is a straight line; its band, and the rated life. */
const { life, ratedLifeH = null } = defineProps<{ life: LifeStatistics; ratedLifeH?: number | null }>()
const settings = useSettings()
const colours = useChartColours()

/** ln(−ln(1 − p)): up the plot. */
const up = (share: number): number => Math.log(-Math.log(1 - share))
const across = (hoursH: number): number => Math.log10(hoursH)
const shares = [0.01, 0.1, 0.5, 0.9]

const series = computed(() => {
  const line = life.quantiles.map(({ percent, hoursH }) => ({ x: across(hoursH), y: up(percent / 100) }))
  const bound = (which: 'lowH' | 'highH') =>
    life.quantiles.flatMap((one) => (one[which] === null ? [] : [{ x: across(one[which]), y: up(one.percent / 100) }]))
  return [
    { name: 'fit', type: 'line', data: line },
    { name: 'shorter', type: 'line', data: bound('lowH') },
    { name: 'longer', type: 'line', data: bound('highH') },
    { name: 'failed', type: 'scatter', data: life.points.map(({ hoursH, medianRank }) => ({ x: across(hoursH), y: up(medianRank) })) }, // prettier-ignore
  ]
})
/** From the first that failed, or a tenth gone, to the last, half gone and the rated life; bounds that lie further out are cut. */
const range = computed(() => {
  const failed = life.points.map(({ hoursH }) => hoursH)
  const rated = ratedLifeH ?? life.b50H
  return {
    from: Math.floor(across(Math.min(...failed, life.b10H))),
    to: Math.ceil(across(Math.max(...failed, life.b50H, rated)) + 0.01),
  }
})
const options = computed((): ApexOptions => {
  const { ink, quiet, hair, ember, frost } = colours.value
  const label = chartLabel(quiet)
  const dashed = { borderColor: hair, strokeDashArray: 0 }
  return {
    chart: {
      animations: { enabled: false },
      toolbar: { show: false },
      zoom: { enabled: false },
      fontFamily: 'inherit',
      parentHeightOffset: 0,
      background: 'transparent',
    },
    colors: [ember, ember, ember, ink],
    stroke: { width: [2.5, 1.2, 1.2, 0], dashArray: [0, 4, 4, 0] },
    markers: { size: [0, 0, 0, 6], strokeWidth: 0 },
    legend: { show: false },
    dataLabels: { enabled: false },
    grid: { borderColor: hair, yaxis: { lines: { show: false } }, padding: { top: -14, right: 16 } },
    tooltip: { enabled: false },
    xaxis: {
      type: 'numeric',
      min: range.value.from,
      max: range.value.to,
      tickAmount: range.value.to - range.value.from,
      labels: {
        style: label,
        rotate: 0,
        formatter: (value) => `${formatNumber(10 ** Number(value), { decimals: 0 })} h`,
      },
      axisBorder: { color: quiet },
      axisTicks: { color: quiet },
    },
    yaxis: {
      min: up(0.008),
      max: up(0.97),
      labels: { show: false },
    },
    annotations: {
      yaxis: shares.map((share) => ({
        y: up(share),
        ...dashed,
        label: { text: `${share * 100} %`, position: 'left', textAnchor: 'start', borderWidth: 0, offsetX: 2, style: { ...labelStyle(quiet) } }, // prettier-ignore
      })),
      xaxis: ratedLifeH
        ? [{ x: across(ratedLifeH), borderColor: frost, strokeDashArray: 5, label: { text: 'rated: a tenth gone here', orientation: 'horizontal', textAnchor: 'end', offsetX: -6, offsetY: 128, borderWidth: 0, style: labelStyle(frost) } }] // prettier-ignore
        : [],
    },
    theme: { mode: settings.night ? 'dark' : 'light' },
  }
})
const labelStyle = (colour: string) => ({
  background: 'transparent',
  color: colour,
  fontFamily: 'Sofia Sans Condensed Variable',
  fontSize: '14px',
})
const words = computed(
  () => `Weibull plot: shape ${formatNumber(life.shape, { figures: 2 })}, half of them by ${formatNumber(life.b50H, { figures: 2 })} hours`, // prettier-ignore
)
</script>

<template>
  <div class="plot" role="img" :aria-label="words" data-test="life-plot">
    <VueApexCharts type="line" height="230" :options="options" :series="series" />
  </div>
</template>

<style scoped>
.plot {
  min-height: 230px;
}

.plot :deep(.apexcharts-canvas) {
  background: transparent;
}
</style>
