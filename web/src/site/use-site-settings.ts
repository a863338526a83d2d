import type { JudgingState, SettingsDetail } from '@yardfrost/contract'
import { SiteSettings } from '@yardfrost/core'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import { newId } from '../field/new-id.ts'
import { useDocument } from '../shell/use-document.ts'

/** How often it is asked how far the judging is, ms. */
const askMs = 700

/** The settings of the site in hand, and the judging of its positions that a save brings. */
export function useSiteSettings() {
  const settings = ref<SiteSettings>(SiteSettings.parse({}))
  const document = useDocument<SiteSettings, SettingsDetail>({
    key: 'yardfrost.site-settings',
    schema: SiteSettings,
    value: settings,
    valueOf: (stored) => stored.settings,
    save: async (value, version) => {
      const saved = await api.saveSettings({ version, settings: value })
      resume()
      return saved
    },
  })
  const judging = ref<JudgingState | null>(null)
  async function look(): Promise<void> {
    judging.value = await api.judging()
    if (judging.value === null || judging.value.endedAt !== null) pause()
  }
  const { pause, resume } = useIntervalFn(() => void look().catch(pause), askMs, { immediate: false })

  async function load(): Promise<void> {
    document.take(await api.settings())
    await look()
    if (judging.value?.endedAt === null) resume()
  }

  /** What the last judging changed, by where it went: "4 from go to watch". */
  const moves = computed(() => {
    const counts = new Map<string, { from: string; to: string; count: number }>()
    for (const { from, to } of judging.value?.changes ?? []) {
      const key = `${from} ${to}`
      const known = counts.get(key) ?? { from, to, count: 0 }
      counts.set(key, { ...known, count: known.count + 1 })
    }
    return [...counts.values()].sort((a, b) => b.count - a.count)
  })

  const addGun = () =>
    settings.value.guns.push({
      id: newId(),
      name: '',
      gramsPerStroke: 1,
      weighedOn: null,
      nextWeighing: null,
      holds: null,
    })
  const addLubricant = () =>
    settings.value.lubricants.push({
      ...{ id: newId(), name: '', kind: 'grease', thickener: null, baseOil: 'mineral', nu40Cst: null },
      ...{ viscosityIndex: null, nlgi: null, lowC: null, highC: null, ep: false, stands: '' },
    })
  return { ...document, settings, judging, moves, load, addGun, addLubricant }
}
