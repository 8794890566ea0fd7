import type { DataSource } from 'typeorm'
import type { Config } from './config.ts'
import type { States } from './joblog/states.ts'
import type { Call, Loading } from '@dialytica/core/wire'
import type { Watch } from './joblog/watch.ts'
import type { Live } from './people/live.ts'
import type { Reader } from './search/reader.ts'
import type { Pool } from './work/pool.ts'
import type { Turns } from './work/turns.ts'

/** What every handler works with; nothing in it is kept between requests that another server would miss. */
export interface Context {
  db: DataSource
  config: Config
  states: States
  watch: Watch
  /** Sessions whose streams are open. */
  live: Live
  /** Does beside this thread what takes long. */
  pool: Pool
  /** Reads for the search what changed. */
  reader: Reader
  /** Photos that are read and developed at once. */
  uploads: Turns
  version: string
  /** Hears what a call is answered with, before it is sent. */
  answers?: (call: Call, answer: unknown) => void
  /** How far the demo is, in demo mode. */
  loading?: Loading
}
