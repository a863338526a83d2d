<script setup lang="ts">
import { formatNumber, toShown, type SweepResult } from '@yardfrost/core'
import type { ApexOptions } from 'apexcharts'
import { computed } from 'vue'
import VueApexCharts from 'vue3-apexcharts'
import { useFormat } from '../../figures/use-format.ts'
import { acrossAt, decadesOf, lifeChart, roundReach, useChartColours } from '../../figures/use-chart.ts'
import { useSettings } from '../../shell/settings.ts'

/** Life against mass of every bearing that can do it; a dot is pressed to put it on the bench. */
const { results, wantedH, here } = defineProps<{
  results: SweepResult[]
  wantedH: number
  /** Size that is on the bench. */
  here: string
}>()
const emit = defineEmits<{ choose: [designation: string] }>()

const settings = useSettings()
const format = useFormat()
const colours = useChartColours()

const points = computed(() => results.filter(({ state, lifeH }) => state !== 'stop' && lifeH !== null && lifeH > 0))
const group = (which: 'go' | 'rest' | 'here') =>
  points.value.filter((one) =>
    one.designation === here ? which === 'here' : which === (one.state === 'go' ? 'go' : 'rest'),
  )
const groups = computed(() => ({ go: group('go'), rest: group('rest'), here: group('here') }))
const mass = (one: SweepResult) => Number(toShown(one.massKg, 'mass', settings.units).toPrecision(4))
const series = computed(() =>
  (
    [
      ['go', 'go'],
      ['to watch', 'rest'],
      ['on the bench', 'here'],
    ] as const
  ).map(([name, key]) => ({
    name,
    data: groups.value[key].map((one): [number, number] => [mass(one), shownLife(one)]),
  })),
)

/** Lives beyond this are all alike: the bearing outlasts the machine. */
const enoughH = 10_000_000
const shownLife = ({ lifeH }: SweepResult) => Math.min(lifeH ?? 1, enoughH)

const decades = computed(() => decadesOf([...points.value.map(shownLife), wantedH || 1]))

function at(seriesIndex: number, index: number): SweepResult | undefined {
  return [groups.value.go, groups.value.rest, groups.value.here][seriesIndex]?.[index]
}

const options = computed((): ApexOptions => {
  const { go, watch, ember, quiet } = colours.value
  const common = lifeChart(
    colours.value,
    settings.night,
    {
      title: `mass, ${format.unit('mass')}; lives over ten million hours stand at the top`,
      reach: roundReach(Math.max(...points.value.map(mass), 0.1)),
    },
    decades.value,
  )
  return {
    ...common,
    chart: {
      ...common.chart,
      events: {
        dataPointSelection: (_event, _chart, { seriesIndex, dataPointIndex }) => {
          const one = at(seriesIndex, dataPointIndex)
          if (one) emit('choose', one.designation)
        },
      },
    },
    colors: [go, watch, ember],
    markers: { size: [5, 5, 8], strokeWidth: 1, shape: ['circle', 'triangle', 'diamond'] },
    legend: { show: true, position: 'top', horizontalAlign: 'left', labels: { colors: quiet }, fontSize: '14px' },
    tooltip: {
      ...common.tooltip,
      custom: ({ seriesIndex, dataPointIndex }: { seriesIndex: number; dataPointIndex: number }) => {
        const one = at(seriesIndex, dataPointIndex)
        return one
          ? `<div class="chart-tip">${one.designation}: ${formatNumber(one.lifeH ?? 0, { figures: 2 })} h, ${formatNumber(mass(one), { figures: 2 })} ${format.unit('mass')}</div>`
          : ''
      },
    },
    annotations: { yaxis: [acrossAt(wantedH, 'wanted, h', quiet, 'right')] },
  }
})
</script>

<template>
  <div class="scatter" role="img" aria-label="Life against mass of the bearings that can do it">
    <VueApexCharts type="scatter" height="230" :options="options" :series="series" />
  </div>
</template>

<style scoped>
.scatter {
  min-height: 230px;
}

.scatter :deep(.chart-tip) {
  padding: 6px 10px;
}
</style>
