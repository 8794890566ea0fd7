import { describe, expect, it } from 'vitest'
import { readConfig } from './config.ts'

const DATABASE_URL = 'mysql://a:b@127.0.0.1:3306/c'

describe('the settings', () => {
  it('have defaults for all but the database', () => {
    expect(readConfig({ DATABASE_URL })).toMatchObject({
      port: 7340,
      host: '127.0.0.1',
      demo: false,
      https: false,
      logLevel: 'warn',
    })
  })
  it.each([
    [{}, /DATABASE_URL/],
    [{ DATABASE_URL: 'postgres://x' }, /mysql:/],
    [{ DATABASE_URL, PORT: '99999' }, /PORT/],
    [{ DATABASE_URL, LOG_LEVEL: 'loud' }, /LOG_LEVEL/],
  ])('%j is refused by the name of the variable', (environment, message) => {
    expect(() => readConfig(environment as Record<string, string>)).toThrow(message)
  })
})
