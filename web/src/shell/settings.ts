import { useLocalStorage } from '@vueuse/core'
import type { UnitSystem } from '@yardfrost/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'
import { useSession } from './session.ts'
import { writeDatesIn } from './shown-time.ts'

/** What a person sets for this device: units and theme. */
export const useSettings = defineStore('settings', () => {
  /** What was chosen on this device; null where it goes by the site's. */
  const chosen = useLocalStorage<UnitSystem | null>('yardfrost.units', null, {
    serializer: { read: (text) => (text === 'metric' || text === 'inch' ? text : null), write: String },
  })
  const session = useSession()
  const units = computed({
    get: (): UnitSystem => chosen.value ?? session.account?.customs.units ?? 'metric',
    set: (next) => {
      chosen.value = next
    },
  })
  /** A figure has one rounding wherever it stands, so it is the site's and not the device's. */
  const rounding = computed(() => session.account?.customs.rounding ?? 'usual')
  const night = useLocalStorage('yardfrost.night', false)

  watchEffect(() => writeDatesIn(session.account?.customs.dates ?? 'en-GB'))
  watchEffect(() => document.documentElement.classList.toggle('night', night.value))

  const flipUnits = () => {
    units.value = units.value === 'metric' ? 'inch' : 'metric'
  }
  const flipNight = () => {
    night.value = !night.value
  }
  return { units, rounding, night, flipUnits, flipNight }
})
