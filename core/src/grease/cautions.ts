import type { RollingPosition } from '../kinds/rolling/position.ts'

const site = 'Site rules, the maker’s manual and local codes come first; the responsible person decides.'

export const greaseCautions = ({ grease }: RollingPosition): string[] =>
  grease.lubrication === 'oil-bath'
    ? ['Oil stands at the middle of the lowest rolling element at standstill; higher churns, lower starves.', site]
    : [
        'Guards stay on. Stop if the back-pressure rises: grease pushes seals out and floods windings.',
        'Never spin a bearing with compressed air, washed or not.',
        site,
      ]
