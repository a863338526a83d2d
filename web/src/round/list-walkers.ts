import type { Person } from '@yardfrost/contract'
import { api } from '../api/client.ts'

/** Whom a round may be given to; nobody for those who may not see the people. */
export async function listWalkers({ mayPlan }: { mayPlan: boolean }): Promise<Person[]> {
  if (!mayPlan) return []
  return (await api.people()).filter(({ retiredAt, role }) => !retiredAt && role !== 'viewer')
}
