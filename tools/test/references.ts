import { loadReferences } from '@yardfrost/server'

export const references = loadReferences()
