import { attempt, type Outcome } from '../errors/input-error.ts'
import type { FigureValue } from './figure.ts'

/** One of several ways the trade reckons the same thing. */
export interface Practice<Key extends string, Input, Output> {
  key: Key
  /** What it is called, to follow "by the". */
  name: string
  source: string
  /** TeX. */
  formula: string
  /** What it is good for, and where it errs. */
  validity: string
  /** @throws InputError where it does not apply */
  work: (input: Input) => Output
}

/** What one practice comes to. */
export interface Practised<Key extends string, Output> {
  key: Key
  name: string
  outcome: Outcome<Output>
  /** The one that the verdict goes by. */
  leads: boolean
}

/** How a figure shows the practices behind it, side by side. */
export interface PracticeValue {
  key: string
  name: string
  /** Null where the practice does not apply. */
  value: FigureValue | null
  leads: boolean
}

/**
 * Works a thing out by every practice, the leading one first.
 *
 * @param lead - the practice wanted; where it does not know the case at all, as `knows` says, the first that does leads
 */
export function practise<Key extends string, Input, Output>(
  practices: readonly Practice<Key, Input, Output>[],
  input: Input,
  lead: Key,
  knows: (outcome: Outcome<Output>) => boolean = () => true,
): Practised<Key, Output>[] {
  const all = practices.map(({ key, name, work }) => ({ key, name, outcome: attempt(() => work(input)) }))
  const wanted = all.find(({ key, outcome }) => key === lead && knows(outcome))
  const leading = wanted ?? all.find(({ outcome }) => knows(outcome)) ?? all[0]
  return all.map((one) => ({ ...one, leads: one === leading })).sort((a, b) => Number(b.leads) - Number(a.leads))
}

/** Practices as a figure shows them. */
export const practiceValues = <Key extends string, Output>(
  practised: readonly Practised<Key, Output>[],
  valueOf: (output: Output) => FigureValue,
): PracticeValue[] =>
  practised.map(({ key, name, outcome, leads }) => ({
    key,
    name,
    value: outcome.value === null ? null : valueOf(outcome.value),
    leads,
  }))
