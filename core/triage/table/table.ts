import type { Table } from '../model.ts'
import { causes } from './causes.ts'
import { checks } from './checks.ts'
import { findings } from './findings.ts'

/** What is known before a shop has closed a job. */
export const table: Table = { findings, causes, checks }
