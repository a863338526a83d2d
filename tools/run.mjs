import { checkNode, ensureDebianPackages, ensureNpmPackages } from './bootstrap.mjs'
import { runTypeScript } from './run-child.mjs'

// Runs a command of whoever keeps the server: node tools/run.mjs tools/backup.ts [what is typed behind it]
const [file, ...args] = process.argv.slice(2)
checkNode()
ensureDebianPackages(['postgresql'])
ensureNpmPackages()
process.exit(await runTypeScript(file, args))
