export { recordJsonSchema, sharedSchemas } from './json-schema.ts'
export {
  type JobRecord,
  type PrivateThing,
  type ReadRecord,
  type RecordMachine,
  privateThings,
  readRecord,
  toRecord,
} from './record.ts'
