import { readFileSync, writeFileSync } from 'node:fs'

/** One part of docs/benchmarks.md: its heading, the command it comes from, and what that printed. */
export interface BenchmarkPart {
  /** Empty for the part the page begins with. */
  heading: string
  command: string
  /** After how it was run. */
  remark?: string
  lines: readonly string[]
}

/** Writes one part of the page anew; the others stay, in their places. */
export function withPart(page: string, { heading, command, remark = '', lines }: BenchmarkPart): string {
  const head = heading === '' ? '# Benchmarks' : `## ${heading}`
  const part = `${head}\n\nThe last run of \`${command} -- --write\`.${remark}\n\n\`\`\`\n${lines.join('\n')}\n\`\`\``
  const parts = page.trimEnd().split(/\n\n(?=## )/)
  const at = parts.findIndex((one) => one.startsWith(`${head}\n`))
  return `${(at < 0 ? [...parts, part] : parts.with(at, part)).join('\n\n')}\n`
}

/** Writes a part of docs/benchmarks.md, if it was asked for with `--write`. */
export function writeBenchmark(file: string, part: BenchmarkPart): void {
  if (process.argv.includes('--write')) writeFileSync(file, withPart(readFileSync(file, 'utf8'), part))
}
