import type { PositionDetail, RollingDetail } from '@yardfrost/contract'
import {
  assessRolling,
  effectivePosition,
  findBearing,
  holdsRolling,
  isLeftOpen,
  lenses,
  lookUpBearing,
  RollingDocument,
  RollingPosition,
  siteGivens,
  type Lens,
  type Machine,
  type RollingGroups,
} from '@yardfrost/core'
import { computed, inject, provide, reactive, ref, type InjectionKey } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { provideForm, type SiteSays } from '../form/form-port.ts'
import { useAnswer } from '../shell/use-answer.ts'
import { lensPages } from './lens-pages.ts'
import { usePositionDocument } from './use-position-document.ts'
import { catalogue, damage } from '../references.ts'

/** Groups and fields of a position. */
export type FieldPath = {
  [G in keyof RollingGroups]: `${G}.${Extract<keyof RollingGroups[G], string>}`
}[keyof RollingGroups]

/** @throws ApiFailure for a position that is no rolling bearing */
function rolling(detail: PositionDetail): RollingDetail {
  if (holdsRolling(detail)) return detail
  const message = `This position is a ${detail.inputs.kind} bearing`
  const fix = 'This bench is for rolling bearings. Load the page anew: the program may have been updated.'
  throw new ApiFailure(404, { code: 'NOT_FOUND', message, fix })
}

/** One position on the bench: its inputs, what core makes of them, and how they are kept. */
function createBench(id: string) {
  const document = usePositionDocument<RollingPosition, RollingDetail>({
    id,
    empty: RollingPosition.parse({}),
    schema: RollingDocument,
    narrow: rolling,
  })
  const { detail, inputs, change, valueAt, setAt } = document
  /** Page that each lens is open at. */
  const pages = reactive<Partial<Record<Lens, string>>>({})
  /** Figure that is pointed at, on the drawing or beside it. */
  const lit = ref<string | null>(null)
  /** How the inside is looked at: a clearance and a tilt that are tried, and not kept. */
  const look = reactive({
    clearanceUm: null as number | null,
    tiltArcmin: null as number | null,
    /** What is tried on point, line and barrel alike. */
    contact: { times: 1, tiltArcmin: 0, grainUm: 0 },
  })

  /** What a maker's list says of a number that was put on the bench; of the one that is saved the position says it itself. */
  const { answer: listed } = useAnswer(
    () => inputs.value.bearing.designation,
    async (designation) =>
      designation === detail.value?.inputs.bearing.designation || !findBearing(designation, catalogue)
        ? null
        : { designation, values: await api.makerValues(designation) },
  )
  const machine = computed((): Machine => {
    const stored: Machine = detail.value?.machine ?? { kind: 'other', duty: 'round-the-clock' }
    const values = listed.value?.values
    return listed.value && values ? { ...stored, maker: { designation: listed.value.designation, values } } : stored
  })
  const assessment = computed(() => assessRolling(inputs.value, machine.value, catalogue, damage))
  const lookup = computed(() => lookUpBearing(inputs.value.bearing.designation, catalogue))
  const bearing = computed(() => {
    const found = lookup.value
    return found.kind === 'found' ? found.bearing : null
  })
  /** Whether this machine has a shaft that this position stands on, and whether the bench works with its loads. */
  const onShaft = computed(() =>
    Boolean(machine.value.shaft?.supports.some(({ position }) => position === machine.value.position)),
  )
  const fed = computed(() => onShaft.value && inputs.value.load.from === 'shaft-line')
  /** The inputs as core works with them: what the shaft line says in place of what was typed. */
  const effective = computed(() => effectivePosition(inputs.value, machine.value, lookup.value))

  const pageOf = (lens: Lens): string => pages[lens] ?? lensPages[lens][0]?.key ?? ''
  function turnTo(lens: Lens, page: string): void {
    pages[lens] = page
  }

  /** Puts another number on the bench, to be taken back with one press. */
  function putOn(designation: string): void {
    const { bearing: there } = inputs.value
    change(`${designation} is on the bench.`, { ...inputs.value, bearing: { ...there, designation } })
  }

  /** What the site gives for each field of this position, by its path. */
  const givens = computed(() => new Map(siteGivens(inputs.value, machine.value).map((one) => [one.path, one])))
  function siteSays(path: string): SiteSays | null {
    const given = givens.value.get(path)
    if (!given) return null
    return {
      ...given,
      open: isLeftOpen(inputs.value, path),
      reason: inputs.value.differs[path] ?? '',
      explain: (reason) => {
        const { [path]: _before, ...others } = inputs.value.differs
        inputs.value.differs = reason.trim() === '' ? others : { ...others, [path]: reason }
      },
    }
  }

  return {
    ...document,
    assessment, lookup, bearing, lit, look, pageOf, turnTo, putOn,
    machine, onShaft, fed, effective, siteSays,
    valueAt: (path: FieldPath) => valueAt(path),
    setAt: (path: FieldPath, value: unknown) => setAt(path, value),
  } // prettier-ignore
}

export type Bench = ReturnType<typeof createBench>
const benchKey: InjectionKey<Bench> = Symbol('bench')

/** Opens a position on the bench; fields and lenses below take it from `useBench`. */
export function openBench(id: string): Bench {
  const bench = createBench(id)
  provide(benchKey, bench)
  provideForm({
    schema: RollingPosition,
    unreadable: bench.unreadable,
    valueAt: (path) => bench.valueAt(path as FieldPath),
    setAt: (path, value) => bench.setAt(path as FieldPath, value),
    site: bench.siteSays,
  })
  return bench
}

/** The bench this component lies on. */
export function useBench(): Bench {
  const bench = inject(benchKey)
  if (!bench) throw new Error('not on a bench')
  return bench
}

/** Lens that a field is entered in. */
export function lensOfField(path: string): Lens {
  const group = path.split('.')[0]
  if (group === 'load') return 'carry'
  if (group === 'ends') return 'float'
  return lenses.find((lens) => lens === group) ?? 'identify'
}
