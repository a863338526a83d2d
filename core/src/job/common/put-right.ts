import type { Position } from '../../kinds/position.ts'
import type { JobStep } from '../../model/job.ts'
import { step, yes, type At } from '../step.ts'

/**
 * What the marks on the last bearing asked for, as a step of its own; none where they asked for nothing.
 *
 * @param several - the job has more positions than this one
 */
export function putRight(
  { id, name, inputs }: At & { inputs: Position },
  several: boolean,
  lens: JobStep['lens'] = null,
): JobStep[] {
  const remedies = inputs.diagnose.putRight.filter(({ as }) => as === 'step')
  if (remedies.length === 0) return []
  const title = several ? `Put right, ${name.toLowerCase()}` : 'Put right what took the last one'
  return [
    step(
      'put-right',
      title,
      { id, name },
      { does: remedies.map(({ does }) => does), cautions: [] },
      { lens, readings: remedies.map((_, index) => yes(`remedy-${index}`, `${index + 1} is done`)) },
    ),
  ]
}
