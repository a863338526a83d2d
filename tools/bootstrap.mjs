// Runs before anything is installed, so it is plain JavaScript on Node's own modules alone.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))

/** Says what is being done, since some steps take minutes on a fresh machine. */
export function say(text) {
  console.log(`yardfrost: ${text}`)
}

/** Stops with a message that tells what to do. */
export function giveUp(text) {
  console.error(`yardfrost: ${text}`)
  process.exit(1)
}

function run(command, args, what) {
  const done = spawnSync(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], encoding: 'utf8' })
  if (done.status === 0) return
  console.error(done.stdout?.slice(-4000) ?? '', done.stderr?.slice(-4000) ?? '', done.error?.message ?? '')
  giveUp(`${what} failed; the output is above. Put right what it names and run the command again.`)
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    giveUp(`Node 20.19 or newer is needed; this is ${process.versions.node}.`)
}

const probes = {
  postgresql: () =>
    existsSync('/usr/lib/postgresql') &&
    readdirSync('/usr/lib/postgresql').some((version) => existsSync(`/usr/lib/postgresql/${version}/bin/initdb`)),
  chromium: () => existsSync('/usr/bin/chromium'),
  'chromium-driver': () => existsSync('/usr/bin/chromedriver'),
}

/** Installs the Debian packages that are not there yet. */
export function ensureDebianPackages(names) {
  const missing = names.filter((name) => !probes[name]())
  if (missing.length === 0) return
  const wanted = missing.join(' ')
  if (process.getuid?.() !== 0) giveUp(`Debian packages are missing. Run: sudo apt-get install ${wanted}`)
  say(`installing Debian packages ${wanted} (a minute or two)`)
  run('apt-get', ['update', '-qq'], 'apt-get update')
  process.env.DEBIAN_FRONTEND = 'noninteractive'
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing], 'apt-get install')
}

/** Runs `npm ci` when the lockfile is not the one that was installed last. */
export function ensureNpmPackages() {
  const stamp = join(root, 'node_modules', '.yardfrost-lock')
  const lock = digest([join(root, 'package-lock.json')])
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  say('installing npm packages (half a minute)')
  run('npm', ['ci', '--no-audit', '--no-fund'], 'npm ci')
  writeFileSync(stamp, lock)
}

/** Builds the web app when one of its sources changed since the last build. */
export function ensureWebBuild() {
  const sources = ['web', 'core/src', 'core/data', 'contract/src', 'package-lock.json'].map((path) => join(root, path))
  const now = digest(sources.flatMap(filesUnder))
  const stamp = join(root, '.cache', 'web-build')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now && existsSync(join(root, 'web/dist/index.html'))) return
  say('building the web app (some seconds)')
  run('npm', ['run', 'build', '--silent'], 'the build')
  mkdirSync(join(root, '.cache'), { recursive: true })
  writeFileSync(stamp, now)
}

function filesUnder(path) {
  if (statSync(path).isFile()) return [path]
  return readdirSync(path)
    .filter((name) => name !== 'node_modules' && name !== 'dist')
    .flatMap((name) => filesUnder(join(path, name)))
}

function digest(files) {
  const hash = createHash('sha256')
  for (const file of files.sort()) hash.update(relative(root, file)).update(readFileSync(file))
  return hash.digest('hex')
}
