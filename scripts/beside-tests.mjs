import { writeFileSync } from 'node:fs'

/** Says which errors were thrown while tests ran and were none of a test: they end a run without a test that says why. */
export default class BesideTests {
  onTestRunEnd(_, errors) {
    const said = errors.map(e => [e.message, e.stack?.split('\n').slice(0, 4).join('; ')].filter(Boolean).join(' at '))
    writeFileSync(process.env.ERRORS_BESIDE_TESTS, JSON.stringify(said))
  }
}
