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

const hasAll = programs => programs.every(program)

/** Installs Debian packages that bring the named programs, as root, by sudo, or by telling which to install. */
async function packages(names, programs) {
  if (hasAll(programs)) return
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

/**
 * The database server alone: these packages start no service and listen nowhere by themselves. Its installer runs
 * `my_print_defaults`, and a backup runs `mariadb-dump` and `mariadb`; all three come with the second package or the first.
 */
const mariaDb = {
  names: ['mariadb-server-core', 'mariadb-client-core'],
  programs: ['mariadbd', 'mariadb-install-db', 'my_print_defaults', 'mariadb'],
}
export const hasMariaDb = () => hasAll(mariaDb.programs)
export const needMariaDb = () => packages(mariaDb.names, mariaDb.programs)
/** What writes and reads a backup. */
export const needMariaDbClient = () => packages(['mariadb-client'], ['mariadb-dump', 'mariadb'])
/** Turns a PDF into pictures, so that tests see what is printed. */
export const needPdfPictures = () => packages(['poppler-utils'], ['pdftoppm'])
/** The browser of this machine: where it is there the one that never has a window, since it takes a fifth less of the processor. */
export const chromiumPath = () => program('chromium-headless-shell') ?? program('chromium')
/** A browser for the tests: either of the two. */
export const needChromium = () => chromiumPath() ?? packages(['chromium-headless-shell'], ['chromium-headless-shell'])

export function needNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    fail(`Dialytica needs Node 20.19 or newer; this is ${process.versions.node}.`)
}

const modulesStamp = join(root, 'node_modules', '.dialytica-lock')
const lockFile = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
export const hasModules = () => existsSync(modulesStamp) && readFileSync(modulesStamp, 'utf8') === lockFile()

/** Installs the npm packages of the lock file, once per lock file. */
export async function needModules() {
  if (hasModules()) return
  await step('Installing npm packages', () =>
    quietly('npm', ['ci', '--no-audit', '--no-fund', '--include=dev'], { cwd: root }),
  ).catch(error => fail(`npm ci failed: ${error.message}`))
  writeFileSync(modulesStamp, lockFile())
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

const pagesStamp = join(root, 'web', 'dist', '.made-of')
const pagesState = () => state(['web', 'core', 'demo'].map(f => join(root, f)))
export const hasPages = () => existsSync(pagesStamp) && readFileSync(pagesStamp, 'utf8') === pagesState()

/** Builds the pages when what they are made of has changed; as they are served, whatever this process was started for. */
export async function needPages() {
  if (hasPages()) return
  const now = pagesState()
  await step('Building the pages', () =>
    quietly('npx', ['vite', 'build', 'web', '--logLevel', 'warn'], {
      cwd: root,
      env: { ...process.env, NODE_ENV: 'production' },
    }),
  ).catch(error => fail(`The pages could not be built: ${error.message}`))
  writeFileSync(pagesStamp, now)
}
