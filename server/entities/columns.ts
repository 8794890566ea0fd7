import type { EntitySchemaColumnOptions } from 'typeorm'

/** The kinds of column that the tables are made of. */
export const key: EntitySchemaColumnOptions = { type: 'char', length: 36, primary: true }
export const ref: EntitySchemaColumnOptions = { type: 'char', length: 36 }
export const hash: EntitySchemaColumnOptions = { type: 'char', length: 64 }
export const text = (length: number): EntitySchemaColumnOptions => ({ type: 'varchar', length })
export const moment: EntitySchemaColumnOptions = { type: 'datetime', precision: 3 }
export const number: EntitySchemaColumnOptions = { type: 'int', unsigned: true }
