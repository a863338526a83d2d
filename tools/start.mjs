import { checkNode, ensureDebianPackages, ensureNpmPackages, ensureWebBuild } from './bootstrap.mjs'
import { runTypeScript } from './run-child.mjs'

checkNode()
if (!process.env.DATABASE_URL) ensureDebianPackages(['postgresql'])
ensureNpmPackages()
ensureWebBuild()
process.exit(await runTypeScript('tools/serve.ts', process.argv.slice(2)))
