import { spawn } from 'node:child_process'
import { checkNode, ensureDebianPackages, ensureNpmPackages, ensureWebBuild, root, say } from './bootstrap.mjs'
import { runTypeScript } from './run-child.mjs'

checkNode()
if (!process.env.DATABASE_URL) ensureDebianPackages(['postgresql'])
ensureNpmPackages()
ensureWebBuild()
const page = spawn('npm', ['run', 'dev', '--silent', '--workspace=web'], { cwd: root, stdio: 'inherit' })
say('the page that follows your edits is at http://localhost:5173')
const code = await runTypeScript('tools/serve.ts')
page.kill()
process.exit(code)
