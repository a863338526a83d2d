import { number, type Given } from '../working/figure.ts'

export function forceGiven(symbol: string, label: string, value: number, from: string): Given {
  return { label, symbol, quantity: 'force', value: number(value), from }
}

export function ratingGiven(symbol: string, label: string, value: number, estimated: boolean): Given {
  return forceGiven(symbol, label, value, estimated ? 'estimate' : 'maker’s value')
}
