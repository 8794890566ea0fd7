export { recordJsonSchema, sharedSchemas } from './json-schema.ts'
export { type JobRecord, type ReadRecord, type RecordMachine, readRecord, toRecord } from './record.ts'
