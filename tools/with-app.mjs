import { checkNode, ensureDebianPackages, ensureNpmPackages, ensureWebBuild } from './bootstrap.mjs'
import { runTypeScript } from './run-child.mjs'

checkNode()
ensureDebianPackages(['postgresql', 'chromium', 'chromium-driver'])
ensureNpmPackages()
ensureWebBuild()
process.exit(await runTypeScript('tools/with-app.ts', process.argv.slice(2)))
