import { driveWords, shaftMaterialWords } from '@yardfrost/core'

/** Words of the model of a shaft that do not read by themselves. */
const words: Record<string, string> = {
  both: 'both ways',
  none: 'not at all, it floats',
  right: 'to the right',
  left: 'to the left',
  housing: 'in the housing',
  bearing: 'inside the bearing',
  ...driveWords,
  ...shaftMaterialWords,
}

/** Word for an option of a field of the shaft line. */
export const optionWord = (key: string, option: string): string =>
  key === 'holds' && (option === 'left' || option === 'right') ? `only from going ${option}` : (words[option] ?? option)
