import { StorageSerializers, useStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import type { ChillEvent } from '../../heat/chill-says.ts'

/** What happened last to the part that is chilled here: kept on this device, so that a closed tab loses no minute of it. */
export const useChillEvent = (id: string): Ref<ChillEvent | null> =>
  useStorage<ChillEvent | null>(`yardfrost.chill.${id}`, null, undefined, { serializer: StorageSerializers.object })
