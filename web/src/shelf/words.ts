import { conditions, type Condition } from '@yardfrost/core'

export const conditionWords: Record<Condition, string> = { boxed: 'in its box', opened: 'box opened' }
export const conditionOptions = conditions.map((value) => ({ value, label: conditionWords[value] }))
