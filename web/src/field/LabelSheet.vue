<script setup lang="ts">
import Button from 'primevue/button'
import QRCode from 'qrcode'
import { computedAsync } from '@vueuse/core'

/** A label to stick on: a code that a camera reads, and what a person reads beside it. */
export interface Label {
  key: string
  title: string
  lines: string[]
  /** What is typed where no camera is. */
  typed: string
  /** Path of the page it opens. */
  opens: string
}

const { labels } = defineProps<{ labels: readonly Label[] }>()
const address = (path: string) => new URL(path, location.origin).href
const pictured = computedAsync(
  () =>
    Promise.all(
      labels.map(async (label) => ({
        label,
        picture: await QRCode.toDataURL(address(label.opens), { margin: 0, width: 440, errorCorrectionLevel: 'M' }),
      })),
    ),
  [],
)
const print = () => window.print()
</script>

<template>
  <div class="labels">
    <p class="press"><Button label="Print" @click="print" /></p>
    <ul>
      <li v-for="{ label, picture } in pictured" :key="label.key" :data-label="label.title">
        <img class="code" :src="picture" :alt="`Leads to ${label.typed}`" />
        <span>
          <strong>{{ label.title }}</strong>
          <span v-for="line in label.lines" :key="line">{{ line }}</span>
          <span class="typed">{{ label.typed }}</span>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.labels {
  height: 100%;
  padding: 20px;
  overflow-y: auto;
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 14px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 14px;
  padding: 12px;
  border: 1px solid #000;
  background: #fff;
  color: #000;
  break-inside: avoid;
}

.code {
  width: 110px;
  image-rendering: pixelated;
}

li span span,
li strong {
  display: block;
}

li strong {
  font-size: 22px;
}

.typed {
  font-size: 20px;
  font-weight: 600;
}

.press {
  margin-bottom: 14px;
}

@media print {
  .press {
    display: none;
  }

  .labels {
    padding: 0;
    overflow: visible;
  }
}
</style>
