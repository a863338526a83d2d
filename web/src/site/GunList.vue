<script setup lang="ts">
import { GreaseGun, type Lubricant } from '@yardfrost/core'
import Button from 'primevue/button'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import QuantityField from '../form/QuantityField.vue'
import TextField from '../form/TextField.vue'
import ThingForm from '../form/ThingForm.vue'
import { today } from '../shell/today.ts'
import GunWeighing from './GunWeighing.vue'

/** Grease guns of the shop: what each gives at a stroke, and when that was weighed. */
defineProps<{ guns: GreaseGun[]; lubricants: readonly Lubricant[]; unreadable: Map<string, string> }>()
defineEmits<{ add: []; remove: [index: number] }>()
</script>

<template>
  <p v-if="guns.length === 0" class="quiet">
    Weigh ten strokes and divide: then every interval tells its strokes, and not only its grams.
  </p>
  <ThingForm
    v-for="(gun, index) in guns"
    :key="gun.id"
    :schema="GreaseGun"
    :value="gun"
    :path="`guns.${index}`"
    :unreadable="unreadable"
    @change="Object.assign(gun, $event)"
  >
    <div class="rows-of" :data-gun="index">
      <TextField path="name" placeholder="Red one, pump house" />
      <QuantityField path="gramsPerStroke" />
      <ChoiceField path="holds" :options="lubricants.map(({ id, name }) => ({ value: id, label: name }))" />
      <DayField path="weighedOn" />
      <DayField path="nextWeighing" />
      <button
        type="button"
        class="link"
        :aria-label="`Remove ${gun.name || 'this gun'}`"
        @click="$emit('remove', index)"
      >
        Remove
      </button>
      <GunWeighing :gun="gun" @taken="Object.assign(gun, $event)" />
      <p v-if="gun.nextWeighing && gun.nextWeighing < today()" class="late">Its weighing is due.</p>
    </div>
  </ThingForm>
  <p>
    <Button
      label="Add a gun"
      size="small"
      severity="secondary"
      variant="outlined"
      data-test="add-gun"
      @click="$emit('add')"
    />
  </p>
</template>

<style src="./rows.css"></style>

<style scoped>
.late {
  grid-column: 1 / -1;
  color: var(--watch);
}
</style>
