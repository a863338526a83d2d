// What the benchmark uses of it; the package ships no types.
declare module 'autocannon' {
  interface Options {
    url: string
    connections: number
    duration: number
    headers?: Record<string, string>
  }
  interface Result {
    requests: { average: number }
  }
  export default function autocannon(options: Options): Promise<Result>
}
