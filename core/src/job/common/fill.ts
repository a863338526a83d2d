import { firstFillOf } from '../../grease/first-fill.ts'
import type { RollingOutcomes } from '../../kinds/rolling/assess.ts'
import type { JobStep } from '../../model/job.ts'
import { reading, step, words, yes, type Title } from '../step.ts'
import type { JobPosition } from '../kinds/job-position.ts'

/** How far the fill may be off, as a share of it. */
const fillSlack = 0.2

/** The first fill, by weight. */
export function filling(position: JobPosition, { grease }: RollingOutcomes, title: Title): JobStep {
  const fillG = grease.fill?.fillG ?? null
  const oil = position.inputs.grease.lubrication === 'oil-bath'
  const { does } = firstFillOf(position.inputs, grease)
  return step(
    'fill',
    title(oil ? 'Fill the oil' : 'First fill'),
    position,
    { does, cautions: [] },
    {
      lens: 'grease',
      readings: oil
        ? [yes('level', 'Level stands at the lowest element')]
        : [
            words('grease', 'Grease, as on its drum'),
            reading('grams', 'Put in', {
              kind: 'number',
              quantity: 'grams',
              low: fillG && Math.round(fillG * (1 - fillSlack)),
              high: fillG && Math.round(fillG * (1 + fillSlack)),
              needed: fillG !== null,
            }),
          ],
    },
  )
}
