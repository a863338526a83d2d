import { practiceValues } from '../working/practice.ts'
import { standardGravity } from '../model/gravity.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import { givenOf, number, type Figure } from '../working/figure.ts'
import type { LineBending } from './line-bending.ts'
import type { LineGrowth } from './line-growth.ts'
import type { LineLoads } from './support-loads.ts'

/** Figures of a shaft line, with their working. */
export function lineFigures(
  line: ShaftLine,
  { thrustN, loads }: LineLoads,
  bending: LineBending | null,
  growth: LineGrowth | null,
): Record<string, Figure> {
  const weightN = loads.find(({ from }) => from === 'shaft')?.radialN ?? 0
  const mm = givenOf('length', { decimals: 2 }, 'practice')
  const figures: Record<string, Figure> = {
    thrust: {
      label: 'Thrust along the shaft',
      symbol: 'A',
      quantity: 'force',
      value: number(thrustN),
      formula: 'A = \\sum F_a - m g \\sin\\varphi',
      givens: loads
        .filter(({ axialN }) => axialN !== 0)
        .map(({ what, from, axialN }) => ({ label: what, symbol: '', quantity: 'force', value: number(axialN), from })),
      source: 'Statics; to the right positive',
    },
    weight: {
      label: 'Weight of the shaft',
      symbol: 'W',
      quantity: 'force',
      value: number(weightN),
      formula: 'W = \\rho\\,\\tfrac{\\pi}{4}(d^2 - d_0^2)\\,l\\,g',
      givens: [],
      source: `Steel of 7850 kg/m³, ${standardGravity} m/s²`,
    },
  }
  if (bending) {
    figures['deflection'] = {
      label: 'Bends by, at most',
      symbol: '\\delta',
      quantity: 'length',
      value: number(bending.largestMm),
      precision: { decimals: 3 },
      formula: 'E I\\,w^{\\prime\\prime\\prime\\prime} = q',
      givens: bending.supportDeg.flatMap((degrees, index) => {
        const at = line.supports[index]?.position ?? ''
        const give = bending.giveMm[index]
        return [
          {
            label: `angle at ${at}`,
            symbol: '',
            quantity: 'angle' as const,
            value: number(degrees),
            precision: { decimals: 3 },
            from: 'this model',
          },
          ...(give
            ? [
                {
                  label: `${at} gives`,
                  symbol: '',
                  quantity: 'deviation' as const,
                  value: number(1000 * give),
                  precision: { decimals: 1 },
                  from: 'its inside, estimated',
                },
              ]
            : []),
        ]
      }),
      source: 'Euler-Bernoulli beam elements on the give of the bearings, where they are known',
      validity:
        'The clearance a bearing runs in comes on top. Loads on three bearings and more are shared as if they were rigid.',
    }
    figures['critical'] = {
      label: 'First critical speed, guidance',
      symbol: 'n_{crit}',
      quantity: 'speed',
      value: number(bending.criticalRpm),
      precision: { figures: 2 },
      formula: '\\omega^2 = \\min \\frac{\\varphi^T K \\varphi}{\\varphi^T M \\varphi}',
      givens: [{ label: 'runs at', symbol: 'n', quantity: 'speed', value: number(line.speedRpm), from: 'typed' }],
      source: 'Inverse iteration on the beam, masses at the nodes',
      validity: 'No gyroscopic effect, oil film or foundation: stay 20 % away, and ask the machine’s maker.',
      estimate: true,
    }
  }
  if (growth) {
    figures['growth'] = {
      label: 'Shaft grows',
      symbol: '\\Delta L',
      quantity: 'length',
      value: number(growth.growthMm),
      precision: { decimals: 2 },
      formula: '\\Delta L = \\alpha\\,L\\,(t_{hot} - t_{assembly})',
      givens: [mm('room to leave', '', growth.leaveMm, growth.practices[0]?.name ?? '')],
      source: 'Linear expansion; the other practices are trade practice',
      validity: 'The hottest the shaft will ever be in service, not on the test stand.',
      practices: practiceValues(growth.practices, number),
    }
  }
  const gap = growth?.coupling
  if (gap && gap.hotMm !== null) {
    const coupling = line.parts.find((part) => part.kind === 'coupling')
    figures['gap'] = {
      label: 'Coupling gap when hot',
      symbol: 's',
      quantity: 'length',
      value: number(gap.hotMm),
      precision: { decimals: 2 },
      formula: 's = s_0 - \\alpha\\,L_c\\,(t_{hot} - t_{assembly}) - s_{other}',
      givens: [
        mm('set cold', 's_0', coupling?.gapMm ?? 0, 'typed'),
        mm('closes by, in all', '', gap.closesMm, 'this model'),
        mm('of it the other shaft', 's_{other}', coupling?.otherGrowthMm ?? 0, 'typed'),
        ...(gap.leastMm === null ? [] : [mm('least it may have', '', gap.leastMm, 'typed')]),
      ],
      source: 'Linear expansion between the end that holds and the coupling',
      validity: 'The coupling’s maker says how far its halves may come together.',
    }
  }
  return figures
}
