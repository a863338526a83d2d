import { checkNode, ensureDebianPackages, ensureNpmPackages, ensureWebBuild, giveUp } from './bootstrap.mjs'
import { runTypeScript } from './run-child.mjs'

// What each part of the tests needs on the machine: whoever works on core needs neither database nor browser nor build.
const needs = {
  lint: {},
  core: {},
  web: {},
  server: { debian: ['postgresql'] },
  tools: { debian: ['postgresql'], build: true },
  e2e: { debian: ['postgresql', 'chromium', 'chromium-driver'], build: true },
}
const asked = process.argv.slice(2)
const unknown = asked.filter((part) => !(part in needs))
if (unknown.length > 0)
  giveUp(`There is no part ${unknown.join(', ')} of the tests; there are ${Object.keys(needs).join(', ')}.`)
const parts = asked.length > 0 ? asked : Object.keys(needs)

checkNode()
ensureDebianPackages([...new Set(parts.flatMap((part) => needs[part].debian ?? []))])
ensureNpmPackages()
if (parts.some((part) => needs[part].build)) ensureWebBuild()
process.exit(await runTypeScript('tools/run-tests.ts', parts))
