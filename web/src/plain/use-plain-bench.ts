import type { PlainDetail, PositionDetail } from '@yardfrost/contract'
import {
  assessPlain,
  holdsPlain,
  onShaftLine,
  PlainDocument,
  PlainPosition,
  plainLenses,
  type Machine,
  type PlainLens,
} from '@yardfrost/core'
import { computed, inject, provide, reactive, type InjectionKey } from 'vue'
import { ApiFailure } from '../api/client.ts'
import { usePositionDocument } from '../bench/use-position-document.ts'
import { provideForm } from '../form/form-port.ts'
import { plainPages } from './plain-pages.ts'

/** @throws ApiFailure for a position that is no plain bearing */
function plain(detail: PositionDetail): PlainDetail {
  if (holdsPlain(detail)) return detail
  const message = `This position is a ${detail.inputs.kind} bearing`
  throw new ApiFailure(404, {
    code: 'NOT_FOUND',
    message,
    fix: 'Load the page anew: the program may have been updated.',
  })
}

/** A plain bearing on the bench: its inputs, what core makes of them, and how they are kept. */
function createPlainBench(id: string) {
  const document = usePositionDocument<PlainPosition, PlainDetail>({
    id,
    empty: PlainPosition.parse({}),
    schema: PlainDocument,
    narrow: plain,
  })
  const { detail, inputs } = document
  const pages = reactive<Partial<Record<PlainLens, string>>>({})
  const machine = computed((): Machine => detail.value?.machine ?? { kind: 'other', duty: 'round-the-clock' })
  const assessment = computed(() => assessPlain(inputs.value, machine.value))
  /** Whether this machine has a shaft that this position stands on, and whether the bench works with its loads. */
  const onShaft = computed(() =>
    Boolean(machine.value.shaft?.supports.some(({ position }) => position === machine.value.position)),
  )
  const fed = computed(() => onShaft.value && inputs.value.load.from === 'shaft-line')
  /** The inputs as core works with them. */
  const effective = computed(() => onShaftLine(inputs.value, machine.value))
  const pageOf = (lens: PlainLens): string => pages[lens] ?? plainPages[lens][0]?.key ?? ''
  function turnTo(lens: PlainLens, page: string): void {
    pages[lens] = page
  }
  return { ...document, machine, assessment, onShaft, fed, effective, pageOf, turnTo }
}

export type PlainBench = ReturnType<typeof createPlainBench>
const benchKey: InjectionKey<PlainBench> = Symbol('plain bench')

/** Opens a plain bearing on the bench; fields and lenses below take it from `usePlainBench`. */
export function openPlainBench(id: string): PlainBench {
  const bench = createPlainBench(id)
  provide(benchKey, bench)
  provideForm({
    schema: PlainPosition,
    unreadable: bench.unreadable,
    valueAt: bench.valueAt,
    setAt: bench.setAt,
  })
  return bench
}

/** The bench this component lies on. */
export function usePlainBench(): PlainBench {
  const bench = inject(benchKey)
  if (!bench) throw new Error('not on a bench of a plain bearing')
  return bench
}

const lensOfGroup: Record<string, PlainLens> = { bearing: 'identify', load: 'carry' }

/** Lens that a field is entered in. */
export function plainLensOfField(path: string): PlainLens {
  const group = path.split('.')[0] ?? ''
  return lensOfGroup[group] ?? plainLenses.find((lens) => lens === group) ?? 'identify'
}
