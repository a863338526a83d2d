// What the benchmark uses of it; the package ships no types.
declare module 'autocannon' {
  interface Request {
    method?: string
    path?: string
    headers?: Record<string, string>
    body?: string
    onResponse?: (status: number, body: string) => void
  }
  interface Options {
    url: string
    connections: number
    duration: number
    overallRate?: number
    headers?: Record<string, string>
    requests?: readonly (Request & { setupRequest?: (request: Request) => Request })[]
  }
  interface Result {
    requests: { average: number; total: number }
    latency: { p50: number; p99: number; max: number }
    non2xx: number
    errors: number
    timeouts: number
    statusCodeStats: Record<string, { count: number }>
  }
  export default function autocannon(options: Options): Promise<Result>
}
