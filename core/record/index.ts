export { recordJsonSchema, sharedSchemas } from './json-schema.ts'
export * from './record.ts'
