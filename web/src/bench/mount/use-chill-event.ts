import { useStorage, type Serializer } from '@vueuse/core'
import type { Ref } from 'vue'
import type { ChillEvent } from '../../heat/chill-says.ts'

const serializer: Serializer<ChillEvent | null> = {
  read: (kept) => JSON.parse(kept) as ChillEvent | null,
  write: (event) => JSON.stringify(event),
}

/** What happened last to the part that is chilled here: kept on this device, so that a closed tab loses no minute of it. */
export const useChillEvent = (id: string): Ref<ChillEvent | null> =>
  useStorage<ChillEvent | null>(`yardfrost.chill.${id}`, null, undefined, { serializer })
