import type { FindingDetail } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import { stringify } from 'csv-stringify/sync'

/** A finding as CSV: its signs, and the causes as they ranked. */
export function findingCsv(
  { finding, machine, position, at, by, cause, why }: FindingDetail,
  { damage }: References,
): string {
  const labels = new Map(damage.signs.map(({ sign, label }) => [sign, label]))
  const head = { machine: machine.tag, position: position.name, bearing: finding.designation, at, by: by ?? '' }
  const sign = (state: string, name: string, where = '') => ({ ...head, what: state, name: labels.get(name) ?? name, where, probability: '', decided: '', why: '' }) // prettier-ignore
  const rows = [
    ...finding.seen.map((name) => sign('seen', name)),
    ...finding.painted.map((one) => sign('painted', one.sign, one.where)),
    ...finding.notSeen.map((name) => sign('not there', name)),
    ...finding.ranking.map((one) => ({
      ...head,
      what: 'cause',
      name: one.title,
      where: one.because,
      probability: one.probability.toFixed(3),
      decided: one.cause === cause ? 'yes' : '',
      why: one.cause === cause ? why : '',
    })),
  ]
  return stringify(rows, { header: true, escape_formulas: true })
}
