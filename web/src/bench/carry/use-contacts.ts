import { contactsOf, heaviestOf, pressureFigure, type ContactKind, type Figure } from '@yardfrost/core'
import { computed } from 'vue'
import { catalogue } from '../../references.ts'
import { onceABench } from '../once-a-bench.ts'

export const kindNames: Record<ContactKind, string> = { point: 'Point', line: 'Line', barrel: 'Barrel' }
/** Share of C that a bearing is loaded with where nobody has said how hard it is. */
const usualShare = 0.1

/** Point, line and barrel of the size on the bench, under its load or a usual one, times what is tried. */
export const useContacts = onceABench((bench) => {
  const loadN = computed(() => {
    const { carrying } = bench.assessment.value.outcomes.carry
    const given = carrying && heaviestOf(carrying)?.radialN
    if (given) return { newton: given, given: true }
    const rating = bench.bearing.value?.interior.dynamicRatingN
    return rating === undefined ? null : { newton: usualShare * rating, given: false }
  })
  const contacts = computed(() => {
    const row = bench.bearing.value?.row
    const { times, tiltArcmin } = bench.look.contact
    const load = loadN.value
    return row && load ? contactsOf(row, { radialN: times * load.newton, tiltArcmin }, catalogue, load.newton) : []
  })
  const figures = computed((): Record<string, Figure> =>
    Object.fromEntries(contacts.value.map((one) => [one.kind, { ...pressureFigure(one.bearing, one, 'inner'), label: kindNames[one.kind] }])),
  ) // prettier-ignore
  return { bench, loadN, contacts, figures }
})
