import { readFileSync, rmSync, mkdirSync } from 'node:fs'
import { join } from 'node:path'
import {
  needChromium,
  needMariaDb,
  needMariaDbClient,
  needModules,
  needNode,
  needPages,
  needPdfPictures,
} from './machine.mjs'
import { running, startMariaDb } from './mariadb.mjs'
import { root } from './paths.mjs'
import { openly } from './run.mjs'
import { step } from './say.mjs'

/**
 * Everything that must hold: lint, types, unit, API and browser tests, on a database of their own. The last line gives
 * the sums of all of them; lint and types count as one each.
 */
const results = join(root, 'test-results')
const folder = join(root, '.data', 'test-mariadb')
const sums = { passed: 0, failed: 0 }
/** What failed, by file and words: said again at the end, where the sums are read. */
const failures = []
const add = (passed, failed) => {
  sums.passed += passed
  sums.failed += failed
}

const only = process.argv[2]
const wanted = name => !only || only.split(',').includes(name)

async function check(name, command, args) {
  if (!wanted(name)) return
  console.log(`\n${name}`)
  const status = await openly(command, args, { cwd: root })
  add(status === 0 ? 1 : 0, status === 0 ? 0 : 1)
  if (status !== 0) failures.push(name)
}

/** Adds what a report says; a suite that ended badly without saying why counts as one failure. */
function read(name, file, count, status) {
  try {
    const [passed, failed] = count(JSON.parse(readFileSync(file, 'utf8')))
    add(passed, failed || (status === 0 ? 0 : 1))
    if (status !== 0 && !failed) failures.push(`${name}: ended with ${status}, and no test says why`)
  } catch {
    add(0, 1)
    failures.push(`${name}: no report`)
  }
}

const inVitest = report =>
  report.testResults.flatMap(file =>
    file.assertionResults
      .filter(t => t.status === 'failed')
      .map(t => `${file.name.replace(`${root}/`, '')}: ${t.fullName}: ${t.failureMessages[0]?.slice(0, 600) ?? ''}`),
  )
const inBrowser = suites =>
  suites.flatMap(s => [
    ...(s.specs ?? []).filter(t => !t.ok).map(t => `${t.file}: ${t.title}`),
    ...inBrowser(s.suites ?? []),
  ])

async function vitest(name, env) {
  if (!wanted(name)) return
  console.log(`\n${name}`)
  const report = join(results, `${name}.json`)
  const projects = {
    unit: ['--project', 'core', '--project', 'changed', '--project', 'web'],
    api: ['--project', 'api'],
  }[name]
  const reporters = ['default', 'json', './scripts/beside-tests.mjs'].map(r => `--reporter=${r}`)
  const args = ['vitest', 'run', ...projects, ...reporters, `--outputFile.json=${report}`]
  const beside = join(results, `${name}-beside.json`)
  const status = await openly('npx', args, { cwd: root, env: { ...env, ERRORS_BESIDE_TESTS: beside } })
  const count = r => {
    const errors = JSON.parse(readFileSync(beside, 'utf8'))
    failures.push(...inVitest(r), ...errors.map(e => `${name}, beside its tests: ${e}`))
    return [r.numPassedTests, r.numFailedTests + errors.length]
  }
  read(name, report, count, status)
}

async function browser(env) {
  if (!wanted('browser')) return
  console.log('\nbrowser')
  const report = join(results, 'e2e.json')
  const args = ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(3)]
  const status = await openly('npx', args, { cwd: root, env: { ...env, E2E_REPORT: report } })
  const count = r => {
    failures.push(...inBrowser(r.suites))
    return [r.stats.expected, r.stats.unexpected + r.stats.flaky]
  }
  read('browser', report, count, status)
}

async function lintTypesApi() {
  await check('lint', 'npx', ['eslint', '.', '--max-warnings', '0'])
  await check('types', 'npm', ['run', '--silent', 'types'])
  await vitest('api', env)
}

needNode()
await needMariaDb()
await needMariaDbClient()
await needPdfPictures()
await needModules()
await needChromium()
await needPages()
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

const left = running(folder)
if (left) {
  process.kill(left.pid, 'SIGKILL')
  while (running(folder)) await new Promise(done => setTimeout(done, 50))
}
rmSync(folder, { recursive: true, force: true })
const database = await step('Starting a database for the tests', () => startMariaDb(folder))
const env = { ...process.env, DATABASE_URL: database.url() }
try {
  // Each of these keeps one core busy: three after each other take about as long as the units beside them.
  await Promise.all([vitest('unit', env), lintTypesApi()])
  await browser(env)
} finally {
  await database.stop()
}
for (const failure of failures) console.log(`failed: ${failure}`)
console.log(`\n${sums.passed} passed, ${sums.failed} failed`)
process.exit(sums.failed ? 1 : 0)
