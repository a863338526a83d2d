/** Today as the server counts days: UTC. */
export const today = (): string => new Date().toISOString().slice(0, 10)
