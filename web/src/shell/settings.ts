import { useLocalStorage } from '@vueuse/core'
import type { UnitSystem } from '@yardfrost/core'
import { defineStore } from 'pinia'
import { watchEffect } from 'vue'

/** What a person sets for this device: units and theme. */
export const useSettings = defineStore('settings', () => {
  const units = useLocalStorage<UnitSystem>('yardfrost.units', 'metric')
  const night = useLocalStorage('yardfrost.night', false)

  watchEffect(() => document.documentElement.classList.toggle('night', night.value))

  const flipUnits = () => {
    units.value = units.value === 'metric' ? 'inch' : 'metric'
  }
  const flipNight = () => {
    night.value = !night.value
  }
  return { units, night, flipUnits, flipNight }
})
