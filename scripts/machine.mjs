import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './paths.mjs'
import { quietly } from './run.mjs'
import { fail, step } from './say.mjs'

/** A program of this machine by its name, or undefined. */
export const program = name =>
  [...(process.env.PATH ?? '').split(':'), '/usr/sbin', '/usr/bin', '/usr/local/bin']
    .map(folder => join(folder, name))
    .find(existsSync)

/** Installs Debian packages that bring the named programs, as root, by sudo, or by telling which to install. */
async function packages(names, programs) {
  if (programs.every(program)) return
  const missing = names.join(' ')
  const asRoot = process.getuid?.() === 0 ? [] : program('sudo') ? ['sudo', '-n'] : null
  if (!asRoot || !program('apt-get')) fail(`This needs the packages ${missing}. Install them and run this again.`)
  const apt = (...args) => {
    const [command, ...rest] = [...asRoot, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', '-qq', ...args]
    return quietly(command, rest)
  }
  await step(`Installing ${missing} (Debian packages)`, async () => {
    await apt('update')
    await apt('install', '-y', '--no-install-recommends', ...names)
  }).catch(error =>
    fail(`${missing} could not be installed: ${error.message}\nInstall them by hand and run this again.`),
  )
}

/** The database server alone: this package starts no service and listens nowhere by itself. */
export const needMariaDb = () => packages(['mariadb-server-core'], ['mariadbd', 'mariadb-install-db'])
export const needMariaDbClient = () => packages(['mariadb-client'], ['mariadb-dump', 'mariadb'])
/** Turns a PDF into pictures, so that tests see what is printed. */
export const needPdfPictures = () => packages(['poppler-utils'], ['pdftoppm'])
export const needChromium = () => packages(['chromium'], ['chromium'])

/** A plain font for the lettering on the drawn photos; without one they are drawn without lettering. */
export async function needFont() {
  if (existsSync('/usr/share/fonts/truetype/liberation') || process.getuid?.() !== 0 || !program('apt-get')) return
  await step('Installing fonts-liberation (Debian package)', async () => {
    await quietly('apt-get', ['-qq', 'update'])
    await quietly('apt-get', ['-qq', 'install', '-y', '--no-install-recommends', 'fonts-liberation'])
  }).catch(() => console.log('No font could be installed; the drawn photos stay without lettering.'))
}

export function needNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    fail(`Dialytica needs Node 20.19 or newer; this is ${process.versions.node}.`)
}

/** Installs the npm packages of the lock file, once per lock file. */
export async function needModules() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = join(root, 'node_modules', '.dialytica-lock')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  await step('Installing npm packages', () =>
    quietly('npm', ['ci', '--no-audit', '--no-fund', '--include=dev'], { cwd: root }),
  ).catch(error => fail(`npm ci failed: ${error.message}`))
  writeFileSync(stamp, lock)
}

/** The newest change under folders, as a text that differs when any file differs in name, size or time. */
function state(folders) {
  const hash = createHash('sha256')
  const walk = folder => {
    for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1))) {
      if (['node_modules', 'dist'].includes(entry.name)) continue
      const path = join(folder, entry.name)
      if (entry.isDirectory()) walk(path)
      else hash.update(`${path} ${statSync(path).size} ${statSync(path).mtimeMs}\n`)
    }
  }
  folders.forEach(walk)
  return hash.digest('hex')
}

/** Builds the pages when what they are made of has changed. */
export async function needPages() {
  const now = state(['web', 'core', 'demo'].map(f => join(root, f)))
  const stamp = join(root, 'web', 'dist', '.made-of')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return
  await step('Building the pages', () =>
    quietly('npx', ['vite', 'build', 'web', '--logLevel', 'warn'], { cwd: root }),
  ).catch(error => fail(`The pages could not be built: ${error.message}`))
  writeFileSync(stamp, now)
}
