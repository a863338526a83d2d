import { useEventSource } from '@vueuse/core'
import { HeaterSample, type StartHeaterRun } from '@yardfrost/contract'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { api, ApiFailure } from '../api/client.ts'

/** What went wrong, and what to do. */
export interface HeaterTrouble {
  message: string
  fix: string
}

/** One heater: switched on by the server, watched here, off as soon as nobody watches. */
export function useHeater() {
  const samples = shallowRef<HeaterSample[]>([])
  const trouble = ref<HeaterTrouble | null>(null)
  const running = ref(false)
  const address = ref<string>()
  const stream = useEventSource(address, ['sample', 'trouble'] as const, { immediate: false, autoConnect: false })

  const isOn = () => running.value

  /** Switches it on. @param order - what the server is asked to heat for; aim and limit are its own */
  async function start(order: StartHeaterRun): Promise<void> {
    stop()
    samples.value = []
    trouble.value = null
    running.value = true
    try {
      const run = await api.startHeater(order)
      // Switched off, or gone, while the answer was on its way: nobody listens, and it goes off by itself.
      if (!isOn()) return
      address.value = `/api/devices/heater-runs/${run.id}`
      stream.open()
    } catch (error) {
      if (!(error instanceof ApiFailure)) throw error
      fail(error)
    }
  }

  function stop(): void {
    running.value = false
    stream.close()
  }
  function fail({ message, fix }: HeaterTrouble): void {
    trouble.value = { message, fix }
    stop()
  }

  watch(
    stream.data,
    (text: string | null) => {
      if (!text) return
      const told: unknown = JSON.parse(text)
      if (stream.event.value === 'trouble') fail(told as HeaterTrouble)
      else samples.value = [...samples.value, HeaterSample.parse(told)]
    },
    { flush: 'sync' },
  )
  // A stream that breaks is a heater nobody watches: it has switched itself off, and is not started again by itself.
  watch(stream.error, (error) => {
    if (!error || !running.value) return
    fail({
      message: 'The line to the heater broke, and it has switched off',
      fix: 'Start it again: it goes on from the heat that is left. Or heat by hand and type what the probe shows.',
    })
  })
  onScopeDispose(stop)

  return { samples, last: computed(() => samples.value.at(-1) ?? null), trouble, running, start, stop }
}
